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
export const CAUSES = {
  'not-picked-up': {
    label: 'ink left in the plate',
    sign: 'after the pull the lines still hold ink',
    remedy: 'press a little tighter, dampen more, or soften the ink: the sheet did not take it',
  },
  'blankets-spent': {
    label: 'blankets give no more',
    sign: 'the emboss is shallow all round, and a tighter press changes nothing',
    remedy: 'wash and dry the blankets, or lay another in',
  },
  'over-wiped': {
    label: 'wiped out',
    sign: 'after the pull the lines are empty, and were before it',
    remedy: 'a lighter hand and a clean face of the rag; heavy oil guards against it, light oil does not',
  },
  'under-inked': {
    label: 'never filled',
    sign: 'the bottom of deep lines shows bare before the pull',
    remedy: 'dab the ink in from all ways, on a warm plate, before wiping',
  },
  bevel: {
    label: 'bevel not clean',
    sign: 'a dark frame close along the plate mark',
    remedy: 'wipe bevels and back last, after the hand',
  },
  'under-the-plate': {
    label: 'ink from under the plate',
    sign: 'a blot or fringe just outside the plate mark',
    remedy: 'wipe the back of the plate and the board below it',
  },
  'dirty-board': {
    label: 'dirty board',
    sign: 'the same mark at the same place of every sheet, away from the plate',
    remedy: 'wipe the board, or lay fresh film over the guide',
  },
  fingers: {
    label: 'finger marks',
    sign: 'ovals with ridges near the edges of the sheet, often in pairs',
    remedy: 'paper fingers at the short edges; one person keeps clean hands',
  },
  'sheet-slid': {
    label: 'scum, the sheet slid',
    sign: 'a grey veil drawn off one side of the plate into the margin',
    remedy: 'hold the sheet clear by two edges, meet the marks, then drop it once',
  },
  'set-off': {
    label: 'set off from another print',
    sign: 'a faint print of it the wrong way round',
    remedy: 'fresh tissue between the prints, and nothing heavy on them for the first hours',
  },
  'wavy-sheet': {
    label: 'sheet not flat',
    sign: 'the crease runs in from an edge, along the travel',
    remedy: 'damp evenly and let the sheet lie under weight; lay it flat before the roller takes it',
  },
  'folded-blanket': {
    label: 'fold in a blanket',
    sign: 'the crease comes back at the same place',
    remedy: 'pull the blankets straight and square to the roller',
  },
  slurred: {
    label: 'slurred, the sheet moved',
    sign: 'lines doubled or smeared to one side',
    remedy: 'hold the far edge down, drop the sheet in one go, and do not stop on the plate',
  },
  crept: {
    label: 'crept, the blanket pushed',
    sign: 'lines drawn out along the travel, more toward its end',
    remedy: 'dry blankets, trapped under the roller; less pressure, or fewer blankets',
  },
  'out-of-register': {
    label: 'out of register',
    sign: 'lines as sharp as ever, in another place',
    remedy: 'plate to its outline, corners of the sheet to their marks',
  },
  hair: {
    label: 'hair',
    sign: 'a fine curl, pale or dark',
    remedy: 'look over plate, sheet and ink roll in raking light before each pull; lift hairs with tape',
  },
  grit: {
    label: 'grit',
    sign: 'a dot with a pale ring round it',
    remedy: 'lift it off plate and blanket with tape',
  },
  'dried-ink': {
    label: 'skin in the ink',
    sign: 'specks with ragged edges, more of them as the day goes on',
    remedy: 'take the skin off the slab, work the ink up again, cover what is not in use',
  },
  'blanket-texture': {
    label: 'weave of the blanket',
    sign: 'a weave all over, in the margin too',
    remedy: 'a dry soft catcher; a blotter above fine paper',
  },
  'back-of-the-sheet': {
    label: 'back of the sheet',
    sign: 'a regular screen, on this sheet and not on its neighbours',
    remedy: 'turn the right side to the plate, and mark which side is up when tearing',
  },
} as const satisfies Record<string, Cause>
export type FaultCause = keyof typeof CAUSES
export const CAUSE_KEYS = Object.keys(CAUSES) as [FaultCause, ...FaultCause[]]

/** What may be behind a judged feature beside the settings, the first looked for first. */
const BEHIND: Partial<Record<Feature, Partial<Record<-1 | 1, readonly FaultCause[]>>>> = {
  plate: { [-1]: ['under-inked', 'over-wiped'], 1: ['not-picked-up', 'blankets-spent'] },
  line: { [-1]: ['not-picked-up', 'over-wiped', 'under-inked'] },
  emboss: { [-1]: ['blankets-spent'] },
  edges: { [-1]: ['over-wiped'], 1: ['bevel', 'under-the-plate', 'dirty-board'] },
  register: { [-1]: ['out-of-register'], 1: ['out-of-register'] },
  sharpness: { [-1]: ['slurred'], 1: ['crept'] },
  whites: { [-1]: ['fingers', 'set-off'], 1: ['sheet-slid', 'dirty-board'] },
  texture: { [-1]: ['back-of-the-sheet'], 1: ['blanket-texture'] },
  marks: { [-1]: ['hair', 'grit', 'under-inked'], 1: ['grit', 'hair', 'dried-ink'] },
}

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
    (features.plate === 1 && (cause === 'over-wiped' || cause === 'under-inked'))
  const seen = new Set<FaultCause>()
  return (Object.entries(features) as [Feature, -1 | 0 | 1][]).flatMap(([complaint, value]) =>
    (value === 0 ? [] : (BEHIND[complaint]?.[value] ?? [])).flatMap((cause) => {
      if (seen.has(cause) || isRuledOut(cause)) return []
      seen.add(cause)
      return [{ cause, complaint, ...CAUSES[cause] }]
    }),
  )
}
