import { SAMPLE_MOMENT } from '@/core/edition/samplePull.test.fixture'
import { describe, expect, it } from 'vitest'
import { z } from 'zod'
import type { FiledPull } from '@/core/record/jobFile'
import { sampleSettings } from '@/core/prove/sampleSettings.test.fixture'
import { EMPTY_BENCH, STATION_KEYS, type Bench, type Station } from '@/core/prove/settings'
import { ConflictError, FieldError, NotFoundError } from '@/data/database/errors'
import type { JobRecord } from '@/data/record/jobRecord'
import { sampleBat, sampleRecord, sampleRun } from '@/data/record/sampleRecord.test.fixture'
import { answer } from '../act/answer'
import { problemAt } from './problemAt'
import { readBench } from './readBench'
import { stationState } from './stationState'
import { NOTHING_BESIDE } from '@/core/record/nothingBeside.test.fixture'

const at = '2031-05-02T09:30:00.000Z'
const pull = (id: string, kind: FiledPull['kind'], decision?: 'accepted' | 'rejected'): FiledPull => ({
  id,
  kind,
  number: 1,
  pulledAt: at,
  zone: 'Etc/UTC',
  estimated: false,
  settings: sampleSettings,
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
          event: {
            kind: 'decision',
            decision,
            reason: decision === 'rejected' ? 'crease' : '',
            fate: decision === 'rejected' ? 'destroyed' : null,
          },
          at,
          by: 'Ida Quill',
          why: null,
        },
      ]
    : [],
})
const bat = sampleBat
const beside = NOTHING_BESIDE
const record = sampleRecord
const words = (job: JobRecord, bench: Bench = job.runs[0].bench) =>
  Object.fromEntries(
    STATION_KEYS.map((station) => [
      station,
      stationState(station, readBench(job, beside, {}, SAMPLE_MOMENT), bench),
    ]),
  ) as Record<Station, { mark: string; word: string }>

describe('what the stations need of a job', () => {
  it('is counted from its pulls', () => {
    const job = record({
      bats: [bat],
      pulls: [
        pull('p', 'proof'),
        pull('a', 'edition', 'accepted'),
        pull('b', 'edition', 'rejected'),
        pull('c', 'edition'),
      ],
    })
    expect(readBench(job, beside, {}, SAMPLE_MOMENT)).toMatchObject({
      proofs: 1,
      accepted: 1,
      pullsFromPlate: 4,
      numbered: false,
      drying: false,
      bat: { version: 1 },
    })
  })
  it('knows the last proof, which the next is held against', () => {
    const job = record({ pulls: [pull('p', 'proof'), { ...pull('q', 'proof'), number: 2 }] })
    expect(readBench(job, beside, {}, SAMPLE_MOMENT).lastTry).toEqual({
      kind: 'proof',
      number: 2,
      settings: sampleSettings,
    })
    expect(readBench(record(), beside, {}, SAMPLE_MOMENT).lastTry).toBeNull()
  })
  it('knows the last print where no BAT is asked, and never before an edition’s own', () => {
    const pulls = [pull('p', 'proof'), pull('q', 'edition')]
    expect(readBench(record({ pulls, purpose: 'unique' }), beside, {}, SAMPLE_MOMENT).lastTry?.kind).toBe(
      'print',
    )
    expect(readBench(record({ pulls }), beside, {}, SAMPLE_MOMENT).lastTry?.kind).toBe('proof')
  })
  it('names the existing print that is printed over next, where it may be', () => {
    const given = (sheet: number, printedAt: string | null) => ({
      sheet,
      mark: `${sheet}/24`,
      source: 'Ebb',
      imageId: null,
      printedAt,
      print: null,
      by: 'Ida Quill',
      at: SAMPLE_MOMENT,
    })
    const onto = (...givenSheets: ReturnType<typeof given>[]) =>
      readBench(record({ givenSheets }), beside, {}, SAMPLE_MOMENT).onto?.name
    expect(onto(given(1, null), given(2, null))).toBe('1/24 of Ebb')
    expect(onto(given(1, SAMPLE_MOMENT), given(2, null))).toBe('2/24 of Ebb')
    expect(onto()).toBeUndefined()
  })
  it('holds to the newest version of the BAT', () => {
    expect(
      readBench(record({ bats: [bat, { ...bat, version: 2, reason: 'Wider.' }] }), beside, {}, SAMPLE_MOMENT)
        .bat?.version,
    ).toBe(2)
    expect(readBench(record(), beside, {}, SAMPLE_MOMENT).bat).toBeNull()
  })
})

