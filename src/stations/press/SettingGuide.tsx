'use client'

import { counted } from '@/core/units/counted'
import { useState } from 'react'
import type { Sizing } from '@/core/paper/substitutes'
import { peelingSteps } from '@/core/press/peeling'
import { DIRECTIONS, formatTurns, TURNS } from '@/core/press/pressSetting'
import { FELTS_IN_TURNS, nextAtThePress } from '@/core/press/settingRoute'
import type { StorePress } from '@/data/shop/store'
import { Button } from '@/ui/Button'
import { MainAct } from '@/ui/MainAct'
import { NumberField } from '@/ui/NumberField'
import { Panel } from '@/ui/Panel'
import { useKeptText } from '@/ui/useKeptText'
import { useBench, useJob } from '../across/bench/BenchContext'
import { PressCaution } from '../across/bench/cautions'
import { KeepLine } from '../across/bench/KeepLine'
import { useStation } from '../across/bench/useStation'
import { FrontElevation } from './FrontElevation'
import { PressRooms } from './PressRooms'
import { RollerTimer } from './RollerTimer'
import { useScrewKeys, type Screw } from './useScrewKeys'
import { NOT_PULLED } from './cardWords'
import { ThreeStrips } from './ThreeStrips'
import { ZeroLine } from './ZeroLine'

/** Pulls that warm the blankets and are not counted. */
const WARM_UPS = 2

/** Where the screws stand, what was done, and where they are wanted if not as the BAT. */
interface Standing {
  left: number
  right: number
  fed: boolean
  warm: number
  wanted: { left: number | null; right: number | null } | null
}
const START: Standing = { left: 0, right: 0, fed: false, warm: 0, wanted: null }

function read(text: string): Standing {
  try {
    return { ...START, ...(JSON.parse(text) as Partial<Standing>) }
  } catch {
    return START
  }
}

