import { deltaE00Terms } from '../colour/deltaE00'
import type { Lab } from '../colour/convertXyzToLab'
import { SPECTRUM_LENGTH } from '../colour/spectrum'
import { solveLinear } from '../linear/solveLinear'
import type { FilmView } from './filmView'

/** One thing that goes into a mix, as the search sees it. */
export interface MixComponent {
  k: ArrayLike<number>
  s: ArrayLike<number>
  /** least share of the mix it may have */
  least: number
}

/** Shares of a mix, summing to 1, and how far its colour is from the target. */
export interface FittedShares {
  shares: number[]
  deltaE00: number
}

/** Step of the numeric derivative, in balanced shares. */
const STEP = 2e-4
/** A colour this near is met: going on would only polish figures. */
const MET = 1e-5

/** How much an ink says in a mix: what one part of it absorbs and scatters. */
export function strength({ k, s }: Pick<MixComponent, 'k' | 's'>): number {
  let sum = 1e-6
  for (let i = 0; i < SPECTRUM_LENGTH; i++) sum += k[i] + s[i]
  return sum / SPECTRUM_LENGTH
}

/**
 * Fits the shares of a few components to a target colour.
 *
 * Shares are searched balanced by strength (a part of black says what ten parts of ochre say), where colour changes evenly;
 * Levenberg–Marquardt on the weighted terms of CIEDE2000, so that its minimum is the minimum of ΔE00 itself, not of a stand-in.
 */
export class ShareFit {
  private readonly strengths: number[]
  private readonly k = new Float64Array(SPECTRUM_LENGTH)
  private readonly s = new Float64Array(SPECTRUM_LENGTH)
  /** colours computed so far, for the bench */
  evaluations = 0

  constructor(
    private readonly components: readonly MixComponent[],
    private readonly view: FilmView,
    private readonly target: Lab,
    strengths?: readonly number[],
  ) {
    this.strengths = strengths ? [...strengths] : components.map(strength)
  }

  /** Shares by volume from balanced ones; what would fall below its least is held there. */
  private unbalance(balanced: readonly number[]): number[] {
    const raw = balanced.map((value, i) => Math.max(0, value) / this.strengths[i])
    const total = raw.reduce((sum, value) => sum + value, 0) || 1
    const shares = raw.map((value) => value / total)
    const held = shares.map((share, i) => share < this.components[i].least)
    if (!held.includes(true)) return shares
    const heldSum = shares.reduce((sum, _, i) => sum + (held[i] ? this.components[i].least : 0), 0)
    const freeSum = shares.reduce((sum, share, i) => sum + (held[i] ? 0 : share), 0)
    return shares.map((share, i) => (held[i] ? this.components[i].least : (share / freeSum) * (1 - heldSum)))
  }

  private balance(shares: readonly number[]): number[] {
    const raw = shares.map((share, i) => share * this.strengths[i])
    const total = raw.reduce((sum, value) => sum + value, 0)
    return raw.map((value) => value / total)
  }

  private residual(shares: readonly number[]): [number, number, number] {
    this.evaluations += 1
    this.k.fill(0)
    this.s.fill(0)
    for (let n = 0; n < shares.length; n++) {
      const { k, s } = this.components[n]
      const share = shares[n]
      for (let i = 0; i < SPECTRUM_LENGTH; i++) {
        this.k[i] += share * k[i]
        this.s[i] += share * s[i]
      }
    }
    const { l, c, h, turn } = deltaE00Terms(this.target, this.view.colour(this.k, this.s))
    return [l, c + (turn / 2) * h, Math.sqrt(Math.max(0, 1 - (turn * turn) / 4)) * h]
  }

  /** ΔE00 of given shares. */
  score(shares: readonly number[]): number {
    return Math.hypot(...this.residual(shares))
  }

  /** Shares at a balanced point. */
  from(balanced: readonly number[]): FittedShares {
    const shares = this.unbalance(balanced)
    return { shares, deltaE00: this.score(shares) }
  }

  /** Walks downhill from a start for at most so many steps. */
  refine(start: FittedShares, steps: number): FittedShares {
    let { shares, deltaE00 } = start
    const n = shares.length
    if (n === 1) return start
    let balanced = this.balance(shares)
    let residual = this.residual(shares)
    let damping = 1e-3
    for (let step = 0; step < steps && deltaE00 > MET; step++) {
      const lean = balanced.indexOf(Math.max(...balanced))
      const free = balanced.map((_, i) => i).filter((i) => i !== lean)
      const columns = free.map((i) => {
        const width = balanced[lean] > 2 * STEP ? STEP : -STEP
        const moved = this.residual(
          this.unbalance(
            balanced.map((value, j) => {
              if (j === i) return value + width
              if (j === lean) return value - width
              return value
            }),
          ),
        )
        return moved.map((value, r) => (value - residual[r]) / width)
      })
      const down = columns.map((column) => -column.reduce((sum, value, r) => sum + value * residual[r], 0))
      // A share that lies at its least and would go lower stays there.
      const moving = free
        .map((_, c) => c)
        .filter((c) => !(shares[free[c]] <= this.components[free[c]].least + 1e-9 && down[c] < 0))
      if (moving.length === 0) break
      let improved = false
      for (let tries = 0; tries < 4 && !improved; tries++) {
        const normal = moving.map((p) =>
          moving.map(
            (q) =>
              columns[p].reduce((sum, value, r) => sum + value * columns[q][r], 0) +
              (p === q ? damping * (1 + columns[p].reduce((sum, value) => sum + value * value, 0)) : 0),
          ),
        )
        const move = solveLinear(
          normal,
          moving.map((c) => down[c]),
        )
        if (!move) break
        const tried = [...balanced]
        moving.forEach((c, m) => {
          const by = Math.max(-tried[free[c]], Math.min(1, move[m]))
          tried[free[c]] += by
          tried[lean] -= by
        })
        const triedShares = this.unbalance(tried)
        const triedResidual = this.residual(triedShares)
        const after = Math.hypot(...triedResidual)
        if (after < deltaE00) {
          improved = deltaE00 - after > 1e-7
          shares = triedShares
          deltaE00 = after
          residual = triedResidual
          balanced = this.balance(shares)
          damping = Math.max(1e-9, damping / 10)
          break
        }
        damping *= 10
      }
      if (!improved) break
    }
    return { shares, deltaE00 }
  }
}
