import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { convertSrgbToLab } from '../colour/convertSrgbToLab'
import { deltaE00 } from '../colour/deltaE00'
import { describeSpectrum } from '../colour/describeSpectrum'
import { paperColourSchema, reflectanceOfPaper } from './paperColour'
import { RAG_WHITE } from './ragWhite'

describe('the colour of a paper', () => {
  it('that was read is forecast with as it was read', () =>
    expect(reflectanceOfPaper({ from: 'read', reflectance: [...RAG_WHITE] })).toEqual(RAG_WHITE))
  it('that was picked or chosen comes back as the same colour, within 0 and 1 (property)', () => {
    const light = fc.double({ min: 0.35, max: 0.95, noNaN: true })
    fc.assert(
      fc.property(light, light, light, fc.constantFrom('picked', 'chosen'), (r, g, b, from) => {
        const lab = convertSrgbToLab(r, g, b)
        fc.pre(paperColourSchema.safeParse({ from, lab }).success)
        const reflectance = reflectanceOfPaper({ from, lab })
        expect(Math.min(...reflectance)).toBeGreaterThanOrEqual(0)
        expect(Math.max(...reflectance)).toBeLessThanOrEqual(1)
        expect(deltaE00(describeSpectrum(reflectance).lab, lab)).toBeLessThan(0.1)
      }),
      { numRuns: 40 },
    )
  })
  it('that no surface has is refused', () => {
    const { error } = paperColourSchema.safeParse({ from: 'chosen', lab: { L: 99, a: 80, b: 80 } })
    expect(error!.issues[0]).toMatchObject({ path: ['lab'], message: 'no paper can have this colour' })
  })
})
