import { runTally, type RunTally, type SheetLine } from './runs'
import { startsNeeded } from '../stats/startsNeeded'

/** Above so many wanted prints the exact sum takes too long to wait for. */
const EXACT_UP_TO = 400

/**
 * How many sheets come through a run, as a distribution, from how many come to it: beta-binomial, the reject rate being
 * Beta(1 + lost, 7 + through) as for {@link startsNeeded}, by the ratio of neighbouring terms.
 */
function comesThrough(
  arriving: readonly number[],
  { through, lost }: Pick<RunTally, 'through' | 'lost'>,
): number[] {
  const [good, bad] = [7 + through, 1 + lost]
  const passed = new Array<number>(arriving.length).fill(0)
  let all = 1
  arriving.forEach((chance, n) => {
    if (n > 0) all *= (good + n - 1) / (good + bad + n - 1)
    let term = chance * all
    for (let k = n; k >= 0 && chance > 0; k--) {
      passed[k] += term
      term *= k === 0 ? 0 : (k * (bad + n - k)) / ((n - k + 1) * (good + k - 1))
    }
  })
  return passed
}

/**
 * The chance that at least `wanted` sheets come out of the last run, when so many fresh ones begin the first and those that wait go on.
 *
 * @param tallies the runs in order, with what each let through, lost and has waiting; what waits for the first run is not yet begun
 */
export function chanceOfEnough(
  wanted: number,
  tallies: readonly Pick<RunTally, 'through' | 'lost' | 'waiting'>[],
  fresh: number,
): number {
  let arriving: number[] = []
  tallies.forEach((tally, i) => {
    const waiting = i === 0 ? fresh : tally.waiting
    arriving = comesThrough([...new Array<number>(waiting).fill(0), ...(i === 0 ? [1] : arriving)], tally)
  })
  return arriving.slice(Math.max(0, wanted)).reduce((sum, chance) => sum + chance, 0)
}

/**
 * How many fresh sheets the first run must still be begun with so that enough come out of the last.
 * With one run this is {@link startsNeeded}; very large editions are reckoned run by run, each as sure as its n-th root, which is on the safe side.
 *
 * @param wanted prints that are to come out of the last run in all
 * @param confidence of ten editions begun so, how many should come out, 0 to 1
 * @returns `left`: prints still wanted; `fresh`: sheets to begin for them, 0 when what is under way suffices
 */
export function freshSheets(
  wanted: number,
  lines: readonly SheetLine[],
  runCount: number,
  confidence: number,
): { left: number; fresh: number } {
  const tallies = Array.from({ length: runCount }, (_, i) => runTally(lines, i))
  const left = Math.max(0, wanted - lines.filter(({ isThrough }) => isThrough).length)
  if (left === 0) return { left, fresh: 0 }
  const starts = (accepted: number, { through, lost }: RunTally, sure: number) =>
    startsNeeded({ accepted, earlierAccepted: through, earlierRejected: lost, confidence: sure }).starts
  if (runCount === 1) return { left, fresh: starts(left, tallies[0], confidence) }
  if (left > EXACT_UP_TO) {
    const needed = tallies
      .toReversed()
      .reduce(
        (accepted, tally, i) =>
          Math.max(
            0,
            starts(accepted, tally, confidence ** (1 / runCount)) - (i === runCount - 1 ? 0 : tally.waiting),
          ),
        left,
      )
    return { left, fresh: needed }
  }
  let enough = 0
  let step = left
  while (chanceOfEnough(left, tallies, enough) < confidence && enough < 20 * left + 20) enough += step
  // The smallest that suffices lies in the last step.
  for (; step >= 1; step = Math.floor(step / 2))
    while (enough - step >= 0 && chanceOfEnough(left, tallies, enough - step) >= confidence) enough -= step
  return { left, fresh: enough }
}
