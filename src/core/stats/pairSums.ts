/**
 * Sums over pairs of values, from which spread, covariance and correlation follow in one pass. A class and not a function of two lists,
 * since pictures are walked a million points at a time and nothing is to be kept of them.
 *
 * Sums of squares lose figures where the mean is far larger than the spread; lightness lies between 0 and 1, where they do not.
 */
export class PairSums {
  count = 0
  private a = 0
  private b = 0
  private aa = 0
  private bb = 0
  private ab = 0

  add(a: number, b: number): void {
    this.count += 1
    this.a += a
    this.b += b
    this.aa += a * a
    this.bb += b * b
    this.ab += a * b
  }

  /** Sum of the squares of the first values about their mean, never below nought. */
  get squaresA(): number {
    return Math.max(0, this.aa - (this.a * this.a) / this.count)
  }

  /** Sum of the squares of the second values about their mean, never below nought. */
  get squaresB(): number {
    return Math.max(0, this.bb - (this.b * this.b) / this.count)
  }

  /** Sum of the products of both about their means. */
  get products(): number {
    return this.ab - (this.a * this.b) / this.count
  }

  /** The straight line through the pairs by least squares: the second value is gain times the first plus offset. */
  get line(): { gain: number; offset: number } {
    const gain = this.products / this.squaresA
    return { gain, offset: (this.b - gain * this.a) / this.count }
  }

  /** Pearson's correlation, −1 to 1; nought where one of the two does not vary. */
  get correlation(): number {
    const spread = Math.sqrt(this.squaresA * this.squaresB)
    return this.count > 0 && spread > 1e-9 ? this.products / spread : 0
  }
}
