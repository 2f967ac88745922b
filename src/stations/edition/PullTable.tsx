'use client'

import Link from 'next/link'
import { useRef, useState } from 'react'
import { FATES } from '@/core/edition/pullKinds'
import { QUANTITIES, QUANTITY_KEYS, writeReading } from '@/core/edition/quantities'
import { readPull } from '@/core/edition/readPull'
import type { Pull, PullEvent } from '@/core/edition/pull'
import { complaintsOf, featureWords } from '@/core/prove/features'
import { dayAndTimeOf } from '@/core/units/moment'
import { faultWords, REJECT_REASONS, REJECT_REASONS_SHOWN, type Fault } from '@/core/edition/fault'
import { Button } from '@/ui/Button'
import { Dialog } from '@/ui/Dialog'
import { TextField } from '@/ui/Field'
import { RejectForm } from './RejectForm'
import type { FieldProblem } from '@/data/database/errors'
import { WithdrawPull } from '../across/pull/WithdrawPull'
import { scanWords } from '../across/match/words'
import { LaterEntries } from '../across/pull/LaterEntries'

const DECISION = { accepted: 'accepted', 'set-aside': '○ set aside', rejected: '◆ rejected' } as const

interface PullTableProps {
  pulls: Pull[]
  /** the last pull of the job, of whatever kind and run */
  lastPullId: string | null
  busy: boolean
  locked: boolean
  onAdd: (pullId: string, events: PullEvent[], why: string) => Promise<boolean>
  onWithdraw: (pull: Pull, why: string) => Promise<FieldProblem[]>
}

const ALBUM = 'underline underline-offset-4'

/** A fault as it was tapped, and the way to earlier prints like it. */
const FaultLink = ({ fault }: { fault: Fault }) => (
  <Link
    href={`/faults/${encodeURIComponent(fault.what)}?${new URLSearchParams({ where: String(fault.where), ...(fault.cause ? { cause: fault.cause } : {}) })}`}
    className={`block ${ALBUM}`}
  >
    ◆ {faultWords(fault)}
  </Link>
)

/** What a print was rejected for; one of the usual reasons leads to earlier prints like it. */
function ReasonLink({ reason }: { reason: string }) {
  const what = REJECT_REASONS.find((one) => one === reason)
  if (!what) return reason
  return (
    <Link href={`/faults/${encodeURIComponent(what)}`} className={ALBUM}>
      {REJECT_REASONS_SHOWN[what]}
    </Link>
  )
}

/** The pulls so far, newest first; a decision can be amended, with its reason. */
export function PullTable({ pulls, lastPullId, busy, locked, onAdd, onWithdraw }: PullTableProps) {
  const table = useRef<HTMLDivElement>(null)
  if (pulls.length === 0) return null
  const read = QUANTITY_KEYS.filter((quantity) =>
    pulls.some((pull) => readPull(pull).readings[quantity] !== undefined),
  )
  const isScanned = pulls.some((pull) => readPull(pull).match)
  return (
    <div
      ref={table}
      className="relative overflow-x-auto border-t-2 border-text"
      tabIndex={0}
      role="region"
      aria-label="Pulls so far"
    >
      <table className="condensed w-full text-sm whitespace-nowrap [&_button]:px-2 [&_td]:pr-3 [&_th]:pr-3">
        <thead className="text-left text-muted">
          <tr>
            <th scope="col" className="sticky left-0 bg-field py-1 font-normal">
              Pull
            </th>
            <th scope="col" className="font-normal">
              Time pulled
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
              Printer
            </th>
            <th scope="col" className="font-normal">
              Decision
            </th>
            {!locked && (
              <th scope="col">
                <span className="sr-only">Amend or withdraw</span>
              </th>
            )}
          </tr>
        </thead>
        <tbody>
          {pulls
            .map((pull) => {
              const { eye, readings, features, faults, match, decision, amended, later } = readPull(pull)
              return (
                <tr key={pull.id} className="border-t border-line">
                  <th scope="row" className="sticky left-0 bg-field py-1.5 text-left text-base">
                    {pull.number}
                  </th>
                  <td>{dayAndTimeOf(pull.pulledAt, pull.zone)}</td>
                  <td className="min-w-16 whitespace-normal">
                    {[
                      eye ?? '—',
                      ...complaintsOf(features).map(([feature, value]) =>
                        featureWords(feature, value).toLowerCase(),
                      ),
                    ].join('; ')}
                    {faults.map((fault) => (
                      <FaultLink key={`${fault.what} ${fault.where}`} fault={fault} />
                    ))}
                    <LaterEntries kinds={later} />
                  </td>
                  {read.map((quantity) => (
                    <td key={quantity}>
                      {readings[quantity] === undefined ? '—' : writeReading(quantity, readings[quantity])}
                    </td>
                  ))}
                  {isScanned && (
                    <td className={match?.outcome === 'differs' ? 'font-semibold' : ''}>
                      {match ? scanWords(match) : '—'}
                    </td>
                  )}
                  <td>{pull.hands.inked}</td>
                  <td
                    className={`min-w-28 whitespace-normal ${decision?.decision === 'rejected' ? 'font-semibold' : ''}`}
                  >
                    {decision ? DECISION[decision.decision] : 'open'}
                    {decision?.fate && (
                      <>
                        : <ReasonLink reason={decision.reason} />, {FATES[decision.fate].toLowerCase()}
                      </>
                    )}
                    {amended.includes('decision') ? ' (amended)' : ''}
                  </td>
                  {!locked && (
                    <td className="text-right whitespace-nowrap">
                      {decision && (
                        <AmendDialog
                          pull={pull}
                          busy={busy}
                          onAmend={(event, why) => onAdd(pull.id, [event], why)}
                        />
                      )}
                      {decision && (
                        <WithdrawPull
                          pull={pull}
                          next={table}
                          isFollowed={pull.id !== lastPullId}
                          busy={busy}
                          onWithdraw={(why) => onWithdraw(pull, why)}
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
        <Button look="quiet" aria-label={`Amend pull ${pull.number}`}>
          Amend
        </Button>
      }
    >
      <p className="mb-3">The first decision stays in the record, and this one beside it.</p>
      <TextField
        label="Why"
        value={why}
        onText={setWhy}
        problem={
          asked && !why.trim() ? 'Enter a reason. The first entry is kept beside this one.' : undefined
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
