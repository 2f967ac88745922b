import { median } from '../../stats/median'
import type { PaperWhite } from '../evenLight'
import type { Spot } from '../homography'
import { toneTable, type ToneTables } from '../toneTable'
import type { FoundStrip, Rgb3 } from './findStrip'

const CHANNELS = [0, 1, 2] as const
/** What is as light, of 255, is as light as a picture goes. */
const CLIPPED = 252
/** The strip's field against the sheet's paper is one figure, whatever the light: where two pictures are apart by such a share, another light lies on one strip than on its sheet. */
const OTHER_LIGHT = 0.08
/** What the grey strip looks like beside a sheet. */
export interface StripTones {
  /** each patch against the field beside it, from pale to black */
  shares: readonly Rgb3[]
  /** its field against the sheet's paper, in one light */
  overPaper: Rgb3
  isClipped: boolean
}

/** What a strip looks like where light falls off over the picture. @param paperAt what the sheet's paper would look like at a place of the picture */
export function stripTones({ readings }: FoundStrip, paperAt: (at: Spot) => PaperWhite): StripTones {
  const each = (of: (channel: 0 | 1 | 2) => number) => CHANNELS.map(of) as unknown as Rgb3
  return {
    shares: readings.map(({ patch, field }) => each((c) => patch[c] / Math.max(1, field[c]))),
    overPaper: each((c) => median(readings.map(({ field, at }) => field[c] / Math.max(1, paperAt(at)[c])))),
    isClipped: Math.max(...readings[0].patch) >= CLIPPED,
  }
}

/** What keeps two strips from being held against one another: one is as light as a picture goes, or lies in another light than its sheet, or there is no paper to say that by. */
export type StripHindrance = 'too-light' | 'other-light' | 'no-paper'

/** Why tones cannot be brought together by two strips; null: they can. */
export function stripHindrance(reference: StripTones, impression: StripTones): StripHindrance | null {
  if (reference.isClipped || impression.isClipped) return 'too-light'
  const apart = CHANNELS.map((c) => Math.abs(Math.log(reference.overPaper[c] / impression.overPaper[c])))
  return Math.max(...apart) > OTHER_LIGHT ? 'other-light' : null
}

/** The strip in a picture, and what the sheet's paper looks like in it, in even light. */
export interface SeenStrip {
  tones: StripTones
  paper: PaperWhite
}

/** Patches between which middle tones lie, from the left. */
const MIDDLE_TONES = [1, 6] as const

/** How far apart a device shows middle tones, of 255: more where it raises contrast. */
export function contrastOf({ tones: { shares, overPaper }, paper }: SeenStrip): number {
  const [pale, dark] = MIDDLE_TONES.map((patch) => shares[patch][1])
  return (pale - dark) * overPaper[1] * paper[1]
}

/** How one device's tones go over into another's: a smooth curve a channel through the patches of one strip in both pictures. Paper goes over into paper. */
export function toneTables(from: SeenStrip, into: SeenStrip): ToneTables {
  return CHANNELS.map((c) => {
    const tonesOf = ({ tones: { shares, overPaper }, paper }: SeenStrip) => {
      const field = overPaper[c] * paper[c]
      return [paper[c], field, ...shares.map((share) => share[c] * field)]
    }
    const to = tonesOf(into)
    return toneTable(tonesOf(from).map((tone, i) => [tone, to[i]]))
  })
}
