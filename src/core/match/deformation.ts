import { PairSums } from '../stats/pairSums'
import { solveLinear } from '../linear/solveLinear'
import { median } from '../stats/median'
import type { Box } from './findPlate'
import type { Grey } from './picture'

/** How much farther apart two points of a plate lie on a damp sheet that grew, each way, as a share. */
export interface Stretch {
  x: number
  y: number
}

/**
 * What a sheet did beyond shift, turn and size. The shift of a point of the plate is a smooth function of its place (u, v), −1 to 1 over
 * the plate: c0 + c1·u + c2·v + c3·u² + c4·uv + c5·v², px of the reference; the growth each way stands apart, as `stretch`.
 */
export interface Deformation {
  stretch: Stretch
  /** the rest of the field; null: nothing that could be told from the measuring */
  bend: { x: readonly number[]; y: readonly number[] } | null
  /** the plate it is told of, px */
  plate: Box
}

/** Blocks a side the plate is divided into, and blocks that must agree before growth is spoken of, and a bend. */
const SIDE = 5
const FEWEST = 8
const FEWEST_BENT = 15
/** Every so many-th pixel of a block is looked at, and less spread of lightness than this is no drawing. */
const STEP = 2
const DRAWN = 0.02
/** A block whose drawing agrees less than this, or moved farther than so many px, says nothing. */
const ALIKE = 0.6
const FARTHEST = 8
/** A block is settled when it moves less than this, px, and is never surer than that. */
const SETTLED_PX = 0.01
const MOST_TURNS = 12
const LEAST_ERROR_PX = 0.05
/** Less than this, as a share and in px, is the measuring. */
const LEAST = 2e-4
const LEAST_BEND_PX = 0.35
/** Blocks farther from the field than so many middle distances are left out of it. */
const OUTLIER = 4
/** A bend's three terms must take off so much of the weighted squares: by chance they take off 16 once in a thousand times (χ², three degrees of freedom). */
const EXPLAINED = 16

const TERMS = (u: number, v: number): number[] => [1, u, v, u * u, u * v, v * v]

export const noDeformation = (plate: Box): Deformation => ({ stretch: { x: 0, y: 0 }, bend: null, plate })

/** Where a point lies on the plate, −1 to 1 along one axis. Beyond the plate nothing is known: the field goes on as at its edge. */
const placeOn = (at: number, from: number, length: number) =>
  Math.min(1, Math.max(-1, (2 * (at - from)) / length - 1))

/** A bend along one row of the reference: the shift is c0 + c1·u + c2·u², in x and in y. */
export interface RowBend {
  x: [number, number, number]
  y: [number, number, number]
}

/** The bend along the row at y, px of the reference. */
export function rowBend({ x, y }: NonNullable<Deformation['bend']>, plate: Box, at: number): RowBend {
  const v = placeOn(at, plate.top, plate.height)
  return {
    x: [x[0] + x[2] * v + x[5] * v * v, x[1] + x[4] * v, x[3]],
    y: [y[0] + y[2] * v + y[5] * v * v, y[1] + y[4] * v, y[3]],
  }
}

/** Where every column of a picture lies on the plate, −1 to 1. */
export const columnPlaces = (plate: Box, width: number): Float64Array =>
  Float64Array.from({ length: width }, (_, x) => placeOn(x + 0.5, plate.left, plate.width))

/** The farthest a bend moves any place of the plate, px. */
export function farthestBend({ plate, bend }: Deformation): number {
  if (!bend) return 0
  const places = [-1, -0.5, 0, 0.5, 1]
  return Math.max(
    ...places.flatMap((v) => {
      const { x, y } = rowBend(bend, plate, plate.top + ((v + 1) / 2) * plate.height)
      return places.map((u) => Math.hypot(x[0] + x[1] * u + x[2] * u * u, y[0] + y[1] * u + y[2] * u * u))
    }),
  )
}

/** How far a print is out of shape, px: the farthest a bend moves a place of the plate, what it moves the whole by left out. */
export function outOfShape({ plate, bend, stretch }: Deformation): number {
  if (!bend) return 0
  // The mean of u² and of v² over the plate is a third: the first term that takes out what the whole is moved by.
  const still = (terms: readonly number[]) => terms.with(0, -(terms[3] + terms[5]) / 3)
  return farthestBend({ plate, stretch, bend: { x: still(bend.x), y: still(bend.y) } })
}

