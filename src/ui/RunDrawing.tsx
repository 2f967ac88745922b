'use client'

import Chart from 'react-apexcharts'
import { formatNumber } from '@/core/units/length'
import { useColours } from './useColours'

export interface RunDrawingProps {
  name: string
  points: readonly { pull: number; value: number }[]
  /** what is allowed */
  band: { target: number; low: number; high: number } | null
  /** what the run itself makes likely; kept apart from what is allowed */
  limits: { upper: number; lower: number; centre: number } | null
  /** words for the values of an ordinal series */
  words?: Record<string, string>
  write: (value: number) => string
  heightPx: number
}

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

/** The run itself, in the unit shown, once the library that draws it is there. */
export default function RunDrawing({ name, points, band, limits, words, write, heightPx }: RunDrawingProps) {
  const colours = useColours()
  const values = [
    ...points.map(({ value }) => value),
    ...(band ? [band.low, band.high] : []),
    ...(limits ? [limits.lower, limits.upper] : []),
  ]
  const axis = roundAxis(Math.min(...values), Math.max(...values))
  const isOutside = (value: number) => band !== null && (value < band.low || value > band.high)
  if (!colours) return null
  return (
    <Chart
      type="line"
      height={heightPx}
      series={[{ name, data: points.map(({ pull, value }) => ({ x: pull, y: value })) }]}
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
            formatter: (value) => (words ? (words[String(Math.round(value))] ?? '') : formatNumber(value, 2)),
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
  )
}
