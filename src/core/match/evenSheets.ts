import { evenLight, type PaperWhite } from './evenLight'
import type { Box } from './findPlate'
import type { Which } from './flawTable'
import { cornersOf, homographyOf, mapSpot, type Corners } from './homography'
import type { Rgb } from './picture'
import type { FoundStrip } from './strip/findStrip'
import { frameSpread } from './strip/frameSpread'
import { contrastOf, stripHindrance, stripTones, toneTables, type SeenStrip } from './strip/stripTones'
import type { StripUse } from './strip/stripUse'
import { inTonesOf } from './toneTable'

/** A sheet that was straightened: its picture, where it lies in that and what is seen of it, px, and the grey strip beside it, if there is one. */
interface Straightened {
  taken: Rgb
  upright: Rgb
  corners: Corners
  seen: Box
  strip: FoundStrip | null
}
type Even = ReturnType<typeof evenLight>

/** How a strip looks beside its sheet; null: there is none, or no paper to say it by. */
function seenStrip({ strip, corners }: Straightened, { paperAt, picture, white }: Even): SeenStrip | null {
  const toSheet = homographyOf(corners, cornersOf(picture.width, picture.height))
  if (!strip || !paperAt || !white || !toSheet) return null
  return { tones: stripTones(strip, (at) => paperAt(mapSpot(toSheet, at))), paper: white }
}

const BOTH = ['reference', 'impression'] as const
const NO_SPREAD = { reference: null, impression: null }

/** What lies beside both sheets brings the tones of the device with more contrast to the other's; null: it does not. */
function byStrip(
  sheets: Record<Which, Straightened>,
  even: Record<Which, Even>,
): {
  strip: Omit<StripUse, 'seenBeside'>
  brought: { which: Which; picture: Rgb; paper: PaperWhite } | null
} {
  const [reference, impression] = BOTH.map((which) => seenStrip(sheets[which], even[which]))
  const hindrance = reference && impression ? stripHindrance(reference.tones, impression.tones) : 'no-paper'
  if (!reference || !impression || hindrance)
    return { strip: { hindrance, spreadMm: NO_SPREAD }, brought: null }
  const which = contrastOf(reference) > contrastOf(impression) ? 'reference' : 'impression'
  const [from, into] = which === 'reference' ? [reference, impression] : [impression, reference]
  const tables = toneTables(from, into)
  const spreadOf = (of: Which) => {
    const { strip, taken } = sheets[of]
    return strip && frameSpread(taken, strip, of === which ? tables[1] : undefined)
  }
  return {
    strip: { hindrance, spreadMm: { reference: spreadOf('reference'), impression: spreadOf('impression') } },
    brought: { which, picture: inTonesOf(even[which].picture, tables), paper: into.paper },
  }
}

/**
 * Evens the light of two sheets by their margins and brings the impression's paper to the reference's; where a grey strip lies beside both,
 * all tones of one to the other's.
 *
 * @param plate where it is wanted on the upright sheets, px
 * @returns with it what the paper of both looks like now; null: nobody knows
 */
export function evenSheets(
  sheets: Record<Which, Straightened>,
  plate: Box,
  pixelsPerMm: number,
): { ours: Even; theirs: Even; paper: PaperWhite | null; strip: StripUse } {
  const evened = (which: Which, white: PaperWhite | null) =>
    evenLight(sheets[which].upright, plate, pixelsPerMm, white, sheets[which].seen)
  const ours = evened('reference', null)
  const seenBeside = BOTH.filter((which) => sheets[which].strip !== null)
  const asPaper = () => ({ ours, theirs: evened('impression', ours.white), paper: ours.white })
  if (seenBeside.length < 2)
    return { ...asPaper(), strip: { seenBeside, hindrance: null, spreadMm: NO_SPREAD } }
  const even = { reference: ours, impression: evened('impression', null) }
  const { strip, brought } = byStrip(sheets, even)
  if (!brought) return { ...asPaper(), strip: { seenBeside, ...strip } }
  const { which, picture, paper } = brought
  const [reference, impression] = BOTH.map((of) => (of === which ? { ...even[of], picture } : even[of]))
  return { ours: reference, theirs: impression, paper, strip: { seenBeside, ...strip } }
}
