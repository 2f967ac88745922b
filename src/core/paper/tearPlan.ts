import { z } from 'zod'
import { finite, nonNegative, positive } from '../units/schemas'

const sizeSchema = z.strictObject({
  widthMm: positive.max(100_000, { error: 'must be at most 100000 mm' }),
  heightMm: positive.max(100_000, { error: 'must be at most 100000 mm' }),
})

/** Lengths are reckoned in whole thousandths of a millimetre, so that three times a third fits. */
const GRAIN = 1000
/** Beyond so many different cut positions along one side, mixed layouts are searched with the coarser ones left out. */
const MOST_POSITIONS = 240

export const tearPlanInput = z
  .strictObject({
    sheet: sizeSchema,
    piece: sizeSchema,
    allowRotate: z.boolean(),
    gapMm: nonNegative.max(1000, { error: 'must be at most 1000 mm' }),
  })
  .superRefine(({ sheet, piece, allowRotate }, context) => {
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

interface Best {
  count: number
  /** how the best was reached: a grid of one way round, or a cut */
  how: { kind: 'grid'; rotated: boolean } | { kind: 'cut'; across: boolean; at: number } | null
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
  const floorTo = (list: readonly number[], length: number) => {
    let low = 0
    let high = list.length
    while (low < high) {
      const middle = (low + high) >> 1
      if (list[middle] <= length) low = middle + 1
      else high = middle
    }
    return low === 0 ? 0 : list[low - 1]
  }
  const known = new Map<number, Best>()
  const solve = (widthRaw: number, heightRaw: number): Best => {
    const [width, height] = [floorTo(columns, widthRaw), floorTo(rows, heightRaw)]
    if (width === 0 || height === 0) return { count: 0, how: null }
    const key = width * 2 ** 26 + height
    const before = known.get(key)
    if (before) return before
    const upright = Math.floor(width / w) * Math.floor(height / h)
    const turned = allowRotate ? Math.floor(width / h) * Math.floor(height / w) : 0
    const best: Best = {
      count: Math.max(upright, turned),
      how: upright + turned === 0 ? null : { kind: 'grid', rotated: turned > upright },
    }
    const most = Math.floor((width * height) / (w * h))
    if (allowRotate) {
      for (const across of [true, false]) {
        const [list, length] = across ? [columns, width] : [rows, height]
        for (const at of list) {
          if (at > length / 2 || best.count >= most) break
          const count = across
            ? solve(at, height).count + solve(width - at, height).count
            : solve(width, at).count + solve(width, height - at).count
          if (count > best.count) {
            best.count = count
            best.how = { kind: 'cut', across, at }
          }
        }
      }
    }
    known.set(key, best)
    return best
  }
  const placements: Placement[] = []
  const lay = (x: number, y: number, width: number, height: number) => {
    const { how } = solve(width, height)
    if (!how) return
    if (how.kind === 'cut') {
      const [right, below] = how.across ? [x + how.at, y] : [x, y + how.at]
      lay(x, y, how.across ? how.at : width, how.across ? height : how.at)
      lay(right, below, how.across ? width - how.at : width, how.across ? height : height - how.at)
      return
    }
    const [across, down] = how.rotated ? [h, w] : [w, h]
    for (let row = 0; row < Math.floor(height / down); row++)
      for (let column = 0; column < Math.floor(width / across); column++) {
        placements.push({
          xMm: (x + column * across) / GRAIN,
          yMm: (y + row * down) / GRAIN,
          widthMm: (across - gap) / GRAIN,
          heightMm: (down - gap) / GRAIN,
          rotated: how.rotated,
        })
      }
  }
  lay(0, 0, whole(sheet.widthMm) + gap, whole(sheet.heightMm) + gap)
  return { count: placements.length, placements }
}
