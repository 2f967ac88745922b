'use client'

import { formatFines } from '@/core/units/quantity'
import { counted } from '@/core/units/counted'
import { useState } from 'react'
import { dryBack } from '@/core/edition/dryBack'
import { PULL_KINDS } from '@/core/edition/pullKinds'
import { QUANTITIES } from '@/core/edition/quantities'
import { readPull } from '@/core/edition/readPull'
import type { Pull, PullEvent } from '@/core/edition/pull'
import { TONE_SPOTS, type ToneSpot } from '@/core/plate/zoneMap'
import { formatNumber } from '@/core/units/length'
import { simulateDensitometer } from '@/devices/densitometer'
import { seedOf } from '@/devices/noise'
import { Button } from '@/ui/Button'
import { Choice } from '@/ui/Choice'
import { SelectField, TextField } from '@/ui/Field'
import { MainAct } from '@/ui/MainAct'
import { NumberField } from '@/ui/NumberField'
import { Panel } from '@/ui/Panel'
import { problemAt } from '../across/bench/problemAt'
import { Problems } from '../across/pull/Problems'
import { usePull } from '../across/pull/usePull'
import { toneAnswer } from './answers'
import { WipeRooms } from './WipeRooms'
import { PersonField } from '../across/person/PersonField'

interface ToneRoomProps {
  spots: {
    spot: ToneSpot
    at: readonly [number, number] | null
    zone: string | null
    density: number | null
  }[]
  paperDensity: number
  pulls: Pull[]
  batPullId: string | null
  /** minutes after the pull at which wet prints are compared */
  wetMinutes: number | null
}

/** Pulls shown beside one another. */
const SHOWN = 8
const pullName = ({ kind, number }: Pull) => `${PULL_KINDS[kind]} ${number}`

