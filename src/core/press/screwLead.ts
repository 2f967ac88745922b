import { z } from 'zod'
import { MM_PER_INCH } from '../units/length'
import { finite } from '../units/schemas'

/** Coarse pitches of metric threads, mm (ISO 261, first choice). */
const METRIC_COARSE_MM: Record<number, number> = {
  5: 0.8,
  6: 1,
  8: 1.25,
  10: 1.5,
  12: 1.75,
  14: 2,
  16: 2,
  18: 2.5,
  20: 2.5,
  22: 2.5,
  24: 3,
  27: 3,
  30: 3.5,
  33: 3.5,
  36: 4,
  39: 4,
  42: 4.5,
  48: 5,
}
/** Threads per inch of the Unified series by nominal size in inches, coarse first, then fine (ASME B1.1). */
const UNIFIED_TPI: Record<string, readonly number[]> = {
  '1/4': [20, 28],
  '5/16': [18, 24],
  '3/8': [16, 24],
  '7/16': [14, 20],
  '1/2': [13, 20],
  '9/16': [12, 18],
  '5/8': [11, 18],
  '3/4': [10, 16],
  '7/8': [9, 14],
  '1': [8, 12, 14],
  '1 1/8': [7, 12],
  '1 1/4': [7, 12],
  '1 3/8': [6, 12],
  '1 1/2': [6, 12],
}

export const screwLeadInput = z.strictObject({ thread: z.string() }).superRefine(({ thread }, context) => {
  const problem = readThread(thread).problem
  if (problem) context.addIssue({ code: 'custom', path: ['thread'], message: problem })
})
export const screwLeadOutput = z.strictObject({ mmPerTurn: finite })

function readThread(thread: string): { mmPerTurn?: number; problem?: string } {
  const metric = /^M(\d+)(?:\s*[x×]\s*(\d+(?:\.\d+)?))?$/i.exec(thread.trim())
  if (metric) {
    const diameter = Number(metric[1])
    if (metric[2] === undefined) {
      const coarse = METRIC_COARSE_MM[diameter]
      return coarse
        ? { mmPerTurn: coarse }
        : { problem: `M${diameter} is not a usual metric thread; write its pitch too, as M${diameter}x1.5` }
    }
    const pitch = Number(metric[2])
    return pitch > 0 && pitch < diameter / 2
      ? { mmPerTurn: pitch }
      : { problem: `a pitch of ${metric[2]} mm does not fit M${diameter}` }
  }
  const unified = /^(\d+(?:\s+\d+\/\d+)?|\d+\/\d+)\s*-\s*(\d+)(?:\s*UN([CF]))?$/i.exec(thread.trim())
  if (unified) {
    const known = UNIFIED_TPI[unified[1].replace(/\s+/g, ' ')]
    const perInch = Number(unified[2])
    if (known?.includes(perInch)) {
      const series = known[0] === perInch ? 'C' : 'F'
      return unified[3] && unified[3].toUpperCase() !== series
        ? { problem: `${unified[1]}-${perInch} is UN${series}, not UN${unified[3].toUpperCase()}` }
        : { mmPerTurn: MM_PER_INCH / perInch }
    }
    return {
      problem: known
        ? `${unified[1]} in has ${known.join(' or ')} threads to the inch, not ${perInch}`
        : `${unified[1]} in is not a usual thread size`,
    }
  }
  return { problem: 'expected a thread such as "1/2-13", "M16" or "M16x2"' }
}

/**
 * How far one turn of the pressure screw moves the roller: lead = pitch for a single-start thread;
 * 25.4 / threads per inch (ASME B1.1) or the metric pitch, coarse when none is written (ISO 261).
 */
export function screwLead({ thread }: z.infer<typeof screwLeadInput>): z.infer<typeof screwLeadOutput> {
  return { mmPerTurn: readThread(thread).mmPerTurn! }
}
