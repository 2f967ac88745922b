import { describe, expect, it } from 'vitest'
import type { FiledPull } from './jobFile'
import { isFollowed, nameOfPull, whyKept, withdrawalSchema } from './withdrawal'

const pull = (id: string, patch: Partial<FiledPull> = {}) =>
  ({ id, kind: 'edition', number: 1, sheet: 1, runPosition: 0, events: [], ...patch }) as unknown as FiledPull
const match = { event: { kind: 'match', match: { referencePullId: 'p1' } } } as never
const bat = { version: 2, proofPullId: 'b1', otherProofPullId: null, runs: [] }
const none = { pulls: [], bats: [], prints: [], sheetMarks: [] }

describe('a pull made by mistake', () => {
  it('is spoken of by what it was', () => {
    expect(nameOfPull({ kind: 'edition', number: 7 })).toBe('Pull 7')
    expect(nameOfPull({ kind: 'proof', number: 2 })).toBe('Proof 2')
    expect(nameOfPull({ kind: 'warmup', number: 1 })).toBe('Warm-up 1')
  })
  it('says why once another was pulled after it', () => {
    expect(isFollowed('b', [{ id: 'a' }, { id: 'b' }])).toBe(false)
    expect(isFollowed('a', [{ id: 'a' }, { id: 'b' }])).toBe(true)
    expect(isFollowed('a', [])).toBe(false)
  })
  it('can be withdrawn while nothing stands on it', () => {
    const p1 = pull('p1')
    expect(whyKept(p1, { ...none, pulls: [p1, pull('p2', { sheet: 2, number: 2 })], bats: [bat] })).toBeNull()
    expect(whyKept(pull('w', { kind: 'warmup' }), none)).toBeNull()
  })
  it.each<[string, Partial<FiledPull>, object]>([
    ['The numbers are given', {}, { prints: [{ pullId: 'other' }] }],
    ['the plate was struck', { kind: 'cancellation' }, {}],
    ['BAT 2 was approved from it', { id: 'b1', kind: 'proof' }, { bats: [bat] }],
    ['BAT 2 was approved', {}, { bats: [{ ...bat, otherProofPullId: 'p1' }] }],
    ['BAT 2 was approved', {}, { bats: [{ ...bat, runs: [{ proofPullId: 'p1' }] }] }],
    ['Pull 3 was compared', {}, { pulls: [pull('p3', { number: 3, sheet: 3, events: [match] })] }],
    ['withdraw pull 4 there', {}, { pulls: [pull('p4', { number: 4, runPosition: 1 })] }],
    ['marked off', {}, { sheetMarks: [{ sheet: 1, runPosition: 1 }] }],
  ])('stays where it says: %s', (words, patch, job) =>
    expect(whyKept(pull('p1', patch), { ...none, ...job } as never)).toContain(words),
  )
  it('is not held by its own comparison, by a sheet beside its own, or by what a run before was marked with', () => {
    const p1 = pull('p1', { events: [match], runPosition: 1 })
    const job = {
      ...none,
      pulls: [pull('p0', { runPosition: 0 }), p1, pull('p9', { sheet: 9, runPosition: 2 })],
      sheetMarks: [
        { sheet: 2, runPosition: 1 },
        { sheet: 1, runPosition: 0 },
      ],
    }
    expect(whyKept(p1, job)).toBeNull()
  })
  it('is withdrawn by somebody', () =>
    expect(withdrawalSchema.safeParse({ pullId: 'p1', why: '', by: ' ' }).error!.issues[0].path).toEqual([
      'by',
    ]))
})
