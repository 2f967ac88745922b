import type { ReactNode } from 'react'

/** The drawing library lays this much free under what it is told to draw, px. */
const FREE_BELOW_PX = 15

/**
 * Title and place of a chart, there before its drawing is: whatever stands beneath does not move under a hand when it comes.
 *
 * @param label the chart for those who listen; without one it is told elsewhere on the page
 */
export function ChartFrame({
  title,
  remark,
  label,
  drawnPx,
  children,
}: {
  title: string
  remark?: string
  label?: string
  drawnPx: number
  children: ReactNode
}) {
  return (
    <figure className="my-3">
      <figcaption className="flex flex-wrap justify-between gap-x-4 text-sm">
        <span className="font-semibold">{title}</span>
        {remark && <span className="text-muted">{remark}</span>}
      </figcaption>
      <div
        className="overflow-hidden"
        {...(label ? { role: 'img', 'aria-label': label } : { 'aria-hidden': true })}
        style={{ height: drawnPx + FREE_BELOW_PX, contain: 'inline-size' }}
      >
        {children}
      </div>
    </figure>
  )
}
