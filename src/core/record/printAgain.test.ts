import { describe, expect, it } from 'vitest'
import { samplePull } from '../edition/samplePull.test.fixture'
import type { PullEvent } from '../edition/pull'
import { sampleSettings } from '../prove/sampleSettings.test.fixture'
import { startsNeeded } from '../stats/startsNeeded'
import { jobNeed } from './jobNeed'
import { benchAgain, layOutAgain, settingsAgain, workAgain, workedOnce } from './printAgain'
import { sampleJobFile } from './sampleJobFile.test.fixture'
import type { FiledPull } from './jobFile'
import { NOTHING_BESIDE } from './nothingBeside.test.fixture'

const decided = (decision: 'accepted' | 'rejected'): PullEvent => ({
  kind: 'decision',
  decision,
  reason: decision === 'rejected' ? 'grey' : '',
  fate: decision === 'rejected' ? 'destroyed' : null,
})
const filed = (number: number, events: PullEvent[], more: Partial<FiledPull> = {}): FiledPull => ({
  ...samplePull(number, events),
  runPosition: 0,
  sheet: number,
  paperId: 'heron',
  ...more,
})
const job = {
  ...sampleJobFile.job,
  editionSize: 3,
  runs: [{ ...sampleJobFile.runs[0], earlierPulls: 4 }],
  sheetMarks: [],
  givenSheets: [],
  bats: [],
  pulls: [
    filed(1, [decided('accepted')]),
    filed(2, [decided('rejected')]),
    filed(3, [decided('accepted')], {
      settings: { ...sampleSettings, press: { ...sampleSettings.press, readingLeft: 2 } },
    }),
    filed(4, []),
  ],
}
const beside = NOTHING_BESIDE

describe('a job printed again', () => {
  it('goes by the BAT, else by the last print that was kept, else by the last that was pulled', () => {
    expect(settingsAgain(job, 0)).toMatchObject({ bat: null, pull: { number: 3 } })
    expect(settingsAgain({ ...job, pulls: [filed(1, []), filed(2, [])] }, 0)?.pull?.number).toBe(2)
    expect(settingsAgain({ ...job, pulls: [] }, 0)).toBeNull()
    expect(settingsAgain(sampleJobFile, 0)).toMatchObject({ bat: 1 })
    expect(settingsAgain(job, 1)).toBeNull()
    // As it printed well, or as it stands where it never printed.
    expect(benchAgain(sampleJobFile)).toBe(settingsAgain(sampleJobFile, 0)!.settings)
    expect(benchAgain({ ...sampleJobFile, bats: [], pulls: [] })).toBe(sampleJobFile.runs[0].bench)
  })
  it('takes the sheets its own rejects ask for and one proof more, and knows all the pulls its plate made', () => {
    const again = workAgain(workedOnce(job), 12)
    const { starts } = startsNeeded({
      accepted: 12,
      earlierAccepted: 2,
      earlierRejected: 1,
      confidence: 0.9,
    })
    const need = jobNeed(sampleSettings, again, beside)
    expect(need).toMatchObject({ left: 12, sheets: starts + 1, pulls: starts + 1 })
    expect(again.pullsFromPlate).toBe(8)
  })
  it('lists what is laid out in working order, the inks adding up to what the pulls take', () => {
    const need = jobNeed(sampleSettings, workAgain(workedOnce(job), 12), beside)
    const lines = layOutAgain(sampleSettings, need)
    expect(lines.map(({ station }) => station)).toEqual([
      'plate',
      ...sampleSettings.ink.mixes.map(() => 'ink'),
      'wipe',
      'paper',
      'press',
      'register',
    ])
    const ink = lines.find(({ station }) => station === 'ink')!
    const mixed = Number(/Mix ([\d.]+) g/.exec(ink.does)![1])
    const parts = [...ink.how.split(';')[0].matchAll(/([\d.]+) g/g)].map(([, grams]) => Number(grams))
    expect(mixed).toBeCloseTo(need.grams!, 0)
    expect(parts.reduce((sum, grams) => sum + grams, 0)).toBeCloseTo(mixed, 6)
    expect(lines.find(({ station }) => station === 'paper')?.does).toContain(`${need.sheets} sheets`)
    expect(lines.find(({ station }) => station === 'press')?.does).toContain('3 turns')
  })
})
