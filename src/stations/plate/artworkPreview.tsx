'use client'

import { useEffect, useRef, useState } from 'react'
import type { Crop } from '@/core/plate/artwork'
import { invertGreys, mirrorGreys, type GreyPicture } from '@/core/plate/halftone'

/** Longest side of a preview, px: enough to see dots, quick enough to follow the hand. */
const PREVIEW_PX = 420

/** The whole picture in greys at preview size. */
export function usePreview(imageId: string): GreyPicture | null {
  const [grey, setGrey] = useState<GreyPicture | null>(null)
  useEffect(() => {
    const picture = new Image()
    picture.onload = () => {
      const canvas = document.createElement('canvas')
      canvas.width = picture.naturalWidth
      canvas.height = picture.naturalHeight
      const context = canvas.getContext('2d', { willReadFrequently: true })!
      context.drawImage(picture, 0, 0)
      const { data } = context.getImageData(0, 0, canvas.width, canvas.height)
      const greys = new Uint8Array(canvas.width * canvas.height)
      // Luma of sRGB values by the weights of ITU-R BT.709.
      for (let i = 0; i < greys.length; i++)
        greys[i] = Math.round(0.2126 * data[4 * i] + 0.7152 * data[4 * i + 1] + 0.0722 * data[4 * i + 2])
      setGrey({ widthPx: canvas.width, heightPx: canvas.height, greys })
    }
    picture.src = `/pictures/${imageId}/view`
    return () => {
      picture.onload = null
    }
  }, [imageId])
  return grey
}

/** How large a preview of a plate is, px. */
export function previewSize(plate: { widthMm: number; heightMm: number }): {
  widthPx: number
  heightPx: number
} {
  const scale = PREVIEW_PX / Math.max(plate.widthMm, plate.heightMm)
  return {
    widthPx: Math.max(1, Math.round(plate.widthMm * scale)),
    heightPx: Math.max(1, Math.round(plate.heightMm * scale)),
  }
}

/** The crop as a picture of its own, nearest pixels, at most PREVIEW_PX long. */
export function cropped(
  { widthPx, heightPx, greys }: GreyPicture,
  crop: Crop,
  plate: { widthMm: number; heightMm: number },
): GreyPicture {
  const { widthPx: width, heightPx: height } = previewSize(plate)
  const out = new Uint8Array(width * height)
  for (let y = 0; y < height; y++) {
    const from =
      Math.min(heightPx - 1, Math.floor((crop.top + (crop.height * (y + 0.5)) / height) * heightPx)) * widthPx
    for (let x = 0; x < width; x++)
      out[y * width + x] =
        greys[
          from + Math.min(widthPx - 1, Math.floor((crop.left + (crop.width * (x + 0.5)) / width) * widthPx))
        ]
  }
  return { widthPx: width, heightPx: height, greys: out }
}

/** A picture in greys on the screen, with its name beneath; its place is kept while it is being read. */
export function GreyCanvas({
  picture,
  size,
  title,
  label,
}: {
  picture: GreyPicture | null
  size: { widthPx: number; heightPx: number }
  title: string
  label: string
}) {
  const canvas = useRef<HTMLCanvasElement>(null)
  useEffect(() => {
    if (!picture) return
    const context = canvas.current!.getContext('2d')!
    const data = context.createImageData(picture.widthPx, picture.heightPx)
    for (let i = 0; i < picture.greys.length; i++) {
      data.data[4 * i] = data.data[4 * i + 1] = data.data[4 * i + 2] = picture.greys[i]
      data.data[4 * i + 3] = 255
    }
    context.putImageData(data, 0, 0)
  }, [picture])
  return (
    <figure className="min-w-0">
      <canvas
        ref={canvas}
        width={size.widthPx}
        height={size.heightPx}
        role="img"
        aria-label={picture ? label : 'the picture is being read'}
        className="max-h-[44dvh] max-w-full border border-line"
      />
      <figcaption className="mt-1 text-sm">
        <b>{title}</b> <span className="text-muted">{label}</span>
      </figcaption>
    </figure>
  )
}

/** A copy of a picture, turned left for right and black for white as said. */
export function turned(picture: GreyPicture, turn: { mirrored: boolean; inverted: boolean }): GreyPicture {
  const greys = Uint8Array.from(picture.greys)
  if (turn.inverted) invertGreys(greys)
  if (turn.mirrored) mirrorGreys(greys, picture.widthPx)
  return { ...picture, greys }
}
