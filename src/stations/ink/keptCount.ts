'use client'

import { PORTIONS, type Portion } from '@/core/ink/countedMix'
import { useKeptText } from '@/ui/useKeptText'

/** What was put into a mix without a scale: ink after ink, as it was tapped. */
export interface CountOfMix {
  portion: Portion
  /** ids of the inks, in the order they went in */
  taps: string[]
}

const MOST_TAPS = 500

function read(text: string): CountOfMix {
  try {
    const { portion, taps } = JSON.parse(text) as Partial<CountOfMix>
    return {
      portion: portion && portion in PORTIONS ? portion : 'squeeze',
      taps: Array.isArray(taps) ? taps.filter((tap) => typeof tap === 'string').slice(0, MOST_TAPS) : [],
    }
  } catch {
    return { portion: 'squeeze', taps: [] }
  }
}

/** The count of a job's mix, kept on this device until it is taken over: a reload loses no tap. */
export function useCountOfMix(jobId: string): {
  count: CountOfMix
  set: (patch: Partial<CountOfMix>) => void
} {
  const [text, keep] = useKeptText(`typothesis-count-${jobId}`)
  const count = read(text)
  return { count, set: (patch) => keep(JSON.stringify({ ...count, ...patch })) }
}
