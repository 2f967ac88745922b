import { describe, expect, it } from 'vitest'
import { drawPlate, readPicture } from './drawnPlate.test.fixture'
import { judgedAlike } from './judgedAlike'
import type { JudgedPlate } from './judgedPlate'
import { outOfFocus } from './softness'

const plate = outOfFocus(await readPicture(await drawPlate(7)), 0.8)
/** The same, taken a little out of focus: by less than crispness alone would tell. */
const BLUR = 0.5
const soft = outOfFocus(plate, BLUR)
const AT = { shiftX: 0, shiftY: 0, rotation: 0, scale: 1 }
const BOX = { left: 20, top: 20, width: 560, height: 760 }
const PER_MM = 5
/** From a quarter to three quarters of an edge that a normal law of so many px blurs, mm. */
const spread = (px: number) => (1.349 * px) / PER_MM
const sharpEdge = spread(0.9)
const softEdge = spread(Math.hypot(0.9, BLUR))
const edges = (reference: number | null, impression: number | null, isOneEdge = false) => ({
  mm: { reference, impression },
  isOneEdge,
})
const judge = (referenceMm: number | null, impressionMm: number | null) =>
  judgedAlike(plate, soft, AT, BOX, PER_MM, edges(referenceMm, impressionMm))
/** How far the darkest ink of both is apart on the whole, as a share. */
function darkestApart({ referenceInk, impressionInk }: JudgedPlate): number {
  const darkest = (ink: Float32Array) => ink.toSorted().subarray(Math.floor(0.98 * ink.length))
  const sum = (ink: Float32Array) => darkest(ink).reduce((total, value) => total + value, 0)
  return 1 - sum(impressionInk) / sum(referenceInk)
}

describe('two prints judged as soft as the softer picture', () => {
  it('a blur that lies within what drawings stray by is told by the edges beside them, and taken out', () => {
    const [asTaken, alike] = [judge(sharpEdge, sharpEdge), judge(sharpEdge, softEdge)]
    expect(asTaken.softer).toBeNull()
    expect(alike.softer).toEqual({ picture: 'impression', isTooSoft: false })
    const [before, after] = [asTaken, alike].map(({ judged }) => darkestApart(judged))
    expect(before).toBeGreaterThan(0.02)
    expect(after).toBeLessThan(before / 4)
  })
  it('a drawing that is softer where the edge is not, is the print’s own', () => {
    const worn = judgedAlike(plate, outOfFocus(plate, 2), AT, BOX, PER_MM, edges(sharpEdge, sharpEdge))
    expect(worn.softer).toBeNull()
  })
  it('one printed edge beside both says it alone, whatever was printed', () => {
    const alike = judgedAlike(plate, plate, AT, BOX, PER_MM, edges(sharpEdge, softEdge, true))
    expect(alike.softer).toEqual({ picture: 'impression', isTooSoft: false })
    expect(judgedAlike(plate, soft, AT, BOX, PER_MM, edges(sharpEdge, sharpEdge, true)).softer).toBeNull()
  })
  it('where no edge is known, its drawing alone tells a picture that is much softer', () => {
    const found = judgedAlike(plate, outOfFocus(plate, 1.4), AT, BOX, PER_MM, edges(null, sharpEdge))
    expect(found.softer?.picture).toBe('impression')
  })
})
