'use client'

import type { ReactNode } from 'react'
import { clock } from '@/core/units/clock'
import { counted } from '@/core/units/counted'
import { moved } from '@/core/units/moved'
import {
  BUNDLES,
  CLEANLINESS,
  DIRECTIONS,
  howToWipe,
  PRESSURES,
  WIPE_MATERIALS,
  type WipeMaterial,
  type WipeStep,
} from '@/core/wipe/wipingOrder'
import type { FieldProblem } from '@/data/database/errors'
import { SelectField } from '@/ui/Field'
import { Folded } from '@/ui/Folded'
import { NumberField } from '@/ui/NumberField'
import { OrderButtons } from '@/ui/OrderButtons'
import { problemAt } from '../across/bench/problemAt'

interface WipeStepsProps {
  steps: WipeStep[]
  /** names of the plate's zones */
  zones: readonly string[]
  problems: readonly FieldProblem[]
  onChange: (steps: WipeStep[]) => void
  /** what stands beneath the steps: it comes with them, so that they do not push it away */
  children: ReactNode
}

const strokeWords = (strokes: number): string => (strokes > 0 ? counted(strokes, 'stroke') : '')

/** The wiping, step by step: with what, how, where and how long, all in sight; one is opened to change it. */
export function WipeSteps({ steps, zones, problems, onChange, children }: WipeStepsProps) {
  const edit = (at: number, patch: Partial<WipeStep>) =>
    onChange(steps.map((step, i) => (i === at ? { ...step, ...patch } : step)))
  return (
    <>
      <ol aria-label="Wiping steps">
        {steps.map((step, i) => (
          <li key={i} className="border-b border-line">
            <Folded
              group="wiping-step"
              isOpen={problems.some(({ field }) => field.startsWith(`steps.${i}.`))}
              summary={
                <span className="inline-grid w-[calc(100%-1.5rem)] grid-cols-[2rem_minmax(0,1fr)_auto] items-baseline gap-x-3 align-top">
                  <span className="far-number text-xl">{i + 1}</span>
                  <span>
                    <b className="font-medium">
                      {WIPE_MATERIALS[step.material].label}, {CLEANLINESS[step.cleanliness]}
                    </b>{' '}
                    <span className="text-sm text-muted">
                      {[howToWipe(step), strokeWords(step.strokes), step.zone && `on ${step.zone}`]
                        .filter(Boolean)
                        .join(', ')}
                    </span>
                  </span>
                  <span className="text-lg">{clock(step.seconds)}</span>
                </span>
              }
            >
              <div className="grid grid-cols-2 items-end gap-x-3 gap-y-1 pb-3 sm:ml-11 sm:grid-cols-4">
                <SelectField
                  label={`Step ${i + 1}, with`}
                  value={step.material}
                  options={Object.entries(WIPE_MATERIALS).map(([key, { label }]) => [key, label])}
                  onPick={(material) => edit(i, { material: material as WipeMaterial })}
                />
                <SelectField
                  label="Face"
                  value={step.cleanliness}
                  options={Object.entries(CLEANLINESS)}
                  onPick={(cleanliness) => edit(i, { cleanliness: cleanliness as WipeStep['cleanliness'] })}
                />
                <NumberField
                  label="Time"
                  unit="s"
                  value={step.seconds}
                  onValue={(seconds) => edit(i, { seconds: seconds ?? 0 })}
                  problem={problemAt(problems, `steps.${i}.seconds`)}
                />
                <NumberField
                  label="Strokes"
                  digits={0}
                  value={step.strokes}
                  onValue={(strokes) => edit(i, { strokes: strokes ?? 0 })}
                  problem={problemAt(problems, `steps.${i}.strokes`)}
                />
                <SelectField
                  label="How hard"
                  value={step.pressure}
                  options={Object.entries(PRESSURES)}
                  onPick={(pressure) => edit(i, { pressure: pressure as WipeStep['pressure'] })}
                />
                <SelectField
                  label="Which way"
                  value={step.direction}
                  options={Object.entries(DIRECTIONS)}
                  onPick={(direction) => edit(i, { direction: direction as WipeStep['direction'] })}
                />
                <SelectField
                  label="Bundle"
                  value={step.bundle}
                  options={Object.entries(BUNDLES)}
                  onPick={(bundle) => edit(i, { bundle: bundle as WipeStep['bundle'] })}
                />
                <SelectField
                  label="Zone"
                  value={step.zone}
                  options={[
                    ['', 'whole plate'],
                    ...[...new Set([...zones, ...(step.zone ? [step.zone] : [])])].map(
                      (zone) => [zone, zone] as const,
                    ),
                  ]}
                  onPick={(zone) => edit(i, { zone })}
                />
                <OrderButtons
                  name={`Step ${i + 1}`}
                  at={i}
                  of={steps.length}
                  onMove={(to) => onChange(moved(steps, i, to))}
                  out={{
                    label: `Leave step ${i + 1} out`,
                    onOut: () => onChange(steps.filter((_, n) => n !== i)),
                  }}
                  className="col-span-2 sm:col-span-4"
                />
              </div>
            </Folded>
          </li>
        ))}
      </ol>
      {children}
    </>
  )
}
