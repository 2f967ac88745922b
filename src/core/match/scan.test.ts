import { samplePull } from '../edition/samplePull.test.fixture'
import { firstMix } from '../ink/mix'
import { changeFirstMix } from '../ink/severalMixes'
import { describe, expect, it } from 'vitest'
import { byCloseness, closenessTo } from '../dry/closeness'
import { scanSeries } from '../edition/editionProgress'
import { readPull } from '../edition/readPull'
import type { PullEvent } from '../edition/pull'
import { compareSettings } from '../prove/compareSettings'
import { sampleSettings } from '../prove/sampleSettings.test.fixture'
import { solveMisregister } from '../register/misregister'
import { likelyCauses } from './checks/likelyCauses'
import { checkStanding, placeKey, USUAL_MATCH_TOLERANCES, type FoundPlace } from './checks/matchCheck'
import { misfitMarks } from './misfitMarks'
import { scanDistance, scanSchema, unlikeScans, type MatchVerdict } from './scan'

const spot: FoundPlace = { check: 'marks', what: 'spot', xMm: 12, yMm: 30, widthMm: 1, heightMm: 1 }
const verdict = (over: Partial<MatchVerdict> = {}): MatchVerdict => ({
  referencePullId: 'bat',
  outcome: 'matches',
  deltaE00: { mean: 0.8, p95: 2 },
  values: { register: 0.1, colour: 0.8, tone: null } as unknown as MatchVerdict['values'],
  places: [],
  accepted: [],
  tolerances: USUAL_MATCH_TOLERANCES,
  ...over,
})
const pull = (number: number, ...events: PullEvent[]) => samplePull(number, events)
const matched = (number: number, over: Partial<MatchVerdict>) =>
  pull(number, { kind: 'match', match: verdict(over) })

describe('a picture of an impression', () => {
  const scan = { imageId: 'a', taken: 'scanner', dry: true, corners: null } as const
  it('of a wet print never comes from the scanner', () => {
    expect(scanSchema.safeParse(scan).success).toBe(true)
    expect(scanSchema.safeParse({ ...scan, dry: false }).error?.issues[0]).toMatchObject({
      path: ['taken'],
      message: 'A wet print never goes on the scanner: photograph it from above.',
    })
    expect(scanSchema.safeParse({ ...scan, dry: false, taken: 'camera' }).success).toBe(true)
  })
  it('is held wet against wet and dry against dry only', () => {
    expect(unlikeScans({ dry: true }, { dry: true })).toBeNull()
    expect(unlikeScans({ dry: true }, { dry: false })).toMatch(
      /^One picture is of the dry print and the other of the wet one/,
    )
  })
  it('is kept apart wet and dry, the later one instead of the earlier', () => {
    const { scans } = readPull(
      pull(
        1,
        { kind: 'scan', scan },
        { kind: 'scan', scan: { ...scan, imageId: 'w', dry: false, taken: 'camera' } },
        { kind: 'scan', scan: { ...scan, imageId: 'b' } },
      ),
    )
    expect([scans.dry?.imageId, scans.wet?.imageId]).toEqual(['b', 'w'])
  })
})

describe('what a check comes to', () => {
  const result = { check: 'marks', value: 1, words: '', places: [spot] } as const
  it('differs until its places are accepted', () => {
    expect(checkStanding({ ...result, places: [spot] }, USUAL_MATCH_TOLERANCES, new Set())).toBe('differs')
    expect(
      checkStanding({ ...result, places: [spot] }, USUAL_MATCH_TOLERANCES, new Set([placeKey(spot)])),
    ).toBe('matches')
  })
  it('is unclear where it could not be said, and held to its own tolerance, whichever way it strays', () => {
    const tone = (value: number | null) =>
      checkStanding(
        { check: 'tone', value, words: '', places: [] },
        { ...USUAL_MATCH_TOLERANCES, tone: 2 },
        new Set(),
      )
    expect([tone(null), tone(-2), tone(-2.1), tone(2.1)]).toEqual([
      'unclear',
      'matches',
      'differs',
      'differs',
    ])
  })
  it('names what was set otherwise before what it usually is', () => {
    const settings = sampleSettings
    const differences = compareSettings(settings, {
      ...settings,
      press: { ...settings.press, readingRight: settings.press.readingRight + 0.25 },
      ink: changeFirstMix(settings.ink, { plateC: firstMix(settings.ink).plateC - 4 }),
    })
    const causes = likelyCauses({ check: 'sides', value: -12, words: '', places: [] }, differences)
    expect(causes.map(({ isEvidence, station }) => [isEvidence, station])).toEqual([
      [true, 'press'],
      [false, 'press'],
    ])
    expect(causes[0].words).toMatch(/looser$/)
    expect(causes[1].words).toBe('left side tighter than the right')
  })
})

