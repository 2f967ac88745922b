'use client'

import { counted } from '@/core/units/counted'
import { saidDayOf } from '@/core/units/moment'
import { useZone } from '@/ui/ViewerZone'
import dynamic from 'next/dynamic'
import { useState } from 'react'
import type { DryingLoad, DryingPlace } from '@/core/dry/dryingPlaces'
import type { Drying, Print, Unlock } from '@/core/record/jobFile'
import type { Numbering, Signing } from '@/core/dry/numbering'
import type { Pull } from '@/core/edition/pull'
import { printsMade, purposeFacts, sizeDeclared, stationName } from '@/core/prove/purpose'
import { Panel } from '@/ui/Panel'
import { usePatched } from '@/ui/usePatched'
import { useBench, useJob } from '../across/bench/BenchContext'
import { CleaningCaution } from '../across/bench/cautions'
import { DryingActs } from '../shop/drying/DryingActs'
import { dryAnswer } from './answers'
import { LayToDry, USUAL_LAYING } from './LayToDry'
import { SigningList } from './SigningList'
import { StruckPlate } from './StruckPlate'
import { UnlockNumbers } from './UnlockNumbers'

const SortingRoom = dynamic(() => import('./SortingRoom'), {
  ssr: false,
  loading: () => <p className="min-h-101 text-sm text-muted">Laying the impressions out…</p>,
})

interface DryStationProps {
  /** impressions through every run, and those that got stuck on the way */
  acceptedPulls: Pull[]
  setAside: Pull[]
  rejected: Pull[]
  batProof: Pull | null
  /** whose print a pull is, of a class */
  makers: Readonly<Record<string, string>>
  kept: Numbering | null
  cancellation: Pull | null
  signing: Signing
  prints: Print[]
  dryings: Drying[]
  places: DryingPlace[]
  loads: DryingLoad[]
  unlocks: Unlock[]
}

/** Drying with its ready date, sorting, and the numbers in the order to sign. */
export function DryStation({
  acceptedPulls,
  setAside,
  rejected,
  batProof,
  makers,
  kept,
  cancellation,
  signing,
  prints,
  dryings,
  places,
  loads,
  unlocks,
}: DryStationProps) {
  const zone = useZone()
  const job = useJob()
  const bench = useBench()
  const facts = purposeFacts(job.purpose)
  const [wish, change] = usePatched(() => USUAL_LAYING)
  const [opened] = useState(() => Date.now())
  const drying = dryings.at(-1)
  const own = loads.filter(({ jobId }) => jobId === job.id)
  return (
    <Panel
      title="Dry & Sign"
      answer={dryAnswer({
        numbered: prints.length,
        accepted: acceptedPulls.length,
        size: sizeDeclared(job),
        asksBat: facts.asksBat,
        from: { page: facts.pulledAt, name: stationName(facts.pulledAt, job.purpose) },
        ready: drying
          ? { on: saidDayOf(drying.readyAt, zone), isReached: Date.parse(drying.readyAt) <= opened }
          : null,
        days: wish.days,
        jobPage: `/jobs/${job.slug}`,
      })}
      aside={
        <p className="text-sm">
          {prints.length > 0
            ? `${counted(prints.length, 'impression')} ${facts.asksSize === null ? 'marked' : 'numbered'}`
            : printsMade(job, acceptedPulls.length)}
        </p>
      }
    >
      {prints.length > 0 ? (
        <>
          <SigningList
            prints={prints}
            signing={signing}
            title={job.title}
            called={facts.prints}
            makers={makers}
          />
          <UnlockNumbers />
          <StruckPlate cancellation={cancellation} />
        </>
      ) : (
        <>
          <CleaningCaution />
          {(acceptedPulls.length > 0 || drying) && (
            <LayToDry
              wish={wish}
              change={change}
              sheets={acceptedPulls.length}
              drying={drying}
              places={places}
              loads={loads}
            />
          )}
          <DryingActs places={places} loads={own} />
          {acceptedPulls.length > 0 && (
            <SortingRoom
              accepted={acceptedPulls}
              setAside={setAside}
              rejected={rejected}
              batProof={batProof}
              makers={makers}
              kept={kept}
              plate={bench.plate ?? { widthMm: 100, heightMm: 100 }}
            />
          )}
        </>
      )}
      {unlocks.length > 0 && (
        <section aria-label="Numbering undone" className="mt-4 border-t border-line pt-2 text-sm">
          <h2 className="station-title">Numbering undone</h2>
          <ol>
            {unlocks.map(({ at, by, why, marks }) => (
              <li key={at} className="border-t border-line py-1">
                {saidDayOf(at, zone)}, {by}: {why}. They were {marks.map(({ mark }) => mark).join(', ')}.
              </li>
            ))}
          </ol>
        </section>
      )}
    </Panel>
  )
}
