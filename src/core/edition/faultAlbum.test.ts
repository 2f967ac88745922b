import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sampleSettings } from '../prove/sampleSettings.test.fixture'
import { FEATURE_KEYS } from '../prove/features'
import { albumSubject, complaint, complaintOf, subjectWords, usualRemedies } from './albumSubject'
import { countCures, faultCases } from './faultAlbum'
import { REJECT_REASONS } from './fault'
import type { Features } from '../prove/features'
import type { PullEvent } from './pull'
import { samplePull } from './samplePull.test.fixture'

const accepted: PullEvent = { kind: 'decision', decision: 'accepted', reason: '', fate: null }
const rejected = (reason: string): PullEvent => ({
  kind: 'decision',
  decision: 'rejected',
  reason,
  fate: 'destroyed',
})
const smear: PullEvent = { kind: 'fault', where: 7, what: 'smear', cause: 'fingers' }
const tighter = {
  ...sampleSettings,
  press: { ...sampleSettings.press, readingLeft: sampleSettings.press.readingLeft - 0.25 },
}
const run = (...pulls: ReturnType<typeof samplePull>[]) => [
  { title: 'Mooring posts', slug: 'mooring-posts', pulls },
]

describe('earlier prints with a fault', () => {
  it('are those it was tapped on, and those rejected for it', () => {
    const runs = run(
      samplePull(1, [smear]),
      samplePull(2, [rejected('smear')]),
      samplePull(3, [rejected('crease')]),
    )
    expect(faultCases('smear', runs).map(({ pull, where }) => [pull.number, where])).toEqual([
      [1, 7],
      [2, null],
    ])
  })
  it('say what was set otherwise at the first print that was seen without it', () => {
    const runs = run(
      samplePull(1, [smear]),
      samplePull(2),
      samplePull(3, [smear]),
      samplePull(4, [accepted], { settings: tighter }),
    )
    const [first, second] = faultCases('smear', runs)
    expect(first.cure).toEqual({ after: 3, changes: [expect.stringContaining('tighter')] })
    expect(second.cure).toMatchObject({ after: 1 })
    expect(countCures([first, second])).toEqual([{ change: first.cure!.changes[0], times: 2 }])
  })
  it('say that nothing was set otherwise, or that it was not cured yet', () => {
    const [cured] = faultCases('smear', run(samplePull(1, [smear]), samplePull(2, [accepted])))
    expect(cured.cure).toEqual({ after: 1, changes: [] })
    expect(countCures([cured])).toEqual([{ change: null, times: 1 }])
    const [open] = faultCases('smear', run(samplePull(1, [smear]), samplePull(2)))
    expect(open.cure).toBeNull()
    expect(countCures([open])).toEqual([])
  })
  it('come with those like it first, then the newest', () => {
    const at = (day: number) => ({ pulledAt: `2031-05-0${day}T09:30:00.000Z` })
    const runs = run(
      samplePull(1, [{ ...smear, where: 3, cause: 'set-off' }], at(1)),
      samplePull(2, [{ ...smear, where: 3 }], at(2)),
      samplePull(3, [{ ...smear, where: 7, cause: 'set-off' }], at(3)),
    )
    expect(faultCases('smear', runs).map(({ pull }) => pull.number)).toEqual([3, 2, 1])
    expect(faultCases('smear', runs, { where: 3, cause: 'set-off' }).map(({ pull }) => pull.number)).toEqual([
      1, 3, 2,
    ])
  })
  it('are counted once each, however they are ordered (property)', () => {
    const events = fc.array(fc.constantFrom<PullEvent[]>([], [smear], [accepted], [rejected('smear')]), {
      maxLength: 9,
    })
    fc.assert(
      fc.property(events, (list) => {
        const runs = run(...list.map((own, i) => samplePull(i + 1, own)))
        const cases = faultCases('smear', runs, { where: 7 })
        expect(cases).toHaveLength(list.filter(([own]) => own && own !== accepted).length)
        for (const { cure, pull } of cases)
          if (cure) expect(list[pull.number - 1 + cure.after][0]).toBe(accepted)
      }),
    )
  })
  it('have a usual remedy whatever the fault', () => {
    for (const what of REJECT_REASONS) expect(usualRemedies(what).length).toBeGreaterThan(0)
    expect(usualRemedies('smear')).toHaveLength(3)
  })
  it('are also those that somebody judged so, and went where it is judged otherwise', () => {
    const judged = (features: Features): PullEvent => ({
      kind: 'verdict',
      seen: null,
      note: '',
      outcome: 'keep',
      features,
      imageId: null,
    })
    const runs = run(
      samplePull(1, [judged({ tone: -1, line: 1 })]),
      samplePull(2, [judged({ tone: 1 })], { settings: tighter }),
      samplePull(3, [{ kind: 'features', features: { tone: -1 } }]),
    )
    const cases = faultCases('tone less', runs)
    expect(cases.map(({ pull }) => pull.number).sort()).toEqual([1, 3])
    const first = cases.find(({ pull }) => pull.number === 1)!
    expect(first.cure).toEqual({ after: 1, changes: [expect.stringContaining('tighter')] })
    expect(faultCases('tone more', runs).map(({ pull }) => pull.number)).toEqual([2])
    expect(faultCases('marks more', runs)).toEqual([])
  })
})

describe('what an album is of', () => {
  it('is named by its address, and nothing else is', () => {
    for (const what of REJECT_REASONS) expect(albumSubject(what)).toBe(what)
    for (const feature of FEATURE_KEYS)
      for (const value of [-1, 1] as const) {
        const subject = complaint(feature, value)
        expect(albumSubject(subject)).toBe(subject)
        expect(complaintOf(subject)).toEqual({ feature, value })
      }
    for (const named of ['', 'tone', 'tone none', 'less', 'tone less more'])
      expect(albumSubject(named)).toBeNull()
  })
  it('is said in words, with what the trade looks for', () => {
    expect(subjectWords('tone less')).toBe('plate tone: too little')
    expect(subjectWords('felt texture')).toBe('blanket texture')
    expect(usualRemedies('sharpness more')[0]).toMatch(/dry blankets/)
  })
})
