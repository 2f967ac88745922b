import { convertSrgbToLab } from '../colour/convertSrgbToLab'
import type { CheckResult, MatchCheck } from './checks/matchCheck'
import { flawBetween, flawOfEdges, isSlanted, type EdgesFound } from './edgeFlaws'
import type { PaperWhite } from './evenLight'
import { PICTURE_FLAWS, type PictureFlaw, type PictureFlaws, type Which } from './flawTable'
import type { PaperRound } from './paperRound'
import type { ColourProfile } from './picture'
import type { Scan } from './scan'

/** An edge that is blurred by so much more than that of the other picture [bench photographs: a blur of a third of a millimetre, by its standard deviation]. */
const BLURRED_MM = 0.45
/** Share of the paper that may be as light as a picture goes. */
const CLIPPED = 0.05
/** Share of the plate that may be as dark as a picture goes. */
const CLIPPED_DARK = 0.02
/** Paper may be dark by itself; darker than this, or by such a share darker than in the other picture, it is the picture that is. */
const DARK = 90
const DARKER = 0.75
/** What levelling left of uneven light, as a share; paper alone strays by a tenth of that. */
const UNEVEN = 0.02
/** Lighter than its paper by such a share nothing is but what shines; paper alone strays by a fifth of that. */
const SHINING = 0.02

/** What the paper says is wrong with a picture. @param taken as it came @param levelled with its light evened @param other of the other picture, as it came */
export function flawsOfPaper(
  taken: PaperRound | null,
  levelled: PaperRound | null,
  other: PaperRound | null,
): PictureFlaw[] {
  return [
    ...(taken && taken.clipped > CLIPPED ? (['clipped'] as const) : []),
    ...(taken && taken.light < Math.max(DARK, DARKER * (other?.light ?? 0)) ? (['dark'] as const) : []),
    ...(levelled && (levelled.uneven > UNEVEN || levelled.lighter > SHINING)
      ? (['uneven-light'] as const)
      : []),
  ]
}

/** Whites of two papers that are so far apart in a* and b* were seen in light of two colours, or are two papers. */
const OTHER_LIGHT = 8

/** How far the whites of two pictures are apart in a* and b*, both brought to one lightness. */
function lightsApart(one: PaperWhite, other: PaperWhite): number {
  const [p, q] = [one, other].map(([r, g, b]) => convertSrgbToLab((0.8 * r) / g, 0.8, (0.8 * b) / g))
  return Math.hypot(p.a - q.a, p.b - q.b)
}

/** How closely one picture was laid over another: how much larger it had to be made, and how far its drawing is out of shape, mm. */
export interface LaidOver {
  scale: number
  stretch: number
  bentMm: number
}
/** Paper grows by less than this as it is damped, and bends by less as it is lifted; more is a frame that is not the sheet's. */
const GROWTH = { share: 0.02, bentMm: 0.5 }
/** Seen at a slant, a sheet of which three sides are seen is taken for so much longer or shorter, and askew, than it is: smooth enough to be followed [bench photographs]. */
const GUESSED = { share: 0.06, bentMm: 1 }
const isLaidOver = ({ scale, stretch, bentMm }: LaidOver, most: typeof GROWTH): boolean =>
  Math.abs(scale - 1) <= most.share && Math.abs(stretch) <= most.share && bentMm <= most.bentMm

/** What was seen of a picture: its edges, its paper's white, and the paper as it was taken and after its light was evened. */
export interface PictureLook {
  /** how it was taken, where somebody said so */
  taken: Scan['taken'] | null
  /** with which device, and whether in a scale of its own, where its file says so */
  device: string | null
  isScaled: boolean
  /** the colour profile its file carries; null: none, and its colours were taken for sRGB's */
  profile: ColourProfile | null
  edges: EdgesFound | null
  white: PaperWhite | null
  paper: PaperRound | null
  levelled: PaperRound | null
  /** whether the plate prints over an edge of the sheet */
  isBled: boolean
  /** how finely it shows the sheet, as it came */
  pixelsPerMm: number
  /** whether it is grey, whether it has black and white alone, and the share of the plate that is as dark as it goes */
  tones: { isGrey: boolean; isTwoTone: boolean; darkest: number }
}

/** Fewer pixels to a millimetre show no line of a print, which are a few tenths wide [common practice, no source]. */
const COARSE = 2.5

/** What the tones of a picture keep from being told. */
function flawOfTones(own: PictureLook['tones'], other: PictureLook['tones']): PictureFlaw[] {
  if (own.isTwoTone) return ['two-tones']
  return [
    ...(own.darkest > CLIPPED_DARK ? (['clipped-dark'] as const) : []),
    ...(own.isGrey ? [other.isGrey ? ('grey' as const) : ('grey-beside-colour' as const)] : []),
  ]
}

/**
 * Whether a picture is a camera's: as somebody said, else by the slant of its sheet; null: nobody knows. What is said to be a scanner's and is no scanner's, by a far slant and
 * a file without a scale, is a camera's all the same.
 */
export function isOfCamera({ taken, edges, isScaled }: PictureLook): boolean | null {
  if (taken === 'scanner' && !isScaled && edges && edges.sides !== 'three' && isSlanted(edges, 'far'))
    return true
  if (taken) return taken === 'camera'
  return edges && edges.sides !== 'three' ? isSlanted(edges) : null
}

/** Whether two pictures came from two devices, which see tones differently: a camera and a scanner, or two their files name otherwise. */
function isOtherDevice(reference: PictureLook, impression: PictureLook): boolean {
  const [ours, theirs] = [isOfCamera(reference), isOfCamera(impression)]
  if (ours !== null && theirs !== null && ours !== theirs) return true
  return reference.device !== null && impression.device !== null && reference.device !== impression.device
}

