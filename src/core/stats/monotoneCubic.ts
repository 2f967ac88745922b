/**
 * A smooth curve through points that rises wherever they rise (Fritsch & Carlson 1980, with their circle of radius 3); beyond the ends it
 * goes on straight.
 *
 * @param xs ascending, two or more @param ys as many
 */
export function monotoneCubic(xs: readonly number[], ys: readonly number[]): (x: number) => number {
  const last = xs.length - 1
  const steps = xs.slice(1).map((x, i) => x - xs[i])
  const slopes = steps.map((step, i) => (ys[i + 1] - ys[i]) / step)
  const tangents = xs.map((_, i) => {
    if (i === 0) return slopes[0]
    if (i === last) return slopes[last - 1]
    return slopes[i - 1] * slopes[i] <= 0 ? 0 : (slopes[i - 1] + slopes[i]) / 2
  })
  for (let i = 0; i < last; i++) {
    if (slopes[i] === 0) {
      tangents[i] = 0
      tangents[i + 1] = 0
      continue
    }
    const far = Math.hypot(tangents[i], tangents[i + 1]) / Math.abs(slopes[i])
    if (far <= 3) continue
    tangents[i] *= 3 / far
    tangents[i + 1] *= 3 / far
  }
  return (x) => {
    if (x <= xs[0]) return ys[0] + (x - xs[0]) * tangents[0]
    if (x >= xs[last]) return ys[last] + (x - xs[last]) * tangents[last]
    let i = 0
    while (x > xs[i + 1]) i += 1
    const step = steps[i]
    const t = (x - xs[i]) / step
    const u = 1 - t
    return (
      ys[i] * (1 + 2 * t) * u * u +
      step * tangents[i] * t * u * u +
      ys[i + 1] * t * t * (3 - 2 * t) -
      step * tangents[i + 1] * t * t * u
    )
  }
}
