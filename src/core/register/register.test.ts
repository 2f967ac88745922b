import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { layMargins, marginsInput } from './margins'
import { drawingToSvg, type SheetDrawing } from '../sheet/sheetDrawing'
import { layOut, marginsOnTheBed } from './layOut'
import { platesOnTheBed, registrationSheet, type RegistrationSheetInput } from './registrationSheet'

const size = fc.double({ min: 10, max: 900, noNaN: true })

describe('layMargins', () => {
  it('a 7½ in plate in an 11 in sheet leaves 1¾ in each side (trade example)', () => {
    const margins = layMargins({
      paper: { widthMm: 279.4, heightMm: 300 },
      plate: { widthMm: 190.5, heightMm: 200 },
      scheme: 'centred',
    })
    expect(margins.leftMm).toBeCloseTo(44.45, 9)
    expect(margins).toMatchObject({ rightMm: margins.leftMm, topMm: 50, bottomMm: 50 })
  })
  it('margins and plate make up the paper, and the weight is kept (property)', () => {
    fc.assert(
      fc.property(
        size,
        size,
        size,
        size,
        fc.double({ min: 0.2, max: 5, noNaN: true }),
        (w, h, moreW, moreH, bottomToTop) => {
          const m = layMargins({
            paper: { widthMm: w + moreW, heightMm: h + moreH },
            plate: { widthMm: w, heightMm: h },
            scheme: 'weighted',
            bottomToTop,
          })
          expect(m.leftMm + w + m.rightMm).toBeCloseTo(w + moreW, 6)
          expect(m.topMm + h + m.bottomMm).toBeCloseTo(h + moreH, 6)
          expect(m.bottomMm / m.topMm).toBeCloseTo(bottomToTop, 6)
        },
      ),
    )
  })
  it('refuses a plate larger than the paper, at its field', () => {
    const refused = marginsInput.safeParse({
      paper: { widthMm: 100, heightMm: 100 },
      plate: { widthMm: 120, heightMm: 90 },
      scheme: 'centred',
    })
    expect(refused.error!.issues[0].path).toEqual(['plate', 'widthMm'])
  })
  it('asks for the weight of weighted margins', () => {
    const refused = marginsInput.safeParse({
      paper: { widthMm: 100, heightMm: 100 },
      plate: { widthMm: 20, heightMm: 90 },
      scheme: 'weighted',
    })
    expect(refused.error!.issues[0].path).toEqual(['bottomToTop'])
  })
})

describe('margins as they are wanted', () => {
  const [paper, plate] = [
    { widthMm: 279.4, heightMm: 300 },
    { widthMm: 190.5, heightMm: 200 },
  ]
  const typed = { scheme: 'typed' as const, bottomToTop: 1, leftMm: 30, topMm: 40 }
  it('typed from left and top give the others, and lie turned on the bed unless the plate goes face down', () => {
    const laid = layOut(typed, paper, plate)
    expect(laid).toEqual({
      ok: true,
      margins: { leftMm: 30, rightMm: expect.closeTo(58.9, 9), topMm: 40, bottomMm: 60 },
    })
    if (laid.ok)
      expect([
        marginsOnTheBed(laid.margins, 'corner-marks').rightMm,
        marginsOnTheBed(laid.margins, 'face-down').leftMm,
      ]).toEqual([30, 30])
  })
  it.each([
    ['leftMm', { ...typed, leftMm: 90 }, 'leaves no margin at the right: at most 88.9 mm'],
    ['topMm', { ...typed, topMm: null }, 'is needed for typed margins'],
  ])('say at %s what is wrong', (field, setting, message) =>
    expect(layOut(setting, paper, plate)).toEqual({ ok: false, field, message }),
  )
  it('refuse a plate larger than its paper', () =>
    expect(layOut(typed, { widthMm: 100, heightMm: 100 }, plate)).toMatchObject({
      ok: false,
      field: 'plate.widthMm',
    }))
})