/** Three fixed spots of the plate, read on every impression and held against the BAT. */
export function ToneRoom({ spots, paperDensity, pulls, batPullId, wetMinutes }: ToneRoomProps) {
  const { busy, problems, add } = usePull()
  const [pullId, setPullId] = useState(pulls.at(-1)?.id ?? '')
  const [typed, setTyped] = useState<Partial<Record<ToneSpot, number | null>>>({})
  const [why, setWhy] = useState('')
  const pull = pulls.find(({ id }) => id === pullId)
  const bat = pulls.find(({ id }) => id === batPullId)
  const [isDry, setDry] = useState(false)
  const of = (one: Pull) => (isDry ? readPull(one).dryReadings : readPull(one).readings)
  const batReadings = bat ? of(bat) : {}
  const shown = pulls.filter((one) => Object.keys(of(one)).length > 0).slice(-SHOWN)
  const back = dryBack(pulls)
  const bounds = QUANTITIES.tone1
  const wrong = (spot: ToneSpot) => {
    const value = typed[spot] ?? null
    return value !== null && (value < bounds.min || value > bounds.max)
      ? `must be within ${bounds.min} and ${bounds.max} D`
      : undefined
  }
  const events = spots.flatMap(({ spot }): PullEvent[] =>
    typeof typed[spot] === 'number'
      ? [{ kind: 'reading', quantity: spot, value: typed[spot], ...(isDry ? { dry: true as const } : {}) }]
      : [],
  )
  const amends = pull
    ? events.some((event) => event.kind === 'reading' && of(pull)[event.quantity] !== undefined)
    : false
  const readAll = () => {
    const meter = simulateDensitometer(seedOf(pullId))
    setTyped(
      Object.fromEntries(
        spots.flatMap(({ spot, density }) =>
          density === null ? [] : [[spot, meter.read(density, paperDensity)]],
        ),
      ),
    )
  }
  return (
    <Panel
      rooms={<WipeRooms />}
      title="Wipe"
      answer={toneAnswer(
        pull ? { name: pullName(pull), readings: of(pull) } : null,
        bat ? { name: pullName(bat), readings: batReadings } : null,
      )}
    >
      {spots.every(({ at }) => at === null) && (
        <p className="mb-4 border border-line bg-ground p-4">
          Place the three spots on the plate’s picture, in Zones at Plate: a bright one, a middle one, a dark
          one. They are read at the same places on every impression.
        </p>
      )}
      {pulls.length > 0 && (
        <div className="grid gap-6 xl:grid-cols-[24rem_minmax(0,1fr)]">
          <section aria-label="Read a pull" className="grid content-start gap-4">
            <SelectField
              label="Which pull"
              value={pullId}
              options={[...pulls].reverse().map((one) => [one.id, pullName(one)] as const)}
              onPick={(id) => {
                setPullId(id)
                setTyped({})
              }}
            />
            <Choice
              label="The print is"
              value={isDry ? 'dry' : 'wet'}
              options={[
                ['wet', 'Wet'],
                ['dry', 'Dry'],
              ]}
              onPick={(how) => {
                setDry(how === 'dry')
                setTyped({})
              }}
            />
            {spots.map(({ spot, at, zone }, i) => (
              <NumberField
                key={spot}
                anchor={i === 0 ? 'tone-first' : undefined}
                label={TONE_SPOTS[spot]}
                unit="D"
                digits={2}
                value={typed[spot] ?? null}
                onValue={(value) => setTyped({ ...typed, [spot]: value })}
                problem={wrong(spot)}
                hint={[
                  zone ? `in ${zone}` : at ? 'in no zone' : 'not placed yet',
                  at && formatFines(at, ', ', 0),
                  batReadings[spot] !== undefined && `BAT ${formatNumber(batReadings[spot], 2)}`,
                ]
                  .filter(Boolean)
                  .join('; ')}
              />
            ))}
            <Button onClick={readAll} disabled={spots.every(({ density }) => density === null)}>
              Read with the densitometer (simulated)
            </Button>
            {amends && (
              <TextField
                label="Why read again"
                value={why}
                onText={setWhy}
                problem={problemAt(problems, 'why')}
              />
            )}
            <PersonField did="Read by" problem={problemAt(problems, 'person')} />
            <Problems problems={problems} except={['person', 'why']} />
            <MainAct>
              <Button
                look="main"
                disabled={busy || events.length === 0 || spots.some(({ spot }) => wrong(spot))}
                onClick={() =>
                  void add(pullId, events, why).then((ok) => {
                    if (ok) {
                      setTyped({})
                      setWhy('')
                    }
                  })
                }
              >
                Save {counted(events.length, 'reading')}
              </Button>
            </MainAct>
          </section>
          <section aria-label="Readings" className="overflow-x-auto">
            <table className="condensed w-full text-sm">
              <caption className="text-left font-semibold">
                Against the BAT{bat ? `, ${pullName(bat).toLowerCase()}` : ': none approved yet'}
              </caption>
              <thead className="text-left text-muted">
                <tr>
                  <th scope="col" className="font-normal">
                    Pull
                  </th>
                  {spots.map(({ spot }) => (
                    <th key={spot} scope="col" className="font-normal">
                      {TONE_SPOTS[spot]}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {shown.map((one) => {
                  const readings = of(one)
                  return (
                    <tr key={one.id} className="border-t border-line">
                      <th scope="row" className="py-2 text-left font-normal">
                        {pullName(one)}
                      </th>
                      {spots.map(({ spot }) => {
                        const [value, target] = [readings[spot], batReadings[spot]]
                        const off = value !== undefined && target !== undefined ? value - target : null
                        const outside = off !== null && Math.abs(off) > QUANTITIES[spot].tolerance
                        return (
                          <td key={spot} className={outside ? 'font-semibold text-signal' : ''}>
                            {value === undefined ? '—' : formatNumber(value, 2)}
                            {off !== null &&
                              one.id !== batPullId &&
                              ` (${outside ? '◆ ' : ''}${off > 0 ? '+' : ''}${formatNumber(off, 2)})`}
                          </td>
                        )
                      })}
                    </tr>
                  )
                })}
              </tbody>
            </table>
            <p className="mt-2 text-sm text-muted">
              Wet with wet, dry with dry: fresh ink reads darker.
              {wetMinutes ? ` Wet ones ${formatNumber(wetMinutes, 0)} min after the pull, as the BAT.` : ''}
              {back
                .map(
                  ({ quantity, mean, from }) =>
                    ` ${QUANTITIES[quantity].label} dries back ${mean > 0 ? '+' : ''}${formatNumber(mean, 2)} D with this ink and paper (from ${from}).`,
                )
                .join('')}{' '}
              The simulated instrument shows what this mix, this paper and this wiping should give.
            </p>
          </section>
        </div>
      )}
    </Panel>
  )
}
