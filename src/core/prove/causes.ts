import { CAUSE_KEYS, CAUSE_LABELS, type FaultCause } from './faultCause'
import type { Feature, Features } from './features'

/** Where a cause lies, how it is told from those that look alike, and what is done about it. */
interface Cause {
  /** in a word or two, as it is said at the press */
  label: string
  sign: string
  remedy: string
}

/**
 * Causes of what is wrong with a print, apart from how much it is pressed, wiped, oiled or damped: each with the sign that tells it
 * from its likes and with its remedy [common practice, no source].
 */
const TOLD: Record<FaultCause, Omit<Cause, 'label'>> = {
  'not-picked-up': {
    sign: 'after the pull the lines still hold ink',
    remedy: 'press a little tighter, dampen more, or soften the ink: the sheet did not take it',
  },
  'blankets-spent': {
    sign: 'the emboss is shallow all round, and a tighter press changes nothing',
    remedy: 'wash and dry the blankets, or lay another in',
  },
  'over-wiped': {
    sign: 'after the pull the lines are empty, and were before it',
    remedy: 'a lighter hand and a clean face of the rag; heavy oil guards against it, light oil does not',
  },
  'under-inked': {
    sign: 'the bottom of deep lines shows bare before the pull',
    remedy: 'dab the ink in from all ways, on a warm plate, before wiping',
  },
  'worn-plate': {
    sign: 'the finest lines and the palest tones went first, print by print, with everything else as at the BAT',
    remedy: 'end the edition here and number fewer, or rework the plate as a new state',
  },
  bevel: {
    sign: 'a dark frame close along the plate mark',
    remedy: 'wipe bevels and back last, after the hand',
  },
  'under-the-plate': {
    sign: 'a blot or fringe just outside the plate mark',
    remedy: 'wipe the back of the plate and the board below it',
  },
  'dirty-board': {
    sign: 'the same mark at the same place of every sheet, away from the plate',
    remedy: 'wipe the board, or lay fresh film over the guide',
  },
  fingers: {
    sign: 'ovals with ridges near the edges of the sheet, often in pairs',
    remedy: 'paper fingers at the short edges; one person keeps clean hands',
  },
  'sheet-slid': {
    sign: 'a grey veil drawn off one side of the plate into the margin',
    remedy: 'hold the sheet clear by two edges, meet the marks, then drop it once',
  },
  'set-off': {
    sign: 'a faint print of it the wrong way round',
    remedy: 'fresh tissue between the prints, and nothing heavy on them for the first hours',
  },
  'wavy-sheet': {
    sign: 'the crease runs in from an edge, along the travel',
    remedy: 'damp evenly and let the sheet lie under weight; lay it flat before the roller takes it',
  },
  'folded-blanket': {
    sign: 'the crease comes back at the same place',
    remedy: 'pull the blankets straight and square to the roller',
  },
  slurred: {
    sign: 'lines doubled or smeared to one side',
    remedy: 'hold the far edge down, drop the sheet in one go, and do not stop on the plate',
  },
  crept: {
    sign: 'lines drawn out along the travel, more toward its end',
    remedy: 'dry blankets, trapped under the roller; less pressure, or fewer blankets',
  },
  'out-of-register': {
    sign: 'lines as sharp as ever, in another place',
    remedy: 'plate to its outline, corners of the sheet to their marks',
  },
  hair: {
    sign: 'a fine curl, pale or dark',
    remedy: 'look over plate, sheet and ink roll in raking light before each pull; lift hairs with tape',
  },
  grit: {
    sign: 'a dot with a pale ring round it',
    remedy: 'lift it off plate and blanket with tape',
  },
  'dried-ink': {
    sign: 'specks with ragged edges, more of them as the day goes on',
    remedy: 'take the skin off the slab, work the ink up again, cover what is not in use',
  },
  'blanket-texture': {
    sign: 'a weave all over, in the margin too',
    remedy: 'a dry soft catcher; a blotter above fine paper',
  },
  'back-of-the-sheet': {
    sign: 'a regular screen, on this sheet and not on its neighbours',
    remedy: 'turn the right side to the plate, and mark which side is up when tearing',
  },
  'piece-missing': {
    sign: 'bare sheet where the thin paper should be',
    remedy: 'lay every piece before the sheet comes down: count them',
  },
  'piece-shifted': {
    sign: 'a gap at one side of it, and ink beside it at the other',
    remedy: 'lay it to its mark with two pins or a fold of card, and drop the sheet without sliding',
  },
  'piece-loose': {
    sign: 'an edge that lifts, or a blister in it',
    remedy: 'paste out over the edges, more of it or thicker; a plasticky paper does not stick at all',
  },
  'piece-creased': {
    sign: 'a fold of double thickness within the piece',
    remedy: 'damp it as long as the sheet, and brush it flat before the sheet comes down',
  },
}

/** The same with what each is called. */
export const CAUSES = Object.fromEntries(
  CAUSE_KEYS.map((cause) => [cause, { label: CAUSE_LABELS[cause], ...TOLD[cause] }]),
) as Record<FaultCause, Cause>

/** What may be behind a judged feature beside the settings, the first looked for first. */
const BEHIND: Partial<Record<Feature, Partial<Record<-1 | 1, readonly FaultCause[]>>>> = {
  plate: { [-1]: ['under-inked', 'over-wiped'], 1: ['not-picked-up', 'blankets-spent'] },
  line: { [-1]: ['not-picked-up', 'over-wiped', 'under-inked', 'worn-plate'] },
  emboss: { [-1]: ['blankets-spent'] },
  edges: { [-1]: ['over-wiped'], 1: ['bevel', 'under-the-plate', 'dirty-board'] },
  register: { [-1]: ['out-of-register'], 1: ['out-of-register'] },
  sharpness: { [-1]: ['slurred'], 1: ['crept'] },
  whites: { [-1]: ['fingers', 'set-off'], 1: ['sheet-slid', 'dirty-board'] },
  texture: { [-1]: ['back-of-the-sheet'], 1: ['blanket-texture'] },
  marks: { [-1]: ['hair', 'grit', 'under-inked'], 1: ['grit', 'hair', 'dried-ink'] },
}

/** Lines that still hold ink after the pull were filled, and are deep enough to hold it. */
const NOT_WHERE_INK_STAYED: ReadonlySet<FaultCause> = new Set(['over-wiped', 'under-inked', 'worn-plate'])

/** A cause worth looking for, and the complaint it would answer. */
export interface CauseToLookFor extends Cause {
  cause: FaultCause
  complaint: Feature
}

/**
 * What to look for beside the settings, complaint by complaint. Where somebody looked at the plate after the pull, what that rules out
 * is not asked again: a weak line over empty lines was not left unpicked.
 *
 * @example causesOf({ sharpness: 1 }) // [{ cause: 'crept', complaint: 'sharpness', … }]
 */
export function causesOf(features: Features): CauseToLookFor[] {
  const isRuledOut = (cause: FaultCause) =>
    (features.plate === -1 && cause === 'not-picked-up') ||
    (features.plate === 1 && NOT_WHERE_INK_STAYED.has(cause))
  const seen = new Set<FaultCause>()
  return (Object.entries(features) as [Feature, -1 | 0 | 1][]).flatMap(([complaint, value]) =>
    (value === 0 ? [] : (BEHIND[complaint]?.[value] ?? [])).flatMap((cause) => {
      if (seen.has(cause) || isRuledOut(cause)) return []
      seen.add(cause)
      return [{ cause, complaint, ...CAUSES[cause] }]
    }),
  )
}