/** Whether a picture's colours are taken for sRGB's only because its file has no profile, and those of the other picture are not: it may have lost its own. Our model's are known. */
const isProfileLost = (own: PictureLook, other: PictureLook): boolean =>
  own.profile === null && own.taken !== 'model' && other.profile?.changesColours === true

/** What is said of a picture beside another device's, by what a grey strip tells of the ink. */
const OTHER_DEVICE = {
  grey: 'by-strip',
  coloured: 'coloured-by-strip',
  unknown: 'other-device',
} as const satisfies Record<string, PictureFlaw>

/** What is wrong with the picture of a sheet that is printed to its edges, or over so much of it that no light can be told by the rest. */
const flawsOfBleeding = (look: PictureLook): PictureFlaw[] => [
  ...(look.white === null ? (['no-paper'] as const) : []),
  ...(look.isBled && isOfCamera(look) !== false ? (['bleeds'] as const) : []),
]

/** Whether one sheet's edges are blurred beside the other's; spreads of independent causes add by their squares. */
const isBlurred = (one: EdgesFound | null, other: EdgesFound | null): boolean =>
  one?.spreadMm != null &&
  other?.spreadMm != null &&
  one.spreadMm ** 2 - other.spreadMm ** 2 > BLURRED_MM ** 2

/**
 * What is wrong with each of two pictures that are held against one another.
 *
 * @param softer which is the softer, if one is @param ink that is compared by a grey strip beside both sheets; null: there is none @param isPlateSure whether the reference shows where its plate ends, or a person said so
 */
export function flawsOf(
  look: Record<Which, PictureLook>,
  sheet: { widthMm: number; heightMm: number },
  laid: LaidOver,
  softer: { picture: Which; isTooSoft: boolean } | null,
  ink: 'grey' | 'coloured' | null = null,
  isPlateSure = true,
): PictureFlaws {
  const { reference, impression } = look
  const between = flawBetween(look)
  const isOfTwo = isOtherDevice(reference, impression)
  const own = (which: Which): PictureFlaw[] => {
    const { edges, white, paper, levelled, tones, pixelsPerMm } = look[which]
    const other = look[which === 'reference' ? 'impression' : 'reference']
    const ofEdges = flawOfEdges(edges, sheet)
    const isByFrame = ofEdges === 'edges-unseen' || ofEdges === 'another-shape' || Boolean(edges?.sides)
    const isSoft = softer?.picture === which && (softer.isTooSoft || isBlurred(edges, other.edges))
    return [
      ...(ofEdges ? [ofEdges] : []),
      // Of a sheet that is printed to its edges, a frame that is not its own takes in what lies round it.
      ...(isByFrame && (white === null || !isLaidOver(laid, edges?.sides === 'three' ? GUESSED : GROWTH))
        ? (['not-laid-over'] as const)
        : []),
      ...flawsOfBleeding(look[which]),
      ...flawsOfPaper(paper, levelled, other.paper),
      ...flawOfTones(tones, other.tones),
      ...(!isOfTwo && isProfileLost(look[which], other) ? (['no-profile'] as const) : []),
      ...(pixelsPerMm < COARSE ? (['coarse'] as const) : []),
      ...(isSoft ? (['soft'] as const) : []),
      ...(between?.[0] === which ? [between[1]] : []),
    ]
  }
  const isOtherLight =
    reference.white !== null &&
    impression.white !== null &&
    lightsApart(reference.white, impression.white) > OTHER_LIGHT
  return {
    reference: [...own('reference'), ...(isPlateSure ? [] : (['plate-unsure'] as const))],
    impression: [
      ...own('impression'),
      ...(isOtherLight ? (['other-light'] as const) : []),
      ...(isOfTwo ? [OTHER_DEVICE[ink ?? 'unknown']] : []),
    ],
  }
}

/** Whether two pictures bear every check. */
export const isBorne = ({ reference, impression }: PictureFlaws): boolean =>
  reference.length + impression.length === 0

/** Whether both pictures bear a check. */
export const isCheckBorne = (check: MatchCheck, { reference, impression }: PictureFlaws): boolean =>
  [...reference, ...impression].every(
    (flaw) => !(PICTURE_FLAWS[flaw].spoils as readonly MatchCheck[]).includes(check),
  )

/** The first flaw of the two pictures that spoils a check, and of which it is. */
function spoiling(check: MatchCheck, flaws: PictureFlaws): readonly [Which, PictureFlaw] | null {
  for (const which of ['impression', 'reference'] as const) {
    const flaw = flaws[which].find((one) =>
      (PICTURE_FLAWS[one].spoils as readonly MatchCheck[]).includes(check),
    )
    if (flaw) return [which, flaw]
  }
  return null
}

/** A check as it came out, or, where a picture cannot bear it, that it cannot be said, and why. */
export function unlessSpoiled(result: CheckResult, flaws: PictureFlaws): CheckResult {
  const spoilt = spoiling(result.check, flaws)
  if (!spoilt) return result
  return unsaidFor(result.check, ...spoilt)
}

/** That a check cannot be said, and why. */
export function unsaidFor(check: MatchCheck, which: Which, flaw: PictureFlaw): CheckResult {
  const { says, cure } = PICTURE_FLAWS[flaw]
  return {
    check,
    value: null,
    spoiledBy: `${which} ${flaw}`,
    words: `In the picture of the ${which === 'reference' ? 'BAT' : 'impression'}, ${says}. ${cure}`,
    places: [],
  }
}
