import { describeSpectrum } from '../colour/describeSpectrum'
import { formatNumber } from '../units/length'
import type { PaperSetting } from './dampPaper'
import type { PaperNumbers } from './substitutes'

/** Up to this weight a sheet is a tissue, which its own water tears, g/m² [common practice, no source]. */
const TISSUE_GSM = 40
/** Chroma from which a paper counts as coloured, and its colour may come off with the damp, CIE C*ab [rule of thumb, no source]. */
const COLOURED_FROM = 12

/** How a paper is damped, where it asks for something else than the usual. */
export type Treatment = Pick<PaperSetting, 'method' | 'dampMinutes' | 'targetUptakePercent'>

/** What a paper asks for by itself. */
export interface PaperAsk {
  ask: 'tissue' | 'coated' | 'coloured' | 'sides'
  says: string
  /** what is set for it; null: nothing to set */
  treatment: Treatment | null
}

/**
 * What a paper asks for by its weight, its surface and its colour, and which side is printed [common practice, no source; times and
 * moisture of a tissue from memory].
 *
 * @example paperAsks({ gsm: 12, sizing: 'soft', sides: '', reflectance: RAG_WHITE })[0].treatment.method // 'blotters'
 */
export function paperAsks({
  gsm,
  sizing,
  sides,
  reflectance,
}: Pick<PaperNumbers, 'gsm' | 'sizing' | 'reflectance'> & { sides: string }): PaperAsk[] {
  const { a, b } = describeSpectrum(reflectance).lab
  const asks: (PaperAsk | false)[] = [
    sizing === 'coated' && {
      ask: 'coated',
      says: 'Coated: print it dry. The ink stays open on it: rack it face up, and touch nothing before a tissue lifts nothing. Ink that only soaks in may smear for good.',
      treatment: { method: 'dry', dampMinutes: 0, targetUptakePercent: 0 },
    },
    gsm <= TISSUE_GSM &&
      sizing !== 'coated' && {
        ask: 'tissue',
        says: `A tissue of ${formatNumber(gsm, 0)} g/m² tears under its own water: between damp blotters, never in the bath, and carried on one of them. A blotter between it and the blankets keeps their texture off.`,
        treatment: { method: 'blotters', dampMinutes: 10, targetUptakePercent: 50 },
      },
    Math.hypot(a, b) >= COLOURED_FROM && {
      ask: 'coloured',
      says: 'Coloured: rub a corner with a damp white rag first. If the colour comes off, print it dry or between barely damp blotters.',
      treatment: null,
    },
    {
      ask: 'sides',
      says: sides
        ? `Right side: ${sides}. Pencil a mark on the back of each sheet as it is torn.`
        : 'Which side is printed is not noted: find the right side in raking light, pencil a mark on the back of each sheet, and note it at the paper.',
      treatment: null,
    },
  ]
  return asks.filter((one) => one !== false)
}
