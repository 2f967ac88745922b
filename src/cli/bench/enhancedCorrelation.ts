import openCv from '@techstark/opencv-js'
import type { Grey } from '@/core/match/picture'
import { carry, type Similarity } from '@/core/match/similarity'

/** Turns and the step at which the library ends, and the softening it asks for: its own usual values, with more turns. */
const MOST_TURNS = 100
const EPSILON = 1e-6
const SOFTENING = 5

/** Where a point of the reference lies in the impression: x = m0·X + m1·Y + m2, y = m3·X + m4·Y + m5. */
export type Affine = readonly number[]

/** A similarity as the library's matrix, its pixels counted from their middles. */
function matrixOf(at: Similarity, { width, height }: Grey): Affine {
  const centre = [width / 2, height / 2] as const
  const to = (x: number, y: number) => carry(at, centre, [x + 0.5, y + 0.5]).map((value) => value - 0.5)
  const [[x0, y0], [x1, y1], [x2, y2]] = [to(0, 0), to(1, 0), to(0, 1)]
  return [x1 - x0, x2 - x0, x0, y1 - y0, y2 - y0, y0]
}

/** Root mean square distance, px, of what the matrix makes of a picture from the truth, over its area. */
export function affineError(matrix: Affine, truth: Similarity, picture: Grey): number {
  const wanted = matrixOf(truth, picture)
  let sum = 0
  const steps = 9
  for (let i = 0; i < steps; i++) {
    for (let j = 0; j < steps; j++) {
      const [x, y] = [((i + 0.5) * picture.width) / steps, ((j + 0.5) * picture.height) / steps]
      const off = (row: number) =>
        (matrix[row] - wanted[row]) * x +
        (matrix[row + 1] - wanted[row + 1]) * y +
        matrix[row + 2] -
        wanted[row + 2]
      sum += off(0) ** 2 + off(3) ** 2
    }
  }
  return Math.sqrt(sum / steps ** 2)
}

/** The general vision library, ready. In a box, since it answers `then` with itself and a promise of it would never be kept. */
export async function loadLibrary(): Promise<{ cv: typeof openCv }> {
  if (!openCv.Mat)
    await new Promise<void>((done) => {
      openCv.onRuntimeInitialized = () => done()
    })
  return { cv: openCv }
}

/**
 * Full-resolution enhanced-correlation alignment (Evangelidis & Psarakis 2008) by a general vision library.
 *
 * @returns the matrix, or null where it did not converge
 */
export function alignByCorrelation(
  cv: typeof openCv,
  reference: Grey,
  impression: Grey,
  start: Similarity,
): Affine | null {
  const matOf = ({ width, height, data }: Grey) =>
    cv.matFromArray(height, width, cv.CV_32FC1, data as unknown as number[])
  const [ours, theirs] = [matOf(reference), matOf(impression)]
  const warp = cv.matFromArray(2, 3, cv.CV_32FC1, [...matrixOf(start, reference)])
  const none = new cv.Mat()
  try {
    cv.findTransformECC(
      ours,
      theirs,
      warp,
      cv.MOTION_AFFINE,
      new cv.TermCriteria(cv.TermCriteria_COUNT + cv.TermCriteria_EPS, MOST_TURNS, EPSILON),
      none,
      SOFTENING,
    )
    return [...warp.data32F]
  } catch {
    return null
  } finally {
    for (const mat of [ours, theirs, warp, none]) mat.delete()
  }
}
