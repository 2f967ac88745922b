import fc from 'fast-check'
import { afterEach, describe, expect, it } from 'vitest'
import { writeDifference, writeReading } from '../edition/quantities'
import { formatMm, isOnTheRule, parseLength } from './length'
import {
  bothLengths,
  formatCelsius,
  formatCelsiusStep,
  formatArea,
  formatCm,
  formatFine,
  formatFines,
  formatGrams,
  lengthUnit,
  shownDegrees,
  shownMm,
  shownStep,
  shownUnit,
} from './quantity'
import { shownUnits, showUnits } from './shownUnits'
import { convertQuantity, readQuantity } from './typedNumber'

afterEach(() => showUnits('metric'))

describe('units as a workshop reads them', () => {
  it('are metric until it says otherwise', () => {
    expect(shownUnits()).toBe('metric')
    expect([formatMm(190.5), formatFine(0.25, 2), formatGrams(34.92, 1), formatCelsius(20)]).toEqual([
      '190.5 mm',
      '0.25 mm',
      '34.9 g',
      '20 °C',
    ])
    expect([formatCelsiusStep(4), shownStep(4), shownDegrees(37)]).toEqual(['4 °C', 4, 37])
    expect(bothLengths(190.5)).toEqual({ first: '190.5 mm', second: '7 1/2 in' })
    expect([writeReading('plateC', 37), writeDifference('tone1', 0.034)]).toEqual(['37 °C', '0.03 D'])
  })
  it('turn round where inches are read first: as a rule has it, else in decimals', () => {
    showUnits('inches')
    // International inch and pound of 1959: 25.4 mm and 28.349523125 g; 20 °C are 68 °F, a difference of 4 °C is one of 7.2 °F.
    expect([formatMm(190.5), formatMm(12), formatFine(0.254, 2)]).toEqual(['7 1/2 in', '0.47 in', '0.01 in'])
    // Small ones keep what they say: a tolerance of 0.1 mm, 7 g of ink, a felt of 3 mm that is no eighth.
    expect([formatMm(0.1), formatGrams(7, 0), formatMm(3)]).toEqual(['0.0039 in', '0.25 oz', '0.1181 in'])
    expect(bothLengths(190.5)).toEqual({ first: '7 1/2 in', second: '190.5 mm' })
    expect([formatGrams(28.349523125, 1), formatCelsius(20), formatCelsiusStep(4)]).toEqual([
      '1 oz',
      '68 °F',
      '7.2 °F',
    ])
    expect([shownStep(10), shownDegrees(100)]).toEqual([18, 212])
    expect([writeReading('plateC', 37), writeDifference('plateC', 5)]).toEqual(['98.6 °F', '9 °F'])
    expect([parseLength('5'), parseLength('150 mm'), parseLength('1/2')]).toEqual([127, 150, 12.7])
  })
  it('lengths that belong together are of one unit, whichever it is', () => {
    const size = () => formatFines([301.1, 253.7], ' × ', 1)
    const all = () => [size(), formatCm(730, 0), formatArea(216, 0), `${shownMm(25.4, 1)} ${lengthUnit()}`]
    expect(all()).toEqual(['301.1 × 253.7 mm', '73 cm', '216 cm²', '25.4 mm'])
    showUnits('inches')
    // 301.1 / 25.4 = 11.854; 216 cm² / 6.4516 = 33.48 in².
    expect(all()).toEqual(['11.854 × 9.988 in', '28.74 in', '33.5 in²', '1 in'])
  })
  it('a field of grams is one of ounces, and what is typed there is kept in grams', () => {
    expect(shownUnit('g of ink').unit).toBe('g of ink')
    showUnits('inches')
    const { unit, toShown, toKept } = shownUnit('g of ink')
    expect([unit, toShown(28.349523125), toKept(2)]).toEqual(['oz of ink', 1, 56.69904625])
    expect(shownUnit('°C').toKept(68)).toBeCloseTo(20, 12)
    // A tolerance of 2 °C is one of 3.6 °F, not 35.6.
    expect(shownUnit('°C', true).toShown(2)).toBeCloseTo(3.6, 12)
    expect(shownUnit('°C', true).toKept(3.6)).toBeCloseTo(2, 12)
    expect([shownUnit('min').unit, shownUnit('g/m²').unit, shownUnit(undefined).unit]).toEqual([
      'min',
      'g/m²',
      undefined,
    ])
  })
  it('there and back is the same quantity (property)', () => {
    showUnits('inches')
    fc.assert(
      fc.property(fc.double({ min: -50, max: 500, noNaN: true }), (value) => {
        for (const unit of ['mm', 'g', '°C']) {
          const { toShown, toKept } = shownUnit(unit)
          expect(toKept(toShown(value))).toBeCloseTo(value, 9)
        }
      }),
    )
  })
  it('converts within one kind only', () => {
    expect(convertQuantity(1, 'lb', 'oz')).toBeCloseTo(16, 12)
    expect(convertQuantity(1, 'mm', 'g')).toBeNull()
    expect([readQuantity('2 °C', '°F'), readQuantity('2 °C', '°F', true)]).toEqual([
      expect.closeTo(35.6, 9),
      expect.closeTo(3.6, 9),
    ])
    expect([isOnTheRule(190.5), isOnTheRule(12), isOnTheRule(0.1), isOnTheRule(0)]).toEqual([
      true,
      false,
      false,
      true,
    ])
  })
})
