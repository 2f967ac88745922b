import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { turnedTo } from './useTurning'

describe('turnedTo', () => {
  it('leaves a page alone that is no longer than its screen', () => {
    expect(turnedTo(0, 800, 800)).toBe(0)
    expect(turnedTo(0, 800, 300)).toBe(0)
  })
  it('shows every line within a round, and begins again', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 200, max: 2000 }),
        fc.integer({ min: 0, max: 20_000 }),
        (screen, more) => {
          const whole = screen + more
          let seenTo = screen
          let at = turnedTo(0, screen, whole)
          for (; at > 0; at = turnedTo(at, screen, whole)) {
            expect(at).toBeLessThan(seenTo)
            seenTo = at + screen
          }
          expect(whole - seenTo).toBeLessThanOrEqual(1)
        },
      ),
    ))
})
