import { readFile } from 'node:fs/promises'
import { z } from 'zod'
import { matchTolerancesSchema } from '@/core/match/checks/matchCheck'
import type { Corners } from '@/core/match/homography'
import { matchImpression } from '@/core/match/matchImpression'
import { reportMatch } from '@/core/match/matchReport'
import type { MatchSide } from '@/core/match/straightSheets'
import { reasonWords } from '@/core/match/words'
import { finite, label, nonNegative, positive } from '@/core/units/schemas'
import { readPictureSource } from '@/data/across/pictureSource'
import { file, readPicture } from './matchFiles'

const side = positive.max(3000, { error: 'must be at most 3000 mm' })
const point = z.tuple([finite, finite])
const corners = z.tuple([point, point, point, point], { error: 'expected 4 corners, each [x, y] in pixels' })

/** Two pictures of whole sheets, and where the plate lies on them as the print's face shows it. */
export const matchCheckInput = z
  .strictObject({
    referencePath: file,
    impressionPath: file,
    sheet: z.strictObject({ widthMm: side, heightMm: side }),
    plate: z.strictObject({ leftMm: nonNegative, topMm: nonNegative, widthMm: side, heightMm: side }),
    zones: z
      .array(
        z.strictObject({
          name: label,
          outline: z.array(point).min(3, { error: 'expected at least 3 points' }).max(2000),
        }),
      )
      .max(60, { error: 'expected at most 60 zones' })
      .default([]),
    referenceCorners: corners.optional(),
    impressionCorners: corners.optional(),
    tolerances: matchTolerancesSchema.default({}),
  })
  .superRefine(({ sheet, plate }, context) => {
    for (const [at, from, long] of [
      ['widthMm', plate.leftMm, sheet.widthMm],
      ['heightMm', plate.topMm, sheet.heightMm],
    ] as const)
      if (from + plate[at] > long)
        context.addIssue({ code: 'custom', path: ['plate', at], message: 'reaches beyond the sheet' })
  })

const standing = z.enum(['matches', 'differs', 'cannot-say'])
const across = z.strictObject({ x: finite, y: finite }).nullable()
const told = z.strictObject({ edgesSeen: z.boolean(), notes: z.array(z.string()) })

export const matchCheckOutput = z.strictObject({
  refused: z.strictObject({ which: z.enum(['reference', 'impression']), reason: z.string() }).nullable(),
  pictures: z.strictObject({ reference: told, impression: told }),
  verdict: standing,
  registerMm: across,
  rotationDeg: finite.nullable(),
  stretchPercent: across,
  checks: z.array(
    z.strictObject({
      check: z.string(),
      standing,
      value: finite.nullable(),
      unit: z.string(),
      words: z.string(),
      places: z.array(z.strictObject({ xMm: finite, yMm: finite, widthMm: finite, heightMm: finite })),
      causes: z.array(z.string()),
    }),
  ),
  seconds: nonNegative,
})

/** One of the two pictures, and what its file says of the device it came from. @throws Refusal naming the field */
async function readSide(
  field: string,
  path: string,
  set: z.infer<typeof corners> | undefined,
): Promise<MatchSide> {
  const picture = await readPicture(field, path)
  const { device, isCamera } = await readPictureSource(await readFile(path))
  return { picture, corners: (set as Corners | undefined) ?? null, device, taken: isCamera ? 'camera' : null }
}

const UNSEEN = { edgesSeen: false, notes: [] }

/** Holds the picture of an impression against that of its reference, check by check. A print of another plate, or a picture that cannot be used, is a refusal. */
export async function matchCheckFiles({
  referencePath,
  impressionPath,
  sheet,
  plate,
  zones,
  referenceCorners,
  impressionCorners,
  tolerances,
}: z.infer<typeof matchCheckInput>): Promise<z.infer<typeof matchCheckOutput>> {
  const began = performance.now()
  const [reference, impression] = await Promise.all([
    readSide('referencePath', referencePath, referenceCorners),
    readSide('impressionPath', impressionPath, impressionCorners),
  ])
  const match = matchImpression({
    reference,
    impression,
    sheet,
    plate,
    zones,
    tolerances,
  })
  const seconds = (performance.now() - began) / 1000
  if ('which' in match)
    return {
      refused: { which: match.which, reason: reasonWords(match.reason) },
      pictures: { reference: UNSEEN, impression: UNSEEN },
      verdict: 'cannot-say',
      registerMm: null,
      rotationDeg: null,
      stretchPercent: null,
      checks: [],
      seconds,
    }
  return { refused: null, ...reportMatch(match, tolerances), seconds }
}
