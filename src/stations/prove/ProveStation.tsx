'use client'

import dynamic from 'next/dynamic'
import Link from 'next/link'
import { useEffect, useRef } from 'react'
import { readPull } from '@/core/edition/readPull'
import type { Pull } from '@/core/edition/pull'
import type { WatchSpot } from '@/core/plate/plateState'
import type { ZoneMap } from '@/core/plate/zoneMap'
import { setOutFrom } from '@/core/prove/branch'
import { compareSettings } from '@/core/prove/compareSettings'
import type { ProofPair, Suggestion } from '@/core/prove/whatMoved'
import { stationsWanting } from '@/core/prove/stationsWanting'
import { purposeFacts } from '@/core/prove/purpose'
import { Panel } from '@/ui/Panel'
import { useBench, useJob, type BenchJob } from '../across/bench/BenchContext'
import { CleaningCaution } from '../across/bench/cautions'
import { useKnownPress } from '../across/bench/usePressKind'
import { WatchLine } from '../plate/WatchLine'
import type { WithdrawnPull } from '@/core/record/jobFile'
import { usePull } from '../across/pull/usePull'
import { ladderAnswer } from './answers'
import { NextProof } from './NextProof'
import { PrintSeen } from './PrintSeen'
import { ProofRung } from './ProofRung'

/** All of these are read once the page stands: beneath the proofs, or seldom wanted. */
const WithdrawnPulls = dynamic(
  () => import('../across/pull/WithdrawnPulls').then((module) => module.WithdrawnPulls),
  { ssr: false },
)
const WithdrawPull = dynamic(
  () => import('../across/pull/WithdrawPull').then((module) => module.WithdrawPull),
  { ssr: false, loading: () => <span className="min-h-11 w-44" /> },
)
const NextChange = dynamic(() => import('./NextChange').then((module) => module.NextChange), { ssr: false })
const CompareProofs = dynamic(() => import('./CompareProofs').then((module) => module.CompareProofs), {
  ssr: false,
})

/** Only before the first proof. */
const FirstPrint = dynamic(() => import('../across/pull/FirstPrint').then((module) => module.FirstPrint), {
  ssr: false,
})

const PapersInARow = dynamic(() => import('./PapersInARow').then((module) => module.PapersInARow), {
  ssr: false,
})

/** Whether a proof was approved, where that is asked. */
function batWords(bat: BenchJob['bat'], asksBat: boolean): string {
  if (bat) return `BAT, version ${bat.version}${bat.isFromPicture ? ', approved from a picture' : ''}`
  return asksBat ? 'No BAT yet' : ''
}

/** The proof ladder: what was changed, expected and seen, newest first; the next proof above it. */
export function ProveStation({
  proofs,
  withdrawn,
  lastPullId,
  spots,
  zoneMap,
  pairs,
  advice,
}: {
  proofs: Pull[]
  withdrawn: WithdrawnPull[]
  /** the last pull of the job, of whatever kind and run; null: none */
  lastPullId: string | null
  spots: WatchSpot[]
  zoneMap: ZoneMap | null
  pairs: ProofPair[]
  /** what is offered first for what is wrong with the last proof */
  advice: Suggestion | null
}) {
  const bench = useBench()
  const job = useJob()
  const pulling = usePull()
  const { busy, add, withdraw, withdrawn: said } = pulling
  // At once: the server may be away when the first proof wants it.
  useEffect(() => void import('../across/pull/WithdrawPull'), [])
  const ladder = useRef<HTMLOListElement>(null)
  const last = proofs.at(-1)
  const lastPress = useKnownPress(last?.settings.press.pressId)
  const judged = last ? readPull(last).verdict : null
  const unset = stationsWanting(bench, job.purpose)
  const { asksBat, pulledAt } = purposeFacts(job.purpose)
  const settings = proofs.map((proof) => proof.settings)
  const from = settings.map((_, i) => setOutFrom(settings, i))

  return (
    <Panel
      title="Prove"
      answer={ladderAnswer({
        unset,
        last: last
          ? {
              number: last.number,
              isJudged: judged !== null,
              isRight: judged?.seen === 'same',
              isKept: readPull(last).decision?.decision === 'accepted',
            }
          : null,
        changes: last ? compareSettings(last.settings, bench) : [],
        advice,
        bat: job.bat?.version ?? null,
        asksBat,
        isPrint: pulledAt === 'prove',
        jobPage: `/jobs/${job.slug}`,
      })}
      aside={
        <p className="flex flex-wrap items-center gap-x-4 text-sm">
          {batWords(job.bat, asksBat)} {job.bat?.isFromPicture && <PrintSeen />}
          <Link
            href={`/jobs/${job.slug}/prove/model`}
            className="inline-flex min-h-11 items-center underline underline-offset-4"
          >
            Simulated print
          </Link>
        </p>
      }
    >
      <WatchLine spots={spots} />
      {unset.length === 0 && <NextProof last={last} pulling={pulling} />}
      {unset.length === 0 && !last && <FirstPrint />}
      {/* After a proof the plate is cleaned for the first time. */}
      {proofs.length > 0 && <CleaningCaution />}
      <p data-said data-written className="sr-only">
        {said}
      </p>
      <ol ref={ladder} tabIndex={-1} className="mt-2 outline-none" aria-label="Proofs">
        {proofs
          .map((proof, i) => (
            <ProofRung
              key={proof.id}
              proof={proof}
              before={from[i] === null ? null : proofs[from[i]]}
              others={proofs.filter(({ id }) => id !== proof.id)}
              isBranch={from[i] !== null && from[i] !== i - 1}
              newest={i === proofs.length - 1}
              onAdd={(events, why) => add(proof.id, events, why)}
              zoneMap={zoneMap}
              busy={busy}
              withdrawing={
                !job.numbered && (
                  <WithdrawPull
                    pull={proof}
                    next={ladder}
                    isFollowed={proof.id !== lastPullId}
                    busy={busy}
                    onWithdraw={(why) => withdraw(proof, why)}
                  />
                )
              }
            />
          ))
          .reverse()}
      </ol>
      {last && (
        <NextChange
          features={readPull(last).verdict?.features ?? null}
          pairs={pairs}
          bench={{ settings: last.settings, press: lastPress }}
        />
      )}
      {proofs.length > 1 && <PapersInARow proofs={proofs} />}
      {proofs.length > 1 && <CompareProofs proofs={proofs} />}
      <WithdrawnPulls pulls={withdrawn} />
    </Panel>
  )
}