describe('an edition compared', () => {
  it('is as far from the BAT as its farthest check, in tolerances', () => {
    expect(scanDistance(verdict({ values: { ...verdict().values, register: 0.9 } }))).toMatchObject({
      check: 'register',
      distance: 0.9 / USUAL_MATCH_TOLERANCES.register,
    })
    expect(scanDistance(verdict({ places: [spot] }))).toMatchObject({ check: 'marks', distance: 1.25 })
    expect(
      scanDistance(verdict({ places: [spot], accepted: [{ ...spot, why: 'under the mount' }] }))!.distance,
    ).toBeLessThan(1)
    // What a picture kept from being said is no distance of nothing.
    expect(scanDistance(verdict({ values: { register: null, colour: null } }))).toBeNull()
    expect(closenessTo(matched(1, { values: { register: null }, outcome: 'unclear' }), null)).toBeNull()
  })
  it('is sorted by it, the closest first', () => {
    const [near, far, unknown] = [
      matched(3, {}),
      matched(1, { outcome: 'differs', values: { ...verdict().values, register: 2 } }),
      pull(2),
    ]
    expect(byCloseness([far, unknown, near], null).map(({ number }) => number)).toEqual([3, 1, 2])
    expect(closenessTo(far, null)!.by[0]).toBe('the scan: register on the sheet')
  })
  it('stands in the chart with what is allowed, and names those that differ', () => {
    expect(scanSeries([pull(1)])).toBeNull()
    expect(
      scanSeries([
        matched(1, {}),
        pull(2),
        matched(3, { outcome: 'differs', deltaE00: { mean: 4, p95: 9 } }),
      ]),
    ).toEqual({
      points: [
        { pull: 1, value: 0.8 },
        { pull: 3, value: 4 },
      ],
      band: { target: 0, low: 0, high: USUAL_MATCH_TOLERANCES.colour },
      differing: [3],
      unclear: [],
    })
  })
  it('has no point where a picture bore no colour, and names the print that differs all the same', () => {
    const pale = matched(5, { outcome: 'differs', values: { register: 2, colour: null } })
    const blind = matched(6, { outcome: 'unclear', values: { colour: null } })
    expect(scanSeries([matched(1, {}), pale, blind])).toMatchObject({
      points: [{ pull: 1, value: 0.8 }],
      differing: [5],
      unclear: [6],
    })
  })
})

describe('where a scan shows the plate', () => {
  // The solver of hand-measured marks is the independent check: y up, anticlockwise.
  it('is the misfit a person would have measured', () => {
    const solved = solveMisregister({
      marks: misfitMarks(
        { xMm: 1.4, yMm: -0.8, degrees: 0.4, widerPercent: 0.1, tallerPercent: -0.2 },
        { widthMm: 180, heightMm: 120 },
      ),
    })
    expect(solved.shiftMm.x).toBeCloseTo(1.4, 9)
    expect(solved.shiftMm.y).toBeCloseTo(0.8, 9)
    expect(solved.rotationDeg).toBeCloseTo(-0.4, 9)
    expect([solved.stretchXPercent, solved.stretchYPercent]).toEqual([
      expect.closeTo(0.1, 9),
      expect.closeTo(-0.2, 9),
    ])
    expect(solved.residualMm).toBeCloseTo(0, 9)
  })
})