/** The farthest growth and bend together move any place of the plate, px. */
export const farthestMove = (deformation: Deformation): number =>
  farthestBend(deformation) +
  Math.hypot(
    deformation.stretch.x * deformation.plate.width,
    deformation.stretch.y * deformation.plate.height,
  ) /
    2

interface BlockShift {
  u: number
  v: number
  x: number
  y: number
  /** how surely, one over the square of its likely error, px */ surelyX: number
  surelyY: number
}

/**
 * Shift of one block of the laid picture against the reference's, by the reference's gradients (Baker & Matthews 2004, inverse
 * compositional), tone apart; null where it shows too little, or something else.
 *
 * @returns px, and the information it carries each way: lines that run one way say nothing of that way
 */
function shiftOf(
  reference: Grey,
  laid: Grey,
  { left, top, width, height }: Box,
): Pick<BlockShift, 'x' | 'y' | 'surelyX' | 'surelyY'> | null {
  const { width: w, data: ours } = reference
  const { data: theirs, height: tall } = laid
  let [x, y] = [0, 0]
  for (let turn = 0; ; turn++) {
    const [i, j] = [Math.floor(x), Math.floor(y)]
    const [fx, fy] = [x - i, y - j]
    if (
      left + i < 1 ||
      top + j < 1 ||
      left + width + i + 2 > w ||
      top + height + j + 2 > tall ||
      left < 1 ||
      top < 1
    )
      return null
    const sums = new PairSums()
    let [gxx, gyy, gxy, gxa, gya, gxb, gyb, gx1, gy1] = [0, 0, 0, 0, 0, 0, 0, 0, 0]
    for (let v = top; v < top + height; v += STEP) {
      for (let u = left; u < left + width; u += STEP) {
        const at = v * w + u
        const to = (v + j) * w + u + i
        const a = ours[at]
        const b =
          (theirs[to] * (1 - fx) + theirs[to + 1] * fx) * (1 - fy) +
          (theirs[to + w] * (1 - fx) + theirs[to + w + 1] * fx) * fy
        const gx = (ours[at + 1] - ours[at - 1]) / 2
        const gy = (ours[at + w] - ours[at - w]) / 2
        sums.add(a, b)
        gxx += gx * gx
        gyy += gy * gy
        gxy += gx * gy
        gxa += gx * a
        gya += gy * a
        gxb += gx * b
        gyb += gy * b
        gx1 += gx
        gy1 += gy
      }
    }
    if (sums.squaresA / sums.count < DRAWN ** 2 || sums.correlation < ALIKE) return null
    const { gain, offset } = sums.line
    // What the tone does not explain, seen through the gradients, is the shift.
    const [rx, ry] = [gxb - gain * gxa - offset * gx1, gyb - gain * gya - offset * gy1]
    const det = gxx * gyy - gxy * gxy
    if (!(det > 1e-12 * gxx * gyy) || !(gain > 0)) return null
    const [dx, dy] = [(gyy * rx - gxy * ry) / det / gain, (gxx * ry - gxy * rx) / det / gain]
    if (turn === MOST_TURNS || Math.hypot(dx, dy) < SETTLED_PX) {
      const noise = Math.max(1e-9, (sums.squaresB - gain * sums.products) / sums.count)
      const error = (own: number, other: number) =>
        noise / (gain * gain * (own - (gxy * gxy) / other)) + LEAST_ERROR_PX ** 2
      return { x, y, surelyX: 1 / error(gxx, gyy), surelyY: 1 / error(gyy, gxx) }
    }
    x -= dx
    y -= dy
    if (Math.hypot(x, y) > FARTHEST) return null
  }
}

/** Where every block of the plate lies by itself against where it was laid. */
function blockShifts(reference: Grey, laid: Grey, plate: Box): BlockShift[] {
  const [width, height] = [Math.floor(plate.width / SIDE), Math.floor(plate.height / SIDE)]
  if (Math.min(width, height) < 24) return []
  const shifts: BlockShift[] = []
  for (let row = 0; row < SIDE; row++) {
    for (let column = 0; column < SIDE; column++) {
      const [left, top] = [Math.round(plate.left + column * width), Math.round(plate.top + row * height)]
      const shift = shiftOf(reference, laid, { left, top, width, height })
      if (shift)
        shifts.push({
          u: (2 * (left + width / 2 - plate.left)) / plate.width - 1,
          v: (2 * (top + height / 2 - plate.top)) / plate.height - 1,
          ...shift,
        })
    }
  }
  return shifts
}

