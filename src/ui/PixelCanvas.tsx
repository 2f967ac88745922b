'use client'

import { useEffect, useRef, type CSSProperties } from 'react'

/** Draws a picture of three bytes a pixel in its own size, as wide as there is room. */
export function PixelCanvas({
  picture,
  alt,
  style,
}: {
  picture: { width: number; height: number; data: Uint8Array | Uint8ClampedArray }
  alt: string
  style?: CSSProperties
}) {
  const canvas = useRef<HTMLCanvasElement>(null)
  useEffect(() => {
    const context = canvas.current?.getContext('2d')
    if (!context) return
    const image = context.createImageData(picture.width, picture.height)
    for (let i = 0, k = 0; i < image.data.length; i += 4, k += 3) {
      image.data[i] = picture.data[k]
      image.data[i + 1] = picture.data[k + 1]
      image.data[i + 2] = picture.data[k + 2]
      image.data[i + 3] = 255
    }
    context.putImageData(image, 0, 0)
  }, [picture])
  return (
    <canvas
      ref={canvas}
      width={picture.width}
      height={picture.height}
      role="img"
      aria-label={alt}
      className="block w-full"
      style={style}
    />
  )
}
