'use client'

import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react'
import type { Corners as FourCorners, Spot } from '@/core/match/homography'
import { Button } from '@/ui/Button'
import { Dialog } from '@/ui/Dialog'

const NAMES = ['top left', 'top right', 'bottom right', 'bottom left'] as const
/** How far an arrow key moves a corner, as a share of the picture; ten times as far with Shift. */
const NUDGE = 0.001

/** The corners of a sheet in its picture, set by dragging or by arrow keys; in shares of the picture. */
export function CornersDialog({
  what,
  imageId,
  corners,
  busy,
  onKeep,
}: {
  what: string
  imageId: string
  corners: FourCorners
  busy: boolean
  onKeep: (corners: FourCorners | null) => void
}) {
  const [open, setOpen] = useState(false)
  const [set, setSet] = useState<FourCorners>(corners)
  const field = useRef<HTMLDivElement>(null)
  const move = (i: number, [x, y]: Spot) =>
    setSet(
      (now) =>
        now.map((spot, at) =>
          at === i ? ([Math.min(1.2, Math.max(-0.2, x)), Math.min(1.2, Math.max(-0.2, y))] as const) : spot,
        ) as unknown as FourCorners,
    )
  const drag = (i: number) => (event: PointerEvent<HTMLButtonElement>) => {
    if (!event.currentTarget.hasPointerCapture(event.pointerId)) return
    const box = field.current!.getBoundingClientRect()
    move(i, [(event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height])
  }
  const nudge = (i: number) => (event: KeyboardEvent) => {
    const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key]
    if (!way) return
    event.preventDefault()
    const far = NUDGE * (event.shiftKey ? 10 : 1)
    move(i, [set[i][0] + way[0] * far, set[i][1] + way[1] * far])
  }
  const keep = (next: FourCorners | null) => {
    setOpen(false)
    onKeep(next)
  }
  return (
    <Dialog
      title={`Corners of the sheet, ${what}`}
      open={open}
      trigger={<Button look="quiet">Corners of {what}</Button>}
      onOpenChange={(next) => {
        if (next) setSet(corners)
        setOpen(next)
      }}
    >
      <p className="mb-2 text-sm">
        Drag each ring onto its corner of the sheet, or move it with the arrow keys, farther with Shift. The
        heavy side is the top of the sheet.
      </p>
      <div ref={field} className="relative mx-auto w-fit touch-none select-none">
        <img
          src={`/pictures/${imageId}/view`}
          alt={what}
          draggable={false}
          className="block max-h-[55vh] max-w-full"
        />
        <svg
          viewBox="0 0 1 1"
          preserveAspectRatio="none"
          className="pointer-events-none absolute inset-0 h-full w-full overflow-visible"
          aria-hidden
        >
          <polygon
            points={set.map((spot) => spot.join(',')).join(' ')}
            fill="none"
            stroke="#9a2b00"
            strokeWidth="2"
            vectorEffect="non-scaling-stroke"
          />
          <line
            x1={set[0][0]}
            y1={set[0][1]}
            x2={set[1][0]}
            y2={set[1][1]}
            stroke="#9a2b00"
            strokeWidth="7"
            vectorEffect="non-scaling-stroke"
          />
        </svg>
        {set.map(([x, y], i) => (
          <button
            key={NAMES[i]}
            type="button"
            aria-label={`Corner at the ${NAMES[i]}`}
            onKeyDown={nudge(i)}
            onPointerMove={drag(i)}
            onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
            className="absolute grid size-11 -translate-x-1/2 -translate-y-1/2 place-items-center"
            style={{ left: `${100 * x}%`, top: `${100 * y}%` }}
          >
            <span className="size-5 rounded-full border-2 border-white bg-[#9a2b00]/60" />
          </button>
        ))}
      </div>
      <div className="mt-3 flex flex-wrap gap-2">
        <Button look="main" disabled={busy} onClick={() => keep(set)}>
          Straighten by these corners
        </Button>
        <Button disabled={busy} onClick={() => setSet(([a, b, c, d]) => [b, c, d, a])}>
          The top is the next side
        </Button>
        <Button disabled={busy} onClick={() => keep(null)}>
          Let them be found again
        </Button>
      </div>
    </Dialog>
  )
}
