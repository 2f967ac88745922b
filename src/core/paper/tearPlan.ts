import { z } from 'zod'
import { finite, nonNegative, positive } from '../units/schemas'

const sizeSchema = z.strictObject({
  widthMm: positive.max(100_000, { error: 'must be at most 100000 mm' }),
  heightMm: positive.max(100_000, { error: 'must be at most 100000 mm' }),
})

/** Lengths are reckoned in whole thousandths of a millimetre, so that three times a third fits. */
const GRAIN = 1000
/**
 * Up to so many different cut positions along one side the plan is exact. Beyond them, as with strips of odd sizes, every so many-th is
 * left out, and the plan is a lower bound: what it says fits, fits.
 */
const MOST_POSITIONS = 400

/** Nobody tears a sheet into more. */
const MOST_PIECES = 100_000

export const tearPlanInput = z
  .strictObject({
    sheet: sizeSchema,
    piece: sizeSchema,
    allowRotate: z.boolean(),
    gapMm: nonNegative.max(1000, { error: 'must be at most 1000 mm' }),
  })
  .superRefine(({ sheet, piece, allowRotate }, context) => {
    if ((sheet.widthMm * sheet.heightMm) / (piece.widthMm * piece.heightMm) > MOST_PIECES)
      context.addIssue({
        code: 'custom',
        path: ['piece'],
        message: `is so small that more than ${MOST_PIECES} lie on the sheet`,
      })
    const fits = (width: number, height: number) => width <= sheet.widthMm && height <= sheet.heightMm
    if (fits(piece.widthMm, piece.heightMm) || (allowRotate && fits(piece.heightMm, piece.widthMm))) return
    const side = piece.widthMm > sheet.widthMm ? 'widthMm' : 'heightMm'
    context.addIssue({
      code: 'custom',
      path: ['piece', side],
      message: `does not fit: the sheet is ${sheet.widthMm} × ${sheet.heightMm} mm`,
    })
  })
export type TearPlanInput = z.infer<typeof tearPlanInput>
const placementSchema = z.strictObject({
  xMm: finite,
  yMm: finite,
  widthMm: finite,
  heightMm: finite,
  rotated: z.boolean(),
})
export type Placement = z.infer<typeof placementSchema>
export const tearPlanOutput = z.strictObject({ count: finite, placements: z.array(placementSchema) })

/** Cut positions worth trying along a side: sums of the piece's two sides (normal patterns, Herz 1972), ascending, without 0. */
function positions(length: number, sides: readonly number[]): number[] {
  const reached = new Set<number>([0])
  for (const side of sides)
    for (const at of [...reached].sort((a, b) => a - b))
      for (let sum = at + side; sum <= length; sum += side) reached.add(sum)
  return [...reached].filter((at) => at > 0).sort((a, b) => a - b)
}

/** Thins a long list of positions, keeping the ends. */
function thin(list: readonly number[]): number[] {
  if (list.length <= MOST_POSITIONS) return [...list]
  const step = list.length / MOST_POSITIONS
  return Array.from(
    { length: MOST_POSITIONS },
    (_, i) => list[Math.min(list.length - 1, Math.round((i + 1) * step) - 1)],
  )
}

/** For each length of a list and each cut of it, the place in the list of what is left; 0 stands for nothing. */
function remainders(list: readonly number[]): Int16Array {
  const left = new Int16Array((list.length + 1) ** 2)
  for (let i = 1; i <= list.length; i++) {
    let at = i
    for (let cut = 1; cut <= i; cut++) {
      const length = list[i - 1] - list[cut - 1]
      while (at > 0 && list[at - 1] > length) at -= 1
      left[i * (list.length + 1) + cut] = at
    }
  }
  return left
}

/** How a rectangle is torn: not at all, into a grid, or by one cut, told by its place from 1 on: across, or below nought downward. */
const WHOLE = 0
const UPRIGHT = 100_000
const TURNED = 100_001

/** The best for every rectangle of cut positions, by their places from 1 on. */
interface Torn {
  /** pieces */ count: Int32Array
  how: Int32Array
  /** places of what a cut leaves, across and down */ across: Int16Array
  down: Int16Array
}

