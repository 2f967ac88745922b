'use client'

import { counted } from '@/core/units/counted'
import { saidDayOf } from '@/core/units/moment'
import { useZone } from '@/ui/ViewerZone'
import dynamic from 'next/dynamic'
import Link from 'next/link'
import { useState } from 'react'
import { DRYING_METHODS, type DryingMethod } from '@/core/dry/drying'
import { placesFree, type DryingLoad, type DryingPlace } from '@/core/dry/dryingPlaces'
import { TISSUE_TEST, TOUCH_DRY_DAYS } from '@/core/edition/dryBetween'
import type { Drying, Print, Unlock } from '@/core/record/jobFile'
import type { Numbering, Signing } from '@/core/dry/numbering'
import type { Pull } from '@/core/edition/pull'
import { printsMade, purposeFacts, sizeDeclared, stationName } from '@/core/prove/purpose'
import { Button } from '@/ui/Button'
import { SelectField } from '@/ui/Field'
import { NumberField } from '@/ui/NumberField'
import { MainAct } from '@/ui/MainAct'
import { Panel } from '@/ui/Panel'
import { useBench, useJob, useSend } from '../across/bench/BenchContext'
import { CleaningCaution } from '../across/bench/cautions'
import { DryingActs } from '../shop/drying/DryingActs'
import { problemAt } from '../across/bench/problemAt'
import { PersonField } from '../across/person/PersonField'
import { usePerson } from '../across/person/usePerson'
import { Problems } from '../across/pull/Problems'
import { layToDryAction } from './actions'
import { dryAnswer } from './answers'
import { SigningList } from './SigningList'
import { StruckPlate } from './StruckPlate'
import { UnlockNumbers } from './UnlockNumbers'
import { sendAct } from '../across/act/sendAct'

const SortingRoom = dynamic(() => import('./SortingRoom'), {
  ssr: false,
  loading: () => <p className="py-4 text-sm text-muted">Laying the impressions out…</p>,
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
  const { send } = useSend()
  const person = usePerson()
  const [method, setMethod] = useState<DryingMethod>('blotters')
  const [days, setDays] = useState<number | null>(DRYING_METHODS.blotters.usualDays)
  const [problems, setProblems] = useState<{ field: string; message: string }[]>([])
  const [placeId, setPlaceId] = useState('')
  const [opened] = useState(() => Date.now())
  const drying = dryings.at(-1)
  const own = loads.filter(({ jobId }) => jobId === job.id)
  const place = places.find(({ id }) => id === placeId)

  const lay = async () => {
    const answer = await send((target) =>
      sendAct(layToDryAction, {
        ...target,
        drying: {
          method,
          days: days ?? 0,
          by: person,
          ...(place ? { place: { placeId: place.id, sheets: acceptedPulls.length } } : {}),
        },
      }),
    )
    setProblems(answer.ok ? [] : answer.problems)
  }

  const start = (
    <Button look={drying ? 'plain' : 'main'} onClick={() => void lay()} disabled={acceptedPulls.length === 0}>
      Start drying
    </Button>
  )

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
        days,
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
          <section
            aria-label="Drying"
            className="grid items-end gap-3 border-b border-line pb-4 sm:grid-cols-2 xl:grid-cols-[1fr_1fr_6rem_1fr_auto_auto]"
          >
            <SelectField
              label="Drying"
              value={method}
              options={Object.entries(DRYING_METHODS).map(([key, { label }]) => [key, label])}
              onPick={(key) => {
                setMethod(key as DryingMethod)
                setDays(DRYING_METHODS[key as DryingMethod].usualDays)
              }}
            />
            <SelectField
              label="In which place"
              value={placeId}
              options={[
                ['', 'no rack chosen'],
                ...places.map((one) => [one.id, `${one.name}, ${placesFree(one, loads)} free`] as const),
              ]}
              problem={problemAt(problems, 'drying.place')}
              onPick={(id) => {
                setPlaceId(id)
                const kind = places.find((one) => one.id === id)?.kind
                if (!kind) return
                setMethod(kind)
                setDays(DRYING_METHODS[kind].usualDays)
              }}
            />
            <NumberField
              label="Days"
              value={days}
              onValue={setDays}
              problem={problemAt(problems, 'drying.days')}
            />
            <PersonField did="Laid by" problem={problemAt(problems, 'drying.by')} />
            {drying ? start : <MainAct>{start}</MainAct>}
            <p className="text-sm text-muted sm:col-span-2 xl:col-span-6">
              {DRYING_METHODS[method].note} Sort dry prints only: a wet print reads darker and the damp sheet
              is larger. Flat is not dry: oil ink is dry to the touch in {TOUCH_DRY_DAYS.from} to{' '}
              {TOUCH_DRY_DAYS.by} days, heavy blacks in weeks, and it needs air. {TISSUE_TEST} once it is.{' '}
              <Link href="/drying" className="underline underline-offset-4">
                Drying racks
              </Link>
            </p>
          </section>
          <Problems problems={problems} except={['drying.days', 'drying.by', 'drying.place']} />
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
