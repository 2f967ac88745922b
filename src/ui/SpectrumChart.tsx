'use client'

import { CurveChart } from './CurveChart'

interface SpectrumChartProps {
  title: string
  series: readonly { name: string; values: readonly number[] }[]
  startNm: number
  stepNm: number
}

/** Curves over wavelength. */
export function SpectrumChart({ title, series, startNm, stepNm }: SpectrumChartProps) {
  return (
    <CurveChart
      title={title}
      unit="nm"
      from={380}
      to={740}
      curves={series.map(({ name, values }) => ({
        name,
        points: values.map((y, i) => ({ x: startNm + i * stepNm, y })),
      }))}
    />
  )
}
