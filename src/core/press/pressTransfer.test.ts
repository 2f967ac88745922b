import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { pressStack } from './pressStack'
import { pressTransferInput, transferPressure } from './pressTransfer'

const felt = (thicknessMm: number, modulusMPa: number, densificationStrain: number | null = 0.6) => ({
  name: 'felt',
  thicknessMm,
  modulusMPa,
  densificationStrain,
})
const standard = {
  rollerRadiusMm: 45,
  gapMm: 6,
  layers: [felt(0.55, 12), felt(1.5, 1.2), felt(3, 0.5), felt(2.5, 1)],
  plateThicknessMm: 1.2,
}

describe('carrying a squeeze over', () => {
  it('to the same stack changes nothing', () => {
    for (const match of ['peak', 'lineLoad'] as const) {
      const { gapMm: _, ...next } = standard
      const { gapMm, turns } = transferPressure({ standard, next, mmPerTurn: 2, match })
      expect(gapMm).toBeCloseTo(6, 8)
      expect(turns).toBeCloseTo(0, 8)
    }
  })
  it('to a plate 0.3 mm thinner is 0.3 mm tighter, whatever the pack', () => {
    const { gapMm: _, ...next } = { ...standard, plateThicknessMm: 0.9 }
    const { gapMm, turns } = transferPressure({ standard, next, mmPerTurn: 2, match: 'peak' })
    expect(gapMm).toBeCloseTo(5.7, 9)
    expect(turns).toBeCloseTo(-0.15, 9)
  })
  it('agrees with one linear layer worked by hand', () => {
    // Peak E·d0/T: 1 MPa·1 mm/4 mm = 0.25 MPa; a layer of 5 mm and 2 MPa gives way by 0.25·5/2 = 0.625 mm for it: gap 1 + 5 − 0.625
    const one = { rollerRadiusMm: 50, gapMm: 4, layers: [felt(4, 1, null)], plateThicknessMm: 1 }
    const { gapMm, peakMPa } = transferPressure({
      standard: one,
      next: { rollerRadiusMm: 80, layers: [felt(5, 2, null)], plateThicknessMm: 1 },
      mmPerTurn: 2.54,
      match: 'peak',
    })
    expect(gapMm).toBeCloseTo(5.375, 9)
    expect(peakMPa).toBeCloseTo(0.25, 9)
  })
  it('meets what it was to meet, for any next plate, pack and roller (property)', () => {
    const layer = fc.record({
      thicknessMm: fc.double({ min: 1, max: 5, noNaN: true }),
      modulusMPa: fc.double({ min: 0.3, max: 3, noNaN: true }),
    })
    fc.assert(
      fc.property(
        fc.array(layer, { minLength: 1, maxLength: 4 }),
        fc.double({ min: 30, max: 120, noNaN: true }),
        fc.double({ min: 1, max: 3, noNaN: true }),
        fc.constantFrom('peak' as const, 'lineLoad' as const),
        (layers, rollerRadiusMm, plateThicknessMm, match) => {
          const next = {
            rollerRadiusMm,
            plateThicknessMm,
            layers: layers.map((one) => felt(one.thicknessMm, one.modulusMPa)),
          }
          const input = pressTransferInput.safeParse({ standard, next, mmPerTurn: 2, match })
          if (!input.success) return
          const key = match === 'peak' ? 'peakMPa' : 'lineLoadNPerMm'
          expect(
            pressStack({ ...next, gapMm: transferPressure(input.data).gapMm })[key] /
              pressStack(standard)[key],
          ).toBeCloseTo(1, 6)
        },
      ),
    )
  })
  const refusal = (change: object) => {
    const { gapMm: _, ...next } = standard
    const { path, message } = pressTransferInput.safeParse({
      standard,
      next,
      mmPerTurn: 2,
      match: 'peak',
      ...change,
    }).error!.issues[0]
    return `${path.join('.')}: ${message}`
  }
  it('from a roller that does not touch is refused', () =>
    expect(refusal({ standard: { ...standard, gapMm: 20 } })).toMatch(/^standard\.gapMm: does not touch/))
  it('to a plate and pack too thin names the make-ready that is missing', () => {
    expect(
      refusal({ next: { rollerRadiusMm: 45, layers: [felt(0.4, 0.01, null)], plateThicknessMm: 0.1 } }),
    ).toMatch(/^next\.plateThicknessMm: cannot reach .* make-ready of \d+\.\d+ mm/)
  })
  it('by a thread without lead is refused', () => expect(refusal({ mmPerTurn: 0 })).toContain('mmPerTurn'))
  it('ends whatever is under the roller: the figures are finite and the squeeze is carried, or it says why not (property)', () => {
    const over = (least: number, most: number) =>
      fc.double({ min: Math.log(least), max: Math.log(most), noNaN: true }).map(Math.exp)
    const layer = fc.record({
      name: fc.constant('felt'),
      thicknessMm: over(0.001, 99),
      modulusMPa: over(0.0011, 9e5),
      densificationStrain: fc.option(over(0.0011, 0.99)),
    })
    const stack = fc.record({
      rollerRadiusMm: over(0.01, 4900),
      layers: fc.array(layer, { minLength: 1, maxLength: 4 }),
      plateThicknessMm: over(0.001, 490),
    })
    fc.assert(
      fc.property(
        stack,
        stack,
        fc.double({ min: 0.01, max: 0.99, noNaN: true }),
        fc.constantFrom('peak' as const, 'lineLoad' as const),
        (bat, next, share, match) => {
          const whole = bat.plateThicknessMm + bat.layers.reduce((sum, one) => sum + one.thicknessMm, 0)
          const standard = { ...bat, gapMm: whole * share }
          const input = pressTransferInput.safeParse({ standard, next, mmPerTurn: 2, match })
          if (!input.success) {
            expect(input.error.issues[0].message.length).toBeGreaterThan(0)
            return
          }
          const carried = transferPressure(input.data)
          expect(Object.values(carried).every(Number.isFinite)).toBe(true)
          const wanted = pressStack(standard)
          const [got, meant] =
            match === 'peak'
              ? [carried.peakMPa, wanted.peakMPa]
              : [carried.lineLoadNPerMm, wanted.lineLoadNPerMm]
          // What densifies to its end answers the last figure of a gap with whole figures of pressure.
          if (next.layers.some(({ densificationStrain }) => densificationStrain === null))
            expect(got / meant).toBeCloseTo(1, 3)
        },
      ),
      { numRuns: 60 },
    )
  })
})
