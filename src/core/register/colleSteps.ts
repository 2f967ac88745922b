import { formatMm } from '../units/length'
import { TRIM_MM, type ColleSetting, type ColleTemplate } from './chineColle'
import { PIECE_FACES, placeWords, type Paste } from './laidPiece'

/** One act with a piece of thin paper, and which of the cautions goes with it. */
export interface ColleStep {
  says: string
  caution?: 'blades' | 'starch'
}

/** How the paste is made ready, before the plate is inked. */
const MADE_READY: Record<Paste, readonly ColleStep[]> = {
  brushed: [
    {
      says: 'Stir starch into five times its volume of cold water, warm it until it is clear, let it cool; sieve it and thin it to cream. It keeps two or three days in the cold.',
      caution: 'starch',
    },
  ],
  'ready-made': [
    {
      says: 'Thin the paste with water to cream. Note on its pot whether it can be undone again with water.',
    },
  ],
  dusted: [
    {
      says: 'Fill a cloth with pre-cooked wheat-paste powder. Raw starch that is dusted does not stick.',
      caution: 'starch',
    },
  ],
}

/** How the paste comes onto the side that looks up. */
const PASTED: Record<Paste, ColleStep> = {
  brushed: {
    says: 'Brush it thin from the middle out over the edges, on waste paper; wait until it is matt.',
  },
  'ready-made': {
    says: 'Brush it thin from the middle out over the edges, on waste paper; wait until it is matt.',
  },
  dusted: {
    says: 'Shake the powder through the cloth onto the damp paper, an even frost, and knock off what is loose.',
    caution: 'starch',
  },
}

/**
 * The acts of laying a piece, in their order, with which side looks up [common practice, no source]. A piece that is trimmed is pasted on the
 * plate; one cut to a template is pasted beside it.
 *
 * @param cut how large the piece is before it is laid
 */
export function colleSteps(
  {
    outline,
    fitting,
    paste,
    face,
    uninked,
    cutFrom,
  }: Pick<ColleSetting, 'outline' | 'fitting' | 'paste' | 'face' | 'uninked' | 'cutFrom'>,
  cut: Pick<ColleTemplate, 'widthMm' | 'heightMm'>,
): ColleStep[] {
  const size = `${formatMm(cut.widthMm)} × ${formatMm(cut.heightMm)}`
  const down = face === 'either' ? 'face down' : `${PIECE_FACES[face]} down`
  const inked: ColleStep = {
    says: uninked
      ? `Ink and wipe the plate; leave without ink: ${uninked}. Its edges and back clean.`
      : 'Ink and wipe the plate, its edges and back clean.',
  }
  const damp: ColleStep = {
    says: 'Damp the piece between damp blotters, never in the bath: it goes soft and grows.',
  }
  const laid: ColleStep = {
    says: `Lay it ${down}, the PASTE UP to the sheet, ${placeWords(outline)}. The other way round it glues itself to the plate.`,
  }
  const cutToShape: ColleStep = {
    says: `Cut the piece to its template, ${size} dry, ${cutFrom === 'face' ? 'the FACE up (mirrored)' : 'the PASTE SIDE up (as the plate)'}.`,
    caution: 'blades',
  }
  const trimmed: ColleStep[] = [
    {
      says: `Tear or cut the paper ${size}: ${formatMm(TRIM_MM)} to spare all round.`,
      caution: 'blades',
    },
    inked,
    { says: `Lay it over the place ${down}, and press it flat with a dry brush.` },
    {
      says: 'Cut along the edge with a fresh blade, in a line or at the plate’s edge: the plate takes the scratch. Lift the offcuts.',
      caution: 'blades',
    },
    {
      ...PASTED[paste],
      says: `${PASTED[paste].says} Only the piece gets it: paste beside it sticks the plate.`,
    },
  ]
  const last: ColleStep[] = [
    {
      says: 'Lay the damp sheet, then wax paper or tissue under the blanket: surplus paste sticks to what lies above.',
    },
    {
      says: 'Pull. Dry it under weight between blotters: the two papers shrink unlike each other, and curl.',
    },
  ]
  return fitting === 'trimmed'
    ? [...MADE_READY[paste], ...trimmed, ...last]
    : [...MADE_READY[paste], cutToShape, inked, damp, PASTED[paste], laid, ...last]
}
