import { describe, expect, it } from 'vitest'
import { canBeFaced, costOfAProof, describePlateLife, plateLife } from './plateLife'
import { plateSettingSchema, romanNumeral } from './plate'
import { sheetGauge, sheetGaugeInput } from './sheetGauge'

describe('sheetGauge against ASTM B258', () => {
  it.each([
    [16, 1.291],
    [18, 1.024],
    [22, 0.644],
    [36, 0.127],
    [0, 8.251],
  ])('gauge %i is %f mm', (gauge, mm) => {
    expect(sheetGauge({ gauge, system: 'awg' }).mm).toBeCloseTo(mm, 3)
  })
  it('halves the thickness about every six gauges (the standard’s ratio is 92^(6/39) = 2.005)', () => {
    expect(
      sheetGauge({ gauge: 12, system: 'awg' }).mm / sheetGauge({ gauge: 18, system: 'awg' }).mm,
    ).toBeCloseTo(2.005, 3)
  })
  it('refuses a gauge that is not whole', () =>
    expect(sheetGaugeInput.safeParse({ gauge: 17.5, system: 'awg' }).success).toBe(false))
})

describe('plate life', () => {
  it('spends a card by proofs: of 5 to 15, six proofs leave 0 to 9', () => {
    const life = plateLife('card-drypoint', 6)
    expect(life).toMatchObject({ leftAtLeast: 0, leftAtMost: 9, standing: 'watch' })
    expect(describePlateLife(life)).toBe('between 0 and 9 pulls left')
  })
  it('says so when a plate is past its kind', () =>
    expect(describePlateLife(plateLife('carton-laminate', 40))).toContain('past'))
  it('does not promise a number for an etched copper', () =>
    expect(describePlateLife(plateLife('copper-etched', 3))).toBe('hundreds of pulls left'))
})

describe('plate setting', () => {
  const plate = {
    name: 'Tide gauge',
    kind: 'zinc-etched',
    widthMm: 180,
    heightMm: 120,
    thicknessMm: 1.2,
    bevelDegrees: 45,
    state: 1,
  }
  it('takes a plate', () => expect(plateSettingSchema.parse(plate)).toEqual(plate))
  it.each([
    ['widthMm', -3],
    ['heightMm', 0],
    ['thicknessMm', 99],
    ['bevelDegrees', 90],
    ['state', 1.5],
  ])('refuses %s %d at its field', (field, value) => {
    expect(plateSettingSchema.safeParse({ ...plate, [field]: value }).error!.issues[0].path).toEqual([field])
  })
  it('counts states as the trade writes them', () =>
    expect([1, 4, 9, 14, 40].map(romanNumeral)).toEqual(['I', 'IV', 'IX', 'XIV', 'XL']))
})

describe('plate life beyond its kind', () => {
  it('a steel facing counts from the pulls before it', () => {
    expect(plateLife('copper-drypoint', 30, { facedAfter: 12 })).toMatchObject({
      leftAtLeast: 182,
      leftAtMost: 482,
      standing: 'fresh',
      by: 'facing',
    })
  })
  it('its own readings go before everything else', () => {
    const life = plateLife('copper-drypoint', 30, { facedAfter: 12, wear: { low: 34.7, high: 41.2 } })
    expect(life).toMatchObject({ leftAtLeast: 4, leftAtMost: 11, by: 'readings' })
    expect(costOfAProof(life)).toBe('another proof costs one of about 8 left')
  })
  it('a card that stands 8 and had 6 proofs leaves 2 (handed down in the trade)', () => {
    expect(describePlateLife(plateLife('card-drypoint', 6, { wear: { low: 8, high: 8 } }))).toBe(
      'between 2 and 2 pulls left',
    )
  })
  it('past says by what, and costs nothing more', () => {
    const past = plateLife('card-drypoint', 20, { wear: { low: 8, high: 12 } })
    expect(describePlateLife(past)).toBe('past what its readings allow')
    expect(costOfAProof(past)).toBeNull()
    expect(describePlateLife(plateLife('copper-drypoint', 900, { facedAfter: 10 }))).toBe(
      'past what a facing usually stands',
    )
  })
  it('only what is copper is faced', () =>
    expect([
      canBeFaced('copper-etched'),
      canBeFaced('mezzotint'),
      canBeFaced('card-drypoint'),
      canBeFaced('photopolymer'),
    ]).toEqual([true, true, false, false]))
})
