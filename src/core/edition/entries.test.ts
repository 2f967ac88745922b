import { describe, expect, it } from 'vitest'
import { scanOf } from './compareScans'
import { EMPTY_RAILS, mergeRails } from './deskEntry'
import { readDeskSync } from './deskSync'
import type { PullEvent } from './pull'
import { readPullEvent } from './pullEventDocument'
import { samplePull } from './samplePull.test.fixture'
import { pullsOnBench, runOnBench, type Run } from './runs'

const pull = samplePull(1)

describe('two devices’ words on the rails', () => {
  const rail = (changedAt: number) => ({ begun: [changedAt], changedAt })
  it('are merged rail by rail: of each the later holds', () => {
    const [inky, clean] = [
      { plate: rail(20), sheet: rail(5) },
      { plate: rail(10), sheet: rail(15) },
    ]
    expect(mergeRails(inky, clean)).toEqual({ plate: rail(20), sheet: rail(15) })
    expect(mergeRails(clean, inky)).toEqual(mergeRails(inky, clean))
    expect(mergeRails(inky, EMPTY_RAILS)).toEqual(inky)
  })
})

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
    expect(read.entry).toMatchObject({ kind: 'amendment', pullId: 'p1' })
    expect(read.aside).toEqual([{ path: ['lamp'], value: 'north' }])
  })
  it('names the entry that is wrong, and the place in it', () => {
    expect(() => readDeskSync({ entries: [amendment, { ...amendment, pullId: '../p' }] })).toThrow(
      expect.objectContaining({
        issues: [expect.objectContaining({ path: ['entries', 1, 'pullId'] })],
      }),
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
