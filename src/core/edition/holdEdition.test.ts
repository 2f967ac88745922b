import { describe, expect, it } from 'vitest'
import { sampleSettings } from '../prove/sampleSettings.test.fixture'
import { runSeries } from './editionProgress'
import { findDrifts, handsOfEdition, holdSeries, mostReadings, warmUpsToday } from './holdEdition'
import { samplePull } from './samplePull.test.fixture'
import type { EyeReading, Pull, PullEvent } from './pull'

const pull = (number: number, events: PullEvent[], more: Partial<Pull> = {}) =>
  samplePull(number, events, {
    id: `e-${number}`,
    hands: { inked: 'Ida Quill', wiped: 'Ida Quill', laid: null },
    ...more,
  })
const tone = (value: number): PullEvent => ({ kind: 'reading', quantity: 'tone1', value })
const eye = (reading: EyeReading): PullEvent => ({ kind: 'eye', reading })
const noise = [0.004, -0.006, 0.002, 0.007, -0.003, -0.005, 0.006, 0.001, -0.004, 0.003, -0.002, 0.005]

describe('an edition held', () => {
  it('that wears evenly does not sound as drift: the wear is taken out before the rules', () => {
    const pulls = noise.map((one, i) => pull(i + 1, [tone(1.5 - 0.01 * i + one)]))
    const [series] = runSeries(pulls, null)
    const held = holdSeries(series)!
    expect(held.wearPerPull).toBeCloseTo(0.01, 2)
    expect(findDrifts(pulls, [series])).toEqual([])
  })
  it('says a rise before the tolerance is broken: how far, what is left, and the screws that moved as it began', () => {
    const pulls = noise.map((one, i) =>
      pull(
        i + 1,
        [tone(1.4 + (i > 5 ? 0.03 : 0) + one)],
        i >= 6
          ? {
              hands: { inked: 'Tam Brocket', wiped: null, laid: null },
              settings: {
                ...sampleSettings,
                press: { ...sampleSettings.press, readingLeft: 2.75, readingRight: 2.75 },
              },
            }
          : {},
      ),
    )
    const bat = pull(0, [tone(1.4)], { kind: 'proof' })
    const series = runSeries(pulls, bat)
    expect(series[0].outside).toEqual([])
    const [drift] = findDrifts(pulls, series)
    expect(drift.words).toBe(
      'Tone, dark spot lies 0.03 D higher since pull 7. 0.03 D more and it no longer passes.',
    )
    expect(drift.likely.join('; ')).toContain('Both screws 1/4 turn tighter at pull 7')
    expect(drift.likely.join('; ')).toContain('Tam Brocket wipes from pull 7 on')
  })
  it('one print that was thrown out is no shift, and says nothing of the others', () => {
    const thrown: PullEvent = { kind: 'decision', decision: 'rejected', reason: 'crease', fate: 'destroyed' }
    const shifted = noise.map((one, i) => pull(i + 1, i > 5 ? [tone(1.43 + one), thrown] : [tone(1.4 + one)]))
    expect(findDrifts(shifted, runSeries(shifted, null))).toEqual([])
    expect(mostReadings(shifted, runSeries(shifted, null))).toBe(6)
    expect(mostReadings([], [])).toBe(0)
  })
  it('hears the eye getting lighter by its order alone', () => {
    const seen: EyeReading[] = [
      'darker',
      'darker',
      'same',
      'darker',
      'same',
      'same',
      'lighter',
      'lighter',
      'lighter',
      'lighter',
      'lighter',
      'lighter',
    ]
    const [drift] = findDrifts(
      seen.map((one, i) => pull(i + 1, [eye(one)])),
      [],
    )
    expect(drift).toMatchObject({ quantity: 'eye', since: 7 })
    expect(drift.likely.at(-1)).toContain('blankets packing down')
    expect(
      findDrifts(
        ['same', 'darker', 'same', 'lighter', 'same', 'darker', 'lighter', 'same'].map((one, i) =>
          pull(i + 1, [eye(one as EyeReading)]),
        ),
        [],
      ),
    ).toEqual([])
  })
  it('tells two wipers apart where they differ more than their scatter', () => {
    const by = (name: string) => ({ hands: { inked: name, wiped: name, laid: null } })
    const pulls = noise.map((one, i) =>
      pull(i + 1, [tone((i % 2 ? 1.45 : 1.4) + one)], by(i % 2 ? 'Tam Brocket' : 'Ida Quill')),
    )
    const found = handsOfEdition(pulls, runSeries(pulls, null))!
    expect(found.quantity).toBe('tone1')
    expect(found.hands.find(({ hand }) => hand === 'Tam Brocket')!.difference).toBeCloseTo(0.025, 2)
  })
  it('another day begins with warm-ups until two in a row match', () => {
    const warm = (number: number, seen: EyeReading) =>
      pull(number, [eye(seen)], { kind: 'warmup', pulledAt: `2031-05-03T0${number}:00:00.000Z` })
    expect(warmUpsToday([pull(1, [])], '2031-05-02')).toEqual({ isNewDay: false, matched: 0 })
    expect(
      warmUpsToday([pull(1, []), warm(1, 'same'), warm(2, 'darker'), warm(3, 'same')], '2031-05-03'),
    ).toEqual({ isNewDay: true, matched: 1 })
    expect(
      warmUpsToday([pull(1, []), warm(1, 'lighter'), warm(2, 'same'), warm(3, 'same')], '2031-05-03'),
    ).toEqual({ isNewDay: true, matched: 2 })
  })
})
