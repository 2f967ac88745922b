import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { sampleSettings } from '../prove/sampleSettings.test.fixture'
import { middleReading } from './pressSetting'
import { type PressureScale } from './pressureScale'
import { turnsScale, USUAL_SCALES } from './usualScales'
import {
  stackDistance,
  startingPressure,
  startReason,
  type PressedPlate,
  type Worked,
} from './startingPressure'

const { press, plate, paper } = sampleSettings
const under = (
  thicknessMm: number,
  reading: number,
  scale: PressureScale = turnsScale(2),
  makeReadyMm = 0,
): PressedPlate => ({
  press: { ...press, scale, readingLeft: reading, readingRight: reading, makeReadyMm },
  plate: { ...plate, thicknessMm },
  paper,
})
const worked = (name: string, stack: PressedPlate): Worked => ({ jobId: name, name, under: stack })

describe('where a job without a BAT begins', () => {
  it('is nowhere while nothing is known, or something is not set', () => {
    expect(startingPressure(under(1, 3), [])).toBeNull()
    expect(startingPressure({ ...under(1, 3), plate: null }, [worked('Ferns', under(1, 3))])).toBeNull()
  })
  it('is the same reading with the same under the roller', () => {
    const start = startingPressure(under(1.2, 4), [worked('Ferns', under(1.2, 3))])!
    expect(start).toMatchObject({ reading: 3, makeReadyMm: null, apart: [] })
    expect(startReason(start)).toContain('Ferns printed well with the same under the roller')
  })
  it('is carried in millimetres on a press that was measured: a plate 0.5 mm thinner is a quarter turn tighter', () => {
    const start = startingPressure(under(1.2, 4), [worked('Ferns', under(1.7, 3))])!
    expect(start).toMatchObject({ how: 'carried', reading: 2.75, apart: ['0.5 mm thinner plate'] })
  })
  it('brings a thin plate to the same height on a press nobody measured', () => {
    const carton = under(0.4, 1, USUAL_SCALES.notches)
    const start = startingPressure(carton, [worked('Lino', under(1.5, 3, USUAL_SCALES.notches, 0.2))])!
    expect(start).toMatchObject({ how: 'as-there', reading: 3, makeReadyMm: 1.3 })
    expect(startReason(start)).toContain('with the plate brought to the same height')
    // A thicker one needs none.
    expect(
      startingPressure(under(2, 1, USUAL_SCALES.notches), [
        worked('Lino', under(1.5, 3, USUAL_SCALES.notches)),
      ])!.makeReadyMm,
    ).toBeNull()
  })
  it('does not carry a reading nobody measured over to blankets of another height', () => {
    const there = under(1.5, 4, USUAL_SCALES.notches)
    const here = { ...there, press: { ...there.press, pack: there.press.pack.slice(1) } }
    const start = startingPressure(here, [worked('Lino', there)])!
    expect(start).toMatchObject({ how: 'lighter', reading: 2, apart: ['other blankets'] })
    expect(startReason(start)).toContain('its reading is not carried over to other blankets')
  })
  it('of a hand is the same hand, with nothing under the plate', () =>
    expect(
      startingPressure(under(0.4, 0, USUAL_SCALES.hand), [worked('Lino', under(2, 2, USUAL_SCALES.hand))]),
    ).toMatchObject({ reading: 2, makeReadyMm: null }))
  it('is not taken from a press that speaks otherwise', () =>
    expect(startingPressure(under(1, 1, USUAL_SCALES.notches), [worked('Ferns', under(1, 3))])).toBeNull())
  it('is taken from the nearest, and says how far off such a start was on what is known', () => {
    const known = [worked('A', under(1, 3)), worked('B', under(1.1, 2.75)), worked('C', under(3, 4))]
    const start = startingPressure(under(1.02, 4), known)!
    expect(start.from.name).toBe('A')
    expect(start.off!.of).toBe(3)
    expect(start.off!.steps).toBeGreaterThan(0)
    expect(startReason(start)).toMatch(/\d steps off, on the mean of 3 known settings/)
    // A press whose settings all follow from one another is off by nothing.
    const exact = startingPressure(under(1, 4), [worked('A', under(1, 3)), worked('B', under(1.5, 3.25))])!
    expect(exact.off!.steps).toBeLessThan(0.5)
  })
  it('finds a setting again from itself, whatever lies under the roller (property)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.3, max: 3, noNaN: true }),
        fc.integer({ min: 8, max: 14 }),
        (mm, quarters) => {
          const there = under(mm, quarters / 4)
          expect(startingPressure(there, [worked('There', there)])!.reading).toBe(middleReading(there.press))
          expect(stackDistance(there, there)).toBe(0)
          expect(stackDistance(there, under(mm + 0.3, 3))).toBeCloseTo(0.3, 9)
        },
      ),
    )
  })
})
