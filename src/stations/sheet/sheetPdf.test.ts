import sharp from 'sharp'
import { describe, expect, it } from 'vitest'
import { carrierSheet } from '@/core/plate/carrierSheet'
import { readPdfPage } from './pdfReader.test.fixture'
import { renderSheetPdf } from './sheetPdf'

const plate = { widthMm: 60.5, heightMm: 41 }
/** Millimetres a plotted sheet may be off: what a steel rule can tell. */
const TOLERANCE_MM = 0.05

describe('a drawing as PDF, measured by an independent reader', () => {
  it('page, picture, corner marks and check bar lie where they should, within 0.05 mm', async () => {
    const png = await sharp({ create: { width: 20, height: 10, channels: 3, background: '#000' } }).png().toBuffer()
    const drawing = carrierSheet({ method: 'photopolymer', plate, title: 'Halves', picture: `data:image/png;base64,${png.toString('base64')}` })
    const page = await readPdfPage(await renderSheetPdf(drawing))
    const near = (a: number, b: number) => expect(Math.abs(a - b)).toBeLessThan(TOLERANCE_MM)
    near(page.widthMm, drawing.widthMm)
    near(page.heightMm, drawing.heightMm)
    expect(page.pictures).toHaveLength(1)
    const [wanted] = drawing.pictures
    for (const key of ['xMm', 'yMm', 'widthMm', 'heightMm'] as const) near(page.pictures[0][key], wanted[key])
    expect(page.paths.length).toBeGreaterThanOrEqual(drawing.strokes.length)
    for (const { points } of drawing.strokes) {
      const found = page.paths.some((path) => points.every(([x, y]) => path.some(({ xMm, yMm }) => Math.hypot(xMm - x, yMm - y) < TOLERANCE_MM)))
      expect(found, JSON.stringify(points)).toBe(true)
    }
  })
})
