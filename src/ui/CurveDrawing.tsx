'use client'

import Chart from 'react-apexcharts'
import { useColours } from './useColours'

interface Curve {
  name: string
  points: readonly { x: number; y: number }[]
  /** single readings instead of a line */
  dots?: boolean
}

export interface CurveDrawingProps {
  curves: readonly Curve[]
  unit: string
  from: number
  to: number
  ticks?: number
  heightPx: number
}

const DASHES = [0, 5, 2]
const DASH_WORDS = ['solid', 'dashed', 'dotted']

/** The curves themselves, once the library that draws them is there. */
export default function CurveDrawing({ curves, unit, from, to, ticks = 6, heightPx }: CurveDrawingProps) {
  const colours = useColours()
  const named = (curve: Curve, n: number) =>
    curves.length === 1
      ? curve.name
      : `${curve.name}, ${curve.dots ? 'dots' : DASH_WORDS[n % DASH_WORDS.length]}`
  if (!colours) return null
  return (
    <Chart
      type="line"
      height={heightPx}
      series={curves.map((curve, n) => ({
        name: named(curve, n),
        data: curve.points.map(({ x, y }) => ({ x, y: Number(y.toFixed(4)) })),
      }))}
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
        colors: curves.map(() => colours.text),
        stroke: {
          width: curves.map(({ dots }) => (dots ? 0 : 1.6)),
          curve: 'straight',
          dashArray: curves.map((_, n) => DASHES[n % DASHES.length]),
        },
        dataLabels: { enabled: false },
        markers: { size: curves.map(({ dots }) => (dots ? 5 : 0)), strokeWidth: 0 },
        grid: {
          borderColor: colours.line,
          strokeDashArray: 2,
          padding: { left: 12, right: 8, top: -14, bottom: -8 },
        },
        legend: {
          show: curves.length > 1,
          position: 'top',
          horizontalAlign: 'left',
          markers: { size: 0 },
        },
        xaxis: {
          type: 'numeric',
          min: from,
          max: to,
          tickAmount: ticks,
          labels: { formatter: (x) => `${Number(Number(x).toFixed(1))} ${unit}` },
          tooltip: { enabled: false },
        },
        yaxis: {
          min: 0,
          forceNiceScale: true,
          tickAmount: 4,
          labels: { formatter: (value) => value.toFixed(value >= 10 || value === 0 ? 0 : 2) },
        },
      }}
    />
  )
}
