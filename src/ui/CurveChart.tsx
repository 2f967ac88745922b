'use client'

import dynamic from 'next/dynamic'
import { ChartFrame } from './ChartFrame'
import type { CurveDrawingProps } from './CurveDrawing'

const CurveDrawing = dynamic(() => import('./CurveDrawing'), { ssr: false })
const DRAWN_PX = 190

interface CurveChartProps extends Omit<CurveDrawingProps, 'heightPx'> {
  title: string
}

/** Curves over a quantity, told apart by their dashes; readings as dots. */
export function CurveChart({ title, ...rest }: CurveChartProps) {
  const ends = rest.curves.map(
    ({ name, points }) => `${name} from ${points[0].y.toFixed(2)} to ${points.at(-1)!.y.toFixed(2)}`,
  )
  return (
    <ChartFrame title={title} label={`${title}: ${ends.join('; ')}`} drawnPx={DRAWN_PX}>
      <CurveDrawing {...rest} heightPx={DRAWN_PX} />
    </ChartFrame>
  )
}
