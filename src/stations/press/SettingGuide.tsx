'use client'

import dynamic from 'next/dynamic'
import { useState } from 'react'
import { DIRECTIONS, passReadings } from '@/core/press/pressSetting'
import {
  readingsWords,
  sideNames,
  stepsTighter,
  tightened,
  type PressureScale,
} from '@/core/press/pressureScale'
import { firstReading } from '@/core/press/usualScales'
import { isHandKind } from '@/core/press/pressKind'
import { peelingSteps } from '@/core/press/peeling'
import { isUpForFelts, nextAtThePress } from '@/core/press/settingRoute'
import type { Sizing } from '@/core/paper/substitutes'
import { capital } from '@/core/units/capital'
import { counted } from '@/core/units/counted'
import type { StorePress } from '@/data/press/presses'
import { Button } from '@/ui/Button'
import { Choice } from '@/ui/Choice'
import { MainAct } from '@/ui/MainAct'
import { NumberField } from '@/ui/NumberField'
import { Panel } from '@/ui/Panel'
import { useKeptText } from '@/ui/useKeptText'
import { useBench, useJob } from '../across/bench/BenchContext'
import { PressCaution } from '../across/bench/cautions'
import { KeepLine } from '../across/bench/KeepLine'
import { useStation } from '../across/bench/useStation'
import { pressAnswer } from './answers'
import { NOT_PULLED } from './cardWords'
import { UNSET_PRESS, wholePress } from './emptyPress'
import { FrontElevation } from './FrontElevation'
import { PressRooms } from './PressRooms'
import { useScrewKeys, type Side } from './useScrewKeys'
import { ZeroLine } from './ZeroLine'
import { LazyRollerTimer } from './LazyRollerTimer'

/** Wanted late in the guide, or by few: read once the page stands. */
const HandPrinting = dynamic(() => import('./HandPrinting').then(({ HandPrinting: hand }) => hand), {
  ssr: false,
})
const ThreeStrips = dynamic(() => import('./ThreeStrips').then(({ ThreeStrips: strips }) => strips), {
  ssr: false,
  loading: () => <div className="min-h-52" />,
})

/** Pulls that warm the blankets and are not counted. */
const WARM_UPS = 2

/** Where the press stands, what was done, and where it is wanted if not as the BAT. */
interface Standing {
  left: number
  right: number
  fed: boolean
  warm: number
  wanted: { left: number | null; right: number | null } | null
}

/** Where the guide begins: both at zero, or as light as the press goes. */
function beginning(scale: PressureScale): Standing {
  const at = scale.id === 'turns' ? 0 : firstReading(scale)
  return { left: at, right: at, fed: false, warm: 0, wanted: null }
}

function read(text: string, start: Standing): Standing {
  try {
    return { ...start, ...(JSON.parse(text) as Partial<Standing>) }
  } catch {
    return start
  }
}

interface SettingGuideProps {
  presses: StorePress[]
  sizing: Sizing
}

/** Sets the press step by step in its own readings; where it stands survives a reload. */
export function SettingGuide({ presses, sizing }: SettingGuideProps) {
  const job = useJob()
  const { value } = useStation('press', UNSET_PRESS)
  const press = presses.find(({ id }) => id === value.pressId)
  const set = wholePress(value)
  if (!press || !value.scale)
    return (
      <Panel
        rooms={<PressRooms />}
        title="Press"
        answer={{
          says: 'Choose the press first',
          because: 'The guide goes by how it is read.',
          asks: { words: 'Go to the press', page: `/jobs/${job.slug}/press` },
        }}
      />
    )
  if (isHandKind(press.kind))
    return (
      <Panel
        rooms={<PressRooms />}
        title="Press"
        answer={pressAnswer(value, {
          handKind: press.kind,
          share: { left: null, right: null },
          carried: null,
          doubt: null,
          gapMm: null,
          isHeld: false,
        })}
      >
        {set && <HandPrinting kind={press.kind} press={set} />}
        <Peeling sizing={sizing} />
      </Panel>
    )
  return <RollerGuide press={press} scale={value.scale} sizing={sizing} />
}

