import { describe, expect, it } from 'vitest'
import { USUAL_CALIBRATION } from '../ink/stiffness'
import { sampleSettings } from './sampleSettings.test.fixture'
import { warmthAtRoller } from './warmthAtRoller'

describe('warmth at the roller', () => {
  it('goes by the workshop’s own timing, else by metal and thickness', () => {
    const timed = warmthAtRoller(sampleSettings, { coolingTauMinutes: 10 })!
    expect(timed).toMatchObject({ isTimed: true, coolingTauMinutes: 10 })
    expect(timed.left).toBeCloseTo(Math.exp(-timed.minutes / 10), 12)
    expect(warmthAtRoller(sampleSettings, USUAL_CALIBRATION)).toMatchObject({ isTimed: false })
  })
  it('says nothing while plate or wiping is not set', () => {
    expect(warmthAtRoller({ ...sampleSettings, wipe: null }, USUAL_CALIBRATION)).toBeNull()
  })
})
