import { describe, expect, it } from 'vitest'
import { z } from 'zod'
import { sampleSettings } from '../prove/sampleSettings.test.fixture'
import { upgradeBatRuns } from './batDocument'
import { batOfRun, batPulls } from './batOnBench'
import type { Bat } from './jobFile'
import { sampleJobFile } from './sampleJobFile.test.fixture'
import { readJobFile, writeJobFile } from './jobFileDocument'

const file = sampleJobFile
const [pull] = file.pulls

describe('a job file', () => {
  it('of a later release is read with what is not known set aside, and written back as it came', () => {
    const sound = { kind: 'sound', pitch: 3 }
    const later = {
      ...file,
      weather: 'fog',
      pulls: [{ ...pull, events: [{ ...pull.events[0], event: sound }], light: 'north' }],
    }
    const { value, aside } = readJobFile(later)
    expect(value.pulls[0].events[0].event).toMatchObject({ kind: 'later', was: 'sound' })
    expect(aside.map(({ path }) => path.join('.')).sort()).toEqual(['pulls.0.light', 'weather'])
    expect(writeJobFile(value, aside)).toMatchObject({
      weather: 'fog',
      pulls: [{ light: 'north', events: [{ event: sound }] }],
    })
  })
  it('of the third version calls a run by hand what is done in it', () => {
    const colouring = { ...file.runs[0], kind: 'hand', position: 1 }
    const { value } = readJobFile({ ...file, version: 3, runs: [file.runs[0], colouring] })
    expect(value.runs.map(({ kind }) => kind)).toEqual([file.runs[0].kind, 'colouring'])
    expect(() => readJobFile({ ...file, runs: [file.runs[0], colouring] })).toThrow(z.ZodError)
    expect(() => readJobFile({ ...file, version: 3, runs: 'torn' })).toThrow(z.ZodError)
  })
  it('that is none is refused by the schema', () => {
    expect(() => readJobFile('half a fi')).toThrow(z.ZodError)
    expect(() => readJobFile({ ...file, format: 'a recipe' })).toThrow(z.ZodError)
  })
})

describe('the runs of a BAT', () => {
  it('have their settings brought up one by one, each with what is not known of it', () => {
    const { runs, aside } = upgradeBatRuns([
      { position: 0, settings: { ...sampleSettings, lamp: 1 } },
      'torn',
    ])
    expect(runs).toMatchObject([{ position: 0, settings: { version: sampleSettings.version } }, 'torn'])
    expect(aside).toEqual([{ path: [0, 'settings', 'lamp'], value: 1 }])
    expect(upgradeBatRuns('torn')).toEqual({ runs: 'torn', aside: [] })
  })
})

describe('the pull a run is held to', () => {
  const bat = {
    version: 2,
    proofPullId: 'p1',
    otherProofPullId: 'p2',
    runs: [
      {
        position: 0,
        settings: sampleSettings,
        tolerances: {},
        passes: {},
        proofPullId: null,
        fromPicture: null,
      },
      {
        position: 3,
        settings: sampleSettings,
        tolerances: {},
        passes: {},
        proofPullId: 'p3',
        fromPicture: null,
      },
    ],
    wetMinutes: null,
  } as unknown as Bat
  const pulls = [
    { id: 'p1', runPosition: 0 },
    { id: 'p2', runPosition: 0 },
    { id: 'p3', runPosition: 3 },
  ] as never[]
  it('is the BAT’s own, or another for a later run; none where the BAT does not speak of the run', () => {
    expect(batOfRun([bat], 0)?.proofPullId).toBe('p1')
    expect(batOfRun([bat], 3)?.proofPullId).toBe('p3')
    expect(batOfRun([bat], 5)).toBeNull()
    expect(batOfRun([], 0)).toBeNull()
  })
  it('comes with the one at the other end of what passes, of the same run', () => {
    const of = (openRun: number) => batPulls<never>({ bats: [bat], openRun, pulls })
    expect(of(0)).toEqual({ proof: pulls[0], otherEnd: pulls[1] })
    expect(of(3)).toEqual({ proof: pulls[2], otherEnd: null })
    expect(of(5)).toEqual({ proof: null, otherEnd: null })
  })
})