/** Solves every rectangle from the small to the large, so that those a cut leaves are known by then. */
function tearAll(
  columns: readonly number[],
  rows: readonly number[],
  [w, h]: readonly [number, number],
  allowRotate: boolean,
): Torn {
  const [m, n] = [columns.length + 1, rows.length + 1]
  const torn: Torn = {
    count: new Int32Array(m * n),
    how: new Int32Array(m * n),
    across: remainders(columns),
    down: remainders(rows),
  }
  const { count, how, across, down } = torn
  for (let i = 1; i < m; i++)
    for (let j = 1; j < n; j++) {
      const [width, height] = [columns[i - 1], rows[j - 1]]
      const upright = Math.floor(width / w) * Math.floor(height / h)
      const turned = allowRotate ? Math.floor(width / h) * Math.floor(height / w) : 0
      let best = Math.max(upright, turned)
      let way = turned > upright ? TURNED : UPRIGHT
      if (best === 0) way = WHOLE
      if (allowRotate) {
        const most = Math.floor((width * height) / (w * h))
        for (let cut = 1; cut < i && columns[cut - 1] <= width / 2 && best < most; cut++) {
          const sum = count[cut * n + j] + count[across[i * m + cut] * n + j]
          if (sum > best) [best, way] = [sum, cut]
        }
        for (let cut = 1; cut < j && rows[cut - 1] <= height / 2 && best < most; cut++) {
          const sum = count[i * n + cut] + count[i * n + down[j * n + cut]]
          if (sum > best) [best, way] = [sum, -cut]
        }
      }
      count[i * n + j] = best
      how[i * n + j] = way
    }
  return torn
}

/**
 * The most pieces of one size that straight edge-to-edge cuts get out of a sheet, in both ways round and mixed, by dynamic
 * programming over rectangles (Beasley 1985). A gap lost at every cut is the same as pieces and sheet larger by the gap.
 *
 * @returns where each piece lies, from the sheet's top left corner
 */
export function planTearing({
  sheet,
  piece,
  allowRotate,
  gapMm,
}: TearPlanInput): z.infer<typeof tearPlanOutput> {
  const whole = (mm: number) => Math.round(mm * GRAIN)
  const gap = whole(gapMm)
  const [w, h] = [whole(piece.widthMm) + gap, whole(piece.heightMm) + gap]
  const sides = allowRotate ? [w, h] : null
  const columns = thin(positions(whole(sheet.widthMm) + gap, sides ?? [w]))
  const rows = thin(positions(whole(sheet.heightMm) + gap, sides ?? [h]))
  const { how, across: leftAcross, down: leftDown } = tearAll(columns, rows, [w, h], allowRotate)
  const [m, n] = [columns.length + 1, rows.length + 1]
  const placements: Placement[] = []
  const lay = (x: number, y: number, i: number, j: number) => {
    const way = how[i * n + j]
    if (i === 0 || j === 0 || way === WHOLE) return
    if (way !== UPRIGHT && way !== TURNED) {
      const cut = Math.abs(way)
      if (way > 0) {
        lay(x, y, cut, j)
        lay(x + columns[cut - 1], y, leftAcross[i * m + cut], j)
      } else {
        lay(x, y, i, cut)
        lay(x, y + rows[cut - 1], i, leftDown[j * n + cut])
      }
      return
    }
    const rotated = way === TURNED
    const [across, down] = rotated ? [h, w] : [w, h]
    for (let row = 0; row < Math.floor(rows[j - 1] / down); row++)
      for (let column = 0; column < Math.floor(columns[i - 1] / across); column++) {
        placements.push({
          xMm: (x + column * across) / GRAIN,
          yMm: (y + row * down) / GRAIN,
          widthMm: (across - gap) / GRAIN,
          heightMm: (down - gap) / GRAIN,
          rotated,
        })
      }
  }
  lay(0, 0, columns.length, rows.length)
  return { count: placements.length, placements }
}
