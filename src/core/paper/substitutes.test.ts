import { describe, expect, it } from 'vitest'
import { ragWhite } from './ragWhite'
import { comparePaper, gsmOfSheet, paperDensity, substitutesFor, type PaperNumbers } from './substitutes'

const rag: PaperNumbers = {
  name: 'Rag',
  gsm: 300,
  caliperMm: 0.5,
  fibre: 'cotton',
  sizing: 'soft',
  reflectance: ragWhite(0.87, 0.05),
}

describe('papers by the same numbers', () => {
  it('a paper is no step away from itself', () =>
    expect(comparePaper(rag, rag)).toMatchObject({ steps: 0, differences: [] }))
  it('a tenth heavier is one step, worked by hand', () => {
    expect(comparePaper(rag, { ...rag, gsm: 330 }).steps).toBeCloseTo(1, 9)
    expect(comparePaper(rag, { ...rag, gsm: 330, caliperMm: 0.55 }).steps).toBeCloseTo(Math.SQRT2, 9)
  })
  it('says what differs, and what it means for damping', () => {
    const { differences } = comparePaper(rag, {
      ...rag,
      gsm: 250,
      caliperMm: 0.45,
      sizing: 'hard',
      fibre: 'sulphite',
      reflectance: ragWhite(0.8, 0.2),
    })
    expect(differences.slice(0, 4)).toEqual([
      '17 % lighter',
      '0.05 mm thinner',
      'hard instead of soft sizing: damp it longer',
      'sulphite instead of cotton',
    ])
    expect(differences[4]).toMatch(/^white \d+(\.\d)? ΔE00 away$/)
  })
  it('an unknown sizing is not held against it', () =>
    expect(comparePaper(rag, { ...rag, sizing: 'unknown' })).toMatchObject({ steps: 0, differences: [] }))
  it('the nearest comes first', () => {
    const near = { ...rag, name: 'Near', gsm: 310 }
    const far = { ...rag, name: 'Far', gsm: 160, caliperMm: 0.25 }
    expect(substitutesFor(rag, [far, near]).map(({ paper }) => paper.name)).toEqual(['Near', 'Far'])
  })
  // ISO 216: sixteen A4 sheets make a square metre (to a thousandth), so a sheet of 80 g/m² weighs 5 g.
  it('an unknown sheet: A4 of 4.99 g is 80 g/m²', () => expect(gsmOfSheet(4.99, 210, 297)).toBeCloseTo(80, 1))
  it('bulk: 300 g/m² at 0.5 mm is 0.6 g/cm³', () => expect(paperDensity(rag)).toBeCloseTo(0.6, 12))
})
