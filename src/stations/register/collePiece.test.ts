import { describe, expect, it } from 'vitest'
import { outlineArea } from '@/core/geometry/polygon'
import type { Zone } from '@/core/plate/zoneMap'
import { colleTemplate, nestPieces, type ColleSetting } from '@/core/register/chineColle'
import type { PieceMaterial } from '@/core/register/laidPiece'
import {
  choiceOf,
  chosenMaterial,
  colleFiles,
  colleShape,
  facesOf,
  materialChoices,
  uninkedChoices,
  freshColle,
  openColle,
  shapeOf,
  takenFrom,
  viewColle,
  WHOLE_PLATE,
  type ThinPaper,
} from './collePiece'

const plate = { widthMm: 200, heightMm: 150 }
const moon = {
  name: 'Moon',
  outline: [
    [20, 20],
    [60, 20],
    [60, 50],
  ],
} as Zone
const fresh = freshColle(plate, [], 12)
const bench = { setting: fresh, keptName: null }

describe('a piece of thin paper on the bench', () => {
  it('begins with the first zone drawn, or with the whole plate', () => {
    expect(freshColle(plate, [moon], 12)).toMatchObject({ name: 'Moon', outline: moon.outline, pieces: 12 })
    expect(fresh).toMatchObject({ name: 'Plate', pieces: 12 })
    expect(outlineArea(fresh.outline)).toBe(200 * 150)
  })
  it('opens at a kept piece, or at a new one', () => {
    const kept = { ...fresh, name: 'Moon' } as ColleSetting
    expect(openColle([kept], 'Moon', fresh)).toEqual({ setting: kept, keptName: 'Moon' })
    expect(openColle([kept], '', fresh)).toEqual({ setting: fresh, keptName: null })
  })
  it('knows a shape by its outline, and names the piece after the shape chosen', () => {
    expect(shapeOf([moon], moon.outline)).toBe('Moon')
    expect(shapeOf([moon], fresh.outline)).toBe(WHOLE_PLATE)
    expect(colleShape(plate, [moon], 'Moon').outline).toEqual(moon.outline)
    expect(colleShape(plate, [moon], WHOLE_PLATE)).toEqual({ name: WHOLE_PLATE, outline: fresh.outline })
  })
  it('takes growth to the hundredth and the sheet from a paper', () => {
    const growth = { alongPercent: 0.3333, acrossPercent: 1.4567, alongFrom: 2, acrossFrom: 2 }
    expect(
      takenFrom({
        id: 'p',
        name: 'Thin',
        widthMm: 500,
        heightMm: 700,
        growth,
        gsm: 30,
        reflectance: [],
        colourFrom: 'taken',
      }),
    ).toEqual({
      material: { from: 'paper', paperId: 'p', name: 'Thin' },
      growthAlongPercent: 0.33,
      growthAcrossPercent: 1.46,
      sheetWidthMm: 500,
      sheetHeightMm: 700,
    })
  })
  it('is cut from a paper of the stockroom, a print given up, or either from elsewhere', () => {
    const growth = { alongPercent: 0, acrossPercent: 0, alongFrom: 0, acrossFrom: 0 }
    const papers: ThinPaper[] = [
      {
        id: 'p',
        name: 'Thin',
        widthMm: 500,
        heightMm: 700,
        growth,
        gsm: 30,
        reflectance: [],
        colourFrom: 'taken',
      },
    ]
    const prints = [{ title: 'Slack tide', artist: 'Ines Falk', number: 4 }]
    expect(materialChoices(papers, prints).map(([key]) => key)).toEqual([
      '',
      'paper p',
      'other-paper',
      'print 0',
      'other-print',
    ])
    for (const [key] of materialChoices(papers, prints)) {
      const { material } = chosenMaterial(key, papers, prints)
      expect(choiceOf(material as PieceMaterial | null, papers, prints)).toBe(key)
    }
    expect(chosenMaterial('print 0', papers, prints)).toMatchObject({
      material: { from: 'print', name: 'Slack tide', artist: 'Ines Falk' },
      face: 'printed',
    })
    expect(facesOf({ from: 'print', name: 'a', artist: 'b' }).map(([face]) => face)).toEqual([
      'either',
      'printed',
      'bare',
    ])
    expect(uninkedChoices([moon], 'sky').map(([key]) => key)).toEqual([
      '',
      'beneath the piece',
      'Moon',
      'sky',
    ])
  })
  it('comes to its template and to the pieces of a sheet', () => {
    const view = viewColle(bench)
    expect(view.template).toEqual(colleTemplate(fresh as ColleSetting))
    expect(view.nest).toEqual(nestPieces(view.template!, fresh as ColleSetting))
    expect(view).toMatchObject({ wrong: {}, isKept: false })
    expect(viewColle({ ...bench, keptName: 'Plate' }).isKept).toBe(true)
  })
  it('says at the field what is missing, and at the allowance when it leaves nothing', () => {
    const missing = viewColle({ ...bench, setting: { ...fresh, pieces: null, name: '' } })
    expect(missing.setting).toBeNull()
    expect(Object.keys(missing.wrong).sort()).toEqual(['name', 'pieces'])
    const none = viewColle({
      ...bench,
      setting: { ...fresh, ...colleShape(plate, [moon], 'Moon'), allowanceMm: -19 },
    })
    expect(none.template).toBeNull()
    expect(none.wrong.allowanceMm).toMatch(/\.$/)
  })
  it('is had as the files that make sense for it', () => {
    const labels = (patch: Partial<ColleSetting>) =>
      colleFiles('tide', viewColle({ ...bench, setting: { ...fresh, ...patch } }), 'A & B').map(
        ({ label }) => label,
      )
    expect(labels({})).toEqual(['Template, PDF', 'Template, SVG', 'Whole sheet, PDF', 'Whole sheet, SVG'])
    expect(labels({ fitting: 'trimmed' })).toEqual(['Whole sheet, PDF', 'Whole sheet, SVG'])
    expect(labels({ sheetWidthMm: 100, sheetHeightMm: 100 })).toEqual(['Template, PDF', 'Template, SVG'])
    expect(colleFiles('tide', viewColle(bench), 'A & B')[0].href).toBe(
      '/jobs/tide/register/chine-colle/template?piece=A%20%26%20B&what=template&form=pdf',
    )
  })
})
