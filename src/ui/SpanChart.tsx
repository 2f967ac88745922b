'use client'

import Chart from 'react-apexcharts'
import { useColours } from './useColours'

/** One stretch of time in a row. */
export interface Span { row: string; name: string; from: number; to: number; shade: 'dark' | 'mid' | 'light' }

interface SpanChartProps {
  title: string
  spans: readonly Span[]
  /** writes a moment of the axis */
  write: (at: number) => string
  now?: number | null
}

const ROW_PX = 24

/** Stretches of time in rows on one axis, told apart by their greys and their place in the row; now as a line. */
export default function SpanChart({ title, spans, write, now = null }: SpanChartProps) {
  const colours = useColours()
  if (!colours) return <p className="h-48 text-sm text-muted">Drawing the day…</p>
  const shades = { dark: colours.text, mid: colours.edge, light: colours.line }
  const rows = [...new Set(spans.map(({ row }) => row))]
  return (
    <figure>
      <figcaption className="text-sm font-semibold">{title}</figcaption>
      <div aria-hidden>
        <Chart
          type="rangeBar" height={70 + ROW_PX * rows.length}
          series={[{ name: title, data: spans.map(({ row, name, from, to, shade }) => ({ x: row, y: [from, to], fillColor: shades[shade], meta: name })) }]}
          options={{
            chart: { toolbar: { show: false }, animations: { enabled: false }, fontFamily: 'inherit', background: 'transparent' },
            plotOptions: { bar: { horizontal: true, barHeight: '70%', rangeBarGroupRows: true } },
            dataLabels: { enabled: false }, legend: { show: false },
            grid: { borderColor: colours.line },
            xaxis: { type: 'numeric', labels: { formatter: (value) => write(Number(value)), style: { colors: colours.text, fontSize: '12px' } }, axisBorder: { color: colours.edge }, tickAmount: 8 },
            yaxis: { labels: { style: { colors: colours.text, fontSize: '12px' } } },
            annotations: now === null ? {} : { xaxis: [{ x: now, borderColor: colours.text, strokeDashArray: 0, label: { text: 'now', style: { background: colours.text, color: colours.theme === 'dark' ? '#1b1b1b' : '#f2f2f2' } } }] },
            tooltip: { enabled: false }, states: { hover: { filter: { type: 'none' } } },
          }}
        />
      </div>
    </figure>
  )
}
