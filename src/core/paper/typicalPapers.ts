import type { PaperNumbers, Sizing } from './substitutes'
import { ragWhite } from './ragWhite'
import { usualCaliperMm } from './usualCaliper'
import type { Size } from '../units/sizeLine'

/** A paper of the kind that is sold for printing, of which a workshop has none of its own yet. */
export type TypicalPaper = PaperNumbers & Size & { id: string; note: string }

/** What is written beside each of them. */
const NOTE = 'Typical of its kind, not a paper of yours: put your own into the stockroom in its place.'

const paper = (
  key: string,
  gsm: number,
  [widthMm, heightMm]: readonly [number, number],
  sizing: Sizing,
  fibre: string,
): TypicalPaper => ({
  id: `typical-${key.replaceAll(' ', '-')}-${gsm}`,
  name: `Typical ${key}`,
  gsm,
  caliperMm: usualCaliperMm(gsm),
  widthMm,
  heightMm,
  fibre,
  sizing,
  reflectance: ragWhite(0.86, 0.06),
  note: NOTE,
})

/** Papers a workshop begins with until its own are in the stockroom; their caliper is what is usual for their weight [weights and sizes: common practice, no source]. */
export const typicalPapers = (): TypicalPaper[] => [
  paper('rag paper', 300, [560, 760], 'soft', 'cotton'),
  paper('rag paper', 250, [560, 760], 'soft', 'cotton'),
  paper('cartridge', 220, [420, 594], 'medium', 'wood'),
  paper('tissue for pieces', 25, [640, 970], 'unknown', 'mixed'),
]