describe('how a station stands', () => {
  it('needs you while it is unset, and nothing later does', () => {
    const bare = record({ runs: [sampleRun(EMPTY_BENCH)] })
    expect(words(bare).plate).toEqual({ mark: 'needs-you', word: 'to do' })
    expect(words(bare).prove.mark).toBe('later')
    expect(words(bare).edition).toEqual({ mark: 'later', word: '0 of 2' })
  })
  it('is set, then the proof needs you', () => {
    expect(words(record()).press).toEqual({ mark: 'set', word: 'set' })
    expect(words(record()).prove).toEqual({ mark: 'needs-you', word: 'no proof yet' })
    expect(words(record({ pulls: [pull('p', 'proof')] })).prove.word).toBe('1 proof')
  })
  it('is as the BAT, or says how many settings have changed', () => {
    const job = record({ bats: [bat], pulls: [pull('p', 'proof')] })
    expect(words(job).press).toEqual({ mark: 'set', word: 'matches' })
    const turned = { ...sampleSettings, press: { ...sampleSettings.press, readingLeft: 2, passes: 2 } }
    expect(words(job, turned).press).toEqual({ mark: 'changed', word: '2 changed' })
    expect(words(job, turned).ink.mark).toBe('set')
    expect(words(job).edition.mark).toBe('needs-you')
  })
  it('goes on to drying when the edition is full, and to the files when it is numbered', () => {
    const full = record({
      bats: [bat],
      pulls: [pull('a', 'edition', 'accepted'), pull('b', 'edition', 'accepted')],
    })
    expect(words(full).edition).toEqual({ mark: 'set', word: '2 accepted' })
    expect(words(full).dry).toEqual({ mark: 'needs-you', word: 'not yet' })
    const signed = {
      ...full,
      prints: [{ pullId: 'a', kind: 'edition' as const, number: 1, mark: '1/2', numberedAt: at }],
      dryings: [{ method: 'boards' as const, laidAt: at, readyAt: at, by: 'Ida Quill' }],
    }
    expect(words(signed).dry).toEqual({ mark: 'set', word: 'numbered' })
    expect(words(signed).record).toEqual({ mark: 'set', word: 'ready' })
  })
})

describe('what an action answers', () => {
  it('is what was done', async () =>
    expect(await answer(async () => ({ revision: 3 }))).toEqual({ ok: true, revision: 3 }))
  it('is the field and the word for it when the input was wrong', async () => {
    const refused = await answer(async () => ({
      value: z
        .strictObject({ plate: z.object({ widthMm: z.number() }) })
        .parse({ plate: { widthMm: 'wide' } }),
    }))
    expect(refused).toMatchObject({ ok: false, conflict: false, problems: [{ field: 'plate.widthMm' }] })
    const problems = [{ field: 'reason', message: 'Say why.' }]
    expect(
      await answer(async () => {
        throw new FieldError(problems)
      }),
    ).toEqual({ ok: false, conflict: false, problems })
  })
  it('tells a conflict from a mistake, and says what is not here', async () => {
    expect(
      await answer(async () => {
        throw new ConflictError()
      }),
    ).toMatchObject({ ok: false, conflict: true })
    expect(
      await answer(async () => {
        throw new NotFoundError('This press')
      }),
    ).toMatchObject({ conflict: false, problems: [{ message: 'This press is not in this workshop.' }] })
  })
  it('hides nothing that nobody expected', async () => {
    await expect(
      answer(async () => {
        throw new Error('disk full')
      }),
    ).rejects.toThrow('disk full')
  })
  it('is looked up by field', () => {
    expect(problemAt([{ field: 'a', message: 'x' }], 'a')).toBe('x')
    expect(problemAt([], 'a')).toBeUndefined()
  })
})