/** Sets the press step by step, counting quarter turns from zero; where it stands survives a reload. */
export function SettingGuide({ presses, sizing }: { presses: StorePress[]; sizing: Sizing }) {
  const job = useJob()
  const bench = useBench()
  const { value, change, ...kept } = useStation('press', {
    pressId: '',
    name: '',
    rollerRadiusMm: null,
    mmPerTurn: null,
    scale: TURNS,
    readingLeft: 4,
    readingRight: 4,
    packName: '',
    pack: [],
    makeReadyMm: 0,
    passes: 1,
    direction: 'one-way',
    secondsOnPlate: null,
    frameNPerMm: null,
  })
  const [text, keep] = useKeptText(`typothesis-screws-${job.id}`)
  const at = read(text)
  const [strips, setStrips] = useState(NOT_PULLED)
  const wantedOf = job.bat?.settings.press ?? bench.press
  const wanted = at.wanted ?? { left: wantedOf?.readingLeft ?? 4, right: wantedOf?.readingRight ?? 4 }
  const target = { left: Math.max(0, wanted.left ?? at.left), right: Math.max(0, wanted.right ?? at.right) }
  const stand = (next: Partial<Standing>) => keep(JSON.stringify({ ...at, ...next }))
  const turn = (screws: Screw[], by: number) => {
    // Less than a quarter from where it is wanted, the screw is stopped there.
    const moved = (screw: Screw, from: number, to: number) => {
      if (!screws.includes(screw)) return from
      const rest = to - from
      const isLast =
        at.fed && Math.sign(rest) === Math.sign(by) && Math.abs(rest) < Math.abs(by) && Math.abs(rest) > 1e-6
      return Math.max(0, Number((from + (isLast ? rest : by)).toFixed(4)))
    }
    stand({
      left: moved('readingLeft', at.left, target.left),
      right: moved('readingRight', at.right, target.right),
    })
  }
  useScrewKeys(turn)
  const press = presses.find(({ id }) => id === value.pressId)
  const next = nextAtThePress({ left: at.left, right: at.right, areFeltsIn: at.fed }, target)
  const below = (value: number | null) => (value !== null && value < 0 ? 'must be 0 or more' : undefined)
  if (!press)
    return (
      <Panel
        rooms={<PressRooms />}
        title="Press"
        answer={{
          says: 'Choose the press first',
          because: 'The guide counts its screws from zero.',
          asks: { words: 'Go to the press', page: `/jobs/${job.slug}/press` },
        }}
      />
    )
  return (
    <Panel
      rooms={<PressRooms />}
      title="Press"
      aside={<KeepLine {...kept} />}
      answer={{ says: <span aria-live="polite">{next.words}</span>, because: next.more ?? undefined }}
    >
      <PressCaution />
      <p className="text-sm">
        <ZeroLine press={press} />
      </p>
      <div className="grid gap-6 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
        <div>
          <FrontElevation
            readingLeft={at.left}
            readingRight={at.right}
            mmPerTurn={press.mmPerTurn}
            target={{ readingLeft: target.left, readingRight: target.right }}
            left={null}
            right={null}
            onTurn={turn}
          />
          <div className="mt-3 flex flex-wrap gap-3">
            <Button className="min-h-14" onClick={() => keep(JSON.stringify(START))}>
              Both at zero
            </Button>
            <Button
              className="min-h-14"
              disabled={at.fed || at.left < FELTS_IN_TURNS || at.right < FELTS_IN_TURNS}
              onClick={() => stand({ fed: true })}
            >
              {at.fed ? 'Blankets are in ✓' : 'Blankets are in'}
            </Button>
            <MainAct>
              {' '}
              <Button
                className="min-h-14"
                look="main"
                disabled={!next.isThere}
                onClick={() => change({ readingLeft: at.left, readingRight: at.right })}
              >
                Save this setting
              </Button>
            </MainAct>
          </div>
        </div>
        <div className="grid content-start gap-5">
          <section aria-label="Wanted" className="grid gap-3 sm:grid-cols-2">
            <h2 className="station-title sm:col-span-2">Wanted{job.bat ? ', as the BAT' : ''}</h2>
            <p className="hidden sm:col-span-2 print:block">
              Left {formatTurns(target.left)}, right {formatTurns(target.right)}, from zero
            </p>
            <NumberField
              label="Left"
              unit="turns from zero"
              value={wanted.left}
              onValue={(left) => stand({ wanted: { ...wanted, left } })}
              problem={below(wanted.left)}
            />
            <NumberField
              label="Right"
              unit="turns from zero"
              value={wanted.right}
              onValue={(right) => stand({ wanted: { ...wanted, right } })}
              problem={below(wanted.right)}
            />
          </section>
          <section aria-label="Three strips" className="border-t border-line pt-3">
            <h2 className="station-title">Three strips of paper</h2>
            <ThreeStrips strips={strips} last={null} onStrips={setStrips} />
          </section>
          <section aria-label="Warm-up" className="border-t border-line pt-3">
            <h2 className="station-title">Warm-up pulls</h2>
            <p>
              {at.warm < WARM_UPS
                ? `Blankets start cold and dry: pull ${WARM_UPS} on scrap, not counted. ${at.warm} done.`
                : 'The blankets are warm: what comes now counts.'}
            </p>
            <Button
              className="mt-2"
              disabled={!at.fed || at.warm >= WARM_UPS}
              onClick={() => stand({ warm: at.warm + 1 })}
            >
              Count a warm-up
            </Button>
            <RollerTimer />
            <p className="text-sm">
              Turn slowly and evenly on the plate, and never stop on it: it prints a band. Faster once off.
              {bench.press && (bench.press.passes > 1 || bench.press.direction !== 'one-way')
                ? ` ${counted(bench.press.passes, 'pass', 'passes')}, ${DIRECTIONS[bench.press.direction].toLowerCase()}.`
                : ''}
            </p>
          </section>
          <section aria-label="Peeling" className="border-t border-line pt-3">
            <h2 className="station-title">Then peel</h2>
            <ol className="list-decimal pl-6">
              {peelingSteps({
                gsm: bench.paper?.gsm ?? 300,
                sizing,
                isDamp: bench.paper?.method !== 'dry',
              }).map((step) => (
                <li key={step}>{step}</li>
              ))}
            </ol>
          </section>
        </div>
      </div>
    </Panel>
  )
}
