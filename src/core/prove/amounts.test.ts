import { describe, expect, it } from 'vitest'
import { FEATURES, type Feature } from './features'
import { amountWords, shiftWords } from './whatMoved'

describe('an amount of an act', () => {
  it('has its unit, one or many', () => {
    expect(amountWords('pressure', 0.25)).toBe('0.25 mm of gap')
    expect(amountWords('heavyOil', 1)).toBe('1 drop')
    expect(amountWords('heavyOil', 2)).toBe('2 drops')
    expect(amountWords('makeReady', 0.1)).toBe('0.1 mm')
  })
})

describe('a shift of a feature', () => {
  it('is said by the end it goes to', () => {
    const [feature, { label, more, less }] = Object.entries(FEATURES)[0] as [
      Feature,
      (typeof FEATURES)[Feature],
    ]
    expect(shiftWords({ feature, shift: 1 })).toBe(`${label.toLowerCase()} toward ${more}`)
    expect(shiftWords({ feature, shift: -1 })).toBe(`${label.toLowerCase()} toward ${less}`)
  })
})
