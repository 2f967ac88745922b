import { describe, expect, it } from 'vitest'
import type { DeskEntry } from '@/core/edition/deskEntry'
import { FRESH_DESK, unrefused, waiting, type DeskMemory } from './deskMemory'
import { nextToSend, withOutcomes } from './deskTalk'
import { correctionOf, nameOf, toPutRight, withCorrection, withoutEntry } from './correctEntry'
import { takeDeskFile, writeDeskFile } from './deskFile'

const by = 'I'.repeat(121)
const pull = {
  kind: 'pull',
  id: 'p',
  pullKind: 'edition',
  pulledAt: '2031-05-02T09:30:00.000Z',
  hands: { inked: by, wiped: null, laid: 'Tam Brocket' },
  by,
  events: [],
} as unknown as DeskEntry
const said: DeskEntry = {
  kind: 'amendment',
  id: 'a',
  pullId: 'p',
  events: [{ kind: 'eye', reading: 'same' }],
  by: 'Ida Quill',
  at: '2031-05-02T09:31:00.000Z',
}
const other: DeskEntry = {
  kind: 'withdrawal',
  id: 'w',
  pullId: 'q',
  pullKind: 'edition',
  by: 'Ida Quill',
  at: said.at,
}
const memory: DeskMemory = { ...FRESH_DESK, queue: [pull, said, other].map(waiting) }
const refused = withOutcomes(memory, [
  { id: 'p', outcome: 'refused', message: 'Who inks: must be at most 120 characters.', given: null },
  { id: 'a', outcome: 'refused', message: 'This pull is not in the job.', given: null },
  { id: 'w', outcome: 'kept', message: 'Pull 3: look at the sheets.', given: null },
])

describe('what the server answers', () => {
  it('what it took leaves, what it refused stays with the reason, and what it says beside is noted', () => {
    expect(refused.queue.map(({ entry, refused: why }) => [entry.id, why])).toEqual([
      ['p', 'Who inks: must be at most 120 characters.'],
      ['a', 'This pull is not in the job.'],
    ])
    expect(refused.notes).toEqual(['Pull 3: look at the sheets.'])
    expect(unrefused(refused.queue)).toEqual([])
  })
  it('what it was not asked of stays as it is', () => {
    expect(withOutcomes(memory, []).queue).toEqual(memory.queue)
  })
  it('a pull in hand takes the number and sheet it was given', () => {
    const draft = { id: 'p', number: 3, sheet: 4 } as DeskMemory['draft']
    const given = { number: 5, sheet: 6 }
    const after = withOutcomes({ ...memory, draft }, [{ id: 'p', outcome: 'kept', message: null, given }])
    expect(after.draft).toMatchObject(given)
  })
})

describe('what is sent', () => {
  it('is a hundred at a time, in their order, and nothing that was refused', () => {
    const many = Array.from({ length: 130 }, (_, i) => waiting({ ...other, id: `w${i}` }))
    many[3] = { ...many[3], refused: 'no' }
    const sent = nextToSend(many).map(({ entry }) => entry.id)
    expect(sent).toHaveLength(100)
    expect(sent.slice(0, 5)).toEqual(['w0', 'w1', 'w2', 'w4', 'w5'])
  })
})

describe('what was refused', () => {
  it('is the pull, and not what was said of it besides', () => {
    expect(toPutRight(refused.queue).map(({ entry }) => entry.id)).toEqual(['p'])
  })
  it('is put right and goes again in its place, with what was said of it', () => {
    const [one] = refused.queue
    const right = withCorrection(refused, 'p', { ...correctionOf(one), inked: ' Ida Quill ', isWarm: true })
    expect(right.queue.map(({ refused: why }) => why)).toEqual([null, null])
    expect(right.queue[0].entry).toMatchObject({
      by: 'Ida Quill',
      pullKind: 'warmup',
      hands: { inked: 'Ida Quill', wiped: null, laid: 'Tam Brocket' },
    })
    expect(nextToSend(right.queue).map(({ entry }) => entry.id)).toEqual(['p', 'a'])
  })
  it('is thrown away with what was said of it, and nothing else', () => {
    expect(withoutEntry(memory, 'p').queue.map(({ entry }) => entry.id)).toEqual(['w'])
    expect(withoutEntry(memory, 'a').queue.map(({ entry }) => entry.id)).toEqual(['p', 'w'])
  })
  it('has a name', () => {
    const names = [pull, said, other, { ...said, kind: 'moment', id: 'm' } as unknown as DeskEntry]
    expect(names.map((entry) => nameOf(waiting(entry), () => 'noon'))).toEqual([
      'Pull of noon',
      'What was seen and decided, noon',
      'A pull taken back, noon',
      'A moment put right, noon',
    ])
  })
})

describe('a desk’s file', () => {
  it('takes what waits to another device, once', () => {
    const file = writeDeskFile('mooring-posts', refused.queue)
    const taken = takeDeskFile(FRESH_DESK, 'mooring-posts', file)
    expect(taken).toMatchObject({ came: 2 })
    if ('problem' in taken) throw new Error(taken.problem)
    expect(taken.memory.queue).toEqual([pull, said].map(waiting))
    expect(takeDeskFile(taken.memory, 'mooring-posts', file)).toMatchObject({ came: 0 })
  })
  it('of another job, or that is none, is refused in words', () => {
    const file = writeDeskFile('mooring-posts', memory.queue)
    expect(takeDeskFile(FRESH_DESK, 'samphire', file)).toEqual({
      problem: 'This is of another job’s desk: mooring-posts.',
    })
    for (const text of ['half a fi', '{}', '{"kind":"typothesis-desk","slug":"x","entries":[{"id":1}]}'])
      expect(takeDeskFile(FRESH_DESK, 'mooring-posts', text)).toMatchObject({
        problem: expect.stringContaining('no file of a pull desk'),
      })
  })
})
