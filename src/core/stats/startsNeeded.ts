import { z } from 'zod'
import { count, finite } from '../units/schemas'

export const startsNeededInput = z.strictObject({
  accepted: count.max(5000, { error: 'must be at most 5000' }),
  earlierAccepted: count.max(1_000_000, { error: 'must be at most 1000000' }),
  earlierRejected: count.max(1_000_000, { error: 'must be at most 1000000' }),
  confidence: finite.gt(0, { error: 'must be within 0 and 1' }).lt(1, { error: 'must be within 0 and 1' }),
})
export const startsNeededOutput = z.strictObject({ starts: z.int(), expectedRejects: finite })

/**
 * Sheets to start so that enough are accepted: the smallest n with P(at least `accepted` of n) ≥ `confidence`, where the
 * reject rate is Beta(1 + earlierRejected, 7 + earlierAccepted), i.e. about one in eight before anything is known
 * [common practice, no source]. Beta-binomial probabilities by their ratio recurrence, in logarithms: the chance that of some thousands
 * not one is rejected is smaller than any number a machine holds.
 */
export function startsNeeded({
  accepted,
  earlierAccepted,
  earlierRejected,
  confidence,
}: z.infer<typeof startsNeededInput>): z.infer<typeof startsNeededOutput> {
  const good = 7 + earlierAccepted
  const bad = 1 + earlierRejected
  // Rejects met before the wanted number is accepted follow the beta-negative-binomial; its terms give P(enough of n) as a running sum.
  let rejects = 0
  let logTerm = 0
  for (let i = 0; i < accepted; i++) logTerm += Math.log((good + i) / (good + bad + i))
  let reached = Math.exp(logTerm)
  while (reached < confidence && rejects < 1_000_000) {
    logTerm += Math.log(
      ((accepted + rejects) * (bad + rejects)) / ((rejects + 1) * (good + bad + accepted + rejects)),
    )
    rejects += 1
    reached += Math.exp(logTerm)
  }
  const starts = accepted + rejects
  return { starts, expectedRejects: (starts * bad) / (good + bad) }
}
