'use client'

import { clock } from '@/core/units/clock'
import dynamic from 'next/dynamic'
import { useEffect, useState } from 'react'
import type { WipeTaken } from '@/core/wipe/pace'
import { liftDuring, SHEET_STEPS } from '@/core/edition/meeting'
import { inkLeftIn, inksInPlate, type InkInPlate } from '@/core/wipe/inkLeftIn'
import { pacedSteps, type PacedWipeStep } from '@/core/wipe/pacedSteps'
import { PLATE_TONES, type PlateTone } from '@/core/plate/plateTone'
import { wipingOrderSchema, wipingSeconds, type WipeStep, type WipingOrder } from '@/core/wipe/wipingOrder'
import { WIPING_SCHOOLS } from '@/core/wipe/wipingSchools'
import { Button } from '@/ui/Button'
import { Choice } from '@/ui/Choice'
import { SelectField } from '@/ui/Field'
import { Panel } from '@/ui/Panel'
import { useBench } from '../across/bench/BenchContext'
import { WipeCaution } from '../across/bench/cautions'
import { KeepLine } from '../across/bench/KeepLine'
import { problemAt } from '../across/bench/problemAt'
import { useStation, type Loose } from '../across/bench/useStation'
import { wipeAnswer, type Colours } from './answers'
import type { LastInked } from './lastInked'
import { StepRemarks } from './StepRemarks'
import { WipeRooms } from './WipeRooms'

/** Read once the page stands: it runs the wipe, and is not there before. */
const Pacer = dynamic(() => import('./Pacer').then((module) => module.Pacer), { ssr: false })

/** Most plates have one ink, and nothing to list. */
const InkingList = dynamic(() => import('./InkingList').then((module) => module.InkingList), {
  ssr: false,
  loading: () => <p className="min-h-24" />,
})

/** What is opened to change a step comes once the page stands; the strip above them is there at once. */
const WipeSteps = dynamic(() => import('./WipeSteps').then((module) => module.WipeSteps), {
  ssr: false,
})

/** Height of a step that is folded, px: the steps' place is kept free until they come. */
const FOLDED_STEP_PX = 45

const UNSET: Loose<WipingOrder> = { steps: [], plateTone: 'light', inking: [], zoneMapVersion: null }
const ADDED: WipeStep = {
  material: 'tarlatan',
  cleanliness: 'medium',
  seconds: 45,
  strokes: 0,
  bundle: 'smooth',
  direction: 'across',
  pressure: 'even',
  zone: '',
}
const RETROUSSAGE: WipeStep = {
  ...ADDED,
  material: 'retroussage',
  cleanliness: 'clean',
  seconds: 20,
  pressure: 'skim',
  bundle: 'loose',
}

/** Only a plate that was put away needs it. */
const LeftIn = dynamic(() => import('./LeftIn').then((module) => module.LeftIn), {
  ssr: false,
  loading: () => <div className="mb-4 min-h-22" />,
})

interface WipeStationProps {
  lastSeconds: number | null
  /** what the BAT's own wipe took, step by step */
  batTaken: WipeTaken | null
  /** zones of the plate with the film they are wiped to */
  zoneTones: Record<string, PlateTone>
  /** the ink it last printed, where that was so long ago that it may have been put away; null: it was not */
  last: LastInked | null
  /** kinds of the inks of the shelf, by id */
  kinds: Readonly<Record<string, InkInPlate['kind']>>
}

/** The whole run of the plate, old ink out first; none while the order is not whole. */
const pacedOf = (
  order: WipingOrder | undefined,
  known: Parameters<typeof pacedSteps>[1],
  first: PacedWipeStep | null,
): PacedWipeStep[] => (order ? [...(first ? [first] : []), ...pacedSteps(order, known)] : [])

/** What is said of a plate with several inks: how long it takes, and when the sheet is lifted. @param paced the whole run; none: it is not set yet */
function coloursOf(paced: readonly PacedWipeStep[], inks: number, isDry: boolean): Colours | null {
  if (inks < 2 || paced.length === 0) return null
  const plate = paced.map(({ label, seconds, before }) => ({ step: label, seconds: before ?? seconds }))
  const lift = liftDuring(plate, SHEET_STEPS[isDry ? 'dry' : 'damp'])
  return {
    inks,
    seconds: plate.reduce((sum, { seconds }) => sum + seconds, 0),
    lift: lift && { step: plate[lift.at].step, afterSeconds: lift.afterSeconds },
  }
}

