import { DAMPING_METHODS, type PaperSetting } from '@/core/paper/dampPaper'
import type { JobNeed } from '@/core/record/jobNeed'
import { counted, plural } from '@/core/units/counted'
import { formatMm, formatNumber } from '@/core/units/length'
import { formatGrams } from '@/core/units/quantity'
import type { RoomAnswer } from '@/ui/Answer'
import type { Loose } from '../across/bench/useStation'

/** How a way of damping is told somebody. */
const TELL: Record<keyof typeof DAMPING_METHODS, string> = {
  dip: 'Dip',
  soak: 'Soak',
  'rinse-bag': 'Rinse and bag',
  'damp-pack': 'Pack damp',
  blotters: 'Lay between damp blotters',
  spray: 'Spray',
  dry: 'Print',
}

/** Minutes as one says them: "45 s", "30 min", "12 h". */
function howLong(minutes: number): string {
  if (minutes < 2) return `${formatNumber(60 * minutes, 0)} s`
  return minutes < 180 ? `${formatNumber(minutes, 0)} min` : `${formatNumber(minutes / 60, 1)} h`
}

/** How many sheets are damped, how and how long, and what one then weighs. @param dampGrams null: weight or size is missing */
export function paperAnswer(
  paper: Loose<PaperSetting>,
  need: Pick<JobNeed, 'sheets' | 'left' | 'proofs' | 'inStock'>,
  dampGrams: number | null,
): RoomAnswer {
  if (!paper.paperId)
    return {
      says: 'Choose the paper',
      because: 'Damping, pressure and margins follow from it.',
      asks: { words: 'Go to the list', anchor: 'paper-choice' },
    }
  if (!paper.method || dampGrams === null || paper.targetUptakePercent === null)
    return {
      says: 'Enter the sheet’s size and weight',
      because: 'How much water it takes follows from them.',
      asks: { words: 'Go to the field', anchor: 'paper-width' },
    }
  if (need.sheets === 0)
    return { says: 'No more sheets to damp', because: 'No print of this job is to come.' }
  const sheets = `${TELL[paper.method]} ${counted(need.sheets, 'sheet')}`
  const stock =
    need.inStock !== null && need.inStock < need.sheets
      ? ` ◆ ${need.inStock} ${plural(need.inStock, 'lies', 'lie')} there for this job.`
      : ''
  const proofs = need.proofs > 0 ? ` and about ${counted(need.proofs, 'proof')}` : ''
  const forWhat = `For the ${counted(need.left, 'print')} left, with the rejects to expect${proofs}.${stock}`
  if (paper.method === 'dry') return { says: `${sheets} dry`, because: forWhat }
  return {
    says: `${sheets}${paper.dampMinutes ? ` ${howLong(paper.dampMinutes)}` : ''}, to ${formatGrams(dampGrams, 1)} each`,
    because: `Weighed when blotted: ${formatNumber(paper.targetUptakePercent, 0)} % of its dry weight in water. ${forWhat}`,
  }
}

/** How many parent sheets are torn, into how many. */
export function tearAnswer(
  piece: { widthMm: number; heightMm: number },
  plan: { perParent: number; wanted: number; wastePercent: number | null } | null,
): RoomAnswer {
  if (!plan || plan.perParent === 0)
    return {
      says: 'The sheet does not come out of this parent sheet',
      because: `It is ${formatMm(piece.widthMm)} × ${formatMm(piece.heightMm)}: enter a larger parent sheet, or turn the grain.`,
      asks: { words: 'Go to the field', anchor: 'tear-parent' },
    }
  const parents = Math.ceil(plan.wanted / plan.perParent)
  return {
    says: `Tear ${counted(parents, 'parent sheet')} into ${counted(parents * plan.perParent, 'piece')}`,
    because: `${plan.perParent} from each, for the ${counted(plan.wanted, 'sheet')} this job takes${plan.wastePercent === null ? '' : `; ${formatNumber(plan.wastePercent, 0)} % waste`}.`,
  }
}
