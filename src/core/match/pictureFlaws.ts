import { convertSrgbToLab } from '../colour/convertSrgbToLab'
import type { CheckResult, MatchCheck } from './checks/matchCheck'
import type { PaperWhite } from './evenLight'
import type { Corners } from './homography'
import type { Lens } from './lens'
import type { PaperRound } from './paperRound'
import type { SeenSides } from './partOfSheet'
import type { Scan } from './scan'

/** Checks that go by how dark paper and ink are. */
const BY_INK: readonly MatchCheck[] = [
  'colour',
  'tone',
  'lines',
  'film',
  'evenness',
  'edges',
  'sides',
  'bands',
  'blanks',
  'marks',
  'chine',
]
const BY_SHEET: readonly MatchCheck[] = ['register', 'turn', 'stretch']
/** Checks that go by single places, which must lie over one another. */
const BY_PLACE: readonly MatchCheck[] = ['lines', 'breaks', 'state', 'edges', 'bands', 'blanks', 'marks']

/** What a picture can have that keeps checks from being made: which, what is said of the picture, and what to do. */
export const PICTURE_FLAWS = {
  'edges-unseen': {
    spoils: BY_SHEET,
    says: 'the sheet’s edges are not seen',
    cure: 'Set its corners by hand, or take the whole sheet again on something darker than its paper.',
  },
  'edges-bowed': {
    spoils: [...BY_SHEET, ...BY_PLACE],
    says: 'the sheet’s edges are bowed, by the lens or because it does not lie flat',
    cure: 'Lay it flat and take it again from farther off, or scan it.',
  },
  'another-shape': {
    spoils: BY_SHEET,
    says: 'what was found as the sheet has not its shape',
    cure: 'Set its corners by hand, or take the whole sheet again on something darker than its paper.',
  },
  ragged: {
    spoils: [...BY_SHEET, 'lines', 'edges'],
    says: 'the sheet’s edges are ragged, as a deckle is, so that where they lie is not known to a tenth of a millimetre',
    cure: 'To compare where the plate lies, set the corners of both by hand.',
  },
  'bent-lens': {
    spoils: ['stretch'],
    says: 'its lens bends what is straight, which is taken out but for a few tenths of a percent',
    cure: 'To compare sizes, take it from farther off, or scan it.',
  },
  'cut-off': {
    // Where the plate ends is known as closely as the fourth side is guessed, and soft tones are followed no closer.
    spoils: [...BY_SHEET, 'edges', 'bands', 'sides', 'tone', 'evenness'],
    says: 'the sheet is cut off at one side',
    cure: 'Take the whole sheet, with something darker all round it.',
  },
  'no-corner': {
    spoils: ['register', 'turn'],
    says: 'the sheet is cut, and no corner of it is seen',
    cure: 'Lay it so that one corner, the same each time, lies on the glass with the plate.',
  },
  'other-corner': {
    spoils: ['register', 'turn'],
    says: 'another corner of the sheet is seen than in the other picture',
    cure: 'Lay the same corner on the glass each time.',
  },
  'part-beside-whole': {
    spoils: BY_SHEET,
    says: 'a part of the sheet is seen, and in the other picture the whole',
    cure: 'Take both the same way.',
  },
  'not-laid-over': {
    spoils: [...BY_INK, 'breaks', 'state'],
    says: 'without all edges of the sheet it could not be laid over the other closely',
    cure: 'Set its corners by hand.',
  },
  clipped: {
    spoils: BY_INK,
    says: 'the paper is as light as a picture goes, and pale tones are lost in it',
    cure: 'Take it again darker.',
  },
  'clipped-dark': {
    spoils: ['colour', 'tone', 'lines', 'evenness', 'sides', 'bands'],
    says: 'its ink is as dark as a picture goes, and how much ink lies there is lost in it',
    cure: 'Take it again lighter, and switch off what raises contrast by itself.',
  },
  dark: {
    spoils: BY_INK,
    says: 'it is so dark that dark tones run into one another',
    cure: 'Take it again in more light.',
  },
  'uneven-light': {
    spoils: [...BY_INK, 'breaks', 'state'],
    says: 'a shadow or a reflection lies over it that could not be levelled',
    cure: 'Take it again away from lamps and hands, in even light.',
  },
  'two-tones': {
    spoils: BY_INK,
    says: 'there is black and white and no tone between',
    cure: 'Scan it in colour, or in grey.',
  },
  grey: {
    spoils: ['colour', 'chine'],
    says: 'everything is grey, so that colours cannot be told',
    cure: 'Scan it in colour.',
  },
  'grey-beside-colour': {
    spoils: ['colour', 'chine', 'tone', 'film'],
    says: 'everything is grey and the other picture is in colour: grey takes colours for tones of its own',
    cure: 'Take both in colour.',
  },
  'other-light': {
    spoils: ['colour', 'tone', 'chine'],
    says: 'its light has another colour than the other picture’s',
    cure: 'Take both under one lamp, or by daylight.',
  },
  'other-device': {
    spoils: ['colour', 'tone', 'lines', 'film', 'evenness', 'edges', 'sides', 'bands', 'chine'],
    says: 'it is from a camera and the other from a scanner, or the other way round: they see tones differently',
    cure: 'Take both with one device.',
  },
  coarse: {
    spoils: [...BY_PLACE, 'tone', 'evenness'],
    says: 'a millimetre is fewer than two and a half of its pixels, too few to see lines by',
    cure: 'Scan it at 150 dots an inch or more, or photograph it from nearer.',
  },
  soft: {
    spoils: [...BY_PLACE, 'stretch', 'tone', 'film', 'evenness'],
    says: 'it is too soft beside the other',
    cure: 'Take it again, held still and sharp, or with the same device.',
  },
} as const satisfies Record<string, { spoils: readonly MatchCheck[]; says: string; cure: string }>
export type PictureFlaw = keyof typeof PICTURE_FLAWS
type Which = 'reference' | 'impression'
/** What is wrong with each of two pictures. */
export type PictureFlaws = Record<Which, readonly PictureFlaw[]>

