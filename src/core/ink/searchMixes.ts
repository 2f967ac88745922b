import type { Lab } from '../colour/convertXyzToLab'
import type { FilmView } from './filmView'
import { ShareFit, strength, type FittedShares, type MixComponent } from './fitShares'

/** Up to so many inks every combination is tried; larger ones grow from the best smaller ones. */
const EXHAUSTIVE_TO = 3
/** Smaller mixes that larger ones grow from. */
const BEAM = 250
/** Combinations of each size that are walked to the end, from several starts. */
const POLISHED = 160
/** Steps of the first walk of three or more, and of the last. */
const FIRST_STEPS = 3
const LAST_STEPS = 14
/** Balanced share with which one more ink joins a mix that is already good. */
const JOINS_WITH = 0.12
/** Combinations between two reports. */
const REPORT_EVERY = 256

/** One combination of the offered components, with the shares that come nearest. */
export interface FoundMix extends FittedShares {
  /** places of the components in the offer, ascending */
  indices: number[]
}

export interface MixSearch {
  offer: readonly MixComponent[]
  /** always in the mix, before those of the offer in `shares` */
  always?: readonly MixComponent[]
  target: Lab
  view: FilmView
  /** components of the offer in one mix, at the most */
  most: number
  /** told how much is done, 0 to 1; answers false to give up */
  onProgress?: (done: number) => boolean
}

function combinations(n: number, size: number): number[][] {
  if (size === 1) return Array.from({ length: n }, (_, i) => [i])
  return combinations(n, size - 1).flatMap((before) =>
    Array.from({ length: n - 1 - before[size - 2] }, (_, i) => [...before, before[size - 2] + 1 + i]),
  )
}

/** Every set one larger than a good one. */
function grow(best: readonly FoundMix[], n: number): number[][] {
  const seen = new Set<string>()
  return best.slice(0, BEAM).flatMap(({ indices }) =>
    Array.from({ length: n }, (_, i) => i)
      .filter((i) => !indices.includes(i))
      .map((i) => [...indices, i].sort((a, b) => a - b))
      .filter((set) => !seen.has(set.join()) && seen.add(set.join())),
  )
}

/**
 * Searches all combinations of up to `most` offered components for those whose colour comes nearest to the target.
 * Ones, twos and threes are searched exhaustively: each three starts from its centre and from its own twos, walks a little,
 * and the best are walked to the end from every start. Larger ones grow from the best smaller ones.
 *
 * @returns the best of every combination looked at, nearest first; null when told to give up
 */
export function searchMixes({
  offer,
  always = [],
  target,
  view,
  most,
  onProgress,
}: MixSearch): { found: FoundMix[]; evaluations: number } | null {
  const strengths = offer.map(strength)
  const fixedStrengths = always.map(strength)
  const fixed = always.length
  const known = new Map<string, FoundMix>()
  let evaluations = 0
  let previous: FoundMix[] = []
  if (always.length > 0) {
    const alone = new ShareFit(always, view, target, fixedStrengths)
    known.set('', {
      indices: [],
      ...alone.refine(alone.from(new Array<number>(fixed).fill(1 / fixed)), LAST_STEPS),
    })
    evaluations += alone.evaluations
  }
  for (let size = 1; size <= Math.min(most, offer.length); size++) {
    const sets = size <= EXHAUSTIVE_TO ? combinations(offer.length, size) : grow(previous, offer.length)
    const fitOf = (indices: readonly number[]) =>
      new ShareFit([...always, ...indices.map((i) => offer[i])], view, target, [
        ...fixedStrengths,
        ...indices.map((i) => strengths[i]),
      ])
    const starts = (indices: readonly number[], fit: ShareFit): FittedShares[] => {
      const n = fixed + size
      const even = fit.from(new Array<number>(n).fill(1 / n))
      if (n === 1) return [even]
      if (size === 1 || n === 2)
        return [
          even,
          ...Array.from({ length: n }, (_, lead) =>
            fit.from(Array.from({ length: n }, (__, i) => (i === lead ? 0.85 : 0.15 / (n - 1)))),
          ),
        ]
      const smaller = indices.flatMap((left, place) => {
        const base = known.get(indices.filter((i) => i !== left).join())
        if (!base) return []
        const own = [...fixedStrengths, ...indices.filter((i) => i !== left).map((i) => strengths[i])]
        const raw = base.shares.map((share, i) => share * own[i])
        const total = raw.reduce((sum, value) => sum + value, 0)
        const balanced = raw.map((value) => (value / total) * (1 - JOINS_WITH))
        balanced.splice(fixed + place, 0, JOINS_WITH)
        return [fit.from(balanced)]
      })
      return [even, ...smaller]
    }
    const best = (candidates: readonly FittedShares[]) =>
      candidates.reduce((least, one) => (one.deltaE00 < least.deltaE00 ? one : least))
    const found: FoundMix[] = []
    for (const [i, indices] of sets.entries()) {
      if (i % REPORT_EVERY === 0 && onProgress && !onProgress((size - 1 + i / sets.length) / most))
        return null
      const fit = fitOf(indices)
      const walked = fit.refine(best(starts(indices, fit)), size < 3 ? LAST_STEPS : FIRST_STEPS)
      found.push({ indices: [...indices], ...walked })
      evaluations += fit.evaluations
    }
    found.sort((a, b) => a.deltaE00 - b.deltaE00)
    if (size >= 3) {
      for (const mix of found.slice(0, POLISHED)) {
        const fit = fitOf(mix.indices)
        Object.assign(
          mix,
          best([mix, ...starts(mix.indices, fit)].map((start) => fit.refine(start, LAST_STEPS))),
        )
        evaluations += fit.evaluations
      }
      found.sort((a, b) => a.deltaE00 - b.deltaE00)
    }
    for (const mix of found) known.set(mix.indices.join(), mix)
    previous = found
  }
  return { found: [...known.values()].sort((a, b) => a.deltaE00 - b.deltaE00), evaluations }
}
