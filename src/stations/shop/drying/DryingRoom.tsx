'use client'

import { saidDayOf, soonOf } from '@/core/units/moment'
import { useNow } from '@/ui/useNow'
import { useZone } from '@/ui/ViewerZone'
import { useState } from 'react'
import { DRYING_METHODS, type DryingMethod } from '@/core/dry/drying'
import {
  dryingActs,
  placesFree,
  placeWords,
  type DryingLoad,
  type DryingPlace,
} from '@/core/dry/dryingPlaces'
import type { FieldProblem } from '@/data/database/errors'
import { Button } from '@/ui/Button'
import { SelectField, TextField } from '@/ui/Field'
import { NumberField } from '@/ui/NumberField'
import { Panel } from '@/ui/Panel'
import { problemAt } from '../../across/bench/problemAt'
import { Problems } from '../../across/pull/Problems'
import { racksAnswer } from './answers'
import { addDryingPlaceAction } from './actions'
import { DryingActs } from './DryingActs'
import { sendAct } from '../../across/act/sendAct'

/** Racks, stacks and piles of the workshop: how full each is, with whose prints, until when, and what is to be done. */
export function DryingRoom({ places, loads }: { places: DryingPlace[]; loads: DryingLoad[] }) {
  const zone = useZone()
  const [now] = useNow(60_000)
  const [name, setName] = useState('')
  const [kind, setKind] = useState<DryingMethod>('blotters')
  const [capacity, setCapacity] = useState<number | null>(20)
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const add = async () => {
    const answer = await sendAct(addDryingPlaceAction, {
      name,
      kind,
      capacity: capacity ?? Number.NaN,
    })
    setProblems(answer.ok ? [] : answer.problems)
    if (answer.ok) setName('')
  }
  return (
    <Panel
      title="Drying racks"
      answer={racksAnswer(places, dryingActs(places, loads, new Date(now).toISOString()), (at) =>
        soonOf(at, zone),
      )}
    >
      <DryingActs places={places} loads={loads} />
      <ul className="mt-4 grid gap-4 lg:grid-cols-2">
        {places.map((place) => (
          <li key={place.id}>
            <DryingPlaceLoads place={place} loads={loads.filter(({ placeId }) => placeId === place.id)} />
          </li>
        ))}
      </ul>
      <section
        aria-label="Add a place"
        className="mt-6 grid items-end gap-3 border-t border-line pt-4 sm:grid-cols-2 xl:grid-cols-[1fr_1fr_8rem_auto]"
      >
        <TextField
          label="Name of the place"
          anchor="place-name"
          value={name}
          onText={setName}
          problem={problemAt(problems, 'name')}
        />
        <SelectField
          label="Kind"
          value={kind}
          options={Object.entries(DRYING_METHODS).map(([key, { label }]) => [key, label])}
          onPick={(next) => setKind(next as DryingMethod)}
        />
        <NumberField
          label="Capacity (prints)"
          digits={0}
          value={capacity}
          onValue={setCapacity}
          problem={problemAt(problems, 'capacity')}
        />
        <Button onClick={() => void add()}>Add this place</Button>
        <div className="sm:col-span-2 xl:col-span-4">
          <Problems problems={problems} except={['name', 'capacity']} />
        </div>
      </section>
    </Panel>
  )
}

/** A place seen from the side: each slot that is taken is a filled line. */
function DryingPlaceLoads({ place, loads }: { place: DryingPlace; loads: readonly DryingLoad[] }) {
  const zone = useZone()
  const taken = place.capacity - placesFree(place, loads)
  const height = Math.max(40, Math.min(120, place.capacity * 4))
  const at = (slot: number) => height - ((slot + 0.5) * height) / place.capacity
  return (
    <section aria-label={place.name} className="border-t border-line pt-2">
      <h2 className="font-semibold">{place.name}</h2>
      <p className="text-sm text-muted">{placeWords(place)}</p>
      <svg
        viewBox={`-2 -2 204 ${height + 4}`}
        className="mt-2 w-full max-w-xs"
        role="img"
        aria-label={`${taken} of ${place.capacity} places taken`}
      >
        <path d={`M0 0V${height}H200V0`} fill="none" stroke="currentColor" strokeWidth="2" />
        {Array.from({ length: place.capacity }, (_, slot) => (
          <path
            key={slot}
            d={`M6 ${at(slot)}H194`}
            stroke="currentColor"
            strokeWidth={slot < taken ? Math.max(0.8, (0.6 * height) / place.capacity) : 0.4}
            strokeDasharray={slot < taken ? undefined : '2 4'}
          />
        ))}
      </svg>
      <ul className="text-sm">
        {loads.map(({ id, title, sheets, laidAt, readyAt }) => (
          <li key={id}>
            {sheets} of {title}, laid {saidDayOf(laidAt, zone)}, dry {saidDayOf(readyAt, zone)}
          </li>
        ))}
        {loads.length === 0 && <li>Empty.</li>}
      </ul>
    </section>
  )
}
