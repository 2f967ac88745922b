/**
 * Solves A·x = b by Gaussian elimination with partial pivoting.
 *
 * @param a n rows of n numbers; @param b n numbers; neither is changed
 * @returns x, or null when A is singular to working precision
 */
export function solveLinear(a: readonly (readonly number[])[], b: readonly number[]): number[] | null {
  const n = b.length
  const rows = a.map((row, i) => [...row, b[i]])
  for (let column = 0; column < n; column++) {
    let pivot = column
    for (let i = column + 1; i < n; i++)
      if (Math.abs(rows[i][column]) > Math.abs(rows[pivot][column])) pivot = i
    if (!(Math.abs(rows[pivot][column]) > 1e-14)) return null
    ;[rows[column], rows[pivot]] = [rows[pivot], rows[column]]
    for (let i = column + 1; i < n; i++) {
      const factor = rows[i][column] / rows[column][column]
      if (factor === 0) continue
      for (let j = column; j <= n; j++) rows[i][j] -= factor * rows[column][j]
    }
  }
  const x = new Array<number>(n).fill(0)
  for (let i = n - 1; i >= 0; i--) {
    let sum = rows[i][n]
    for (let j = i + 1; j < n; j++) sum -= rows[i][j] * x[j]
    x[i] = sum / rows[i][i]
  }
  return x
}
