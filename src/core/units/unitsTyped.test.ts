import { describe, expect, it } from 'vitest'
import { unitsTyped } from './unitsTyped'

describe('the units somebody thinks in', () => {
  it.each([
    [['5 × 7 in'], 'inches'],
    [['7 1/2" × 5"', ''], 'inches'],
    [['7½ in x 5 in', 'Heron 300 g'], 'inches'],
    [['120 × 90', 'Heron 300 g 22 × 30 inches'], 'inches'],
    [['12 x 9 cm'], 'metric'],
    [['120 × 90 mm'], 'metric'],
    [['120 × 90'], null],
    [['5 × 7 in', 'Heron 300 g 56 × 76 cm'], null],
    // Words are no units, and grams say nothing of lengths.
    [['Linen in rolls, 300 g'], null],
    [[], null],
  ] as const)('of %j are %s', (texts, units) => expect(unitsTyped(texts)).toBe(units))
})
