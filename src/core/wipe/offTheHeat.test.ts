import { describe, expect, it } from 'vitest'
import { isWarmedAgain, minutesIfWarmedAgain, minutesOffTheHeat } from './offTheHeat'
import type { WipeStep } from './wipingOrder'
import { WIPING_SCHOOLS } from './wipingSchools'

const { steps } = WIPING_SCHOOLS['three-stage'].order
const warm: WipeStep = { ...steps[0], material: 'warm', seconds: 20 }

describe('from the heat to the roller', () => {
  it('is all the wiping and the laying where nothing warms the plate again', () => {
    // 30 + 60 + 60 + 45 + 40 + 45 + 20 s of wiping and 60 s of laying.
    expect(minutesOffTheHeat({ steps })).toBeCloseTo(6, 12)
    expect(isWarmedAgain({ steps })).toBe(false)
  })
  it('begins anew where it is warmed after the edges: fingers and laying are left', () => {
    const again = { steps: [...steps.slice(0, -1), warm, steps.at(-1)!] }
    expect(minutesOffTheHeat(again)).toBeCloseTo((20 + 60) / 60, 12)
    expect(isWarmedAgain(again)).toBe(true)
    expect(minutesIfWarmedAgain({ steps })).toBeCloseTo(minutesOffTheHeat(again), 12)
  })
})
