import { describe, expect, it } from 'vitest'
import { editionProgress, eyeSeries, runSeries } from './editionProgress'
import { plateLife } from '../plate/plateLife'
import { handOf, plateHistory, wearingLine } from './plateHistory'
import { samplePull } from './samplePull.test.fixture'
import { eventSubject, readPull } from './readPull'
import { pullEventSchema, pullSchema, type Pull, type PullEvent } from './pull'

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
  it('a fault stands with what it came from, where that was said', () => {
    const said = pull(
      1,
      'edition',
      { kind: 'fault', where: 6, what: 'shifted', cause: 'crept' },
      { kind: 'fault', where: 1, what: 'spot' },
    )
    expect(readPull(said).faults).toEqual([
      { where: 6, what: 'shifted', cause: 'crept' },
      { where: 1, what: 'spot' },
    ])
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
  it('counts edition pulls by their last decision, and no proof that nobody kept', () => {
    const pulls = [
      pull(1, 'proof'),
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

describe('what a plate’s own pulls say of its life', () => {
  const read = (number: number, kind: Pull['kind'], value: number) =>
    pull(number, kind, { kind: 'reading', quantity: 'tone1', value })
  const proofs = [read(1, 'proof', 1.42), read(2, 'proof', 1.42), read(3, 'proof', 1.42)]
  const edition = Array.from({ length: 8 }, (_, i) =>
    read(i + 1, 'edition', 1.42 - 0.004 * (i + 1) + (i % 2 ? 0.0005 : -0.0005)),
  )
  it('readings are counted from the plate’s first pull, proofs too, down to the edge of what passes', () => {
    const { line } = plateHistory([...proofs, ...edition], { proof: proofs[2], otherEnd: null }, [])
    expect(line!.floor).toBeCloseTo(1.42 - 0.06, 9)
    expect(line!.readings.map(({ pull: made }) => made)).toEqual([4, 5, 6, 7, 8, 9, 10, 11])
    const life = plateLife({ kind: 'copper-drypoint' }, 11, { line })
    // Falls 0.004 a pull from 1.42: at the tolerance of 0.06 below the BAT after 15 pulls of the edition, 18 of the plate.
    expect(life.leftAtLeast).toBeGreaterThanOrEqual(5)
    expect(life.leftAtLeast).toBeLessThanOrEqual(7)
    expect(life.leftAtMost).toBeGreaterThanOrEqual(7)
    expect(life.leftAtMost).toBeLessThanOrEqual(10)
  })
  it('a palest print that still passes moves the floor; rejected prints are known, and whose hand it was', () => {
    const pale = read(2, 'proof', 1.3)
    const thrown = pull(9, 'edition', { kind: 'reading', quantity: 'tone1', value: 1.1 }, decide('rejected'))
    const line = wearingLine([...proofs, pale, thrown], { proof: proofs[2], otherEnd: pale })!
    expect(line.floor).toBeCloseTo(1.3 - 0.06, 9)
    expect(line.readings).toEqual([{ pull: 5, value: 1.1, hand: handOf(thrown.hands), rejected: true }])
    expect(handOf({ inked: 'Ida', wiped: null, laid: null })).toBe('Ida')
    expect(handOf({ inked: 'Ida', wiped: 'Tam', laid: null })).toBe('Tam')
  })
  it('without readings, or a BAT, there is none; the newest facing counts', () => {
    expect(
      plateHistory(proofs, { proof: null, otherEnd: null }, [{ afterPulls: 2 }, { afterPulls: 9 }]),
    ).toEqual({ facedAfter: 9, line: null })
  })
})
