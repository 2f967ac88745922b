import { describe, expect, it } from 'vitest'
import { findByName, hasName, isNamedBefore, isSameName } from './byName'

const list = [{ name: 'sky' }, { name: 'sea' }, { name: 'sky' }]

describe('things told apart by their names', () => {
  it('are found by them', () => {
    expect(findByName(list, 'sky')).toBe(list[0])
    expect(findByName(list, 'land')).toBeUndefined()
    expect(findByName(list, null)).toBeUndefined()
    expect([hasName(list, 'sea'), hasName(list, 'land')]).toEqual([true, false])
  })
  it('stand twice from the second on', () =>
    expect(list.map((_, at) => isNamedBefore(list, at))).toEqual([false, false, true]))
  it('are the same when they go by the same, and nothing is like nothing', () => {
    expect(isSameName(list[0], list[2])).toBe(true)
    expect(isSameName(list[0], null)).toBe(false)
    expect(isSameName(null, undefined)).toBe(true)
  })
})
