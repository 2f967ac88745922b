'use client'

import dynamic from 'next/dynamic'
import { useRef, useState } from 'react'
import { convertSrgbToLab } from '@/core/colour/convertSrgbToLab'
import type { Lab } from '@/core/colour/convertXyzToLab'
import { Field } from '@/ui/Field'
import { useIsShared } from '../across/device/SharedContext'

const PhonePicture = dynamic(() => import('../across/picture/PhonePicture'), { ssr: false })

/** Pixels round the spot that are averaged, so that one grain of the picture does not decide. */
const REACH = 3
/** Longest side a picture is drawn with, px. */
const LONGEST = 640
/** Step of the cross with an arrow key, px. */
const STEP = 4

/** Picks the colour of a spot in a picture. One chosen here stays in the browser; one from a phone comes by way of the workshop. */
export function PicturePick({ onPick }: { onPick: (lab: Lab) => void }) {
  const canvas = useRef<HTMLCanvasElement>(null)
  const [problem, setProblem] = useState<string>()
  const [spot, setSpot] = useState<{ x: number; y: number; width: number; height: number } | null>(null)

  const isShared = useIsShared()

  const show = async (file: Blob | undefined) => {
    if (!file || !canvas.current) return
    try {
      const picture = await createImageBitmap(file)
      const scale = Math.min(1, LONGEST / Math.max(picture.width, picture.height))
      canvas.current.width = Math.round(picture.width * scale)
      canvas.current.height = Math.round(picture.height * scale)
      canvas.current
        .getContext('2d', { willReadFrequently: true })!
        .drawImage(picture, 0, 0, canvas.current.width, canvas.current.height)
      setProblem(undefined)
      pick(canvas.current.width / 2, canvas.current.height / 2)
    } catch {
      setProblem('This is not a picture the browser can read; choose a PNG, JPEG or WebP.')
    }
  }
  const showKept = async (id: string) => {
    const kept = await fetch(`/pictures/${id}/view`).catch(() => null)
    if (kept?.ok) await show(await kept.blob())
    else setProblem('The picture came, and cannot be read here; take it again.')
  }
  const pick = (x: number, y: number) => {
    const from = canvas.current!
    const at = {
      x: Math.min(from.width - 1, Math.max(0, Math.round(x))),
      y: Math.min(from.height - 1, Math.max(0, Math.round(y))),
    }
    const { data } = from
      .getContext('2d')!
      .getImageData(Math.max(0, at.x - REACH), Math.max(0, at.y - REACH), 2 * REACH + 1, 2 * REACH + 1)
    const mean = (channel: number) => {
      let sum = 0
      let count = 0
      for (let i = channel; i < data.length; i += 4)
        if (data[i - channel + 3] > 0) {
          sum += data[i]
          count += 1
        }
      return count > 0 ? sum / count / 255 : 1
    }
    setSpot({ ...at, width: from.width, height: from.height })
    onPick(convertSrgbToLab(mean(0), mean(1), mean(2)))
  }
  const nudge = (event: React.KeyboardEvent) => {
    const by = { ArrowLeft: [-STEP, 0], ArrowRight: [STEP, 0], ArrowUp: [0, -STEP], ArrowDown: [0, STEP] }[
      event.key
    ]
    if (!by || !spot) return
    event.preventDefault()
    pick(spot.x + by[0], spot.y + by[1])
  }
  return (
    <div className="grid gap-2">
      <Field
        label="A picture"
        problem={problem}
        hint="Its colours are taken as a screen’s; a photograph is no measurement."
      >
        {(ids) => (
          <input
            {...ids}
            type="file"
            accept="image/png,image/jpeg,image/webp"
            onChange={(event) => void show(event.target.files?.[0])}
          />
        )}
      </Field>
      {isShared && (
        <PhonePicture
          label="A picture to pick a colour from"
          disabled={false}
          onPicture={({ id }) => showKept(id)}
        />
      )}
      <div className="relative w-fit">
        <canvas
          ref={canvas}
          width={0}
          height={0}
          tabIndex={spot ? 0 : -1}
          role="img"
          aria-label="Picture to pick a spot from: click, or move the cross with the arrow keys"
          className="max-w-full cursor-crosshair"
          onKeyDown={nudge}
          onClick={(event) => {
            const box = event.currentTarget.getBoundingClientRect()
            pick(
              ((event.clientX - box.left) * event.currentTarget.width) / box.width,
              ((event.clientY - box.top) * event.currentTarget.height) / box.height,
            )
          }}
        />
        {spot && (
          <span
            aria-hidden
            className="pointer-events-none absolute size-5 -translate-1/2 border-2 border-white outline-2 outline-black"
            style={{ left: `${(100 * spot.x) / spot.width}%`, top: `${(100 * spot.y) / spot.height}%` }}
          />
        )}
      </div>
    </div>
  )
}
