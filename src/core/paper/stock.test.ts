import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { changeOfStock, newStockMoveSchema, paperStanding, stockProblem } from './stock'

describe('the stock book', () => {
  it('sheets come in and leave; a count sets what lies there', () => {
    expect(changeOfStock('received', 25, 10)).toBe(25)
    expect(changeOfStock('counted', 8, 10)).toBe(-2)
    expect(changeOfStock('sample', 1, 10)).toBe(-1)
    expect(changeOfStock('spoiled', 3, 10)).toBe(-3)
  })
  it('no entry that is allowed leaves less than none (property)', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('received' as const, 'counted' as const, 'sample' as const, 'spoiled' as const),
        fc.nat(500),
        fc.nat(300),
        (kind, sheets, left) => {
          if (stockProblem(kind, sheets, left) === null)
            expect(left + changeOfStock(kind, sheets, left)).toBeGreaterThanOrEqual(0)
        },
      ),
    )
  })
  it('says what lies there when more is to leave, and that nothing is no entry', () => {
    expect(stockProblem('sample', 11, 10)).toBe('only 10 lie there by the book: count them first')
    expect(stockProblem('spoiled', 1, 0)).toMatch(/^none lie there/)
    expect(stockProblem('received', 0, 10)).toBe('must be 1 or more')
    expect(stockProblem('counted', 0, 10)).toBeNull()
    // The press went on after the book had run out: only a count sets it right.
    expect(stockProblem('counted', 4, -3)).toBeNull()
    expect(changeOfStock('counted', 4, -3)).toBe(7)
  })
  it('an entry of half a sheet is named', () =>
    expect(
      newStockMoveSchema.safeParse({ paperId: 'heron', kind: 'received', sheets: 0.5, lot: '', by: 'Ida' })
        .error!.issues[0].path,
    ).toEqual(['sheets']))
})

describe('sheets kept back', () => {
  it('decide whether a paper is short or low', () => {
    const jobs = [{ sheets: 20 }, { sheets: 15 }]
    expect(paperStanding(30, jobs, 10)).toEqual({ left: 30, reserved: 35, free: -5, standing: 'short' })
    expect(paperStanding(40, jobs, 10)).toMatchObject({ free: 5, standing: 'low' })
    expect(paperStanding(40, jobs, null)).toMatchObject({ free: 5, standing: 'enough' })
    expect(paperStanding(46, jobs, 10)).toMatchObject({ free: 11, standing: 'enough' })
  })
})
