import { reasonWords } from '@/core/match/words'
import { z } from 'zod'
import { matchPictures } from '@/core/match/matchPictures'
import type { Rgb } from '@/core/match/picture'
import { finite, nonNegative, positive } from '@/core/units/schemas'
import { PixelError, readPixels } from '@/data/across/pixels'
import { Refusal } from './entry'

export const file = z.string().min(1, { error: 'must be the path of a picture' })
export const matchInput = z.strictObject({
  referencePath: file,
  impressionPath: file,
  dpi: positive
    .min(20, { error: 'must be within 20 and 4800' })
    .max(4800, { error: 'must be within 20 and 4800' }),
})
export const matchOutput = z.strictObject({
  shiftMm: z.strictObject({ x: finite, y: finite }),
  rotationDeg: finite,
  scalePercent: finite,
  deltaE00: z.strictObject({ mean: nonNegative, p95: nonNegative, max: nonNegative }),
  regions: z.array(
    z.strictObject({
      kind: z.string(),
      xMm: finite,
      yMm: finite,
      widthMm: finite,
      heightMm: finite,
      deltaE00: nonNegative,
    }),
  ),
  likeness: finite,
  seconds: nonNegative,
})

/** Reads a picture. @throws Refusal naming the field */
export async function readPicture(field: string, path: string): Promise<Rgb> {
  try {
    return await readPixels(path)
  } catch (error) {
    if (error instanceof PixelError) throw new Refusal(field, error.message)
    throw error
  }
}

/** Holds the picture of an impression against that of its reference. */
export async function matchFiles({
  referencePath,
  impressionPath,
  dpi,
}: z.infer<typeof matchInput>): Promise<z.infer<typeof matchOutput>> {
  const began = performance.now()
  const [reference, impression] = await Promise.all([
    readPicture('referencePath', referencePath),
    readPicture('impressionPath', impressionPath),
  ])
  const match = matchPictures(reference, impression, dpi)
  if ('which' in match) throw new Refusal(`${match.which}Path`, reasonWords(match.reason))
  const { alignment, deltaE00, regions, likeness } = match
  const mm = 25.4 / dpi
  return {
    shiftMm: { x: alignment.shiftX * mm, y: alignment.shiftY * mm },
    rotationDeg: (alignment.rotation * 180) / Math.PI,
    scalePercent: 100 * (alignment.scale - 1),
    deltaE00,
    regions,
    likeness,
    seconds: (performance.now() - began) / 1000,
  }
}
