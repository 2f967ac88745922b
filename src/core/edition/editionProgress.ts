import { toleranceOf } from '../match/checks/matchCheck'
import { isPrint, readPull } from './readPull'
import { QUANTITIES, type Quantity } from './quantities'
import type { EyeReading, Pull } from './pull'

/** Where an edition stands. Sheets and starts are counted, never asked for. */
export interface EditionProgress {
  size: number
  pulled: number
  accepted: number
  setAside: number
  rejected: number
  undecided: number
  /** accepted prints still wanted */
  left: number
}

/** Counts an edition from its pulls; warm-ups, and proofs nobody kept as prints, do not count towards it. */
export function editionProgress(size: number, pulls: readonly Pull[]): EditionProgress {
  const decisions = pulls.filter(isPrint).map((pull) => readPull(pull).decision?.decision ?? null)
  const tally = (wanted: string | null) => decisions.filter((decision) => decision === wanted).length
  const accepted = tally('accepted')
  return {
    size,
    pulled: decisions.length,
    accepted,
    setAside: tally('set-aside'),
    rejected: tally('rejected'),
    undecided: tally(null),
    left: Math.max(0, size - accepted),
  }
}

/** One quantity through the edition, for a run chart. */
export interface RunSeries {
  quantity: Quantity
  points: { pull: number; value: number }[]
  /** band the BAT allows; null when the BAT has no reading of it */
  band: { target: number; low: number; high: number } | null
  /** pulls outside the band */
  outside: number[]
}

/** Readings of the edition's pulls by quantity, with the band round the BAT's own reading, or from one end of what passes to the other. Quantities never read are left out. */
export function runSeries(pulls: readonly Pull[], bat: Pull | null, other: Pull | null = null): RunSeries[] {
  const batReadings = bat ? readPull(bat).readings : {}
  const otherReadings = other ? readPull(other).readings : {}
  const read = pulls
    .filter(({ kind }) => kind === 'edition')
    .map((pull) => ({ pull: pull.number, readings: readPull(pull).readings }))
  return (Object.keys(QUANTITIES) as Quantity[]).flatMap((quantity): RunSeries[] => {
    const points = read.flatMap(({ pull, readings }) =>
      readings[quantity] === undefined ? [] : [{ pull, value: readings[quantity] }],
    )
    if (points.length === 0) return []
    const target = batReadings[quantity]
    const { tolerance } = QUANTITIES[quantity]
    const end = otherReadings[quantity] ?? target
    const band =
      target === undefined || end === undefined
        ? null
        : { target, low: Math.min(target, end) - tolerance, high: Math.max(target, end) + tolerance }
    return [
      {
        quantity,
        points,
        band,
        outside: band
          ? points.filter(({ value }) => value < band.low || value > band.high).map(({ pull }) => pull)
          : [],
      },
    ]
  })
}

/** Eye readings through the edition: −1 lighter, 0 same, +1 darker. */
export function eyeSeries(pulls: readonly Pull[]): { pull: number; value: number; reading: EyeReading }[] {
  const values: Record<EyeReading, number> = { lighter: -1, same: 0, darker: 1 }
  return pulls
    .filter(({ kind }) => kind === 'edition')
    .flatMap((pull) => {
      const { eye } = readPull(pull)
      return eye ? [{ pull: pull.number, value: values[eye], reading: eye }] : []
    })
}

/** How far from the BAT the scans of the edition are, mean ΔE00, with what is allowed by the newest comparison; null where none was compared. */
export function scanSeries(pulls: readonly Pull[]): {
  points: { pull: number; value: number }[]
  band: { target: number; low: number; high: number }
  /** pulls that differ in anything */
  differing: number[]
  /** pulls of which a picture kept something from being told */
  unclear: number[]
} | null {
  const compared = pulls
    .filter(({ kind }) => kind === 'edition')
    .flatMap((pull) => {
      const { match } = readPull(pull)
      return match ? [{ pull: pull.number, match }] : []
    })
  if (compared.length === 0) return null
  return {
    // Where a picture bore no colour there is no point; what differs otherwise is named all the same.
    points: compared
      .filter(({ match }) => match.values.colour !== null)
      .map(({ pull, match }) => ({ pull, value: match.deltaE00.mean })),
    band: { target: 0, low: 0, high: toleranceOf(compared.at(-1)!.match.tolerances, 'colour') },
    differing: compared.filter(({ match }) => match.outcome === 'differs').map(({ pull }) => pull),
    unclear: compared.filter(({ match }) => match.outcome === 'unclear').map(({ pull }) => pull),
  }
}
