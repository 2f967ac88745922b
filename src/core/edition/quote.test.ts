import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { quoteEdition, quoteInput, type QuoteInput } from './quote'
import { startsNeeded } from '../stats/startsNeeded'

const wish: QuoteInput = {
  signed: 24,
  ap: 3,
  pp: 1,
  hc: 2,
  proofs: 5,
  gramsPerPull: 2.6,
  minutesPerPull: 25,
  minutesToSetUp: 60,
  pricePerSheet: 4,
  pricePerKg: 90,
  hourly: 30,
  otherCosts: 40,
  confidence: 0.9,
}
const plate = { kind: 'zinc-etched' as const, pullsMade: 0, history: {} }

describe('a quote', () => {
  it('of 30 accepted starts what the worked case says: 22 accepted and 3 rejected before, 9 in 10 sure', () => {
    const quote = quoteEdition(wish, { accepted: 22, rejected: 3 }, plate)
    expect(quote.accepted).toBe(30)
    expect(quote.starts).toBe(
      startsNeeded({ accepted: 30, earlierAccepted: 22, earlierRejected: 3, confidence: 0.9 }).starts,
    )
    expect(quote.sheets).toBe(quote.starts + 5)
    expect(quote.inkGrams).toBeCloseTo(quote.sheets * 2.6, 9)
  })
  it('through three runs, two of them at the press, starts more sheets and takes twice the hours and ink a sheet', () => {
    const one = quoteEdition(wish, { accepted: 0, rejected: 0 }, plate)
    const three = quoteEdition(wish, { accepted: 0, rejected: 0 }, plate, { all: 3, press: 2 })
    expect(three.starts).toBeGreaterThan(one.starts)
    expect(three.inkGrams).toBeCloseTo(2 * three.pulls * 2.6, 9)
    expect(three.hours).toBeCloseTo((2 * (60 + 25 * three.pulls)) / 60, 9)
  })
  it('adds up, and a print costs its share (property)', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 80 }),
        fc.integer({ min: 0, max: 60 }),
        fc.integer({ min: 0, max: 20 }),
        (signed, before, rejected) => {
          const quote = quoteEdition(
            { ...wish, signed, ap: 0, pp: 0, hc: 0 },
            { accepted: before, rejected },
            plate,
          )
          expect(quote.total).toBeCloseTo(
            quote.lines.reduce((sum, { cost }) => sum + cost, 0),
            9,
          )
          expect(quote.perAccepted * signed).toBeCloseTo(quote.total, 6)
          expect(quote.starts).toBeGreaterThanOrEqual(signed)
        },
      ),
    )
  })
  it('says when the plate cannot stand it', () => {
    expect(
      quoteEdition(
        { ...wish, signed: 400, ap: 0, pp: 0, hc: 0 },
        { accepted: 0, rejected: 0 },
        { ...plate, kind: 'card-drypoint' },
      ).plateWords,
    ).toContain('will not stand it')
    expect(
      quoteEdition(
        { ...wish, signed: 5, ap: 0, pp: 0, hc: 0, proofs: 1 },
        { accepted: 0, rejected: 0 },
        plate,
      ).plateWords,
    ).toBeNull()
  })
  it.each([
    ['signed', { ...wish, signed: 0, ap: 0, pp: 0, hc: 0 }],
    ['ap', { ...wish, signed: 2 }],
    ['gramsPerPull', { ...wish, gramsPerPull: 0 }],
  ])('refuses at %s what cannot be quoted', (field, input) =>
    expect(quoteInput.safeParse(input).error?.issues[0].path).toEqual([field]),
  )
})
