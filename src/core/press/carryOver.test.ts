import { describe, expect, it } from 'vitest'
import { sampleSettings } from '../prove/sampleSettings.test.fixture'
import type { Bench } from '../prove/settings'
import { carryOver } from './carryOver'
import { squeezeAtReading } from './pressSetting'
import { turnsScale, USUAL_SCALES } from './usualScales'

const bat: Bench = sampleSettings
const peak = (bench: Bench, turns: number) => {
  const squeeze = squeezeAtReading(bench.press!, turns, bench.plate!, bench.paper!)!
  return squeeze.contact === 'too-tight' ? Infinity : squeeze.peakMPa
}

describe('the BAT’s squeeze on another stack', () => {
  it('is not spoken of while nothing under the roller has changed', () => {
    expect(carryOver(bat, bat)).toBeNull()
    expect(carryOver(bat, { ...bat, press: { ...bat.press!, readingLeft: 2 } })).toBeNull()
    expect(carryOver(bat, { ...bat, paper: null })).toBeNull()
  })
  it('of a plate 0.4 mm thinner is 0.2 of a 2 mm turn tighter', () => {
    const thinner = { ...bat, plate: { ...bat.plate!, thicknessMm: 0.8 } }
    expect(carryOver(bat, thinner)).toMatchObject({
      ok: true,
      changed: ['a plate of another thickness'],
      // 0.2 of a turn, in quarters.
      tighterBy: expect.closeTo(0.8, 9),
    })
  })
  it('is met on another press with another pack and paper', () => {
    const other: Bench = {
      ...bat,
      paper: { ...bat.paper!, caliperMm: 0.7 },
      press: {
        ...bat.press!,
        pressId: 'bench',
        rollerRadiusMm: 70,
        scale: turnsScale(2.54),
        packName: 'Two',
        pack: bat.press!.pack.slice(1),
      },
    }
    const carried = carryOver(bat, other)!
    expect(carried.changed).toEqual(['another press', 'other blankets', 'a paper of another caliper'])
    expect(carried.ok && peak(other, carried.reading) / peak(bat, 3)).toBeCloseTo(1, 6)
  })
  it('is tightened for what the frame gives way by under a wider plate', () => {
    const soft: Bench = { ...bat, press: { ...bat.press!, frameNPerMm: 8000 } }
    const wide: Bench = { ...soft, plate: { ...bat.plate!, widthMm: 280 } }
    const carried = carryOver(soft, wide)!
    expect(carried.changed).toEqual(['a plate of another width'])
    expect(carried.ok && carried.tighterBy).toBeGreaterThan(0.08)
    expect(carried.ok && peak(wide, carried.reading) / peak(soft, 3)).toBeCloseTo(1, 5)
  })
  it('is less sure with other blankets than with another plate, and surer once those are measured', () => {
    const sd = (now: Bench, measured: string[] = []) => {
      const carried = carryOver(bat, now, { measured: new Set(measured) })!
      return carried.ok ? carried.sd : NaN
    }
    const felts: Bench = {
      ...bat,
      press: {
        ...bat.press!,
        pack: [{ name: 'Felt A', thicknessMm: 4, modulusMPa: 0.8, densificationStrain: 0.6 }],
      },
    }
    expect(sd(felts)).toBeGreaterThan(3 * sd({ ...bat, plate: { ...bat.plate!, thicknessMm: 0.8 } }))
    expect(sd(felts, ['Felt A', 'Catcher', 'Cushion', 'Pusher'])).toBeLessThan(sd(felts) / 2)
  })
  it('a plate too thin to reach is offered its make-ready', () => {
    const thin: Bench = {
      ...bat,
      plate: { ...bat.plate!, thicknessMm: 0.05 },
      press: {
        ...bat.press!,
        pack: [{ name: 'Foam', thicknessMm: 3, modulusMPa: 1, densificationStrain: null }],
      },
    }
    const tight: Bench = { ...bat, press: { ...bat.press!, readingLeft: 2.2, readingRight: 2.2 } }
    const carried = carryOver(tight, thin)!
    expect(carried).toMatchObject({ ok: false, makeReadyMm: expect.any(Number) })
    const raised = {
      ...thin,
      press: { ...thin.press!, makeReadyMm: carried.ok ? 0 : carried.makeReadyMm! },
    }
    expect(carryOver(tight, raised)!.ok).toBe(true)
  })
  it('is said on a gauge as that gauge reads, and not at all on a press nobody measured', () => {
    const gauge = {
      ...USUAL_SCALES.gauge,
      table: [
        { reading: 0, mm: 12 },
        { reading: 60, mm: 0 },
      ],
    }
    const other = {
      ...bat,
      press: { ...bat.press!, pressId: 'gauge', scale: gauge, readingLeft: 30, readingRight: 30 },
    }
    const carried = carryOver(bat, other)!
    // The same stack, 6 mm of gap: five marks a millimetre down from 12 mm.
    expect(carried).toMatchObject({ ok: true, reading: expect.closeTo(30, 6) })
    expect(carryOver(bat, { ...other, press: { ...other.press, scale: USUAL_SCALES.gauge } })).toBeNull()
  })
  it('that was no squeeze at all cannot be carried', () => {
    const loose = { ...bat, press: { ...bat.press!, readingLeft: 20, readingRight: 20 } }
    expect(carryOver(loose, { ...bat, plate: { ...bat.plate!, thicknessMm: 0.8 } })).toMatchObject({
      ok: false,
      message: expect.stringContaining('does not touch'),
    })
  })
})
