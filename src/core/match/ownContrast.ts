import {
  checkStanding,
  toleranceOf,
  type CheckResult,
  type MatchCheck,
  type MatchTolerances,
} from './checks/matchCheck'
import type { Rgb } from './picture'
import { unsaidFor } from './pictureFlaws'
import { inTonesOf, toneTable } from './toneTable'

/** Checks a camera answers otherwise where it sets its contrast by itself [bench photographs: contrast raised in one of two]. */
const BY_CONTRAST: readonly MatchCheck[] = [
  ...(['colour', 'tone', 'lines', 'film', 'evenness'] as const),
  ...(['edges', 'sides', 'bands', 'blanks'] as const),
]

/** Tones two pictures are brought together at lie so far apart, of 255, where so much of a picture is of that tone; the lightest and darkest share is noise. */
const STEP = 16
const SEEN = 0.0005
const NOISE = 0.002

/** What share of a picture is at most as light as each tone, all its channels together: contrast is one curve for all of them. */
function sharesOf({ data }: Rgb): Float64Array {
  const shares = new Float64Array(256)
  for (const value of data) shares[value] += 1
  let below = 0
  for (let tone = 0; tone < 256; tone++) {
    below += shares[tone]
    shares[tone] = below / data.length
  }
  return shares
}

/** The tone of which so much of a picture is darker; within its step as far as the share goes. */
function toneAt(shares: Float64Array, share: number): number {
  const tone = Math.max(
    0,
    shares.findIndex((most) => most >= share),
  )
  const before = tone > 0 ? shares[tone - 1] : 0
  return tone - 0.5 + (share - before) / (shares[tone] - before)
}

/** Tones of one picture with the tones of the other that as much of it is darker than. */
function tonesInBoth(one: Float64Array, other: Float64Array): [number, number][] {
  const tones = Array.from({ length: 256 / STEP - 1 }, (_, i) => STEP * (i + 1))
  const isSeen = (tone: number) => one[tone + STEP / 2] - one[tone - STEP / 2] > SEEN
  const knots = tones.filter(isSeen).map((tone) => (one[tone] + one[tone - 1]) / 2)
  return [NOISE, ...knots.filter((share) => share > NOISE && share < 1 - NOISE), 1 - NOISE].map((share) => [
    toneAt(one, share),
    toneAt(other, share),
  ])
}

/** Two pictures of one part of one print, the one with more contrast brought to the tones of the other: what is then still apart no contrast made. */
export function inOneContrast(reference: Rgb, impression: Rgb): [reference: Rgb, impression: Rgb] {
  const [ours, theirs] = [sharesOf(reference), sharesOf(impression)]
  const range = (shares: Float64Array) => toneAt(shares, 1 - NOISE) - toneAt(shares, NOISE)
  const brought = (picture: Rgb, from: Float64Array, into: Float64Array) => {
    const table = toneTable(tonesInBoth(from, into))
    return inTonesOf(picture, [table, table, table])
  }
  return range(ours) > range(theirs)
    ? [brought(reference, ours, theirs), impression]
    : [reference, brought(impression, theirs, ours)]
}

const NONE: ReadonlySet<string> = new Set()
/** By what a shop lets pass, or by what is usual where that is less. */
const differs = (result: CheckResult, tolerances: MatchTolerances) =>
  checkStanding(
    result,
    { [result.check]: Math.min(toleranceOf(tolerances, result.check), toleranceOf({}, result.check)) },
    NONE,
  ) === 'differs'

/**
 * Checks of two photographs whose cameras may have set contrast by themselves. What differs, and matches once their contrast is made one, cannot be said: ink would
 * make it, and a camera as well. What differs all the same is told as it then comes out.
 *
 * @param inOne the same checks of the same pictures in one contrast, made only where they are needed
 * @param tolerances how far each check may stray; left out: as is usual
 */
export function unlessByContrast(
  checks: readonly CheckResult[],
  inOne: () => readonly CheckResult[],
  tolerances: MatchTolerances = {},
): { checks: CheckResult[]; isByContrast: boolean } {
  const isDoubtful = (result: CheckResult) =>
    BY_CONTRAST.includes(result.check) && differs(result, tolerances)
  if (!checks.some(isDoubtful)) return { checks: [...checks], isByContrast: false }
  const even = new Map(inOne().map((result) => [result.check, result]))
  let isByContrast = false
  const told = checks.map((result) => {
    const other = even.get(result.check)
    if (!other || !isDoubtful(result)) return result
    if (differs(other, tolerances)) return other
    isByContrast = true
    return unsaidFor(result.check, 'impression', 'own-contrast')
  })
  return { checks: told, isByContrast }
}
