import type { InkBy, JobNeed } from '@/core/record/jobNeed'
import { counted } from '@/core/units/counted'
import { formatNumber } from '@/core/units/length'
import { formatGrams } from '@/core/units/quantity'
import type { SumRows } from '@/ui/Sum'

/** Where the ink of a pull is known from, after its amount. */
const KNOWN_BY: Record<InkBy, string> = {
  weighed: 'weighed',
  once: 'weighed once',
  mix: 'as entered with the mix',
  plate: 'by the plate’s area',
}

/** What the rest of a job takes, line by line: the sum behind every sheet, gram and hour that is asked for. */
export const needSum = (need: JobNeed): SumRows => [
  { label: 'Prints left', value: String(need.left) },
  ...(need.proofs > 0 ? [{ label: 'Proofs to expect', value: String(need.proofs) }] : []),
  { label: 'Sheets to begin with, rejects counted', value: counted(need.sheets, 'sheet') },
  { label: 'Pulls to come from this plate', value: String(need.pulls) },
  ...(need.gramsPerPull !== null && need.inkBy !== null
    ? [
        {
          label: 'Ink used up a pull',
          value: `${formatGrams(need.gramsPerPull, 2)}, ${KNOWN_BY[need.inkBy]}`,
        },
      ]
    : []),
  ...(need.grams === null ? [] : [{ label: 'Ink for them', value: formatGrams(Math.ceil(need.grams), 0) }]),
  ...(need.mixCovers === null
    ? []
    : [{ label: 'The mix still covers', value: counted(need.mixCovers, 'pull') }]),
  ...(need.minutesPerPull !== null && need.hours !== null
    ? [
        {
          label: 'Time',
          value: `${formatNumber(need.minutesPerPull, 0)} min a pull, ${formatNumber(need.hours, 1)} h in all`,
        },
      ]
    : []),
  ...(need.inStock === null ? [] : [{ label: 'Sheets there for this job', value: String(need.inStock) }]),
]
