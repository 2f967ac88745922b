import { describe, expect, it } from 'vitest'
import { thinOver } from './thinOver'

const flat = (value: number) => new Array<number>(36).fill(value)
const over = (pile: number, gsm: number, sheet: number) =>
  thinOver({ reflectance: flat(pile), gsm }, flat(sheet))[0]
/** Opacity as ISO 2471 has it: over black, as a share of over a pile. */
const opacity = (pile: number, gsm: number) => over(pile, gsm, 0) / pile

describe('a thin paper on another sheet', () => {
  it('is as opaque as papers of its weight are', () => {
    // From memory of trade tables, unfilled papers: tissue 25 to 40 %, bond 60 g/m² 65 to 80 %, rag 250 g/m² over 90 %.
    expect(opacity(0.85, 12)).toBeGreaterThan(0.25)
    expect(opacity(0.85, 12)).toBeLessThan(0.4)
    expect(opacity(0.85, 60)).toBeGreaterThan(0.65)
    expect(opacity(0.85, 60)).toBeLessThan(0.8)
    expect(opacity(0.85, 250)).toBeGreaterThan(0.9)
  })
  it('is as its own pile over itself, whatever it weighs', () => {
    for (const gsm of [5, 30, 200]) expect(over(0.6, gsm, 0.6)).toBeCloseTo(0.6, 9)
  })
  it('goes to its pile as it gets heavier, and is the sheet where there is none of it', () => {
    expect(over(0.4, 5000, 0.9)).toBeCloseTo(0.4, 6)
    expect(over(0.4, 0, 0.9)).toBeCloseTo(0.9, 9)
    let before = over(0.4, 1, 0.9)
    for (let gsm = 10; gsm < 300; gsm += 10) {
      const now = over(0.4, gsm, 0.9)
      expect(now).toBeLessThan(before)
      before = now
    }
  })
  it('holds for a paper as black as can be', () => expect(over(0, 20, 0.9)).toBeGreaterThanOrEqual(0))
})
