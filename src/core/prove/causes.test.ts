import { describe, expect, it } from 'vitest'
import { CAUSES, causesOf } from './causes'
import { CAUSE_KEYS } from './faultCause'

describe('causes beside the settings', () => {
  it('tells a moved sheet, a pushed blanket and a plate out of register apart', () => {
    expect(causesOf({ sharpness: -1 }).map(({ cause }) => cause)).toEqual(['slurred'])
    expect(causesOf({ sharpness: 1 }).map(({ cause }) => cause)).toEqual(['crept'])
    expect(causesOf({ register: -1 }).map(({ cause }) => cause)).toEqual(['out-of-register'])
  })
  it('does not ask for what the plate after the pull rules out, nor twice for one cause', () => {
    const causes = (features: Parameters<typeof causesOf>[0]) => causesOf(features).map(({ cause }) => cause)
    expect(causes({ line: -1 })).toEqual(['not-picked-up', 'over-wiped', 'under-inked', 'worn-plate'])
    expect(causes({ plate: -1, line: -1 })).toEqual(['under-inked', 'over-wiped', 'worn-plate'])
    expect(causes({ plate: 1, line: -1 })).toEqual(['not-picked-up', 'blankets-spent'])
    expect(causes({ plate: 0, line: 0 })).toEqual([])
  })
  it('has a sign and a remedy of its own for each', () => {
    for (const part of ['label', 'sign', 'remedy'] as const)
      expect(new Set(CAUSE_KEYS.map((cause) => CAUSES[cause][part])).size).toBe(CAUSE_KEYS.length)
  })
})
