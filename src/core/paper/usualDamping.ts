import type { PaperSetting } from './dampPaper'
import { paperAsks } from './paperAsks'
import type { PaperNumbers } from './substitutes'

/** From this weight a sheet is soaked, below it a quick dip or spray is enough, g/m² [common practice, no source]. */
const SOAKED_FROM_GSM = 200

/**
 * How a paper is usually damped where nobody has said: as it asks by itself (a tissue between blotters, coated stock dry), else soaked half
 * an hour, lighter paper sprayed and left to even out [common practice, no source].
 *
 * @example usualDamping({ gsm: 300, sizing: 'soft', sides: '', reflectance: RAG_WHITE }).method // 'soak'
 */
export function usualDamping(
  paper: Pick<PaperNumbers, 'gsm' | 'sizing' | 'reflectance'> & { sides: string },
): Pick<PaperSetting, 'method' | 'dampMinutes' | 'targetUptakePercent'> {
  const asked = paperAsks(paper).find(({ treatment }) => treatment !== null)?.treatment
  if (asked) return asked
  return paper.gsm >= SOAKED_FROM_GSM
    ? { method: 'soak', dampMinutes: 30, targetUptakePercent: 50 }
    : { method: 'spray', dampMinutes: 15, targetUptakePercent: 40 }
}
