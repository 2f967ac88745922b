'use client'

import Link from 'next/link'
import { useState } from 'react'
import { DRYING_METHODS, type DryingMethod } from '@/core/dry/drying'
import { placesFree, type DryingLoad, type DryingPlace } from '@/core/dry/dryingPlaces'
import { TISSUE_TEST, TOUCH_DRY_DAYS } from '@/core/edition/dryBetween'
import type { Drying } from '@/core/record/jobFile'
import { saidDayOf } from '@/core/units/moment'
import { Button } from '@/ui/Button'
import { SelectField } from '@/ui/Field'
import { Folded, FoldedLine } from '@/ui/Folded'
import { MainAct } from '@/ui/MainAct'
import { NumberField } from '@/ui/NumberField'
import { useZone } from '@/ui/ViewerZone'
import { sendAct } from '../across/act/sendAct'
import { useSend } from '../across/bench/BenchContext'
import { problemAt } from '../across/bench/problemAt'
import { PersonField } from '../across/person/PersonField'
import { usePerson } from '../across/person/usePerson'
import { Problems } from '../across/pull/Problems'
import { layToDryAction } from './actions'

/** How prints are to be laid to dry. @property days null: nobody says @property placeId '': no rack chosen */
export interface LayingWish {
  method: DryingMethod
  days: number | null
  placeId: string
}
export const USUAL_LAYING: LayingWish = {
  method: 'blotters',
  days: DRYING_METHODS.blotters.usualDays,
  placeId: '',
}

/** What lies to dry, in a line. */
const laidWords = ({ method, laidAt, readyAt, by }: Drying, zone: string) =>
  `${DRYING_METHODS[method].label.toLowerCase()}, laid ${saidDayOf(laidAt, zone)} by ${by}, dry on ${saidDayOf(readyAt, zone)}`

/** Lays the accepted prints to dry: the first thing here; once they lie it is folded under what was laid. */
export function LayToDry({
  wish,
  change,
  sheets,
  drying,
  places,
  loads,
}: {
  wish: LayingWish
  change: (patch: Partial<LayingWish>) => void
  /** prints there are to lay */
  sheets: number
  /** what was laid last */
  drying: Drying | undefined
  places: DryingPlace[]
  loads: DryingLoad[]
}) {
  const zone = useZone()
  const { send } = useSend()
  const person = usePerson()
  const [problems, setProblems] = useState<{ field: string; message: string }[]>([])
  const { method, days, placeId } = wish
  const lay = async () => {
    const answer = await send((target) =>
      sendAct(layToDryAction, {
        ...target,
        drying: {
          method,
          days: days ?? 0,
          by: person,
          ...(places.some(({ id }) => id === placeId) ? { place: { placeId, sheets } } : {}),
        },
      }),
    )
    setProblems(answer.ok ? [] : answer.problems)
  }
  const withMethod = (next: DryingMethod) => ({ method: next, days: DRYING_METHODS[next].usualDays })
  const start = (
    <Button look={drying ? 'plain' : 'main'} onClick={() => void lay()} disabled={sheets === 0}>
      {drying ? 'Lay them anew' : 'Start drying'}
    </Button>
  )
  const form = (
    <>
      <div className="grid items-end gap-3 pb-4 sm:grid-cols-2 xl:grid-cols-[1fr_1fr_6rem_1fr_auto_auto]">
        <SelectField
          label="Drying"
          value={method}
          options={Object.entries(DRYING_METHODS).map(([key, { label }]) => [key, label])}
          onPick={(key) => change(withMethod(key as DryingMethod))}
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
            const kind = places.find((one) => one.id === id)?.kind
            change({ placeId: id, ...(kind && withMethod(kind)) })
          }}
        />
        <NumberField
          label="Days"
          value={days}
          onValue={(next) => change({ days: next })}
          problem={problemAt(problems, 'drying.days')}
        />
        <PersonField did="Laid by" problem={problemAt(problems, 'drying.by')} />
        {drying ? start : <MainAct>{start}</MainAct>}
        <p className="text-sm text-muted sm:col-span-2 xl:col-span-6">
          {DRYING_METHODS[method].note} Sort dry prints only: a wet print reads darker and the damp sheet is
          larger. Flat is not dry: oil ink is dry to the touch in {TOUCH_DRY_DAYS.from} to {TOUCH_DRY_DAYS.by}{' '}
          days, heavy blacks in weeks, and it needs air. {TISSUE_TEST} once it is.{' '}
          <Link href="/drying" className="underline underline-offset-4">
            Drying racks
          </Link>
        </p>
      </div>
      <Problems problems={problems} except={['drying.days', 'drying.by', 'drying.place']} />
    </>
  )
  return (
    <section aria-label="Drying" className="border-b border-line">
      {drying ? (
        <Folded
          summary={<FoldedLine title="Drying" value={laidWords(drying, zone)} />}
          isOpen={problems.length > 0}
        >
          {form}
        </Folded>
      ) : (
        form
      )}
    </section>
  )
}
