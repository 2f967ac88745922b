'use client'

import { plural } from '@/core/units/counted'
import Link from 'next/link'
import { useRef, useState } from 'react'
import { readPull, type EyeReading, type Pull } from '@/core/edition/pull'
import type { WatchSpot } from '@/core/plate/plateState'
import type { ZoneMap } from '@/core/plate/zoneMap'
import { couponSpots } from '@/core/prove/couponSpots'
import { setOutFrom } from '@/core/prove/branch'
import type { ProofPair } from '@/core/prove/whatMoved'
import { compareSettings } from '@/core/prove/compareSettings'
import { STATIONS, unsetStations } from '@/core/prove/settings'
import { Button } from '@/ui/Button'
import { Choice } from '@/ui/Choice'
import { TextField } from '@/ui/Field'
import { Panel } from '@/ui/Panel'
import { useBench, useJob } from '../across/bench/BenchContext'
import { useKnownPress } from '../across/bench/usePressKind'
import { CleaningCaution } from '../across/bench/cautions'
import { usePressDoubt } from '../across/bench/usePressDoubt'
import { problemAt } from '../across/bench/problemAt'
import { RollerTimer } from '../press/RollerTimer'
import { WatchLine } from '../plate/WatchLine'
import { Problems } from '../across/pull/Problems'
import type { WithdrawnPull } from '@/core/record/jobFile'
import { usePull } from '../across/pull/usePull'
import { WithdrawnPulls } from '../across/pull/WithdrawnPulls'
import { WithdrawPull } from '../across/pull/WithdrawPull'
import { CompareProofs } from './CompareProofs'
import { EYE_WORDS } from './eyeWords'
import { NextChange } from './NextChange'
import { ProofRung } from './ProofRung'

/** The proof ladder: what was changed, expected and seen, newest first; the next proof above it. */
export function ProveStation({
  proofs,
  withdrawn,
  lastPullId,
  spots,
  zoneMap,
  pairs,
}: {
  proofs: Pull[]
  withdrawn: WithdrawnPull[]
  /** the last pull of the job, of whatever kind and run; null: none */
  lastPullId: string | null
  spots: WatchSpot[]
  zoneMap: ZoneMap | null
  pairs: ProofPair[]
}) {
  const bench = useBench()
  const job = useJob()
  const { person, setPerson, busy, problems, pull, add, withdraw, withdrawn: said } = usePull()
  const ladder = useRef<HTMLOListElement>(null)
  const [expected, setExpected] = useState<EyeReading | null>(null)
  const [expectation, setExpectation] = useState('')
  const last = proofs.at(-1)
  const changes = last ? compareSettings(last.settings, bench) : []
  const unset = unsetStations(bench)
  const coupons = couponSpots(zoneMap, bench.plate)
  const settings = proofs.map((proof) => proof.settings)
  const from = settings.map((_, i) => setOutFrom(settings, i))

  const lastPress = useKnownPress(last?.settings.press.pressId)
  const doubt = usePressDoubt()
  const pullProof = async () => {
    if (!(await pull('proof', { expected, expectation }))) return
    setExpected(null)
    setExpectation('')
  }

  return (
    <Panel
      title="Prove"
      aside={
        <p className="flex flex-wrap items-center gap-x-4 text-sm">
          {job.bat
            ? `BAT, the approved proof: version ${job.bat.version}`
            : 'No BAT, the approved proof, yet'}{' '}
          <Link
            href={`/jobs/${job.slug}/prove/model`}
            className="inline-flex min-h-11 items-center underline underline-offset-4"
          >
            Model of the print
          </Link>
        </p>
      }
    >
      <WatchLine spots={spots} />
      {unset.length > 0 ? (
        <p className="border border-line bg-ground p-4">
          Before the first proof: {unset.map((station) => STATIONS[station]).join(', ')}{' '}
          {plural(unset.length, 'needs', 'need')} you.
        </p>
      ) : (
        <section aria-label="Next proof" className="grid gap-4 border-b-2 border-text pb-4 lg:grid-cols-2">
          <div>
            <h2 className="station-title">{last ? `Changed since proof ${last.number}` : 'First proof'}</h2>
            {last && changes.length === 0 && <p>Nothing: this proof tests whether the last one repeats.</p>}
            {!last && <p>It shows where the bench stands. Change one thing after it, and pull again.</p>}
            <ul>
              {changes.map((change) => (
                <li key={change.key} className="border-b border-line py-1">
                  <b>{change.words}</b>
                  <span className="block text-sm text-muted">way back: {change.wayBack.text}</span>
                </li>
              ))}
            </ul>
            {changes.length > 1 && (
              <p className="mt-1 text-sm">
                {changes.length} things at once: what the proof shows may come from any of them.
              </p>
            )}
            {last && (
              <NextChange
                features={readPull(last).verdict?.features ?? null}
                pairs={pairs}
                like={{
                  press: last.settings.press.pressId,
                  plateKind: last.settings.plate.kind,
                  paperId: last.settings.paper.paperId,
                }}
                bench={{ settings: last.settings, press: lastPress }}
              />
            )}
          </div>
          <div className="grid content-start gap-3">
            {last && (
              <div>
                <p className="mb-0.5 text-sm text-muted">You expect it to print</p>
                <Choice
                  label="You expect it to print"
                  value={expected}
                  options={EYE_WORDS}
                  onPick={setExpected}
                />
              </div>
            )}
            <TextField
              label={last ? 'Why, in a few words' : 'What you hope to see'}
              value={expectation}
              onText={setExpectation}
              problem={problemAt(problems, 'pull.expectation')}
            />
            <TextField
              label="At the press"
              value={person}
              onText={setPerson}
              problem={problemAt(problems, 'person')}
            />
            <RollerTimer />
            <Problems problems={problems} except={['person', 'pull.expectation']} />
            {doubt && (
              <p role="alert" className="font-semibold text-signal">
                ◆ {doubt}
              </p>
            )}
            <Button
              look="main"
              className="justify-center text-lg"
              disabled={busy}
              onClick={() => void pullProof()}
            >
              Pull proof {(last?.number ?? 0) + 1}
              {doubt ? ' all the same' : ''}
            </Button>
          </div>
        </section>
      )}
      {/* After a proof the plate is cleaned for the first time. */}
      {proofs.length > 0 && <CleaningCaution />}
      {proofs.length > 1 && <CompareProofs proofs={proofs} />}
      <p role="status" aria-label="Last written" className="sr-only">
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
              onVerdict={(event, why) => add(proof.id, [event], why)}
              coupons={coupons}
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
      <WithdrawnPulls pulls={withdrawn} />
    </Panel>
  )
}
