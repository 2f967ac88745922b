import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import {
  CUSTODY,
  custodyCounts,
  custodyMoveSchema,
  refuseMove,
  standingOf,
  type CustodyKind,
  type KeptCustody,
} from './custody'

const kinds = Object.keys(CUSTODY) as CustodyKind[]
const moved = (pullId: string, kind: CustodyKind): KeptCustody => ({
  pullId,
  move: { kind, to: 'Marram House', receipt: '', note: '' },
  at: '2031-06-01T10:00:00.000Z',
  by: 'Ada',
})

describe('where prints are', () => {
  it('is the last of their moves, and one that never left is in the workshop', () => {
    const moves = [moved('a', 'consigned'), moved('a', 'returned'), moved('b', 'sold')]
    expect(standingOf(moves, 'a')!.move.kind).toBe('returned')
    expect(custodyCounts(['a', 'b', 'c'], moves)).toEqual({
      workshop: 2,
      publisher: 0,
      consigned: 0,
      sold: 1,
      overprinted: 0,
      returned: 0,
      destroyed: 0,
    })
  })
  it('counts every print once, whatever was done (property)', () => {
    const tries = fc.array(
      fc.record({ id: fc.constantFrom('a', 'b', 'c'), kind: fc.constantFrom(...kinds) }),
      { maxLength: 30 },
    )
    fc.assert(
      fc.property(tries, (list) => {
        const moves: KeptCustody[] = []
        for (const { id, kind } of list)
          if (refuseMove(standingOf(moves, id), { kind }) === null) moves.push(moved(id, kind))
        expect(Object.values(custodyCounts(['a', 'b', 'c'], moves)).reduce((sum, n) => sum + n, 0)).toBe(3)
        for (const id of ['a', 'b', 'c'])
          expect(
            moves.filter((one) => one.pullId === id).findIndex(({ move }) => move.kind === 'destroyed'),
          ).toBeOneOf([-1, moves.filter((one) => one.pullId === id).length - 1])
      }),
    )
  })
  it('refuses in words what cannot be', () => {
    expect(refuseMove(null, { kind: 'returned' })).toContain('in the workshop already')
    expect(refuseMove(moved('a', 'sold'), { kind: 'consigned' })).toContain('sold to Marram House')
    expect(refuseMove(moved('a', 'destroyed'), { kind: 'returned' })).toContain('destroyed')
    expect(
      custodyMoveSchema.safeParse({ kind: 'sold', to: ' ', receipt: '', note: '' }).error?.issues[0].path,
    ).toEqual(['to'])
  })
})
