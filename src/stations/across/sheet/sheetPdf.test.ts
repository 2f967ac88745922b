import sharp from 'sharp'
import { describe, expect, it } from 'vitest'
import { carrierSheet } from '@/core/plate/carrierSheet'
import { FRAME, GREY_STRIP, PATCHES } from '@/core/match/strip/greyStrip'
import { stripSheet } from '@/core/match/strip/stripSheet'
import { registrationSheet } from '@/core/register/registrationSheet'
import { OVERLAP_MM, PAGES, tileSheet } from '@/core/sheet/tileSheet'
import { readPdfPage } from '../../../core/sheet/pdfReader.test.fixture'
import { renderSheetPdf } from './sheetPdf'

const plate = { widthMm: 60.5, heightMm: 41 }
/** Millimetres a plotted sheet may be off: what a steel rule can tell. */
const TOLERANCE_MM = 0.05

describe('a drawing as PDF, measured by an independent reader', () => {
  it('page, picture, corner marks and check bar lie where they should, within 0.05 mm', async () => {
    const png = await sharp({ create: { width: 20, height: 10, channels: 3, background: '#000' } })
      .png()
      .toBuffer()
    const drawing = carrierSheet({
      method: 'photopolymer',
      plate,
      title: 'Halves',
      picture: `data:image/png;base64,${png.toString('base64')}`,
    })
    const page = await readPdfPage(await renderSheetPdf(drawing))
    const near = (a: number, b: number) => expect(Math.abs(a - b)).toBeLessThan(TOLERANCE_MM)
    near(page.widthMm, drawing.widthMm)
    near(page.heightMm, drawing.heightMm)
    expect(page.pictures).toHaveLength(1)
    const [wanted] = drawing.pictures
    for (const key of ['xMm', 'yMm', 'widthMm', 'heightMm'] as const) near(page.pictures[0][key], wanted[key])
    expect(page.paths.length).toBeGreaterThanOrEqual(drawing.strokes.length)
    for (const { points } of drawing.strokes) {
      const found = page.paths.some((path) =>
        points.every(([x, y]) => path.some(({ xMm, yMm }) => Math.hypot(xMm - x, yMm - y) < TOLERANCE_MM)),
      )
      expect(found, JSON.stringify(points)).toBe(true)
    }
  })

  it('the grey strip: its frame and every patch lie where they are looked for, within 0.05 mm', async () => {
    const page = await readPdfPage(await renderSheetPdf(stripSheet()))
    const corner = (page.widthMm - GREY_STRIP.widthMm) / 2 + GREY_STRIP.rimMm
    const frames = [{ leftMm: 0, topMm: 0, ...FRAME }, ...PATCHES.map(({ patch }) => patch)]
    const found = page.paths.map((path) => [
      Math.min(...path.map(({ xMm }) => xMm)),
      Math.min(...path.map(({ yMm }) => yMm)),
      Math.max(...path.map(({ xMm }) => xMm)),
      Math.max(...path.map(({ yMm }) => yMm)),
    ])
    const top = 40 + GREY_STRIP.rimMm
    for (const { leftMm, topMm, widthMm, heightMm } of frames) {
      const wanted = [corner + leftMm, top + topMm, corner + leftMm + widthMm, top + topMm + heightMm]
      const isThere = found.some((box) => box.every((at, i) => Math.abs(at - wanted[i]) < TOLERANCE_MM))
      expect(isThere, JSON.stringify(wanted)).toBe(true)
    }
  })

  it('a registration sheet cut into A4 pages: outlines within 0.05 mm, and the pages’ crosses line up', async () => {
    const sheet = registrationSheet({
      paper: { widthMm: 300, heightMm: 250 },
      plate: { widthMm: 180, heightMm: 120 },
      margins: { leftMm: 60, rightMm: 60, topMm: 50, bottomMm: 80 },
      other: null,
      marks: ['corners', 'centres'],
      plates: [],
      trapMm: null,
      mirrored: false,
      title: 'Posts',
    })
    const tiles = tileSheet(sheet, 'a4')
    const bytes = await renderSheetPdf(...tiles.map(({ drawing }) => drawing))
    const pages = await Promise.all(tiles.map((_, i) => readPdfPage(bytes, i + 1)))
    const found = (at: readonly [number, number]) =>
      tiles
        .flatMap(({ fromXMm, fromYMm }, i) =>
          pages[i].paths
            .flat()
            .map(({ xMm, yMm }) => Math.hypot(xMm + fromXMm - at[0], yMm + fromYMm - at[1])),
        )
        .filter((off) => off < TOLERANCE_MM).length
    // Every corner of paper and plate is on a page; a cross of a seam is on both that share it.
    for (const name of ['paper', 'plate'])
      for (const corner of sheet.strokes.find((stroke) => stroke.name === name)!.points)
        expect(found(corner), `${name} ${corner.join()}`).toBeGreaterThanOrEqual(1)
    const [width, height] = [PAGES.a4.widthMm - 16, PAGES.a4.heightMm - 16]
    const seam = [width - OVERLAP_MM / 2, 0.25 * height] as const
    expect(found([seam[0] - 2, seam[1]])).toBeGreaterThanOrEqual(2)
    expect(found([seam[0], seam[1] + 2])).toBeGreaterThanOrEqual(2)
  })
})
