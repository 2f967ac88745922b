import { describe, expect, it } from 'vitest'
import { describePlateLife, plateLife } from './plateLife'
import { plateSettingSchema, romanNumeral } from './plate'
import { sheetGauge, sheetGaugeInput } from './sheetGauge'

describe('sheetGauge against ASTM B258', () => {
  it.each([[16, 1.291], [18, 1.024], [22, 0.644], [36, 0.127], [0, 8.251]])('gauge %i is %f mm', (gauge, mm) => {
    expect(sheetGauge({ gauge, system: 'awg' }).mm).toBeCloseTo(mm, 3)
  })
  it('halves the thickness about every six gauges (the standard’s ratio is 92^(6/39) = 2.005)', () => {
    expect(sheetGauge({ gauge: 12, system: 'awg' }).mm / sheetGauge({ gauge: 18, system: 'awg' }).mm).toBeCloseTo(2.005, 3)
  })
  it('refuses a gauge that is not whole', () => expect(sheetGaugeInput.safeParse({ gauge: 17.5, system: 'awg' }).success).toBe(false))
})

describe('plate life', () => {
  it('spends a card by proofs: of 5 to 15, six proofs leave 0 to 9', () => {
    const life = plateLife('card-drypoint', 6)
    expect(life).toMatchObject({ leftAtLeast: 0, leftAtMost: 9, standing: 'watch' })
    expect(describePlateLife(life)).toBe('between 0 and 9 pulls left')
  })
  it('says so when a plate is past its kind', () => expect(describePlateLife(plateLife('carton-laminate', 40))).toContain('past'))
  it('does not promise a number for an etched copper', () => expect(describePlateLife(plateLife('copper-etched', 3))).toBe('hundreds of pulls left'))
})

describe('plate setting', () => {
  const plate = { name: 'Tide gauge', kind: 'zinc-etched', widthMm: 180, heightMm: 120, thicknessMm: 1.2, bevelDegrees: 45, state: 1 }
  it('takes a plate', () => expect(plateSettingSchema.parse(plate)).toEqual(plate))
  it.each([['widthMm', -3], ['heightMm', 0], ['thicknessMm', 99], ['bevelDegrees', 90], ['state', 1.5]])('refuses %s %d at its field', (field, value) => {
    expect(plateSettingSchema.safeParse({ ...plate, [field]: value }).error!.issues[0].path).toEqual([field])
  })
  it('counts states as the trade writes them', () => expect([1, 4, 9, 14, 40].map(romanNumeral)).toEqual(['I', 'IV', 'IX', 'XIV', 'XL']))
})
