import { describe, expect, it } from 'vitest'
import { USUAL_CALIBRATION } from '../ink/stiffness'
import { sampleSettings } from './sampleSettings.test.fixture'
import { onItsWayToTheRoller, warmthAtRoller } from './warmthAtRoller'

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
  it('says how warm the plate is there, how much stiffer its ink, and what warming again would do', () => {
    const way = { left: 0.5, coolingTauMinutes: 10 }
    const { thereC, stiffer, againC } = onItsWayToTheRoller(way, {
      roomC: 20,
      startC: 40,
      halvingC: 9,
      wipe: sampleSettings.wipe,
    })
    expect(thereC).toBe(30)
    // The plate loses 10°, the ink nine tenths of that, and it halves every 9°.
    expect(stiffer).toBeCloseTo(2, 12)
    // Clean fingers and the laying are left: at most two minutes of ten.
    expect(againC).toBeGreaterThan(20 + 20 * Math.exp(-0.2))
  })
})
