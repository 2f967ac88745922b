'use client'

import { formatFine } from '@/core/units/quantity'
import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react'
import type { StraightReference } from '@/core/match/matchImpression'
import { Button } from '@/ui/Button'
import { Dialog } from '@/ui/Dialog'
import { PixelCanvas } from '@/ui/PixelCanvas'

/** How far an arrow key moves the mark, mm; ten times as far with Shift. */
const NUDGE_MM = 0.1

interface PlateAt {
  leftMm: number
  topMm: number
}

/** The plate mark on the BAT's straightened sheet, set by dragging or by arrow keys. */
export function PlateMarkDialog({
  straight,
  busy,
  onKeep,
}: {
  straight: StraightReference
  busy: boolean
  onKeep: (at: PlateAt | null) => void
}) {
  const { reference, pixelsPerMm, plate } = straight
  const [open, setOpen] = useState(false)
  const [at, setAt] = useState<PlateAt>(plate)
  const field = useRef<HTMLDivElement>(null)
  const held = useRef<{ x: number; y: number; at: PlateAt } | null>(null)
  const [widthMm, heightMm] = [reference.width / pixelsPerMm, reference.height / pixelsPerMm]
  const move = ({ leftMm, topMm }: PlateAt) =>
    setAt({
      leftMm: Math.min(Math.max(0, widthMm - plate.widthMm), Math.max(0, leftMm)),
      topMm: Math.min(Math.max(0, heightMm - plate.heightMm), Math.max(0, topMm)),
    })
  const drag = (event: PointerEvent) => {
    if (!held.current) return
    const box = field.current!.getBoundingClientRect()
    move({
      leftMm: held.current.at.leftMm + ((event.clientX - held.current.x) * widthMm) / box.width,
      topMm: held.current.at.topMm + ((event.clientY - held.current.y) * heightMm) / box.height,
    })
  }
  const nudge = (event: KeyboardEvent) => {
    const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key]
    if (!way) return
    event.preventDefault()
    const far = NUDGE_MM * (event.shiftKey ? 10 : 1)
    move({ leftMm: at.leftMm + way[0] * far, topMm: at.topMm + way[1] * far })
  }
  const keep = (next: PlateAt | null) => {
    setOpen(false)
    onKeep(next)
  }
  return (
    <Dialog
      title="Plate mark on the BAT"
      open={open}
      trigger={<Button look="quiet">Plate mark on the BAT</Button>}
      onOpenChange={(next) => {
        if (next) setAt(plate)
        setOpen(next)
      }}
    >
      <p className="mb-2 text-sm">
        Drag the frame onto the plate mark, or move it with the arrow keys, farther with Shift:{' '}
        {formatFine(at.leftMm, 1)} from the left, {formatFine(at.topMm, 1)} from the top.
      </p>
      <div ref={field} className="relative touch-none select-none">
        <PixelCanvas picture={reference} alt="The BAT’s sheet, straightened" />
        <button
          type="button"
          aria-label="Plate mark"
          onKeyDown={nudge}
          onPointerMove={drag}
          onPointerUp={() => (held.current = null)}
          onPointerDown={(event) => {
            event.currentTarget.setPointerCapture(event.pointerId)
            held.current = { x: event.clientX, y: event.clientY, at }
          }}
          className="absolute cursor-move border-2 border-[#9a2b00] outline-1 outline-white"
          style={{
            left: `${(100 * at.leftMm) / widthMm}%`,
            top: `${(100 * at.topMm) / heightMm}%`,
            width: `${(100 * plate.widthMm) / widthMm}%`,
            height: `${(100 * plate.heightMm) / heightMm}%`,
          }}
        />
      </div>
      <div className="mt-3 flex flex-wrap gap-2">
        <Button look="main" disabled={busy} onClick={() => keep({ leftMm: at.leftMm, topMm: at.topMm })}>
          Judge by this plate mark
        </Button>
        <Button disabled={busy} onClick={() => keep(null)}>
          Let it be found again
        </Button>
      </div>
    </Dialog>
  )
}
