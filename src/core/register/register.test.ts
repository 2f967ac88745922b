import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { layMargins, marginsInput } from './margins'
import { drawRegistrationSheet } from './registrationSheet'

const size = fc.double({ min: 10, max: 900, noNaN: true })

describe('layMargins', () => {
  it('a 7½ in plate in an 11 in sheet leaves 1¾ in each side (trade example)', () => {
    const margins = layMargins({ paper: { widthMm: 279.4, heightMm: 300 }, plate: { widthMm: 190.5, heightMm: 200 }, scheme: 'centred' })
    expect(margins.leftMm).toBeCloseTo(44.45, 9)
    expect(margins).toMatchObject({ rightMm: margins.leftMm, topMm: 50, bottomMm: 50 })
  })
  it('margins and plate make up the paper, and the weight is kept (property)', () => {
    fc.assert(fc.property(size, size, size, size, fc.double({ min: 0.2, max: 5, noNaN: true }), (w, h, moreW, moreH, bottomToTop) => {
      const m = layMargins({ paper: { widthMm: w + moreW, heightMm: h + moreH }, plate: { widthMm: w, heightMm: h }, scheme: 'weighted', bottomToTop })
      expect(m.leftMm + w + m.rightMm).toBeCloseTo(w + moreW, 6)
      expect(m.topMm + h + m.bottomMm).toBeCloseTo(h + moreH, 6)
      expect(m.bottomMm / m.topMm).toBeCloseTo(bottomToTop, 6)
    }))
  })
  it('refuses a plate larger than the paper, at its field', () => {
    const refused = marginsInput.safeParse({ paper: { widthMm: 100, heightMm: 100 }, plate: { widthMm: 120, heightMm: 90 }, scheme: 'centred' })
    expect(refused.error!.issues[0].path).toEqual(['plate', 'widthMm'])
  })
  it('asks for the weight of weighted margins', () => {
    const refused = marginsInput.safeParse({ paper: { widthMm: 100, heightMm: 100 }, plate: { widthMm: 20, heightMm: 90 }, scheme: 'weighted' })
    expect(refused.error!.issues[0].path).toEqual(['bottomToTop'])
  })
})

describe('drawRegistrationSheet', () => {
  const input = { paper: { widthMm: 300, heightMm: 250 }, plate: { widthMm: 180, heightMm: 120 }, margins: { leftMm: 60, rightMm: 60, topMm: 50, bottomMm: 80 }, title: 'Tide & “gauge”' }
  const read = (svg: string, id: string) => {
    const [, x, y, width, height] = new RegExp(`<rect id="${id}" x="([\\d.]+)" y="([\\d.]+)" width="([\\d.]+)" height="([\\d.]+)"`).exec(svg)!.map(Number)
    return { x, y, width, height }
  }
  it('is at 1:1, with the plate where the margins put it', () => {
    const svg = drawRegistrationSheet({ ...input, mirrored: false })
    const [, width, height] = /width="([\d.]+)mm" height="([\d.]+)mm" viewBox="0 0 \1 \2"/.exec(svg)!.map(Number)
    expect([width, height]).toEqual([344, 294])
    const paper = read(svg, 'paper')
    const plate = read(svg, 'plate')
    expect([plate.x - paper.x, plate.y - paper.y, plate.width, plate.height]).toEqual([60, 50, 180, 120])
  })
  it('turns left for right when seen from beneath, and writes the title safely', () => {
    const svg = drawRegistrationSheet({ ...input, mirrored: true })
    expect(svg).toContain('translate(344 0) scale(-1 1)')
    expect(svg).toContain('Tide &amp; “gauge”')
  })
})
