'use client'

import Chart from 'react-apexcharts'
import { useColours } from './useColours'

/** One stretch of time in a row. */
export interface Span {
  row: string
  name: string
  from: number
  to: number
  shade: 'dark' | 'mid' | 'light'
}

export interface SpanDrawingProps {
  spans: readonly Span[]
  /** writes a moment of the axis */
  write: (at: number) => string
  now?: number | null
  heightPx: number
}

/** Distances of the ticks that are easy to read, minutes, and how many there are at most. */
const STEPS = [15, 30, 60, 120, 240]
const MOST_TICKS = 9

/** An axis that holds all spans and no more than a step beside them. */
function axisOf(spans: readonly Span[], now: number | null): { min: number; max: number; ticks: number } {
  const moments = [...spans.flatMap(({ from, to }) => [from, to]), ...(now === null ? [] : [now])]
  const [first, last] = [Math.min(...moments), Math.max(...moments)]
  const step =
    STEPS.find((one) => (last - first) / one <= MOST_TICKS - 1) ??
    Math.ceil((last - first) / (MOST_TICKS - 1) / 60) * 60
  const [min, max] = [Math.floor(first / step) * step, Math.ceil(last / step) * step]
  return { min, max, ticks: Math.max(1, Math.round((max - min) / step)) }
}

/** The spans themselves, once the library that draws them is there. */
export default function SpanDrawing({ spans, write, now = null, heightPx }: SpanDrawingProps) {
  const colours = useColours()
  if (!colours) return null
  const shades = { dark: colours.text, mid: colours.edge, light: colours.line }
  const { min, max, ticks } = axisOf(spans, now)
  return (
    <Chart
      type="rangeBar"
      height={heightPx}
      series={[
        {
          name: 'spans',
          data: spans.map(({ row, name, from, to, shade }) => ({
            x: row,
            y: [from, to],
            fillColor: shades[shade],
            meta: name,
          })),
        },
      ]}
      options={{
        chart: {
          toolbar: { show: false },
          animations: { enabled: false },
          fontFamily: 'inherit',
          background: 'transparent',
        },
        plotOptions: { bar: { horizontal: true, barHeight: '70%', rangeBarGroupRows: true } },
        dataLabels: { enabled: false },
        legend: { show: false },
        grid: { borderColor: colours.line },
        xaxis: {
          type: 'numeric',
          labels: {
            formatter: (value) => write(Number(value)),
            style: { colors: colours.text, fontSize: '12px' },
          },
          axisBorder: { color: colours.edge },
          min,
          max,
          tickAmount: ticks,
        },
        yaxis: { labels: { style: { colors: colours.text, fontSize: '12px' } } },
        annotations:
          now === null
            ? {}
            : {
                xaxis: [
                  {
                    x: now,
                    borderColor: colours.text,
                    strokeDashArray: 0,
                    label: {
                      text: 'now',
                      style: {
                        background: colours.text,
                        color: colours.theme === 'dark' ? '#1b1b1b' : '#f2f2f2',
                      },
                    },
                  },
                ],
              },
        tooltip: { enabled: false },
        states: { hover: { filter: { type: 'none' } } },
      }}
    />
  )
}
