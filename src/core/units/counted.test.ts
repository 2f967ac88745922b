import { describe, expect, it } from 'vitest'
import { counted, plural } from './counted'

describe('what is counted', () => {
  // Unicode CLDR, plural rules of English: "one" is the integer 1 and nothing else.
  it.each([
    [0, '0 sheets'],
    [1, '1 sheet'],
    [2, '2 sheets'],
    [21, '21 sheets'],
    [1.5, '1.5 sheets'],
  ])('%d: %s', (count, words) => expect(counted(count, 'sheet')).toBe(words))
  it('has its own form where an s is not enough', () => {
    expect(counted(3, 'pass', 'passes')).toBe('3 passes')
    expect([plural(1, 'has', 'have'), plural(4, 'has', 'have')]).toEqual(['has', 'have'])
  })
})
