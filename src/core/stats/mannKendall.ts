/** Whether a series rises or falls. */
export interface Trend {
  s: number
  z: number
  /** two-sided, by the normal approximation with continuity correction */ p: number
}

/** Upper tail of the standard normal by the complementary error function of Abramowitz & Stegun 7.1.26, to 1.5e-7. */
function upperTail(z: number): number {
  const x = Math.abs(z) / Math.SQRT2
  const t = 1 / (1 + 0.3275911 * x)
  const erfc =
    t *
    (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429)))) *
    Math.exp(-x * x)
  return z >= 0 ? erfc / 2 : 1 - erfc / 2
}

/**
 * Mann–Kendall test for a trend in a series whose values only have an order (Mann 1945, Kendall 1975): S = Σ sign(xⱼ − xᵢ), i < j, its
 * variance corrected for ties: [n(n−1)(2n+5) − Σ t(t−1)(2t+5)] / 18.
 *
 * @returns null for fewer than four values, or values all alike
 */
export function mannKendall(values: readonly number[]): Trend | null {
  const n = values.length
  if (n < 4) return null
  let s = 0
  for (let i = 0; i < n; i++) for (let j = i + 1; j < n; j++) s += Math.sign(values[j] - values[i])
  const ties = [...new Set(values)].map((value) => values.filter((other) => other === value).length)
  const variance =
    (n * (n - 1) * (2 * n + 5) - ties.reduce((sum, t) => sum + t * (t - 1) * (2 * t + 5), 0)) / 18
  if (variance <= 0) return null
  const z = s === 0 ? 0 : (s - Math.sign(s)) / Math.sqrt(variance)
  return { s, z, p: Math.min(1, 2 * upperTail(Math.abs(z))) }
}
