import { describe, expect, it } from 'vitest'
import { formatMm } from './length'

describe('millimetres', () => {
  it('are written with one decimal at most, and no trailing nought', () => {
    expect([190.5, 12, 12.04, -3.26].map(formatMm)).toEqual(['190.5 mm', '12 mm', '12 mm', '−3.3 mm'])
  })
})
