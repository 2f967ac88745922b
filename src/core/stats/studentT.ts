/** ln Γ by Lanczos' approximation (g = 7, nine terms), good to about 15 figures. */
const LANCZOS = [
  0.99999999999980993, 676.5203681218851, -1259.1392167224028, 771.32342877765313, -176.61502916214059,
  12.507343278686905, -0.13857109526572012, 9.9843695780195716e-6, 1.5056327351493116e-7,
]

/** Natural logarithm of the gamma function for x > 0. */
export function logGamma(x: number): number {
  if (x < 0.5) return Math.log(Math.PI / Math.sin(Math.PI * x)) - logGamma(1 - x)
  const z = x - 1
  const t = z + 7.5
  const series = LANCZOS.reduce((sum, term, i) => (i === 0 ? term : sum + term / (z + i)), 0)
  return 0.5 * Math.log(2 * Math.PI) + (z + 0.5) * Math.log(t) - t + Math.log(series)
}

/** Regularised incomplete beta function I_x(a, b) by Lentz' continued fraction. */
export function incompleteBeta(x: number, a: number, b: number): number {
  if (x <= 0) return 0
  if (x >= 1) return 1
  if (x > (a + 1) / (a + b + 2)) return 1 - incompleteBeta(1 - x, b, a)
  const front =
    Math.exp(logGamma(a + b) - logGamma(a) - logGamma(b) + a * Math.log(x) + b * Math.log1p(-x)) / a
  const floor = (value: number) => (Math.abs(value) < 1e-300 ? 1e-300 : value)
  let [c, d] = [1, 1 / floor(1 - ((a + b) * x) / (a + 1))]
  let fraction = d
  for (let m = 1; m < 500; m++) {
    const even = (m * (b - m) * x) / ((a + 2 * m - 1) * (a + 2 * m))
    d = 1 / floor(1 + even * d)
    c = floor(1 + even / c)
    fraction *= d * c
    const odd = (-(a + m) * (a + b + m) * x) / ((a + 2 * m) * (a + 2 * m + 1))
    d = 1 / floor(1 + odd * d)
    c = floor(1 + odd / c)
    fraction *= d * c
    if (Math.abs(d * c - 1) < 1e-15) break
  }
  return front * fraction
}

/** Probability that Student's t with so many degrees of freedom is at most `t`. */
export function studentProbability(t: number, degrees: number): number {
  const tail = incompleteBeta(degrees / (degrees + t * t), degrees / 2, 0.5) / 2
  return t > 0 ? 1 - tail : tail
}

/** Student's t that is not exceeded with probability `p`, 0.5 ≤ p < 1, by halving. */
export function studentQuantile(p: number, degrees: number): number {
  let [low, high] = [0, 1]
  while (studentProbability(high, degrees) < p) high *= 2
  for (let i = 0; i < 100; i++) {
    const middle = (low + high) / 2
    if (studentProbability(middle, degrees) < p) low = middle
    else high = middle
  }
  return (low + high) / 2
}