/** The guide of a press with a roller. */
function RollerGuide({ press, scale, sizing }: { press: StorePress; scale: PressureScale; sizing: Sizing }) {
  const job = useJob()
  const bench = useBench()
  const { change, ...kept } = useStation('press', UNSET_PRESS)
  const [text, keep] = useKeptText(`typothesis-screws-${job.id}`)
  const start = beginning(scale)
  const at = read(text, start)
  const [strips, setStrips] = useState(NOT_PULLED)
  const bat = job.bat?.settings.press ?? null
  const wantedOf = bat && bat.scale.id === scale.id ? bat : bench.press
  const wanted = at.wanted ?? {
    left: wantedOf?.readingLeft ?? firstReading(scale),
    right: wantedOf?.readingRight ?? firstReading(scale),
  }
  const within = (reading: number | null, else_: number) =>
    Math.min(scale.most, Math.max(scale.least, reading ?? else_))
  const target = { left: within(wanted.left, at.left), right: within(wanted.right, at.right) }
  const stand = (next: Partial<Standing>) => keep(JSON.stringify({ ...at, ...next }))
  const turn = (sides: Side[], by: number) => {
    // Less than a step from where it is wanted, the side is stopped there.
    const moved = (side: Side, from: number, to: number) => {
      if (!sides.includes(side)) return from
      const rest = to - from
      const isLast =
        at.fed && Math.sign(rest) === Math.sign(by) && Math.abs(rest) < Math.abs(by) && Math.abs(rest) > 1e-6
      return tightened(scale, from, stepsTighter(scale, from, from + (isLast ? rest : by)))
    }
    stand({
      left: moved('readingLeft', at.left, target.left),
      right: moved('readingRight', at.right, target.right),
    })
  }
  useScrewKeys(scale, turn)
  const isNamed = scale.names.length > 0
  const next = nextAtThePress(scale, { left: at.left, right: at.right, areFeltsIn: at.fed }, target)
  return (
    <Panel
      rooms={<PressRooms />}
      title="Press"
      aside={<KeepLine {...kept} />}
      answer={{ says: <span data-said>{next.words}</span>, because: next.more ?? undefined }}
    >
      <PressCaution kind={press.kind} />
      <p className="text-sm">
        <ZeroLine press={press} />
      </p>
      <div className="grid gap-6 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
        <div>
          {isNamed && scale.id !== 'fixed' && (
            <NamedSettings
              label="It stands at"
              scale={scale}
              reading={at.left}
              onPick={(reading) => stand({ left: reading, right: reading })}
            />
          )}
          {!isNamed && (
            <FrontElevation
              scale={scale}
              readingLeft={at.left}
              readingRight={at.right}
              target={{ readingLeft: target.left, readingRight: target.right }}
              targetIs={bat !== null && at.wanted === null ? 'the BAT' : 'wanted'}
              left={null}
              right={null}
              onTurn={turn}
            />
          )}
          <div className="mt-3 flex flex-wrap gap-3">
            {!isNamed && (
              <Button className="min-h-14" onClick={() => keep(JSON.stringify(start))}>
                {scale.id === 'turns' ? 'Both at zero' : 'Opened all the way'}
              </Button>
            )}
            <Button
              className="min-h-14"
              disabled={at.fed || !isUpForFelts(scale, at)}
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
          <Wanted
            scale={scale}
            wanted={wanted}
            target={target}
            isBat={job.bat !== null}
            onWanted={(sides) => stand({ wanted: sides })}
          />
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
            <LazyRollerTimer />
            <p className="text-sm">
              Turn slowly and evenly on the plate, and never stop on it: it prints a band. Faster once off.
              {bench.press && (bench.press.passes > 1 || bench.press.direction !== 'one-way')
                ? ` ${counted(bench.press.passes, 'pass', 'passes')}, ${DIRECTIONS[bench.press.direction].toLowerCase()}.`
                : ''}
            </p>
            {bench.press && bench.press.laterPasses.length > 0 && (
              <ol className="list-decimal pl-6 text-sm">
                {passReadings(bench.press).map((pass, i) => (
                  <li key={i}>{readingsWords(scale, pass)}</li>
                ))}
              </ol>
            )}
          </section>
          <Peeling sizing={sizing} />
        </div>
      </div>
    </Panel>
  )
}

/** Where the press is wanted, side by side. */
function Wanted({
  scale,
  wanted,
  target,
  isBat,
  onWanted,
}: {
  scale: PressureScale
  wanted: { left: number | null; right: number | null }
  target: { left: number; right: number }
  isBat: boolean
  onWanted: (wanted: { left: number | null; right: number | null }) => void
}) {
  const isOne = scale.sides === 1
  const from = scale.countedFrom === 'bed' ? ', from zero' : ''
  const unit = scale.id === 'turns' ? `turns${from.replace(',', '')}` : scale.unit || undefined
  const problem = (reading: number | null) => {
    if (reading === null) return undefined
    if (reading < scale.least) return `must be ${scale.least} or more`
    return reading > scale.most ? `must be at most ${scale.most}` : undefined
  }
  return (
    <section aria-label="Wanted" className="grid gap-3 sm:grid-cols-2">
      <h2 className="station-title sm:col-span-2">Wanted{isBat ? ', as the BAT' : ''}</h2>
      <p className="hidden sm:col-span-2 print:block">
        {readingsWords(scale, target)}
        {from}
      </p>
      {scale.names.length > 0 ? (
        <NamedSettings
          label="Wanted at"
          scale={scale}
          reading={target.left}
          onPick={(reading) => onWanted({ left: reading, right: reading })}
        />
      ) : (
        <NumberField
          label={isOne ? sideNames(scale).left : 'Left'}
          unit={unit}
          value={wanted.left}
          onValue={(left) => onWanted(isOne ? { left, right: left } : { ...wanted, left })}
          problem={problem(wanted.left)}
        />
      )}
      {!isOne && (
        <NumberField
          label="Right"
          unit={unit}
          value={wanted.right}
          onValue={(right) => onWanted({ ...wanted, right })}
          problem={problem(wanted.right)}
        />
      )}
    </section>
  )
}

/** Settings that have a name, to choose from. */
function NamedSettings({
  label,
  scale,
  reading,
  onPick,
}: {
  label: string
  scale: PressureScale
  reading: number
  onPick: (reading: number) => void
}) {
  return (
    <div className="flex flex-wrap items-center gap-3 sm:col-span-2">
      <span>{label}</span>
      <Choice
        label={label}
        value={String(reading)}
        options={scale.names.map((name, i) => [String(i), capital(name)] as const)}
        onPick={(at) => onPick(Number(at))}
      />
    </div>
  )
}

/** How the print is taken off. */
function Peeling({ sizing }: { sizing: Sizing }) {
  const { paper } = useBench()
  return (
    <section aria-label="Peeling" className="border-t border-line pt-3">
      <h2 className="station-title">Then peel</h2>
      <ol className="list-decimal pl-6">
        {peelingSteps({ gsm: paper?.gsm ?? 300, sizing, isDamp: paper?.method !== 'dry' }).map((step) => (
          <li key={step}>{step}</li>
        ))}
      </ol>
    </section>
  )
}
