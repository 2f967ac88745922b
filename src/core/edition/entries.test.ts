import { describe, expect, it } from 'vitest'
import { scanOf } from './compareScans'
import { readDeskSync } from './deskSync'
import type { PullEvent } from './pull'
import { readPullEvent } from './pullEventDocument'
import { samplePull } from './samplePull.test.fixture'
import { pullsOnBench, runOnBench, type Run } from './runs'

const pull = samplePull(1)

describe('what a desk sends', () => {
  const amendment = {
    kind: 'amendment',
    id: 'a1',
    pullId: 'p1',
    events: [{ kind: 'eye', reading: 'same' }],
    by: 'Ida Quill',
    at: '2031-05-02T09:31:00.000Z',
  }
  it('is read entry by entry; what this release does not know is set aside with its place', () => {
    const [read] = readDeskSync({ entries: [{ ...amendment, lamp: 'north' }] })
    expect(read).toMatchObject({
      entry: { kind: 'amendment', pullId: 'p1' },
      aside: [{ path: ['lamp'], value: 'north' }],
    })
  })
  it('is heard but for what cannot be read, which is named with its place', () => {
    expect(
      readDeskSync({
        entries: [
          { ...amendment, id: 'a2', by: 'I'.repeat(121) },
          amendment,
          { ...amendment, id: 'a3', pullId: '../p' },
          { ...amendment, id: 'a4', version: 9 },
        ],
      }),
    ).toMatchObject([
      { id: 'a2', why: 'Who inks: must be at most 120 characters.' },
      { entry: { id: 'a1' } },
      { id: 'a3', why: 'pullId: must be letters, digits and hyphens.' },
      { id: 'a4', why: expect.stringContaining('version 9 is from a later Typothesis') },
    ])
  })
  it('by the first desks, which did not say the run, is of the only one there was', () => {
    const kept = samplePull(1)
    const entry = {
      kind: 'pull',
      id: 'd1',
      pullKind: 'edition',
      pulledAt: kept.pulledAt,
      zone: kept.zone,
      estimated: false,
      hands: kept.hands,
      settings: kept.settings,
      batVersion: 1,
      events: [],
      by: 'Ida Quill',
    }
    expect(readDeskSync({ entries: [entry] })).toMatchObject([{ entry: { runPosition: 0 } }])
    expect(readDeskSync({ version: 1, entries: [{ ...entry, version: 2 }] })).toMatchObject([
      { id: 'd1', why: expect.stringContaining('The run') },
    ])
  })
  it('is no message when it is of another Typothesis, or more than is taken at a time', () => {
    expect(() => readDeskSync({ version: 2, entries: [] })).toThrow('another Typothesis')
    expect(() => readDeskSync({ entries: Array.from({ length: 101 }, () => amendment) })).toThrow(
      'at most 100 entries',
    )
  })
})

describe('a kept event', () => {
  it('of a known kind is read strictly, of another one taken whole', () => {
    expect(readPullEvent({ kind: 'eye', reading: 'darker' }).value).toEqual({
      kind: 'eye',
      reading: 'darker',
    })
    expect(() => readPullEvent({ kind: 'eye', reading: 'greener' })).toThrow()
    expect(readPullEvent({ kind: 'sound', pitch: 3 }).value).toEqual({
      kind: 'later',
      was: 'sound',
      document: { kind: 'sound', pitch: 3 },
    })
  })
})

describe('pictures of a pull', () => {
  it('are of the dry print and of the wet one, the newest of each', () => {
    const scan = (imageId: string, dry: boolean): PullEvent => ({
      kind: 'scan',
      scan: { imageId, taken: 'camera', dry, corners: null },
    })
    const scanned = samplePull(1, [scan('a', true), scan('b', false), scan('c', true)])
    expect(scanOf(scanned, true)?.imageId).toBe('c')
    expect(scanOf(scanned, false)?.imageId).toBe('b')
    expect(scanOf(pull, true)).toBeNull()
  })
})

describe('the run on the bench', () => {
  const runs = [{ position: 0 }, { position: 3 }] as Run[]
  it('is the one that is open; the first where there is no such one', () => {
    expect(runOnBench({ openRun: 3, runs }).position).toBe(3)
    expect(runOnBench({ openRun: 7, runs }).position).toBe(0)
  })
  it('has its own pulls', () => {
    const pulls = [0, 3, 3].map((runPosition, i) => ({ ...pull, id: `p${i}`, runPosition }))
    expect(pullsOnBench({ openRun: 3, pulls }).map(({ id }) => id)).toEqual(['p1', 'p2'])
  })
})