/** The wiping order as a strip to scale, its inks and steps, and the pacer that runs them. */
export function WipeStation({ lastSeconds, batTaken, zoneTones, last, kinds }: WipeStationProps) {
  const bench = useBench()
  const { value, change, ...kept } = useStation('wipe', UNSET)
  const [pacing, setPacing] = useState(false)
  const [isLeftIn, setLeftIn] = useState<boolean | null>(null)
  // At once and not at the first press: by then the server may be away.
  useEffect(() => void import('./Pacer'), [])
  const steps = value.steps ?? []
  const inking = value.inking ?? []
  const total = wipingSeconds({ steps })
  const whole = wipingOrderSchema.safeParse(value)
  const mixes = bench.ink?.mixes ?? []
  const now = inksInPlate(mixes, kinds)
  const first = last && isLeftIn ? inkLeftIn(last.inks, now).step : null
  const paced = pacedOf(whole.data, { batTaken, zoneTones, mixes }, first)

  if (pacing && whole.success) return <Pacer steps={paced} onClose={() => setPacing(false)} />
  return (
    <Panel
      rooms={<WipeRooms />}
      title="Wipe"
      aside={<KeepLine {...kept} />}
      answer={wipeAnswer(
        steps.length,
        total,
        value.plateTone,
        lastSeconds,
        coloursOf(paced, inking.length, bench.paper?.method === 'dry'),
      )}
      act={
        steps.length > 0 &&
        kept.problems.length === 0 && (
          <Button look="main" onClick={() => setPacing(true)}>
            Start the wiping timer
          </Button>
        )
      }
    >
      <WipeCaution />
      {last && <LeftIn last={last} now={now} isLeftIn={isLeftIn} onAnswer={setLeftIn} />}
      <div className="flex flex-wrap items-end gap-x-10 gap-y-3">
        <SelectField
          label="Start from a method"
          anchor="wipe-method"
          value=""
          className="w-72"
          options={[
            ['', 'choose…'],
            ...Object.entries(WIPING_SCHOOLS).map(([key, { label }]) => [key, label] as const),
          ]}
          onPick={(key) =>
            key &&
            change({
              steps: structuredClone(WIPING_SCHOOLS[key].order.steps),
              plateTone: WIPING_SCHOOLS[key].order.plateTone,
              ...(WIPING_SCHOOLS[key].inked && {
                inking: inking.map((one) => ({ ...one, ...WIPING_SCHOOLS[key].inked })),
              }),
            })
          }
        />
        <div>
          <p className="mb-0.5 text-sm text-muted">Plate tone wanted</p>
          <p className="hidden print:block">Plate tone: {PLATE_TONES[value.plateTone ?? 'light']}</p>
          <Choice<PlateTone>
            label="Plate tone wanted"
            value={value.plateTone}
            options={Object.entries(PLATE_TONES).map(([tone, text]) => [tone as PlateTone, text])}
            onPick={(plateTone) => change({ plateTone })}
          />
        </div>
      </div>
      <InkingList
        inking={inking}
        mixes={mixes}
        problems={kept.problems}
        onChange={(next) => change({ inking: next })}
      />
      <section aria-label="Wiping" className="mt-4 border-t border-line pt-3">
        <h2 className="station-title">
          Wiping {total > 0 && <span data-figure="wiping-time">{clock(total)}</span>}
        </h2>
        {problemAt(kept.problems, 'steps') && (
          <p className="mt-3" role="alert">
            ◆ The order {problemAt(kept.problems, 'steps')}. Start from a method, or add a step.
          </p>
        )}
        {total > 0 && (
          <div className="mt-2 flex h-7" aria-hidden>
            {steps.map((step, i) => (
              <div
                key={i}
                style={{
                  flexGrow: step.seconds,
                  background: { dirty: 'var(--text)', medium: 'var(--edge)', clean: 'var(--raised)' }[
                    step.cleanliness
                  ],
                }}
                className="border border-l-0 border-edge first:border-l"
              />
            ))}
          </div>
        )}
        <div className="mt-2" style={{ minHeight: FOLDED_STEP_PX * steps.length }}>
          <WipeSteps
            steps={steps}
            zones={Object.keys(zoneTones)}
            problems={kept.problems}
            onChange={(next) => change({ steps: next })}
          >
            <StepRemarks steps={steps} inking={inking} onSteps={(next) => change({ steps: next })} />
            <div className="mt-3 flex flex-wrap gap-3">
              <Button onClick={() => change({ steps: [...steps, ADDED] })}>Add a step</Button>
              {!steps.some(({ material }) => material === 'retroussage') && steps.length > 0 && (
                <Button
                  onClick={() =>
                    change({
                      steps: [
                        ...steps.filter(({ material }) => material !== 'edges' && material !== 'fingers'),
                        RETROUSSAGE,
                        ...steps.filter(({ material }) => material === 'edges' || material === 'fingers'),
                      ],
                    })
                  }
                >
                  Add retroussage
                </Button>
              )}
            </div>
          </WipeSteps>
        </div>
      </section>
    </Panel>
  )
}