type Axis = 'x' | 'y'

/** A field of so many terms through shifts, each as sure as it is: its terms and the weighted squares it leaves. */
function fit(
  shifts: readonly BlockShift[],
  axis: Axis,
  count: number,
): { field: number[]; left: number } | null {
  const rows = shifts.map(({ u, v }) => TERMS(u, v).slice(0, count))
  const sure = (k: number) => shifts[k][axis === 'x' ? 'surelyX' : 'surelyY']
  const over = (of: (k: number) => number) => shifts.reduce((all, _, k) => all + sure(k) * of(k), 0)
  const terms = Array.from({ length: count }, (_, i) => i)
  // The normal equations: six unknowns of size one are nowhere near what would hurt them.
  const field = solveLinear(
    terms.map((i) => terms.map((j) => over((k) => rows[k][i] * rows[k][j]))),
    terms.map((i) => over((k) => rows[k][i] * shifts[k][axis])),
  )
  return (
    field && {
      field,
      left: over((k) => (shifts[k][axis] - rows[k].reduce((all, term, i) => all + term * field[i], 0)) ** 2),
    }
  )
}

/** A field through shifts, fitted twice, the second time without blocks that lie far off; a bend only where it explains what growth and turn cannot. */
function fieldThrough(shifts: readonly BlockShift[], axis: Axis): number[] {
  const plain = (of: readonly BlockShift[]) => fit(of, axis, 3)
  const bent = (of: readonly BlockShift[]) => (of.length >= FEWEST_BENT ? fit(of, axis, 6) : null)
  const first = bent(shifts) ?? plain(shifts)
  if (!first) return [0, 0, 0, 0, 0, 0]
  const off = ({ u, v, [axis]: shift }: BlockShift) =>
    Math.abs(shift - TERMS(u, v).reduce((all, term, i) => all + term * (first.field[i] ?? 0), 0))
  const bound = OUTLIER * Math.max(LEAST_ERROR_PX, median(shifts.map(off)))
  const near = shifts.filter((shift) => off(shift) <= bound)
  const [straight, curved] = [plain(near), bent(near)]
  const field =
    curved && straight && straight.left - curved.left > EXPLAINED
      ? curved.field
      : (straight?.field ?? first.field)
  return [...field, 0, 0, 0].slice(0, 6)
}

/**
 * What is left of a deformation after two prints were laid over one another: every block of the plate is laid over by itself, and a smooth
 * field put through their shifts. Paper grows more across its grain than along it, and a sheet that was lifted wet is not square any more.
 *
 * @param reference softened, so that noise does not pull it to half pixels; @param laid the impression in its frame, likewise
 */
export function estimateDeformation(reference: Grey, laid: Grey, plate: Box): Deformation {
  const shifts = blockShifts(reference, laid, plate)
  if (shifts.length < FEWEST) return noDeformation(plate)
  const [x, y] = [fieldThrough(shifts, 'x'), fieldThrough(shifts, 'y')]
  const [across, down] = [x[1] / (plate.width / 2), y[2] / (plate.height / 2)]
  return {
    stretch: { x: Math.abs(across) < LEAST ? 0 : across, y: Math.abs(down) < LEAST ? 0 : down },
    bend: { x: x.map((value, i) => (i === 1 ? 0 : value)), y: y.map((value, i) => (i === 2 ? 0 : value)) },
    plate,
  }
}

const sum = (one: readonly number[] | undefined, other: readonly number[] | undefined) =>
  [0, 1, 2, 3, 4, 5].map((i) => (one?.[i] ?? 0) + (other?.[i] ?? 0))

/** Two deformations one after the other, both small. */
export function addDeformation(one: Deformation, more: Deformation): Deformation {
  return {
    plate: one.plate,
    stretch: { x: one.stretch.x + more.stretch.x, y: one.stretch.y + more.stretch.y },
    bend: { x: sum(one.bend?.x, more.bend?.x), y: sum(one.bend?.y, more.bend?.y) },
  }
}

/** The same without a bend that could be the measuring. */
export const settled = (deformation: Deformation): Deformation =>
  farthestBend(deformation) < LEAST_BEND_PX ? { ...deformation, bend: null } : deformation
