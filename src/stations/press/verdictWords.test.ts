import { describe, expect, it } from 'vitest'
import { sampleSettings } from '@/core/prove/sampleSettings.test.fixture'
import { type PressureScale } from '@/core/press/pressureScale'
import { USUAL_SCALES } from '@/core/press/usualScales'
import { learnPressure } from '@/core/press/pressureTrials'
import { afterVerdict } from './verdictWords'

const at = (scale: PressureScale, reading: number, makeReadyMm = 0) => ({
  ...sampleSettings.press,
  scale,
  readingLeft: reading,
  readingRight: reading,
  makeReadyMm,
})
const none = (scale: PressureScale) => learnPressure([], scale)

describe('what a verdict asks for', () => {
  it('is nothing where it was right', () => {
    const { scale } = sampleSettings.press
    expect(afterVerdict('right', sampleSettings.press, none(scale))).toMatchObject({
      words: 'Saved: this is the setting.',
      reading: null,
    })
  })
  it('is the next notch, as a press teaches it', () => {
    const { notches } = USUAL_SCALES
    expect(afterVerdict('bit-light', at(notches, 3), none(notches))).toMatchObject({
      words: '“A bit light”: 1 notch tighter, typically; this press will teach its own.',
      act: 'Set notch 4',
      reading: 4,
    })
    const once = learnPressure(
      [
        { scale: notches, suggested: null, set: 1, verdict: 'much-too-light', jobId: 'a' },
        { scale: notches, suggested: null, set: 3, verdict: 'right', jobId: 'a' },
      ],
      notches,
    )
    expect(afterVerdict('much-too-light', at(notches, 2), once).words).toMatch(
      /2 notches tighter, as the last 1 time here, give or take 0\.\d/,
    )
  })
  it('of a hand is a heavier one, and at its heaviest another pass', () => {
    const { hand } = USUAL_SCALES
    expect(afterVerdict('bit-light', at(hand, 1), none(hand))).toMatchObject({
      words: '“A bit light”: 1 step heavier, typically; this hand will teach its own.',
      act: 'Set a firm hand',
    })
    expect(afterVerdict('bit-light', at(hand, 2), none(hand)).words).toBe(
      '“A bit light”: it goes no heavier. Go over the plate once more.',
    )
    expect(afterVerdict('bit-heavy', at(hand, 0), none(hand)).words).toContain('Go over it fewer times')
  })
  it('at the end of a press asks for packing', () => {
    const { notches } = USUAL_SCALES
    expect(afterVerdict('bit-light', at(notches, 6), none(notches))).toMatchObject({
      words: '“A bit light”: it goes no tighter. Lay more under the plate, or a felt more.',
      reading: null,
    })
  })
  it('of a press that is packed is one card in or out, named in millimetres', () => {
    const { fixed } = USUAL_SCALES
    expect(afterVerdict('much-too-light', at(fixed, 0, 0.5), none(fixed))).toMatchObject({
      act: 'Lay 0.75 mm under the plate',
      makeReadyMm: 0.75,
    })
    expect(afterVerdict('bit-heavy', at(fixed, 0), none(fixed)).words).toContain('Take one felt out')
  })
})
