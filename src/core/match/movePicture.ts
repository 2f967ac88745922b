import type { Rgb } from './picture'
import type { Similarity } from './similarity'

/** Samples a pixel, along each side, when a picture is moved. */
const SAMPLES = 4

/**
 * A picture as it would lie when it is shifted, turned and scaled about its middle, in the same frame: every pixel the mean of 4 × 4
 * bilinear samples; what comes from beyond the border is the border's own colour.
 */
export function movePicture(
  { width, height, data }: Rgb,
  { shiftX, shiftY, rotation, scale }: Similarity,
): Rgb {
  const out = new Uint8Array(3 * width * height)
  const cos = Math.cos(rotation) / scale
  const sin = Math.sin(rotation) / scale
  const times = 1 / SAMPLES ** 2
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      let r = 0
      let g = 0
      let b = 0
      for (let v = 0; v < SAMPLES; v++) {
        for (let u = 0; u < SAMPLES; u++) {
          const dx = x + (u + 0.5) / SAMPLES - width / 2 - shiftX
          const dy = y + (v + 0.5) / SAMPLES - height / 2 - shiftY
          const px = Math.min(width - 1.001, Math.max(0, width / 2 + cos * dx + sin * dy - 0.5))
          const py = Math.min(height - 1.001, Math.max(0, height / 2 - sin * dx + cos * dy - 0.5))
          const i = Math.floor(px)
          const j = Math.floor(py)
          const fx = px - i
          const fy = py - j
          const k = 3 * (j * width + i)
          const below = k + 3 * width
          r +=
            (data[k] * (1 - fx) + data[k + 3] * fx) * (1 - fy) +
            (data[below] * (1 - fx) + data[below + 3] * fx) * fy
          g +=
            (data[k + 1] * (1 - fx) + data[k + 4] * fx) * (1 - fy) +
            (data[below + 1] * (1 - fx) + data[below + 4] * fx) * fy
          b +=
            (data[k + 2] * (1 - fx) + data[k + 5] * fx) * (1 - fy) +
            (data[below + 2] * (1 - fx) + data[below + 5] * fx) * fy
        }
      }
      const to = 3 * (y * width + x)
      out[to] = r * times + 0.5
      out[to + 1] = g * times + 0.5
      out[to + 2] = b * times + 0.5
    }
  }
  return { width, height, data: out }
}
