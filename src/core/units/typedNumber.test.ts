import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { readQuantity, readTypedNumber } from './typedNumber'

describe('a number as it is typed', () => {
  it.each([
    ['12', 12],
    ['12.5', 12.5],
    ['12,5', 12.5],
    ['-3', -3],
    ['−3', -3],
    ['1 1/2', 1.5],
    ['5-1/2', 5.5],
    ['5 - 1/2', 5.5],
    ['1/16', 0.0625],
    ['9/4', 2.25],
    ['7½', 7.5],
    ['-1/2', -0.5],
    [' 20  ', 20],
  ])('%j is %d', (text, value) => expect(readTypedNumber(text)!.value).toBeCloseTo(value, 12))
  it.each(['', 'wide', '1 1/0', '7 9/4', '1.5 1/2', '1/2/3', '1..5', '--3', '1 2', '3 + 4', '.'])(
    '%j is none',
    (text) => expect(readTypedNumber(text)).toBeNull(),
  )
  it('has its unit beside it', () => {
    expect(readTypedNumber('1/16 in')).toEqual({ value: 0.0625, isFraction: true, unit: 'in' })
    expect(readTypedNumber('60 °F')).toEqual({ value: 60, isFraction: false, unit: '°f' })
    expect(readTypedNumber('7½"')).toMatchObject({ value: 7.5, unit: '"' })
  })
})

describe('what is typed into a field', () => {
  // Inch, pound and US fluid ounce are exact by definition (NIST Handbook 44, appendix C); °F = 9/5 °C + 32.
  it.each([
    ['20 min', 'minutes', 20],
    ['1 1/2 h', 'minutes', 90],
    ['90 s', 'min', 1.5],
    ['60 °F', '°C', 140 / 9],
    ['212F', '°C', 100],
    ['-40 °F', '°C', -40],
    ['1/16 in', 'mm', 1.5875],
    ['1 oz', 'g', 28.349523125],
    ['2 lb', 'g', 907.18474],
    ['0,5 l', 'ml', 500],
    ['1 fl oz', 'ml', 29.5735295625],
    ['10 in²', 'cm²', 64.516],
    ['55 %', '% of dry weight', 55],
    ['45°', 'degrees', 45],
    ['3 drops', 'drops', 3],
    ['3', undefined, 3],
    ['60 µm', 'µm', 60],
    ['0.06 mm', 'µm', 60],
  ] as const)('%j in a field of %j is %d', (text, unit, value) => {
    expect(readQuantity(text, unit)).toBeCloseTo(value, 9)
  })
  it('a unit of another kind is not taken for a number', () => {
    expect(readQuantity('20 min', 'g')).toBeNull()
    expect(readQuantity('5 kg', undefined)).toBeNull()
    expect(readQuantity('3 mm', '°C')).toBeNull()
  })
  it('comes back from one unit to another (property)', () => {
    const pairs = fc.constantFrom(['mm', 'in'], ['g', 'oz'], ['°C', '°F'], ['ml', 'fl oz'], ['min', 'h'])
    fc.assert(
      fc.property(pairs, fc.integer({ min: -400, max: 4000 }), ([one, other], n) => {
        const there = readQuantity(`${n} ${one}`, other)!
        const number = Number(there.toFixed(9))
        expect(
          readQuantity(`${number < 0 ? '-' : ''}${Math.abs(number).toFixed(9)} ${other}`, one),
        ).toBeCloseTo(n, 5)
      }),
    )
  })
})
