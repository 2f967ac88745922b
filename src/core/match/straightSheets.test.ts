import { describe, expect, it } from 'vitest'
import { matchImpression } from './matchImpression'
import type { Rgb } from './picture'
import { frameOf, sheetEdges } from './sheetEdges'
import { cornersOf } from './homography'
import { evenSheets } from './evenSheets'
import { straightSheets } from './straightSheets'

const SHEET = { widthMm: 60, heightMm: 40 }
const PLATE = { leftMm: 15, topMm: 10, widthMm: 30, heightMm: 20 }
const ON_SHEET = { sheet: SHEET, plate: PLATE }
/** A sheet of 240 × 160 px on something, 20 px of which are seen round it, with a grey plate and a black corner of it. */
function picture(round: number): Rgb {
  const [width, height] = [280, 200]
  const data = new Uint8Array(3 * width * height).fill(round)
  const paint = (left: number, top: number, w: number, h: number, value: number) => {
    for (let y = top; y < top + h; y++) data.fill(value, 3 * (y * width + left), 3 * (y * width + left + w))
  }
  paint(20, 20, 240, 160, 225)
  paint(80, 60, 120, 80, 150)
  paint(80, 60, 40, 20, 30)
  return { width, height, data }
}
const side = (round: number) => ({ picture: picture(round), corners: null })
const straight = (round: number, turned: number) => {
  const found = straightSheets(
    { reference: side(20), impression: side(round), sheet: SHEET, plate: PLATE, zones: [] },
    turned,
    () => undefined,
  )
  if ('which' in found) throw new Error(found.reason.code)
  return found
}

describe('the edges of the sheet in a picture', () => {
  it('are found on something dark, sharp and straight', () => {
    const edges = sheetEdges(picture(20), null, ON_SHEET)!
    expect(edges.isSetByHand).toBe(false)
    expect(edges.corners.map(([x, y]) => [Math.round(x), Math.round(y)])).toEqual([
      [20, 20],
      [260, 20],
      [260, 180],
      [20, 180],
    ])
    expect(edges.bowMm).toBeLessThan(0.02)
    expect(edges.spreadMm).toBeLessThan(0.3)
  })
  it('are not found on something as light, unless a person sets them', () => {
    const white = picture(225)
    expect(sheetEdges(white, null, ON_SHEET)).toBeNull()
    const set = frameOf(white)
    expect(sheetEdges(white, set, ON_SHEET)).toEqual({
      corners: set,
      lens: null,
      sides: null,
      isSetByHand: true,
      bowMm: 0,
      raggedMm: 0,
      spreadMm: null,
    })
  })
})

describe('both sheets', () => {
  it('lie upright with their paper round the plate as it was seen', () => {
    const { ours, theirs, pixelsPerMm, look } = straight(20, 0)
    expect(pixelsPerMm).toBeCloseTo(4, 1)
    expect([ours.picture.width, ours.picture.height]).toEqual([theirs.picture.width, theirs.picture.height])
    expect(look.impression.paper!.light).toBeCloseTo(225, 0)
    expect(look.impression.edges).not.toBeNull()
  })
  it('are found and not set by hand, also where one is turned round', () => {
    const { look, corners } = straight(20, 2)
    expect(look.impression.edges!.isSetByHand).toBe(false)
    expect(corners.impression[0][0]).toBeCloseTo(260, 0)
    expect(straight(225, 2).look.impression.edges).toBeNull()
  })
  it('are refused where a picture has too few pixels', () => {
    const tiny = { picture: { width: 20, height: 20, data: new Uint8Array(1200) }, corners: null }
    expect(
      straightSheets(
        { reference: side(20), impression: tiny, sheet: SHEET, plate: PLATE, zones: [] },
        0,
        () => undefined,
      ),
    ).toEqual({ which: 'impression', reason: { code: 'too-small', widthPx: 20, heightPx: 20 } })
  })
  it('are given with the plate, where they cannot be compared, so that its mark can be set by hand', () => {
    const other = picture(20)
    // Nothing was printed on it.
    for (let y = 60; y < 140; y++) other.data.fill(225, 3 * (y * 280 + 80), 3 * (y * 280 + 200))
    const held = matchImpression({
      reference: side(20),
      impression: { picture: other, corners: null },
      sheet: SHEET,
      plate: PLATE,
      zones: [],
    })
    if (!('which' in held)) throw new Error('compared')
    expect(held).toMatchObject({ which: 'impression', reason: { code: 'blank' } })
    const { reference, pixelsPerMm, plate } = held.straight!
    expect(reference.width / pixelsPerMm).toBeCloseTo(SHEET.widthMm, 0)
    expect(plate.leftMm).toBeCloseTo(PLATE.leftMm, 0)
    expect(plate).toMatchObject({ widthMm: PLATE.widthMm, heightMm: PLATE.heightMm })
  })
})

describe('the paper of two sheets', () => {
  it('is brought to the reference’s, and no strip is seen where none lies', () => {
    const sheet = (level: number) => {
      const [width, height] = [300, 200]
      const upright = { width, height, data: new Uint8Array(3 * width * height).fill(level) }
      return {
        taken: upright,
        upright,
        corners: cornersOf(width, height),
        seen: { left: 0, top: 0, width, height },
        strip: null,
      }
    }
    const { theirs, paper, strip } = evenSheets(
      { reference: sheet(230), impression: sheet(180) },
      { left: 100, top: 60, width: 100, height: 80 },
      4,
    )
    expect(paper!.map(Math.round)).toEqual([230, 230, 230])
    expect([...new Set(theirs.picture.data)]).toEqual([230])
    expect(strip).toEqual({
      seenBeside: [],
      hindrance: null,
      spreadMm: { reference: null, impression: null },
    })
  })
})
