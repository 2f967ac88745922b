'use client'

import type { PressSetting } from '@/core/press/pressSetting'
import { sideNames, type PressureScale } from '@/core/press/pressureScale'
import { capital } from '@/core/units/capital'
import type { FieldProblem } from '@/data/database/errors'
import { Button } from '@/ui/Button'
import { Choice } from '@/ui/Choice'
import { NumberField } from '@/ui/NumberField'
import { problemAt } from '../across/bench/problemAt'
import type { Loose } from '../across/bench/useStation'
import { FrontElevation } from './FrontElevation'
import type { Side } from './useScrewKeys'

interface PressReadingsProps {
  scale: PressureScale
  value: Loose<PressSetting>
  target: PressSetting | null
  /** squeeze as a percentage of the BAT's */
  left: number | null
  right: number | null
  problems: readonly FieldProblem[]
  onTurn: (sides: Side[], by: number) => void
  onChange: (patch: Partial<Loose<PressSetting>>) => void
}

/** What stands after a field's name: what a reading counts in. */
function unitOf({ id, unit, countedFrom }: PressureScale): string | undefined {
  if (id === 'turns') return countedFrom === 'bed' ? 'turns from zero' : 'turns'
  return id === 'gauge' && unit ? unit : undefined
}

/** How the press is set, in its own language: drawn and stepped where it has numbers, chosen where its settings have names. */
export function PressReadings({
  scale,
  value,
  target,
  left,
  right,
  problems,
  onTurn,
  onChange,
}: PressReadingsProps) {
  const both = (reading: number | null) => onChange({ readingLeft: reading, readingRight: reading })
  const names = sideNames(scale)
  const unit = unitOf(scale)
  if (scale.names.length > 1)
    return (
      <div className="flex flex-wrap items-center gap-3">
        <span>{scale.id === 'hand' ? 'Weight of the hand' : 'Set at'}</span>
        <Choice
          label={scale.id === 'hand' ? 'Weight of the hand' : 'Set at'}
          value={String(value.readingLeft ?? '')}
          options={scale.names.map((name, i) => [String(i), capital(name)] as const)}
          onPick={(at) => both(Number(at))}
        />
        <LaterPasses scale={scale} value={value} problems={problems} onChange={onChange} />
      </div>
    )
  if (scale.id === 'fixed')
    return (
      <p>
        Nothing is turned here. Pressure is what is laid in: one card or felt in or out is one change, and
        then a print.
      </p>
    )
  return (
    <>
      <FrontElevation
        scale={scale}
        readingLeft={value.readingLeft ?? 0}
        readingRight={value.readingRight ?? 0}
        target={target}
        targetIs="the BAT"
        left={left}
        right={right}
        onTurn={onTurn}
      />
      <div className="mt-2 grid grid-cols-2 gap-3">
        <NumberField
          label={names.left}
          unit={unit}
          value={value.readingLeft}
          onValue={(reading) => (names.right === null ? both(reading) : onChange({ readingLeft: reading }))}
          problem={problemAt(problems, 'readingLeft')}
        />
        {names.right !== null && (
          <NumberField
            label={names.right}
            unit={unit}
            value={value.readingRight}
            onValue={(readingRight) => onChange({ readingRight })}
            problem={problemAt(problems, 'readingRight')}
          />
        )}
      </div>
      <LaterPasses scale={scale} value={value} problems={problems} onChange={onChange} />
    </>
  )
}

/** Readings of the passes after the first, where they are not as the one before. */
function LaterPasses({
  scale,
  value,
  problems,
  onChange,
}: Pick<PressReadingsProps, 'scale' | 'value' | 'problems' | 'onChange'>) {
  const passes = value.passes ?? 1
  const later = value.laterPasses ?? []
  if (passes < 2) return null
  const names = sideNames(scale)
  const unit = unitOf(scale)
  const last = later.at(-1) ?? { left: value.readingLeft ?? 0, right: value.readingRight ?? 0 }
  const set = (at: number, patch: Partial<(typeof later)[number]>) =>
    onChange({ laterPasses: later.map((pass, i) => (i === at ? { ...pass, ...patch } : pass)) })
  return (
    <div className="mt-2">
      {later.map((pass, i) => (
        <div key={i} className="mt-2 grid grid-cols-2 gap-3">
          <NumberField
            label={`Pass ${i + 2}, ${names.left.toLowerCase()}`}
            unit={unit}
            value={pass.left}
            onValue={(reading) =>
              set(i, {
                left: reading ?? Number.NaN,
                ...(names.right === null ? { right: reading ?? Number.NaN } : {}),
              })
            }
            problem={problemAt(problems, `laterPasses.${i}.left`)}
          />
          {names.right !== null && (
            <NumberField
              label={`Pass ${i + 2}, ${names.right.toLowerCase()}`}
              unit={unit}
              value={pass.right}
              onValue={(reading) => set(i, { right: reading ?? Number.NaN })}
              problem={problemAt(problems, `laterPasses.${i}.right`)}
            />
          )}
        </div>
      ))}
      <div className="mt-1 flex flex-wrap gap-x-4">
        {later.length < passes - 1 && (
          <Button look="quiet" onClick={() => onChange({ laterPasses: [...later, last] })}>
            Give pass {later.length + 2} a reading of its own
          </Button>
        )}
        {later.length > 0 && (
          <Button look="quiet" onClick={() => onChange({ laterPasses: later.slice(0, -1) })}>
            Pass {later.length + 1} as the one before
          </Button>
        )}
      </div>
    </div>
  )
}
