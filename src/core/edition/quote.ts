import { z } from 'zod'
import { plateLife, type LastingPlate, type PlateHistory, type PlateLife } from '../plate/plateLife'
import { count, nonNegative, positive } from '../units/schemas'
import { startsNeeded } from '../stats/startsNeeded'
import { freshSheets } from './freshSheets'

const sheets = count.max(5000, { error: 'must be at most 5000' })
const money = nonNegative.max(1e7, { error: 'must be at most 10000000' })

/** What an edition is quoted from before it is accepted. */
export const quoteInput = z
  .strictObject({
    signed: sheets,
    ap: sheets,
    pp: sheets,
    hc: sheets,
    proofs: sheets,
    gramsPerPull: positive.max(500, { error: 'must be at most 500 g' }),
    minutesPerPull: positive.max(600, { error: 'must be at most 600 min' }),
    minutesToSetUp: nonNegative.max(6000, { error: 'must be at most 6000 min' }),
    pricePerSheet: money,
    pricePerKg: money,
    hourly: money,
    otherCosts: money,
    /** of ten editions quoted so, how many should come out with the sheets there are */
    confidence: positive.lt(1, { error: 'must be below 1' }),
  })
  .superRefine(({ signed, ap, pp, hc }, context) => {
    if (signed + ap + pp + hc === 0)
      context.addIssue({ code: 'custom', path: ['signed'], message: 'quote at least one print' })
    if (ap + pp + hc > signed)
      context.addIssue({
        code: 'custom',
        path: ['ap'],
        message: 'more proofs than signed prints: was one of them meant to be signed?',
      })
  })
export type QuoteInput = z.infer<typeof quoteInput>

export interface Quote {
  accepted: number
  starts: number
  expectedRejects: number
  sheets: number
  inkGrams: number
  hours: number
  /** pulls this takes from the plate, proofs and the BAT among them */
  pulls: number
  life: PlateLife
  plateWords: string | null
  lines: { label: string; sum: string; cost: number }[]
  total: number
  perAccepted: number
}

/**
 * Reckons an edition: sheets to start by this shop's rejects (beta-binomial), ink used up, as `jobNeed` reckons it, hours, what
 * the plate must stand, and the cost of one accepted print. The BAT is one print more, pulled among the proofs.
 *
 * @param runs how many every sheet goes through, and how many of them at the press; each is taken to be as this one
 */
export function quoteEdition(
  input: QuoteInput,
  history: { accepted: number; rejected: number },
  plate: LastingPlate & { pullsMade: number; history: PlateHistory },
  runs: { all: number; press: number } = { all: 1, press: 1 },
): Quote {
  const accepted = input.signed + input.ap + input.pp + input.hc
  const inOne = startsNeeded({
    accepted,
    earlierAccepted: history.accepted,
    earlierRejected: history.rejected,
    confidence: input.confidence,
  })
  const starts = runs.all === 1 ? inOne.starts : freshSheets(accepted, [], runs.all, input.confidence).fresh
  const expectedRejects = runs.all === 1 ? inOne.expectedRejects : starts - accepted
  const pulls = starts + input.proofs
  const inkGrams = runs.press * pulls * input.gramsPerPull
  const hours = (runs.press * (input.minutesToSetUp + pulls * input.minutesPerPull)) / 60
  const life = plateLife(plate, plate.pullsMade, plate.history)
  const beyond =
    pulls <= life.leftAtMost
      ? `The plate may not stand it: ${pulls} pulls, and a weak one has ${life.leftAtLeast} left.`
      : `The plate will not stand it: ${pulls} pulls, and at the most ${life.leftAtMost} are left. Quote fewer, or face it with steel.`
  const plateWords = pulls <= life.leftAtLeast ? null : beyond
  const lines = [
    { label: 'Paper', sum: `${pulls} sheets × ${input.pricePerSheet}`, cost: pulls * input.pricePerSheet },
    {
      label: 'Ink',
      sum: `${inkGrams.toFixed(0)} g × ${input.pricePerKg} a kg`,
      cost: (inkGrams / 1000) * input.pricePerKg,
    },
    { label: 'Work', sum: `${hours.toFixed(1)} h × ${input.hourly}`, cost: hours * input.hourly },
    { label: 'Other', sum: 'plate, packing, what else there is', cost: input.otherCosts },
  ]
  const total = lines.reduce((sum, { cost }) => sum + cost, 0)
  return {
    accepted,
    starts,
    expectedRejects,
    sheets: pulls,
    inkGrams,
    hours,
    pulls,
    life,
    plateWords,
    lines,
    total,
    perAccepted: total / accepted,
  }
}
