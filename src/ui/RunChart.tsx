'use client'

import dynamic from 'next/dynamic'
import { formatNumber } from '@/core/units/length'
import { shownUnit } from '@/core/units/quantity'
import { ChartFrame } from './ChartFrame'
import type { RunDrawingProps } from './RunDrawing'

const RunDrawing = dynamic(() => import('./RunDrawing'), { ssr: false })
const DRAWN_PX = 168

interface RunChartProps extends Pick<RunDrawingProps, 'points' | 'band' | 'words'> {
  title: string
  /** as it is kept; shown in whichever unit is read first */
  unit?: string
  /** none: too few prints yet */
  limits?: RunDrawingProps['limits']
  remark?: string
}

/** Every number of a record, turned. */
const mapValues = <K extends string>(
  of: Record<K, number>,
  turn: (value: number) => number,
): Record<K, number> =>
  Object.fromEntries(Object.entries(of).map(([key, value]) => [key, turn(value as number)])) as Record<
    K,
    number
  >

/** A quantity through a run, with the band it may stray in; points outside are squares, not circles. */
export function RunChart({
  title: name,
  unit: own,
  points: kept,
  band,
  limits = null,
  words,
  remark,
}: RunChartProps) {
  const { unit, toShown } = shownUnit(own)
  const title = unit ? `${name}, ${unit}` : name
  const points = kept.map(({ pull, value }) => ({ pull, value: toShown(value) }))
  const write = (value: number) => words?.[String(Math.round(value))] ?? formatNumber(value, 2)
  return (
    <ChartFrame
      title={title}
      remark={remark}
      label={`${title}: ${points.map(({ pull, value }) => `pull ${pull} ${write(value)}`).join(', ')}`}
      drawnPx={DRAWN_PX}
    >
      <RunDrawing
        name={title}
        points={points}
        band={band && mapValues(band, toShown)}
        limits={limits && mapValues(limits, toShown)}
        words={words}
        write={write}
        heightPx={DRAWN_PX}
      />
    </ChartFrame>
  )
}
