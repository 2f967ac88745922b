import { samplePull } from './samplePull.test.fixture'
import { describe, expect, it } from 'vitest'
import { readPull } from './readPull'
import type { PullEvent } from './pull'
import { placeKey, USUAL_MATCH_TOLERANCES, type CheckResult } from '../match/checks/matchCheck'
import { cornersInPixels, outcomeOf, placesToLookAt, scanPair, unchecked, verdictOf } from './compareScans'
import { refusalWords } from '../match/words'

const pull = (number: number, ...events: PullEvent[]) => samplePull(number, events)
const scan = (imageId: string, dry: boolean): PullEvent => ({
  kind: 'scan',
  scan: { imageId, taken: 'camera', dry, corners: null },
})
const read = (value: number, dry?: true): PullEvent => ({
  kind: 'reading',
  quantity: 'tone1',
  value,
  ...(dry && { dry }),
})
const spot = { check: 'marks', what: 'spot', xMm: 3, yMm: 4, widthMm: 1, heightMm: 1 } as const
const strip = {
  check: 'edges',
  what: 'dirty bevel at the left',
  xMm: 3,
  yMm: 4,
  widthMm: 2,
  heightMm: 90,
} as const
const checks: CheckResult[] = [
  { check: 'marks', value: 1, words: '', places: [spot] },
  { check: 'edges', value: 1.4, words: '', places: [strip] },
]
const found = {
  checks,
  colour: { mean: 1, p95: 3, zones: [] },
  flaws: { reference: [], impression: [] },
}

describe('the pictures an impression is compared by', () => {
  it('are of the same state where the BAT has one', () => {
    expect(
      scanPair(pull(1, scan('dry', true), scan('wet', false)), pull(2, scan('w2', false)), [], false),
    ).toMatchObject({
      reference: { imageId: 'wet', dries: undefined },
      impression: { imageId: 'w2', dries: undefined },
      mixed: null,
    })
    expect(scanPair(pull(1, scan('dry', true)), pull(2), [], true)).toBeNull()
  })
  it('are refused wet against dry while nobody read what drying does, and reckoned by it when somebody did', () => {
    const [bat, wet] = [pull(1, scan('dry', true)), pull(2, scan('w2', false))]
    expect(scanPair(bat, wet, [], false)).toEqual({
      refusal: expect.stringMatching(/^One picture is of the dry print .* in Densitometer/),
    })
    expect(
      scanPair(bat, wet, [pull(3, read(1.4), read(1.3, true)), pull(4, read(1.2), read(1.16, true))], false),
    ).toMatchObject({
      reference: { dries: undefined },
      impression: { dries: [{ wet: expect.closeTo(1.3, 9), change: expect.closeTo(-0.07, 9) }] },
      mixed: { from: 2 },
    })
    // The other way round it is the BAT's picture that dries.
    expect(
      scanPair(
        pull(1, scan('wet', false)),
        pull(2, scan('d2', true)),
        [pull(3, read(1.4), read(1.3, true))],
        true,
      ),
    ).toMatchObject({
      reference: { dries: [{ change: expect.closeTo(-0.1, 9) }] },
      impression: { dries: undefined },
    })
  })
  it('wait for a check until there is a verdict', () => {
    const verdict: PullEvent = {
      kind: 'match',
      match: verdictOf(found, { id: 'p1' }, new Map(), USUAL_MATCH_TOLERANCES),
    }
    expect(
      unchecked(
        [pull(1, scan('a', true)), pull(2, scan('b', true), verdict), pull(3), pull(4, scan('w', false))],
        true,
      ).map(({ id }) => id),
    ).toEqual(['p1'])
  })
})

describe('the verdict of a comparison', () => {
  it('names the places of what differs, and not of what is within what is allowed', () => {
    expect(placesToLookAt(found, USUAL_MATCH_TOLERANCES)).toEqual([spot])
    expect(placesToLookAt(found, { ...USUAL_MATCH_TOLERANCES, edges: 1 })).toEqual([strip, spot])
  })
  it('differs until every such place is accepted, and keeps the reason', () => {
    expect(verdictOf(found, { id: 'bat' }, new Map(), USUAL_MATCH_TOLERANCES)).toMatchObject({
      outcome: 'differs',
      referencePullId: 'bat',
      values: { marks: 1, edges: 1.4 },
      places: [spot],
      accepted: [],
    })
    const accepted = verdictOf(
      found,
      { id: 'bat' },
      new Map([[placeKey(spot), 'under the mount']]),
      USUAL_MATCH_TOLERANCES,
    )
    expect(accepted).toMatchObject({ outcome: 'matches', accepted: [{ ...spot, why: 'under the mount' }] })
    expect(readPull(pull(2, { kind: 'match', match: accepted })).match).toEqual(accepted)
  })
  it('goes by what differs first, then by whether the pictures bore the rest', () => {
    expect(outcomeOf(['matches', 'differs'], { reference: ['dark'], impression: [] })).toBe('differs')
    expect(outcomeOf(['matches', 'unclear'], { reference: ['dark'], impression: [] })).toBe('unclear')
    // Too few lines on the plate is no fault of a picture.
    expect(outcomeOf(['matches', 'unclear'], found.flaws)).toBe('matches')
  })
  it('is no match where a picture kept a check from being made', () => {
    const spoilt = { ...found, checks: [], flaws: { reference: [], impression: ['clipped'] as const } }
    expect(verdictOf(spoilt, { id: 'bat' }, new Map(), USUAL_MATCH_TOLERANCES).outcome).toBe('unclear')
    expect(verdictOf({ ...spoilt, checks }, { id: 'bat' }, new Map(), USUAL_MATCH_TOLERANCES).outcome).toBe(
      'differs',
    )
  })
  it('is a sentence where there is none', () => {
    expect(refusalWords({ which: 'impression', reason: { code: 'blank' } })).toBe(
      'The picture of the impression is blank: no plate can be seen in it.',
    )
    expect(
      refusalWords({ which: 'impression', reason: { code: 'another-plate', unseen: 'reference' } }),
    ).toBe(
      'These do not look like the same plate. The sheet’s edges are not seen in the picture of the BAT, and that may be why: set its corners by hand.',
    )
    expect(refusalWords({ which: 'impression', reason: { code: 'another-plate' } })).toBe(
      'These do not look like the same plate.',
    )
    expect(
      cornersInPixels(
        [
          [0, 0],
          [1, 0],
          [1, 0.5],
          [0, 0.5],
        ],
        { width: 200, height: 100 },
      ),
    ).toEqual([
      [0, 0],
      [200, 0],
      [200, 50],
      [0, 50],
    ])
    expect(cornersInPixels(null, { width: 200, height: 100 })).toBeNull()
  })
})
