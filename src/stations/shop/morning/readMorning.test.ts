import { firstMix } from '@/core/ink/mix'
import { changeFirstMix } from '@/core/ink/severalMixes'
import { describe, expect, it } from 'vitest'
import { USUAL_CALIBRATION } from '@/core/ink/stiffness'
import { sampleSettings } from '@/core/prove/sampleSettings.test.fixture'
import type { FiledPull } from '@/core/record/jobFile'
import type { JobRecord } from '@/data/record/jobRecord'
import { sampleRecord } from '@/data/record/sampleRecord.test.fixture'
import { jobStanding } from '@/core/morning/jobStanding'
import { readMorning } from './readMorning'
import { NOTHING_BESIDE } from '@/core/record/nothingBeside.test.fixture'

const now = '2031-05-03T08:00:00.000Z'
const here = { now, zone: 'Etc/UTC' }
const pull = (
  pulledAt: string,
  kind: FiledPull['kind'],
  mix = 'Low water black',
  decision?: 'accepted',
): FiledPull => ({
  id: `${pulledAt}${kind}`.replace(/\W/g, ''),
  kind,
  number: 1,
  pulledAt,
  zone: 'Etc/UTC',
  estimated: false,
  settings: { ...sampleSettings, ink: changeFirstMix(sampleSettings.ink, { name: mix }) },
  hands: { inked: null, wiped: null, laid: null },
  expected: null,
  expectation: '',
  batVersion: null,
  runPosition: 0,
  sheet: 1,
  paperId: 'heron',
  events: decision
    ? [
        {
          event: { kind: 'decision', decision, reason: '', fate: null },
          at: pulledAt,
          by: 'Ida Quill',
          why: null,
        },
      ]
    : [],
})
const job = (more: Partial<JobRecord>): JobRecord => sampleRecord({ editionSize: 5, createdAt: now, ...more })
const shelf = firstMix(sampleSettings.ink).parts.map(({ inkId, name }) => ({
  id: inkId,
  name,
  viscosityPas: 60,
}))
const beside = NOTHING_BESIDE
const read = (more: Partial<JobRecord>) =>
  readMorning(jobStanding(job(more)), shelf as never, here, USUAL_CALIBRATION, beside)

describe('what the morning sheet needs of a job', () => {
  it('counts pulls from this mix, and from the plate whatever the mix', () => {
    const facts = read({
      pulls: [
        pull('2031-05-02T09:00:00.000Z', 'proof', 'Another black'),
        pull('2031-05-02T10:00:00.000Z', 'edition', 'Low water black', 'accepted'),
      ],
    })
    expect(facts).toMatchObject({ accepted: 1, rejected: 0, need: { left: 4 } })
    expect(facts.need.life!.spent).toBe(2)
    const { batchGrams, gramsPerPull } = firstMix(sampleSettings.ink)
    expect(facts.need.mixCovers).toBe(Math.floor(batchGrams / gramsPerPull - 1))
  })
  it('knows whether the felts are warm today', () => {
    expect(read({ pulls: [pull('2031-05-02T23:59:00.000Z', 'proof')] }).pulledToday).toBe(false)
    expect(read({ pulls: [pull('2031-05-03T07:00:00.000Z', 'proof')] }).pulledToday).toBe(true)
  })
  it('reckons the stiffness of the mix with its oil, where every ink is on the shelf', () => {
    expect(read({}).mixesPas['mix-1']).toBeLessThan(60)
    expect(read({}).mixesPas['mix-1']).toBeGreaterThan(40)
    expect(
      readMorning(jobStanding(job({})), [], here, USUAL_CALIBRATION, beside).mixesPas['mix-1'],
    ).toBeNull()
  })
  it('says when prints are dry', () => {
    const drying = (readyAt: string) =>
      read({ dryings: [{ method: 'boards', laidAt: '2031-05-01T09:00:00.000Z', readyAt, by: 'Ida Quill' }] })
        .drying
    expect(drying('2031-05-02T09:00:00.000Z')).toEqual({ ready: true, when: '2 May 2031' })
    expect(drying('2031-05-04T09:00:00.000Z')).toEqual({ ready: false, when: '4 May 2031' })
  })
})
