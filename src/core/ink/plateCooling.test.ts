import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { coolingMinutes, minutesUntil } from './calibrateStiffness'
import { coolingOf, warmthLeft } from './plateCooling'
import { correctStiffness, inkTemperature, PLATE_SHARE_OF_INK_TEMPERATURE } from './stiffness'

describe('a plate off the heat', () => {
  it('cools by its metal and thickness: ρ·c·t / h from tabled properties', () => {
    // CRC Handbook: copper 8.96 g/cm³ and 0.385 J/(g·K); 1.6 mm give 5519 J/(m²·K), over 10 W/(m²·K) 552 s.
    expect(coolingOf({ kind: 'copper-etched', thicknessMm: 1.6 })).toBeCloseTo(5519 / 10 / 60, 2)
    const minutes = (kind: Parameters<typeof coolingOf>[0]['kind']) => coolingOf({ kind, thicknessMm: 1 })
    expect(minutes('copper-etched')).toBeGreaterThan(minutes('zinc-etched'))
    expect(minutes('zinc-etched')).toBeGreaterThan(minutes('aluminium-etched'))
  })
  it('has the warmth left that the workshop’s own timing says (property)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 30, noNaN: true }),
        fc.double({ min: 0.5, max: 20, noNaN: true }),
        (tau, minutes) => {
          const plateC = 20 + 20 * warmthLeft(minutes, tau)
          const later = { minutes, plateC }
          expect(coolingMinutes({ roomC: 20, startC: 40, later })).toBeCloseTo(tau, 6)
          expect(minutesUntil({ roomC: 20, fromC: 40, toC: plateC, coolingTauMinutes: tau })).toBeCloseTo(
            minutes,
            6,
          )
        },
      ),
    )
  })
})

describe('stiffness at the roller', () => {
  const mix = { mixGrams: 20, mixPas: 60, before: { roomC: 20, plateC: 40 }, todayRoomC: 20 }
  it('a longer way than at the BAT stiffens the ink as much as the plate cooled', () => {
    const shares = { before: 1, today: 0.5 }
    const { ratio, plateC } = correctStiffness({ ...mix, warmthLeft: shares })
    // Half of 20° is lost, of which the ink feels its share: it halves every 8°.
    expect(ratio).toBeCloseTo(2 ** ((PLATE_SHARE_OF_INK_TEMPERATURE * 10) / 8), 12)
    // Twice as warm a start would bring it back, which no hand holds.
    expect(plateC).toBeNull()
    expect(inkTemperature(20, 40, 0.5)).toBeCloseTo(20 + PLATE_SHARE_OF_INK_TEMPERATURE * 10, 12)
  })
  it('the same way in the same room changes nothing (property)', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.05, max: 1, noNaN: true }), (left) => {
        const { ratio, plateC } = correctStiffness({ ...mix, warmthLeft: { before: left, today: left } })
        expect(ratio).toBeCloseTo(1, 12)
        expect(plateC).toBeCloseTo(40, 9)
      }),
    )
  })
})
