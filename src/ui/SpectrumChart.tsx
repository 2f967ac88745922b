'use client'

import Chart from 'react-apexcharts'
import { useColours } from './useColours'

interface SpectrumChartProps {
  title: string
  series: readonly { name: string; values: readonly number[] }[]
  startNm: number
  stepNm: number
}

const HEIGHT = 190
const DASHES = [0, 5, 2]
const DASH_WORDS = ['solid', 'dashed', 'dotted']

/** Curves over wavelength, told apart by their dashes. */
export default function SpectrumChart({ title, series, startNm, stepNm }: SpectrumChartProps) {
  const colours = useColours()
  return (
    <figure className="mt-3">
      <figcaption className="text-sm font-semibold">{title}</figcaption>
      <div className="overflow-hidden" role="img" aria-label={`${title}: ${series.map(({ name, values }) => `${name} from ${values[0].toFixed(2)} to ${values.at(-1)!.toFixed(2)}`).join('; ')}`} style={{ minHeight: HEIGHT }}>
        {colours && (
          <Chart
            type="line" height={HEIGHT} series={series.map(({ name, values }, n) => ({ name: series.length > 1 ? `${name}, ${DASH_WORDS[n % DASH_WORDS.length]}` : name, data: values.map((value, i) => ({ x: startNm + i * stepNm, y: Number(value.toFixed(4)) })) }))}
            options={{
              chart: { toolbar: { show: false }, zoom: { enabled: false }, animations: { enabled: false }, background: 'transparent', fontFamily: 'inherit', foreColor: colours.text },
              theme: { mode: colours.theme }, colors: series.map(() => colours.text), stroke: { width: 1.6, curve: 'straight', dashArray: series.map((_, i) => DASHES[i % DASHES.length]) }, dataLabels: { enabled: false },
              grid: { borderColor: colours.line, strokeDashArray: 2, padding: { left: 12, right: 8, top: -14, bottom: -8 } }, legend: { show: series.length > 1, position: 'top', horizontalAlign: 'left', markers: { size: 0 } },
              xaxis: { type: 'numeric', min: 380, max: 740, tickAmount: 6, labels: { formatter: (nm) => `${Math.round(Number(nm))} nm` }, tooltip: { enabled: false } },
              yaxis: { min: 0, forceNiceScale: true, tickAmount: 4, labels: { formatter: (value) => value.toFixed(2) } },
            }}
          />
        )}
      </div>
    </figure>
  )
}
