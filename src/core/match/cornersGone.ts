/** So much darker than paper, L*, is what lies under a sheet on something dark. */
const DARK = 25
/** Beyond what is dark there is still its soft edge, and a shadow, mm. */
const ROUND_MM = 2

/**
 * Leaves out what is seen in a corner of a straightened sheet in place of its paper: a corner that is curled, folded or torn off shows what lies
 * under it, which is no mark. It is dark, and reaches into the very corner.
 *
 * @param ink L* below the paper @param counts 1: counts; what is left out becomes 0
 */
export function leaveOutCorners(
  ink: Float32Array,
  width: number,
  height: number,
  pixelsPerMm: number,
  counts: Uint8Array,
): void {
  const inset = Math.min(Math.round(pixelsPerMm), (Math.min(width, height) - 1) >> 1)
  const starts = [inset, height - 1 - inset].flatMap((y) =>
    [inset, width - 1 - inset].map((x) => y * width + x),
  )
  const seen = new Uint8Array(ink.length)
  const open = starts.filter((at) => ink[at] > DARK)
  const gone: number[] = []
  for (const at of open) seen[at] = 1
  while (open.length > 0) {
    const at = open.pop()!
    gone.push(at)
    const x = at % width
    const beside = [x > 0 ? at - 1 : -1, x < width - 1 ? at + 1 : -1, at - width, at + width]
    for (const next of beside) {
      if (next < 0 || next >= ink.length || seen[next] === 1 || ink[next] <= DARK) continue
      seen[next] = 1
      open.push(next)
    }
  }
  const reach = Math.round(ROUND_MM * pixelsPerMm)
  for (const at of gone) {
    const [x, y] = [at % width, Math.floor(at / width)]
    const [left, right] = [Math.max(0, x - reach), Math.min(width, x + reach + 1)]
    // Only where it ends is there anything round it that is not left out already.
    const isInside = x > 0 && x < width - 1 && seen[at - 1] === 1 && seen[at + 1] === 1
    if (isInside && seen[at - width] === 1 && seen[at + width] === 1) {
      counts[at] = 0
      continue
    }
    for (let v = Math.max(0, y - reach); v <= Math.min(height - 1, y + reach); v++)
      counts.fill(0, v * width + left, v * width + right)
  }
}
