import { describe, expect, it } from 'vitest'
import { editionProgress, eyeSeries, runSeries, wearOfRun } from './editionProgress'
import { plateHistory } from './plateHistory'
import { samplePull } from './samplePull.test.fixture'
import { eventSubject, pullEventSchema, pullSchema, readPull, type Pull, type PullEvent } from './pull'

const pull = (number: number, kind: Pull['kind'], ...events: PullEvent[]) =>
  samplePull(number, events, { id: `${kind}-${number}`, kind })
const decide = (decision: 'accepted' | 'set-aside' | 'rejected'): PullEvent => ({
  kind: 'decision',
  decision,
  reason: decision === 'rejected' ? 'crease' : '',
  fate: decision === 'rejected' ? 'destroyed' : null,
})

describe('pull events', () => {
  it('the last word on a subject holds, and the amendment is known', () => {
    const standing = readPull(
      pull(1, 'edition', decide('accepted'), { kind: 'eye', reading: 'same' }, decide('rejected')),
    )
    expect(standing.decision).toMatchObject({ decision: 'rejected', fate: 'destroyed' })
    expect(standing.amended).toEqual(['decision'])
  })
  it('readings of different quantities are different subjects', () => {
    expect(eventSubject({ kind: 'reading', quantity: 'plateC', value: 3 })).not.toBe(
      eventSubject({ kind: 'reading', quantity: 'tone1', value: 3 }),
    )
  })
  it('a reject needs a reason and a fate, each at its field', () => {
    const refused = pullEventSchema.safeParse({
      kind: 'decision',
      decision: 'rejected',
      reason: '',
      fate: null,
    })
    expect(refused.error!.issues.map((issue) => issue.path[0])).toEqual(['reason', 'fate'])
  })
  it.each([
    ['uptakePercent', -1],
    ['plateC', 400],
    ['tone1', 9],
  ])('refuses an impossible %s', (quantity, value) => {
    expect(pullEventSchema.safeParse({ kind: 'reading', quantity, value }).success).toBe(false)
  })
  it('a whole pull passes its own door', () =>
    expect(pullSchema.parse(pull(1, 'edition', decide('accepted')))).toBeTruthy())
})

describe('edition progress', () => {
  it('counts only edition pulls, by their last decision', () => {
    const pulls = [
      pull(1, 'proof', decide('accepted')),
      pull(1, 'edition', decide('accepted')),
      pull(2, 'edition', decide('set-aside')),
      pull(3, 'edition'),
      pull(4, 'edition', decide('accepted'), decide('rejected')),
    ]
    expect(editionProgress(5, pulls)).toEqual({
      size: 5,
      pulled: 4,
      accepted: 1,
      setAside: 1,
      rejected: 1,
      undecided: 1,
      left: 4,
    })
  })
  it('draws the band round the BAT’s own reading and finds what is outside', () => {
    const reading = (value: number): PullEvent => ({ kind: 'reading', quantity: 'plateC', value })
    const [series] = runSeries(
      [pull(1, 'edition', reading(37)), pull(2, 'edition', reading(41)), pull(3, 'edition')],
      pull(4, 'proof', reading(38)),
    )
    expect(series).toMatchObject({
      quantity: 'plateC',
      band: { target: 38, low: 36, high: 40 },
      outside: [2],
    })
    expect(series.points).toHaveLength(2)
  })
  it('writes eye readings as a series', () => {
    expect(eyeSeries([pull(1, 'edition', { kind: 'eye', reading: 'lighter' }), pull(2, 'edition')])).toEqual([
      { pull: 1, value: -1, reading: 'lighter' },
    ])
  })
})

describe('wear of a run', () => {
  const run = (values: number[], low = 1.3) => [
    {
      quantity: 'tone1' as const,
      points: values.map((value, i) => ({ pull: i + 1, value })),
      band: { target: 1.4, low, high: 1.5 },
      outside: [],
    },
  ]
  it('looks ahead to the lower edge of the band', () => {
    const wear = wearOfRun(run([1.42, 1.41, 1.4, 1.39, 1.38]))!
    expect(wear.forecast.pullAtFloor).toBeCloseTo(13, 6)
  })
  it('says why there is no forecast, and nothing where there is no band', () => {
    expect(wearOfRun(run([1.4, 1.41]))!.forecast.reason).toContain('at least 4')
    expect(wearOfRun([{ ...run([1.4])[0], band: null }])).toBeNull()
    expect(wearOfRun([])).toBeNull()
  })
})

describe('what a plate’s own pulls say of its life', () => {
  const read = (number: number, kind: Pull['kind'], value: number) =>
    pull(number, kind, { kind: 'reading', quantity: 'tone1', value })
  const proofs = [read(1, 'proof', 1.42), read(2, 'proof', 1.42), read(3, 'proof', 1.42)]
  it('wear is counted from the plate’s first pull, proofs too', () => {
    // Falls 0.004 a pull from 1.42: at the tolerance of 0.06 below the BAT after 15 pulls of the edition, 18 of the plate.
    const edition = Array.from({ length: 8 }, (_, i) =>
      read(i + 1, 'edition', 1.42 - 0.004 * (i + 1) + (i % 2 ? 0.0005 : -0.0005)),
    )
    const { wear } = plateHistory([...proofs, ...edition], proofs[2], [])
    expect(wear!.low).toBeGreaterThan(16)
    expect(wear!.low).toBeLessThan(18.5)
    expect(wear!.high!).toBeGreaterThan(17.5)
  })
  it('without readings, or a BAT, there is none; the newest facing counts', () => {
    expect(plateHistory(proofs, null, [{ afterPulls: 2 }, { afterPulls: 9 }])).toEqual({
      facedAfter: 9,
      wear: null,
    })
  })
})
