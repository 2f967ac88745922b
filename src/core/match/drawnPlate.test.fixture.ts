import { uniforms } from '../stats/random'
import sharp from 'sharp'
import type { Rgb } from './picture'

/** Plates for tests, each by its seed: a few hundred strokes on grey, the same every time (Park & Miller 1988). */
export function drawPlate(seed: number): Promise<Buffer> {
  const next = uniforms(seed)
  const strokes = Array.from({ length: 340 }, () => {
    const [x, y, long, turn] = [600 * next(), 800 * next(), 20 + 120 * next(), Math.PI * next()]
    return `<path d="M${x.toFixed(1)} ${y.toFixed(1)}l${(long * Math.cos(turn)).toFixed(1)} ${(long * Math.sin(turn)).toFixed(1)}" stroke-width="${(0.8 + 3 * next()).toFixed(1)}"/>`
  })
  return sharp(
    Buffer.from(
      `<svg xmlns="http://www.w3.org/2000/svg" width="600" height="800" viewBox="0 0 600 800"><rect width="600" height="800" fill="#b8b2a6"/><g stroke="#1c1b1a" fill="none" stroke-linecap="round">${strokes.join('')}</g></svg>`,
    ),
  )
    .png()
    .toBuffer()
}

/** A picture as the core takes it. */
export async function readPicture(picture: Buffer): Promise<Rgb> {
  const { data, info } = await sharp(picture).removeAlpha().raw().toBuffer({ resolveWithObject: true })
  return { width: info.width, height: info.height, data }
}
