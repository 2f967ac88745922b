'use client'

import { useState } from 'react'
import type { PressKind } from '@/core/press/pressKind'
import type { PressureScale, WayOfReading } from '@/core/press/pressureScale'
import { formatFine } from '@/core/units/quantity'
import type { FieldProblem } from '@/data/database/errors'
import { SelectField, TextField } from '@/ui/Field'
import { Folded, FoldedLine } from '@/ui/Folded'
import { NumberField } from '@/ui/NumberField'
import { problemAt } from '../across/bench/problemAt'
import { GaugeTable } from './GaugeTable'
import {
  countedFrom,
  COUNTED_FROM_OPTIONS,
  knownMm,
  leadOf,
  namesOf,
  scaleForWay,
  waysFor,
  withNames,
} from './scaleForm'

interface ScaleFieldsProps {
  kind: PressKind
  scale: PressureScale
  thread: string
  problems: readonly FieldProblem[]
  onScale: (scale: PressureScale, thread: string) => void
}

/** How the pressure of a press is read, where its kind is read in several ways. */
export function WayField({ kind, scale, thread, onScale }: Omit<ScaleFieldsProps, 'problems'>) {
  const ways = waysFor(kind)
  return (
    ways.length > 1 && (
      <SelectField
        label="How the pressure is read"
        value={scale.id}
        options={ways}
        onPick={(way) => onScale(scaleForWay(kind, way as WayOfReading, scale), thread)}
      />
    )
  )
}

/** Steps a screw is turned by. */
const TURN_STEPS = [
  ['1', 'whole turns'],
  ['0.5', 'half turns'],
  ['0.25', 'quarter turns'],
  ['0.125', 'eighths'],
] as const
const GAUGE_UNITS = [
  ['', 'numbers without a unit'],
  ['mm', 'mm'],
  ['in', 'inches'],
] as const
const HEAVIER = [
  ['up', 'a higher number is tighter'],
  ['down', 'a higher number is looser'],
] as const
const SIDES = [
  ['2', 'one on each side'],
  ['1', 'one for both sides'],
] as const

/** What the way a press is read asks, and, folded, what turns it into millimetres. */
export function ScaleFields({ scale, thread, problems, onScale }: Omit<ScaleFieldsProps, 'kind'>) {
  const set = (patch: Partial<PressureScale>) => onScale({ ...scale, ...patch }, thread)
  const at = (field: string) => problemAt(problems, `scale.${field}`)
  const isCounted = scale.id === 'gauge' || scale.id === 'notches' || scale.id === 'wheel'
  return (
    <>
      {scale.id === 'turns' && (
        <>
          <TurnFields
            scale={scale}
            thread={thread}
            problem={problemAt(problems, 'thread')}
            onScale={onScale}
          />
          <SelectField
            label="Turned by"
            value={String(scale.step)}
            options={TURN_STEPS}
            onPick={(step) => set({ step: Number(step) })}
          />
        </>
      )}
      {isCounted && (
        <>
          <NumberField
            label={scale.id === 'notches' ? 'First notch' : 'Lowest reading'}
            value={scale.least}
            onValue={(least) => set({ least: least ?? Number.NaN })}
            problem={at('least')}
          />
          <NumberField
            label={scale.id === 'notches' ? 'Last notch' : 'Highest reading'}
            value={scale.most}
            onValue={(most) => set({ most: most ?? Number.NaN })}
            problem={at('most')}
          />
          <SelectField
            label="Which way is tighter"
            value={scale.heavier}
            options={HEAVIER}
            onPick={(heavier) => set({ heavier: heavier as PressureScale['heavier'] })}
          />
        </>
      )}
      {scale.id === 'gauge' && (
        <>
          <SelectField
            label="Gauge reads in"
            value={scale.unit}
            options={GAUGE_UNITS}
            onPick={(unit) => set({ unit: unit as PressureScale['unit'] })}
          />
          <SelectField
            label="Gauges"
            value={String(scale.sides)}
            options={SIDES}
            onPick={(sides) => set({ sides: sides === '1' ? 1 : 2 })}
          />
          <NumberField
            label="Smallest step"
            value={scale.step}
            onValue={(step) => set({ step: step ?? Number.NaN })}
            problem={at('step')}
          />
        </>
      )}
      {scale.id === 'feel' && <NamesField scale={scale} problem={at('names')} onScale={set} />}
      {scale.id !== 'hand' && scale.id !== 'feel' && scale.id !== 'fixed' && (
        <Folded
          className="sm:col-span-2"
          summary={<FoldedLine title="As a measured gap" value={knownMm(scale)} />}
          isOpen={problems.some(({ field }) => field.startsWith('scale.table'))}
        >
          <p className="text-sm text-muted">
            Never needed to print. Two gaps measured with feelers, at two readings, carry a pressure over to
            another plate, paper or press.
          </p>
          <GaugeTable
            gauge={scale.table}
            problems={problems}
            isLess={scale.heavier === 'up'}
            step={scale.step}
            onGauge={(table) => set({ table })}
          />
        </Folded>
      )}
    </>
  )
}

/** Turns: where they are counted from, and the thread, if it is known. */
function TurnFields({
  scale,
  thread,
  problem,
  onScale,
}: {
  scale: PressureScale
  thread: string
  problem: string | undefined
  onScale: ScaleFieldsProps['onScale']
}) {
  const lead = leadOf(thread)
  return (
    <>
      <SelectField
        label="Turns are counted from"
        value={scale.countedFrom ?? 'bed'}
        options={COUNTED_FROM_OPTIONS}
        onPick={(from) => onScale(countedFrom(scale, from as 'bed' | 'blankets'), thread)}
      />
      <TextField
        label="Screw thread (such as M16), or mm per turn"
        value={thread}
        onText={(text) => onScale({ ...scale, mmPerUnit: leadOf(text).mmPerTurn }, text)}
        problem={lead.problem ?? problem}
        hint={lead.mmPerTurn === null ? 'may stay empty' : `${formatFine(lead.mmPerTurn, 3)} a turn`}
      />
    </>
  )
}

/** Names of settings, as one types them. */
function NamesField({
  scale,
  problem,
  onScale,
}: {
  scale: PressureScale
  problem: string | undefined
  onScale: (patch: Partial<PressureScale>) => void
}) {
  const [text, setText] = useState(scale.names.join(', '))
  return (
    <TextField
      label="Names of the settings, the lightest first"
      value={text}
      onText={(next) => {
        setText(next)
        onScale(withNames(scale, namesOf(next)))
      }}
      problem={problem}
      hint="parted by commas: “line”, “pencil mark”, “hard”"
      className="sm:col-span-2"
    />
  )
}
