import { describe, expect, it } from 'vitest'
import { boundsOf } from '../geometry/point'
import { drawingToSvg } from '../sheet/sheetDrawing'
import { colleTemplate, nestPieces, type ColleSetting } from './chineColle'
import { colleNestSheet, colleTemplateSheet } from './colleSheet'

const setting: ColleSetting = {
  name: 'Sail',
  material: null,
  face: 'either',
  uninked: '',
  outline: [
    [0, 0],
    [60, 0],
    [60, 40],
  ],
  fitting: 'template',
  allowanceMm: 0,
  cutFrom: 'face',
  paste: 'brushed',
  grain: 'across',
  growthAlongPercent: 0,
  growthAcrossPercent: 0,
  sheetWidthMm: 200,
  sheetHeightMm: 140,
  pieces: 5,
}
const template = colleTemplate(setting)

describe('what is cut from', () => {
  it('the template is at 1:1, its outline as large as the piece, and says which side is up', () => {
    const sheet = colleTemplateSheet(setting, template)
    const { left, right, top, bottom } = boundsOf(sheet.strokes[0].points)
    expect([right - left, bottom - top]).toEqual([60, 40])
    expect(sheet.strokes[0].isClosed).toBe(true)
    expect(drawingToSvg(sheet)).toContain('Cut with the FACE up')
  })
  it('the grain arrow lies along the grain', () => {
    const [, shaft] = colleTemplateSheet(setting, template).strokes
    expect(shaft.points[0][1]).toBe(shaft.points[1][1])
    const [, upright] = colleTemplateSheet({ ...setting, grain: 'up' }, template).strokes
    expect(upright.points[0][0]).toBe(upright.points[1][0])
  })
  it('the sheet carries as many pieces as are wanted, all on it', () => {
    const sheet = colleNestSheet(setting, template, nestPieces(template, setting))
    const [edge, ...rest] = sheet.strokes
    const pieces = rest.filter(({ isClosed }) => isClosed)
    expect(pieces).toHaveLength(5)
    const paper = boundsOf(edge.points)
    for (const piece of pieces) {
      const box = boundsOf(piece.points)
      expect(
        box.left >= paper.left &&
          box.right <= paper.right &&
          box.top >= paper.top &&
          box.bottom <= paper.bottom,
      ).toBe(true)
    }
  })
})
