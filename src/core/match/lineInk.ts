import type { Box } from './findPlate'
import type { JudgedPlate } from './judgedPlate'
import { commonBox, wholeBox } from './seenBox'
import { withoutNarrow } from './withoutNarrow'

/** A line is what an opening of this side takes off, mm; a fine one loses a quarter of itself to one of that side already. */
const LINE_MM = 1.2
const NARROW_MM = 0.5
const NARROW = 0.25
/** What stands out by less than this density from what lies beside it is no line. */
const STANDS_OUT = 0.05
/** Lines are as strong as nine tenths of their places reach; what stands out by less than so much of that is a fine line, where it is narrow. */
const STRONG_SHARE = 0.9
const FINE = 0.55
/** Lines of which less is seen than this, mm², say nothing. */
const LEAST_MM2 = 20
/** Densities are told apart in steps of this when their shares are counted, up to twice the densest ink. */
const STEP = 0.005
const STEPS = 1000

/** Ink that lines have beyond what lies between them in both prints, as density summed up over their places. */
export interface LineInk {
  lines: 'fine' | 'strong'
  reference: number
  impression: number
}

/** How much less light a print throws back over its plate than its paper does, as density: what two layers of ink have adds up (ISO 5-4). From L* by CIE 1976, above its straight foot. */
function densityOf(ink: Float32Array, width: number, paper: number, { left, top, width: w, height: h }: Box) {
  const dense = new Float32Array(w * h)
  const white = paper + 16
  for (let y = 0, to = 0; y < h; y++)
    for (let i = (top + y) * width + left, end = i + w; i < end; i++, to++)
      dense[to] = -3 * Math.log10(Math.max(1, white - ink[i]) / white)
  return dense
}

/** What is taken off a field by an opening. */
function takenOff(dense: Float32Array, { width, height }: Box, reach: number): Float32Array {
  const off = withoutNarrow(dense, width, height, reach)
  for (let i = 0; i < off.length; i++) off[i] = dense[i] - off[i]
  return off
}

/** The density nine tenths of the lines' places reach at most. */
function strongest(line: Float32Array): number {
  const counts = new Uint32Array(STEPS)
  let all = 0
  for (const value of line) {
    if (value < STANDS_OUT) continue
    counts[Math.min(STEPS - 1, Math.floor(value / STEP))] += 1
    all += 1
  }
  let below = 0
  return (counts.findIndex((count) => (below += count) >= STRONG_SHARE * all) + 1) * STEP
}

/**
 * Ink of the lines, the fine ones apart: they go first when a plate wears, and among strong ones their loss is not seen in the whole. It is
 * told against what lies between them, as density, so that a film over both takes nothing off.
 *
 * @returns of those of which enough is seen, the fine ones first
 */
export function lineInk(judged: JudgedPlate): LineInk[] {
  const { width, height, pixelsPerMm, plate, paper, referenceInk, impressionInk, seen } = judged
  const box = commonBox(wholeBox({ width, height }), {
    left: Math.round(plate.left),
    top: Math.round(plate.top),
    width: Math.floor(plate.width),
    height: Math.floor(plate.height),
  })
  const reach = (mm: number) => Math.max(1, Math.round((mm * pixelsPerMm - 1) / 2))
  const [ours, theirs] = [referenceInk, impressionInk].map((ink) => {
    const dense = densityOf(ink, width, paper, box)
    return {
      line: takenOff(dense, box, reach(LINE_MM)),
      narrow: takenOff(dense, box, reach(NARROW_MM)),
    }
  })
  // Of both prints together: places chosen by one alone would be those where that one happens to be darker.
  const line = ours.line.map((value, i) => (value + theirs.line[i]) / 2)
  const fineBelow = FINE * strongest(line)
  const fine = { lines: 'fine' as const, reference: 0, impression: 0, places: 0 }
  const strong = { lines: 'strong' as const, reference: 0, impression: 0, places: 0 }
  for (let i = 0; i < line.length; i++) {
    if (
      line[i] < STANDS_OUT ||
      !seen[(box.top + Math.floor(i / box.width)) * width + box.left + (i % box.width)]
    )
      continue
    const isFaint = line[i] < fineBelow
    // The flank of a strong line is as faint as a fine line, but not narrow.
    if (isFaint && (ours.narrow[i] + theirs.narrow[i]) / 2 < NARROW * line[i]) continue
    const to = isFaint ? fine : strong
    to.reference += ours.line[i]
    to.impression += theirs.line[i]
    to.places += 1
  }
  return [fine, strong]
    .filter(({ places }) => places >= LEAST_MM2 * pixelsPerMm ** 2)
    .map(({ lines, reference, impression }) => ({ lines, reference, impression }))
}
