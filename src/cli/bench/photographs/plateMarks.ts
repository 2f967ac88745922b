import { findPlateMark } from '@/core/match/findPlate'
import { greyOf } from '@/core/match/picture'
import { straightSheets } from '@/core/match/straightSheets'
import { FLATBED, taken } from './imaging'
import { FINE, PLATE, PLATES, SHEET, type Film } from './plates'
import { printed } from './prints'

/** A drawing that ends so far within its plate, mm. */
const WITHIN = 8
/** Where the settings place the plate beside where it lies, mm. */
const BESIDE = [
  [0, 0],
  [3, -2],
  [-5, 4],
] as const
/** Farther off than this a dirty bevel of a millimetre is looked for where there is none, mm. */
const OFF_MM = 0.8

/** The same drawing, its plate bare along its edges. */
function endingWithin(film: Film): Film {
  const [wide, tall] = [PLATE.widthMm * FINE, PLATE.heightMm * FINE]
  return film.map((laid, i) => {
    const [x, y] = [i % wide, Math.floor(i / wide)]
    return Math.min(x, y, wide - 1 - x, tall - 1 - y) < WITHIN * FINE ? 0 : laid
  })
}

/** How often the plate mark of a kind of print is found where it lies and surely, not surely, or elsewhere though surely. */
function tallyOf(draw: (film: Film) => Film, tone: number) {
  const tally = { right: 0, unsure: 0, wrong: 0 }
  for (const [at, { film }] of PLATES.entries()) {
    const seed = 100 * (at + 1)
    const picture = taken(printed(draw(film), seed + 1, { tone }), { ...FLATBED, scale: 4 }, seed + 10)
    const side = { picture, corners: null }
    const sheets = straightSheets(
      { reference: side, impression: side, sheet: SHEET, plate: PLATE, zones: [] },
      0,
      () => undefined,
    )
    if ('which' in sheets) throw new Error(sheets.reason.code)
    const { ours, wanted, pixelsPerMm } = sheets
    for (const [dx, dy] of BESIDE) {
      const asked = { ...wanted, left: wanted.left + dx * pixelsPerMm, top: wanted.top + dy * pixelsPerMm }
      const { box, isSure } = findPlateMark(greyOf(ours.picture), asked, pixelsPerMm)
      const off = Math.hypot(box.left - wanted.left, box.top - wanted.top) / pixelsPerMm
      if (!isSure) tally.unsure += 1
      else if (off > OFF_MM) tally.wrong += 1
      else tally.right += 1
    }
  }
  return tally
}

/** Looks for the plate marks of ten kinds of plate, each drawn to its edge and within it, with all, a third and none of its film; false where one is surely elsewhere. */
export function benchPlateMarks(): boolean {
  let wrong = 0
  for (const [name, draw] of [
    ['to its edge', (film: Film) => film],
    [`ending ${WITHIN} mm within`, endingWithin],
  ] as const)
    for (const tone of [1, 0.3, 0]) {
      const tally = tallyOf(draw, tone)
      wrong += tally.wrong
      console.log(
        `plate mark, drawn ${name}, film × ${tone}: ${tally.right} found, ${tally.unsure} not sure, ${tally.wrong} surely elsewhere, of ${BESIDE.length * PLATES.length}`,
      )
    }
  return wrong === 0
}
