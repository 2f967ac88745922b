'use client'

import Link from 'next/link'
import { complaint } from '@/core/edition/albumSubject'
import dynamic from 'next/dynamic'
import type { ReactNode } from 'react'
import { readPull } from '@/core/edition/readPull'
import type { Pull, PullEvent } from '@/core/edition/pull'
import { writeMoment } from '@/core/units/moment'
import { romanNumeral } from '@/core/plate/plate'
import type { ZoneMap } from '@/core/plate/zoneMap'
import { purposeFacts } from '@/core/prove/purpose'
import { compareSettings } from '@/core/prove/compareSettings'
import { useJob } from '../across/bench/BenchContext'
import { complaintsOf, featureWords } from '@/core/prove/features'
import { listed } from '@/core/units/listed'
import { KeptProof } from './KeptProof'
import { LightDark } from './LightDark'
import { LaterEntries } from '../across/pull/LaterEntries'

/** All of these are read once the page stands: they are the ways on from a proof, and not what is said of it. */
const ProofJudgement = dynamic(() => import('./ProofJudgement').then((module) => module.ProofJudgement), {
  ssr: false,
})

/** As much of the row as a button takes. */
const waiting = () => <span className="min-h-11 w-44" />
const ApproveDialog = dynamic(() => import('./ApproveDialog').then((module) => module.ApproveDialog), {
  ssr: false,
  loading: waiting,
})
const GoBackDialog = dynamic(() => import('./GoBackDialog').then((module) => module.GoBackDialog), {
  ssr: false,
  loading: waiting,
})
const ProofPicture = dynamic(() => import('./ProofPicture'), {
  ssr: false,
  loading: () => <p className="h-20 text-sm text-muted">Fetching its picture…</p>,
})

interface ProofRungProps {
  proof: Pull
  before: Pull | null
  /** the other proofs of the job */
  others: readonly Pull[]
  newest: boolean
  /** set out from an earlier proof than the one before it */
  isBranch: boolean
  /** where the spots lie that the small crops are taken at; null: nobody placed them */
  zoneMap: ZoneMap | null
  busy: boolean
  onAdd: (events: PullEvent[], why?: string) => Promise<boolean>
  /** the way to take it back */
  withdrawing: ReactNode
}

/** One rung of the ladder: what the proof looks like and what was seen of it; beneath, the change that led here and what was expected of it. */
export function ProofRung({
  proof,
  before,
  others,
  newest,
  isBranch,
  zoneMap,
  busy,
  onAdd,
  withdrawing,
}: ProofRungProps) {
  const job = useJob()
  const { verdict, later } = readPull(proof)
  const changes = before ? compareSettings(before.settings, proof.settings) : []
  const complaints = verdict ? complaintsOf(verdict.features) : []
  return (
    <li className="border-b border-line py-3">
      <div className="grid gap-x-5 gap-y-2 lg:grid-cols-[3rem_minmax(0,1fr)_13.5rem]">
        <div>
          <p className="far-number text-4xl">{proof.number}</p>
          <p className="condensed mt-1 text-sm text-muted">
            state {romanNumeral(proof.settings.plate.state)}
          </p>
        </div>
        <ProofPicture proof={proof} zoneMap={zoneMap} newest={newest} busy={busy} onAdd={onAdd} />
        <div>
          <LaterEntries kinds={later} />
          {verdict && <p className="font-semibold">{verdict.note || 'No note.'}</p>}
          {complaints.length > 0 && (
            <p className="flex flex-wrap gap-x-3 text-sm">
              {complaints.map(([feature, value]) => (
                <Link
                  key={feature}
                  href={`/faults/${encodeURIComponent(complaint(feature, value))}`}
                  title="Earlier prints like it"
                  className="inline-flex min-h-6 underline underline-offset-4"
                >
                  {featureWords(feature, value)}
                </Link>
              ))}
            </p>
          )}
          <p className="condensed text-sm text-muted">{writeMoment(proof.pulledAt, proof.zone)}</p>
          <KeptProof proof={proof} newest={newest} busy={busy} onAdd={onAdd} />
          <div className="mt-1 flex flex-wrap items-center gap-x-3 gap-y-1">
            {!job.numbered && (job.bat !== null || purposeFacts(job.purpose).takesBat) && (
              <ApproveDialog proof={proof} others={others} />
            )}
            {!newest && <GoBackDialog proof={proof} />}
            {withdrawing}
          </div>
        </div>
      </div>
      {!verdict && (
        <div className="lg:ml-[4.25rem]">
          <ProofJudgement
            number={proof.number}
            isFirst={before === null}
            busy={busy}
            onVerdict={(event, why) => onAdd([event], why)}
          />
        </div>
      )}
      <div className="mt-2 flex flex-wrap items-center justify-between gap-x-6 gap-y-1 bg-ground px-3 py-1 lg:ml-[4.25rem]">
        <p className="min-w-0 flex-1 basis-64">
          {isBranch && before && <span className="text-muted">set out from proof {before.number}: </span>}
          {changes.length > 0 && (
            <b className="font-medium">Changed: {listed(changes.map(({ words }) => words))}</b>
          )}
          {changes.length === 0 && (before ? 'Nothing changed' : 'First proof')}
          {proof.expectation && <span className="block text-sm">“{proof.expectation}”</span>}
        </p>
        <LightDark expected={proof.expected} seen={verdict?.seen ?? null} />
      </div>
    </li>
  )
}