/** How the edges of a sheet are known in a picture. */
export interface EdgesFound {
  /** without the lens, where it bends them */
  corners: Corners
  lens: Lens | null
  /** of a sheet its picture cuts, the sides that are seen in its own scale, or that there are three, whose scale nobody knows; null: all four are */
  sides: SeenSides | 'three' | null
  isSetByHand: boolean
  /** how far the worst side bows, mm */
  bowMm: number
  /** how far half of the points of its most ragged side lie off that side, mm */
  raggedMm: number
  /** how far the light takes from a quarter to three quarters of the way across the edge, mm; null: nobody measured */
  spreadMm: number | null
}

/** A side that bows farther moves the plate on its sheet by as much [bench photographs]. */
const BOWED_MM = 0.2
/** Edges whose points lie farther off say where the plate lies to less than a seventh of a millimetre [bench photographs: deckled]. */
const RAGGED_MM = 0.2
/** A lens that bends more leaves the size of a plate uncertain by more than a fifth of a percent when it is taken out [bench photographs]. */
const BENT_LENS = 0.02
/** Length to width may be off by so much, and by such a share of how much smaller one side looks than the one across: a sheet seen at a slant looks shorter one way. */
const SHAPE = 0.03
const SHAPE_AT_A_SLANT = 0.3
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

const long = ([ax, ay]: readonly [number, number], [bx, by]: readonly [number, number]) =>
  Math.hypot(bx - ax, by - ay)

/** Width to height of what lies between four corners, seen nearly from above. */
const shapeOf = ([a, b, c, d]: Corners): number => (long(a, b) + long(d, c)) / (long(a, d) + long(b, c))

/** How much shorter a side looks than the one across from it, as a share; the greater of the two. */
const slantOf = ([a, b, c, d]: Corners): number =>
  Math.max(Math.abs(Math.log(long(a, b) / long(d, c))), Math.abs(Math.log(long(a, d) / long(b, c))))

const flawOfPart = (sides: SeenSides | 'three', { bowMm, raggedMm }: EdgesFound): PictureFlaw | null => {
  if (bowMm > BOWED_MM) return 'edges-bowed'
  if (sides === 'three') return 'cut-off'
  if (raggedMm > RAGGED_MM) return 'ragged'
  return sides.x && sides.y ? null : 'no-corner'
}

/** What keeps two sheets from being held against one another by their edges, which are seen otherwise in one than in the other, and of which picture it is said; null: nothing. */
function flawBetween({ reference, impression }: Record<Which, PictureLook>): [Which, PictureFlaw] | null {
  const [one, other] = [reference.edges, impression.edges]
  if (!one || !other || one.sides === 'three' || other.sides === 'three') return null
  if (!one.sides || !other.sides) {
    if (one.sides === other.sides) return null
    return [one.sides ? 'reference' : 'impression', 'part-beside-whole']
  }
  const isSame = one.sides.x === other.sides.x && one.sides.y === other.sides.y
  return isSame ? null : ['impression', 'other-corner']
}

