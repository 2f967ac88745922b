import { describe, expect, it } from 'vitest'
import { sampleSettings } from '../prove/sampleSettings.test.fixture'
import type { Bench } from '../prove/settings'
import { carryOver } from './carryOver'
import { gapMm, squeezeAt } from './pressSetting'

const bat: Bench = sampleSettings
const peak = (bench: Bench, turns: number) => {
  const squeeze = squeezeAt(bench.press!, gapMm(bench.press!, turns), bench.plate!.thicknessMm, bench.paper!.caliperMm)
  return squeeze.contact === 'too-tight' ? Infinity : squeeze.peakMPa
}

describe('the BAT’s squeeze on another stack', () => {
  it('is not spoken of while nothing under the roller has changed', () => {
    expect(carryOver(bat, bat)).toBeNull()
    expect(carryOver(bat, { ...bat, press: { ...bat.press!, turnsLeft: 2 } })).toBeNull()
    expect(carryOver(bat, { ...bat, paper: null })).toBeNull()
  })
  it('of a plate 0.4 mm thinner is 0.2 of a 2 mm turn tighter', () => {
    const thinner = { ...bat, plate: { ...bat.plate!, thicknessMm: 0.8 } }
    expect(carryOver(bat, thinner)).toMatchObject({ ok: true, changed: ['a plate of another thickness'], byTurns: expect.closeTo(-0.2, 9) })
  })
  it('is met on another press with another pack and paper', () => {
    const other: Bench = { ...bat, paper: { ...bat.paper!, caliperMm: 0.7 }, press: { ...bat.press!, pressId: 'bench', rollerRadiusMm: 70, mmPerTurn: 2.54, packName: 'Two', pack: bat.press!.pack.slice(1) } }
    const carried = carryOver(bat, other)!
    expect(carried.changed).toEqual(['another press', 'other blankets', 'a paper of another caliper'])
    expect(carried.ok && peak(other, carried.turns) / peak(bat, 3)).toBeCloseTo(1, 6)
  })
  it('that was no squeeze at all cannot be carried', () => {
    const loose = { ...bat, press: { ...bat.press!, turnsLeft: 20, turnsRight: 20 } }
    expect(carryOver(loose, { ...bat, plate: { ...bat.plate!, thicknessMm: 0.8 } })).toMatchObject({ ok: false, message: expect.stringContaining('does not touch') })
  })
})
