'use client'

import Chart from 'react-apexcharts'
import { formatNumber } from '@/core/units/length'
import { shownUnit } from '@/core/units/quantity'
import { useColours } from './useColours'

interface RunChartProps {
  title: string
  /** as it is kept; shown in whichever unit is read first */
  unit?: string
  points: readonly { pull: number; value: number }[]
  /** what is allowed */
  band: { target: number; low: number; high: number } | null
  /** what the run itself makes likely; kept apart from what is allowed */
  limits?: { upper: number; lower: number; centre: number } | null
  /** words for the values of an ordinal series */
  words?: Record<string, string>
  remark?: string
}

const HEIGHT = 168

/** An axis that begins and ends on round values and has three to six steps of 1, 2 or 5 tens. */
function roundAxis(low: number, high: number): { min: number; max: number; ticks: number } {
  const span = high - low || 1
  const power = 10 ** Math.floor(Math.log10(span / 3))
  const step =
    [1, 2, 5, 10].map((factor) => factor * power).find((candidate) => span / candidate <= 5) ?? 10 * power
  const min = Math.floor(low / step - 0.2) * step
  const max = Math.ceil(high / step + 0.2) * step
  return { min, max, ticks: Math.round((max - min) / step) }
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
export default function RunChart({
  title: name,
  unit: own,
  points: kept,
  band: bandKept,
  limits: limitsKept = null,
  words,
  remark,
}: RunChartProps) {
  const colours = useColours()
  const { unit, toShown } = shownUnit(own)
  const title = unit ? `${name}, ${unit}` : name
  const points = kept.map(({ pull, value }) => ({ pull, value: toShown(value) }))
  const band = bandKept && mapValues(bandKept, toShown)
  const limits = limitsKept && mapValues(limitsKept, toShown)
  const values = [
    ...points.map(({ value }) => value),
    ...(band ? [band.low, band.high] : []),
    ...(limits ? [limits.lower, limits.upper] : []),
  ]
  const axis = roundAxis(Math.min(...values), Math.max(...values))
  const isOutside = (value: number) => band !== null && (value < band.low || value > band.high)
  const write = (value: number) => words?.[String(Math.round(value))] ?? formatNumber(value, 2)
  return (
    <figure className="mb-3">
      <figcaption className="flex flex-wrap justify-between gap-x-4 text-sm">
        <span className="font-semibold">{title}</span>
        {remark && <span className="text-muted">{remark}</span>}
      </figcaption>
      <div
        className="overflow-hidden"
        role="img"
        aria-label={`${title}: ${points.map(({ pull, value }) => `pull ${pull} ${write(value)}`).join(', ')}`}
        style={{ minHeight: HEIGHT, contain: 'inline-size' }}
      >
        {colours && (
          <Chart
            type="line"
            height={HEIGHT}
            series={[{ name: title, data: points.map(({ pull, value }) => ({ x: pull, y: value })) }]}
            options={{
              chart: {
                toolbar: { show: false },
                zoom: { enabled: false },
                animations: { enabled: false },
                background: 'transparent',
                fontFamily: 'inherit',
                foreColor: colours.text,
              },
              theme: { mode: colours.theme },
              colors: [colours.text],
              stroke: { width: 1.5, curve: 'straight' },
              dataLabels: { enabled: false },
              markers: {
                size: 4,
                strokeWidth: 0,
                discrete: points.flatMap(({ value }, i) =>
                  isOutside(value)
                    ? [
                        {
                          seriesIndex: 0,
                          dataPointIndex: i,
                          size: 7,
                          shape: 'square' as const,
                          fillColor: colours.text,
                          strokeColor: colours.text,
                        },
                      ]
                    : [],
                ),
              },
              grid: {
                borderColor: colours.line,
                strokeDashArray: 2,
                padding: { left: 16, right: 12, top: -12, bottom: -8 },
              },
              xaxis: {
                type: 'numeric',
                decimalsInFloat: 0,
                tickAmount: Math.min(12, Math.max(1, points.length - 1)),
                labels: { formatter: (value) => formatNumber(Number(value), 0) },
                tooltip: { enabled: false },
              },
              yaxis: {
                min: words ? -1 : axis.min,
                max: words ? 1 : axis.max,
                tickAmount: words ? 2 : axis.ticks,
                labels: {
                  formatter: (value) =>
                    words ? (words[String(Math.round(value))] ?? '') : formatNumber(value, 2),
                },
              },
              tooltip: { y: { formatter: write }, x: { formatter: (value) => `Pull ${value}` } },
              annotations: {
                yaxis: [
                  ...(band
                    ? [
                        {
                          y: band.low,
                          y2: band.high,
                          fillColor: colours.edge,
                          opacity: 0.22,
                          borderColor: 'transparent',
                        },
                        { y: band.target, borderColor: colours.text, strokeDashArray: 0 },
                      ]
                    : []),
                  ...(limits
                    ? [limits.lower, limits.upper].map((y) => ({
                        y,
                        borderColor: colours.text,
                        strokeDashArray: 6,
                      }))
                    : []),
                ],
              },
            }}
          />
        )}
      </div>
    </figure>
  )
}