describe('registrationSheet', () => {
  const input: RegistrationSheetInput = {
    paper: { widthMm: 300, heightMm: 250 },
    plate: { widthMm: 180, heightMm: 120 },
    margins: { leftMm: 60, rightMm: 60, topMm: 50, bottomMm: 80 },
    other: null,
    marks: ['corners', 'centres'],
    plates: [],
    trapMm: null,
    mirrored: false,
    title: 'Tide & “gauge”',
  }
  const boxOf = (sheet: SheetDrawing, name: string) => {
    const { points } = sheet.strokes.find((stroke) => stroke.name === name)!
    const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)]
    return {
      x: Math.min(...xs),
      y: Math.min(...ys),
      width: Math.max(...xs) - Math.min(...xs),
      height: Math.max(...ys) - Math.min(...ys),
    }
  }
  it('is at 1:1, with the plate where the margins put it', () => {
    const sheet = registrationSheet(input)
    expect([sheet.widthMm, sheet.heightMm]).toEqual([344, 294])
    const [paper, plate] = [boxOf(sheet, 'paper'), boxOf(sheet, 'plate')]
    expect([plate.x - paper.x, plate.y - paper.y, plate.width, plate.height]).toEqual([60, 50, 180, 120])
    expect(drawingToSvg(sheet)).toContain('width="344mm" height="294mm" viewBox="0 0 344 294"')
  })
  it('from the printer’s side the notes are mirrored and the bar reads true; from beneath both read true', () => {
    const mirroredWords = (sheet: SheetDrawing) => sheet.words.map(({ isMirrored = false }) => isMirrored)
    expect(mirroredWords(registrationSheet(input))).toEqual([true, true, false])
    expect(mirroredWords(registrationSheet({ ...input, mirrored: true }))).toEqual([false, false, false])
    expect(drawingToSvg(registrationSheet(input))).toContain('Tide &amp; “gauge”')
  })
  it('from beneath it lies left for right', () => {
    const lopsided = { ...input, margins: { leftMm: 40, rightMm: 80, topMm: 50, bottomMm: 80 } }
    const [above, beneath] = [registrationSheet(lopsided), registrationSheet({ ...lopsided, mirrored: true })]
    expect(boxOf(beneath, 'plate').x - boxOf(beneath, 'paper').x).toBe(80)
    expect(boxOf(beneath, 'plate').x).toBe(above.widthMm - boxOf(above, 'plate').x - 180)
  })
  it('draws every mark where it is laid by: stops on the paper’s edges, pins half way in the margins, the T and the bar on the plate’s way', () => {
    const sheet = registrationSheet({ ...input, marks: ['stops', 'tee-and-bar', 'pins'], trapMm: 25 })
    const paper = boxOf(sheet, 'paper')
    const bottom = paper.y + paper.height
    expect(['stop-1', 'stop-2'].map((name) => boxOf(sheet, name).y)).toEqual([bottom, bottom])
    expect(boxOf(sheet, 'stop-3').x).toBe(paper.x)
    expect(boxOf(sheet, 'tee').x + boxOf(sheet, 'tee').width / 2).toBe(boxOf(sheet, 'bar').x)
    const pin = boxOf(sheet, 'pin-left')
    expect(pin.x + pin.width / 2).toBeCloseTo(paper.x + 30, 9)
    expect(boxOf(sheet, 'trap').y).toBe(paper.y + 25)
  })
  it('a second plate lies off the first as the print will show it, turned left for right on the bed', () => {
    const plates = platesOnTheBed(
      [{ name: 'Rust', widthMm: 100, heightMm: 60, rightMm: 20, upMm: 10 }],
      false,
    )
    const sheet = registrationSheet({ ...input, plates })
    const [first, second] = [boxOf(sheet, 'plate'), boxOf(sheet, 'plate-2')]
    expect([second.x + 50 - (first.x + 90), second.y + 30 - (first.y + 60)]).toEqual([-20, -10])
    expect(platesOnTheBed(plates, true)).toEqual(plates)
  })
  it('a second, larger paper lies round the same plate', () => {
    const sheet = registrationSheet({
      ...input,
      other: {
        name: 'Proofing oat',
        paper: { widthMm: 320, heightMm: 300 },
        margins: { leftMm: 70, rightMm: 70, topMm: 80, bottomMm: 100 },
      },
    })
    const [plate, other, paper] = ['plate', 'other-paper', 'paper'].map((name) => boxOf(sheet, name))
    expect([plate.x - other.x, plate.y - other.y, plate.x - paper.x, plate.y - paper.y]).toEqual([
      70, 80, 60, 50,
    ])
    expect([sheet.widthMm, sheet.heightMm]).toEqual([364, 344])
  })
})
