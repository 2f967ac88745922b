import { uniforms } from '@/core/stats/random'
import type { PlateRelief } from './plateRelief'

/** A plate of a few hundred straight strokes, two hatched blocks and bare metal between, the same for every run of a seed (Park & Miller 1988). */
export function strokePlate(seed: number, width = 900, height = 600): PlateRelief {
  const data = new Float32Array(width * height)
  const next = uniforms(seed)
  const stroke = (x: number, y: number, dx: number, dy: number, long: number, half: number) => {
    for (let at = 0; at < long; at += 0.5) {
      const [px, py] = [x + dx * at, y + dy * at]
      for (let v = -half; v <= half; v++)
        for (let u = -half; u <= half; u++) {
          const [i, j] = [Math.round(px + u), Math.round(py + v)]
          if (i >= 0 && j >= 0 && i < width && j < height) data[j * width + i] = 1
        }
    }
  }
  for (let i = 0; i < 260; i++) {
    const turn = Math.PI * next()
    stroke(
      width * next(),
      height * next(),
      Math.cos(turn),
      Math.sin(turn),
      30 + 90 * next(),
      next() < 0.3 ? 2 : 1,
    )
  }
  for (const [left, top] of [
    [0.12, 0.55],
    [0.72, 0.12],
  ])
    for (let k = 0; k < 26; k++) stroke(left * width + 5 * k, top * height, 0.05, 1, 150, 1)
  return { width, height, data }
}