/** What is wrong with the edges of a sheet; null: nothing. @param edges null: none were found */
export function flawOfEdges(
  edges: EdgesFound | null,
  sheet: { widthMm: number; heightMm: number },
): PictureFlaw | null {
  if (edges === null) return 'edges-unseen'
  if (edges.isSetByHand) return null
  if (edges.sides) return flawOfPart(edges.sides, edges)
  const wanted = sheet.widthMm / sheet.heightMm
  const shape = shapeOf(edges.corners)
  // It may lie across.
  const off = Math.min(Math.abs(Math.log(shape / wanted)), Math.abs(Math.log(shape * wanted)))
  if (off > SHAPE + SHAPE_AT_A_SLANT * slantOf(edges.corners)) return 'another-shape'
  if (edges.bowMm > BOWED_MM) return 'edges-bowed'
  if (edges.raggedMm > RAGGED_MM) return 'ragged'
  return edges.lens && Math.abs(edges.lens.bend) > BENT_LENS ? 'bent-lens' : null
}

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

/** A camera sees a sheet smaller at its far side; a scanner never does, beyond what corners are found to, or set to by hand. */
const SLANTED = { found: 0.004, byHand: 0.02 }

/** Whether a sheet was seen at a slant, as only a camera sees it. */
function isSlanted({ corners: [a, b, c, d], isSetByHand }: EdgesFound): boolean {
  const off = Math.hypot(a[0] - b[0] + c[0] - d[0], a[1] - b[1] + c[1] - d[1])
  const least = isSetByHand ? SLANTED.byHand : SLANTED.found
  return off > (least * (long(a, b) + long(d, c) + long(a, d) + long(b, c))) / 4
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
  edges: EdgesFound | null
  white: PaperWhite | null
  paper: PaperRound | null
  levelled: PaperRound | null
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

/** Whether a picture is a camera's: as somebody said, else by the slant of its sheet; null: nobody knows. */
function isOfCamera({ taken, edges }: PictureLook): boolean | null {
  if (taken) return taken === 'camera'
  return edges && edges.sides !== 'three' ? isSlanted(edges) : null
}

/** Whether one sheet's edges are blurred beside the other's; spreads of independent causes add by their squares. */
const isBlurred = (one: EdgesFound | null, other: EdgesFound | null): boolean =>
  one?.spreadMm != null &&
  other?.spreadMm != null &&
  one.spreadMm ** 2 - other.spreadMm ** 2 > BLURRED_MM ** 2

/** What is wrong with each of two pictures that are held against one another. @param softer which is the softer, if one is */
export function flawsOf(
  look: Record<Which, PictureLook>,
  sheet: { widthMm: number; heightMm: number },
  laid: LaidOver,
  softer: { picture: Which; isTooSoft: boolean } | null,
): PictureFlaws {
  const { reference, impression } = look
  const between = flawBetween(look)
  const own = (which: Which): PictureFlaw[] => {
    const { edges, paper, levelled, tones, pixelsPerMm } = look[which]
    const other = look[which === 'reference' ? 'impression' : 'reference']
    const ofEdges = flawOfEdges(edges, sheet)
    const isByFrame = ofEdges === 'edges-unseen' || ofEdges === 'another-shape' || Boolean(edges?.sides)
    const isSoft = softer?.picture === which && (softer.isTooSoft || isBlurred(edges, other.edges))
    return [
      ...(ofEdges ? [ofEdges] : []),
      ...(isByFrame && !isLaidOver(laid, edges?.sides === 'three' ? GUESSED : GROWTH)
        ? (['not-laid-over'] as const)
        : []),
      ...flawsOfPaper(paper, levelled, other.paper),
      ...flawOfTones(tones, other.tones),
      ...(pixelsPerMm < COARSE ? (['coarse'] as const) : []),
      ...(isSoft ? (['soft'] as const) : []),
      ...(between?.[0] === which ? [between[1]] : []),
    ]
  }
  const isOtherLight =
    reference.white !== null &&
    impression.white !== null &&
    lightsApart(reference.white, impression.white) > OTHER_LIGHT
  const [ours, theirs] = [isOfCamera(reference), isOfCamera(impression)]
  const isOtherDevice = ours !== null && theirs !== null && ours !== theirs
  return {
    reference: own('reference'),
    impression: [
      ...own('impression'),
      ...(isOtherLight ? (['other-light'] as const) : []),
      ...(isOtherDevice ? (['other-device'] as const) : []),
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
  const [which, flaw] = spoilt
  const { says, cure } = PICTURE_FLAWS[flaw]
  return {
    check: result.check,
    value: null,
    words: `In the picture of the ${which === 'reference' ? 'BAT' : 'impression'}, ${says}. ${cure}`,
    places: [],
  }
}
