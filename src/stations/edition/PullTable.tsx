'use client'

import { useState } from 'react'
import { FATES, QUANTITIES, QUANTITY_KEYS, readPull, type Pull, type PullEvent } from '@/core/edition/pull'
import { complaintsOf, featureWords } from '@/core/prove/features'
import { formatNumber } from '@/core/units/length'
import { dayAndTimeOf } from '@/core/units/moment'
import { Button } from '@/ui/Button'
import { Dialog } from '@/ui/Dialog'
import { TextField } from '@/ui/Field'
import { RejectForm } from './RejectForm'
import { LaterEntries } from '../across/pull/LaterEntries'

const DECISION = { accepted: 'accepted', 'set-aside': '○ set aside', rejected: '◆ rejected' } as const

interface PullTableProps {
  pulls: Pull[]
  busy: boolean
  locked: boolean
  onAdd: (pullId: string, events: PullEvent[], why: string) => Promise<boolean>
}

/** The pulls so far, newest first; a decision can be amended, with its reason. */
export function PullTable({ pulls, busy, locked, onAdd }: PullTableProps) {
  if (pulls.length === 0) return null
  const read = QUANTITY_KEYS.filter((quantity) =>
    pulls.some((pull) => readPull(pull).readings[quantity] !== undefined),
  )
  const isScanned = pulls.some((pull) => readPull(pull).match)
  return (
    <div
      className="relative overflow-x-auto border-t-2 border-text"
      tabIndex={0}
      role="region"
      aria-label="Pulls so far"
    >
      <table className="condensed w-full text-sm">
        <thead className="text-left text-muted">
          <tr>
            <th scope="col" className="py-1 font-normal">
              Pull
            </th>
            <th scope="col" className="font-normal">
              Moment
            </th>
            <th scope="col" className="font-normal">
              Eye
            </th>
            {read.map((quantity) => (
              <th key={quantity} scope="col" className="font-normal">
                {QUANTITIES[quantity].label}
              </th>
            ))}
            {isScanned && (
              <th scope="col" className="font-normal">
                Scan
              </th>
            )}
            <th scope="col" className="font-normal">
              Hand
            </th>
            <th scope="col" className="font-normal">
              Stands as
            </th>
            {!locked && (
              <th scope="col">
                <span className="sr-only">Amend</span>
              </th>
            )}
          </tr>
        </thead>
        <tbody>
          {pulls
            .map((pull) => {
              const { eye, readings, features, match, decision, amended, later } = readPull(pull)
              return (
                <tr key={pull.id} className="border-t border-line">
                  <th scope="row" className="py-1.5 text-left text-base">
                    {pull.number}
                  </th>
                  <td>{dayAndTimeOf(pull.pulledAt, pull.zone)}</td>
                  <td>
                    {[
                      eye ?? '—',
                      ...complaintsOf(features).map(([feature, value]) =>
                        featureWords(feature, value).toLowerCase(),
                      ),
                    ].join('; ')}
                    <LaterEntries kinds={later} />
                  </td>
                  {read.map((quantity) => (
                    <td key={quantity}>
                      {readings[quantity] === undefined
                        ? '—'
                        : `${formatNumber(readings[quantity], 2)} ${QUANTITIES[quantity].unit}`}
                    </td>
                  ))}
                  {isScanned && (
                    <td className={match?.outcome === 'differs' ? 'font-semibold' : ''}>
                      {match
                        ? `${match.outcome === 'differs' ? '◆ differs' : 'matches'}, ΔE00 ${formatNumber(match.deltaE00.mean, 1)}`
                        : '—'}
                    </td>
                  )}
                  <td>{pull.hands.inked}</td>
                  <td className={decision?.decision === 'rejected' ? 'font-semibold' : ''}>
                    {decision ? DECISION[decision.decision] : 'open'}
                    {decision?.fate ? `: ${decision.reason}, ${FATES[decision.fate].toLowerCase()}` : ''}
                    {amended.includes('decision') ? ' (amended)' : ''}
                  </td>
                  {!locked && (
                    <td className="text-right">
                      {decision && (
                        <AmendDialog
                          pull={pull}
                          busy={busy}
                          onAmend={(event, why) => onAdd(pull.id, [event], why)}
                        />
                      )}
                    </td>
                  )}
                </tr>
              )
            })
            .reverse()}
        </tbody>
      </table>
    </div>
  )
}

/** Amends a decision: the first one stays in the record. */
function AmendDialog({
  pull,
  busy,
  onAmend,
}: {
  pull: Pull
  busy: boolean
  onAmend: (event: PullEvent, why: string) => Promise<boolean>
}) {
  const [open, setOpen] = useState(false)
  const [why, setWhy] = useState('')
  const [asked, setAsked] = useState(false)
  const amend = async (event: PullEvent) => {
    setAsked(true)
    if (why.trim() && (await onAmend(event, why))) setOpen(false)
  }
  return (
    <Dialog
      title={`Amend pull ${pull.number}`}
      open={open}
      onOpenChange={setOpen}
      trigger={
        <button
          type="button"
          className="min-h-11 px-2 underline underline-offset-4"
          aria-label={`Amend pull ${pull.number}`}
        >
          Amend
        </button>
      }
    >
      <p className="mb-3">The first decision stays in the record, and this one beside it.</p>
      <TextField
        label="Why"
        value={why}
        onText={setWhy}
        problem={
          asked && !why.trim() ? 'Say why: the first entry stays, and this is kept beside it.' : undefined
        }
      />
      <div className="mt-3 flex gap-2">
        <Button
          disabled={busy}
          onClick={() => void amend({ kind: 'decision', decision: 'accepted', reason: '', fate: null })}
        >
          Accept
        </Button>
        <Button
          disabled={busy}
          onClick={() => void amend({ kind: 'decision', decision: 'set-aside', reason: '', fate: null })}
        >
          Set aside
        </Button>
      </div>
      <RejectForm busy={busy} onReject={(event) => void amend(event)} />
    </Dialog>
  )
}
