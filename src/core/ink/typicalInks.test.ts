import { describe, expect, test } from 'vitest'
import { deltaE00 } from '../colour/deltaE00'
import { RAG_WHITE } from '../paper/ragWhite'
import { typicalPapers } from '../paper/typicalPapers'
import { FilmView } from './filmView'
import { inkByEye } from './inkByEye'
import { shelfInkSchema } from './shelfInk'
import { USUAL_SURFACE } from './surface'
import { typicalInks } from './typicalInks'

describe('what a workshop begins with', () => {
  const inks = typicalInks(RAG_WHITE)
  const view = new FilmView({
    filmMicrometres: 7,
    paper: RAG_WHITE,
    surface: USUAL_SURFACE,
    geometry: '45:0',
  })
  const lab = (id: string) => {
    const ink = inks.find((one) => one.id === id)!
    return view.colour(ink.k, ink.s)
  }
  test('every ink fits the shelf, is marked estimated and counted by nobody', () => {
    for (const ink of inks) {
      expect(shelfInkSchema.parse(ink)).toEqual(ink)
      expect([ink.source, ink.gramsLeft, ink.tubeGrams]).toEqual(['estimated', null, null])
    }
    expect(new Set(inks.map(({ id }) => id)).size).toBe(inks.length)
  })
  test('they look as they are called: black is dark, yellow light and yellow, and no two are taken for one another', () => {
    expect(lab('typical-black').L).toBeLessThan(25)
    expect(lab('typical-yellow').b).toBeGreaterThan(50)
    expect(lab('typical-blue').b).toBeLessThan(-30)
    expect(lab('typical-red').a).toBeGreaterThan(40)
    expect(lab('typical-white').L).toBeGreaterThan(88)
    for (const a of inks)
      for (const b of inks)
        if (a.id < b.id) expect(deltaE00(lab(a.id), lab(b.id)), `${a.id} ${b.id}`).toBeGreaterThan(3)
  })
  test('an ink by eye prints the colour it was picked at, and no ink has a colour that no paper can', () => {
    const { k, s } = inkByEye({ L: 40, a: 20, b: -10 }, 'transparent', RAG_WHITE)!
    expect(deltaE00(view.colour(k, s), { L: 40, a: 20, b: -10 })).toBeLessThan(1)
    expect(inkByEye({ L: 100, a: 120, b: 120 }, 'covering', RAG_WHITE)).toBeNull()
  })
  test('papers are named by kind and weight, each with a caliper of its weight', () => {
    const papers = typicalPapers()
    expect(new Set(papers.map(({ id }) => id)).size).toBe(papers.length)
    for (const { gsm, caliperMm } of papers) {
      // Bulk of uncoated papers lies within 1.1 and 2.4 cm³/g (common practice, no source).
      expect((1000 * caliperMm) / gsm).toBeGreaterThan(1.1)
      expect((1000 * caliperMm) / gsm).toBeLessThan(2.4)
    }
  })
})
