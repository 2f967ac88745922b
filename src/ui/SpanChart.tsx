'use client'

import dynamic from 'next/dynamic'
import { ChartFrame } from './ChartFrame'
import type { SpanDrawingProps } from './SpanDrawing'

const SpanDrawing = dynamic(() => import('./SpanDrawing'), { ssr: false })
const ROW_PX = 24
const AXIS_PX = 70

interface SpanChartProps extends Omit<SpanDrawingProps, 'heightPx'> {
  title: string
}

/** Stretches of time in rows on one axis, told apart by their greys and their place in the row; now as a line. The page tells them in words beside it. */
export function SpanChart({ title, ...rest }: SpanChartProps) {
  const drawnPx = AXIS_PX + ROW_PX * new Set(rest.spans.map(({ row }) => row)).size
  return (
    <ChartFrame title={title} drawnPx={drawnPx}>
      <SpanDrawing {...rest} heightPx={drawnPx} />
    </ChartFrame>
  )
}
