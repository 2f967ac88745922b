import { describe, expect, it } from 'vitest'
import { canBeFaced, costOfAProof, describePlateLife, plateLife, tellPullsLeft } from './plateLife'
import { plateSettingSchema, romanNumeral, standsWords } from './plate'
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
    const life = plateLife({ kind: 'card-drypoint' }, 6)
    expect(life).toMatchObject({ leftAtLeast: 0, leftAtMost: 9, standing: 'watch' })
    expect(describePlateLife(life)).toBe('between 0 and 9 pulls left')
  })
  it('says so when a plate is past its kind', () =>
    expect(describePlateLife(plateLife({ kind: 'carton-laminate' }, 40))).toContain('past'))
  it('tells hundreds to two figures, so that no one pull changes what is said', () => {
    const said = (pulls: number) => describePlateLife(plateLife({ kind: 'zinc-etched' }, pulls))
    expect([0, 1, 49, 50, 51].map(said)).toEqual([
      'between 150 and 400 pulls left',
      'between 150 and 400 pulls left',
      'between 100 and 350 pulls left',
      'between 100 and 350 pulls left',
      'between 99 and 350 pulls left',
    ])
  })
  it('by itself tells whole pulls and words', () => {
    expect(tellPullsLeft({ usualLow: 5, usualHigh: 15, pulls: 6 })).toEqual({
      low: 0,
      high: 9,
      words: 'between 0 and 9 pulls left',
    })
    expect(tellPullsLeft({ usualLow: 5, usualHigh: 15, pulls: 9, stated: 8 })).toEqual({
      low: 0,
      high: 0,
      words: 'past what its maker says it stands',
    })
  })
  it('goes by what its maker says once that is said', () => {
    const life = plateLife({ kind: 'zinc-etched', standsAbout: 10 }, 3)
    expect(life).toMatchObject({ leftAtLeast: 7, leftAtMost: 7, by: 'maker' })
    expect(describePlateLife(life)).toBe('about 7 pulls left')
    expect(describePlateLife(plateLife({ kind: 'zinc-etched', standsAbout: 10 }, 11))).toBe(
      'past what its maker says it stands',
    )
  })
})

describe('a slab', () => {
  it('does not wear, until its maker says otherwise, and is long enough for any edition', () => {
    expect(standsWords('slab')).toBe('does not wear')
    expect(standsWords('carton-laminate')).toBe('5 to 10')
    const life = plateLife({ kind: 'slab' }, 5000)
    expect([describePlateLife(life), life.standing, costOfAProof(life)]).toEqual([
      'does not wear',
      'fresh',
      null,
    ])
    expect(plateLife({ kind: 'slab', standsAbout: 10 }, 11).standing).toBe('past')
  })
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
    expect(plateLife({ kind: 'copper-drypoint' }, 30, { facedAfter: 12 })).toMatchObject({
      leftAtLeast: 182,
      leftAtMost: 482,
      standing: 'fresh',
      by: 'facing',
    })
  })
  const falling = (count: number, perPull: number, from = 1) => ({
    floor: 1.2,
    readings: Array.from({ length: count }, (_, i) => ({
      pull: from + i,
      value: 1.5 - perPull * (from + i) + (i % 2 ? 0.004 : -0.004),
      hand: 'Ida',
      rejected: false,
    })),
  })
  it('its own readings move what is usual once they tell', () => {
    const life = plateLife({ kind: 'copper-drypoint' }, 12, { line: falling(12, 0.02) })
    // An even fall of 0.02 D a pull from 1.5 is at 1.2 after 15 pulls: about 3 are left.
    expect(life.by).toBe('readings')
    expect(life.leftAtLeast).toBeGreaterThanOrEqual(2)
    expect(life.leftAtMost).toBeLessThanOrEqual(4)
    expect(costOfAProof(life)).toBe('each proof uses one of about 3 left')
  })
  it('readings before a facing say nothing of what comes after it', () => {
    const before = plateLife({ kind: 'copper-drypoint' }, 13, { facedAfter: 12, line: falling(12, 0.02) })
    expect(before).toMatchObject({ by: 'facing', leftAtLeast: 199, leftAtMost: 499 })
  })
  it('a card that stands 8 and had 6 proofs leaves 2 (handed down in the trade)', () => {
    expect(describePlateLife(plateLife({ kind: 'card-drypoint', standsAbout: 8 }, 6))).toBe(
      'about 2 pulls left',
    )
  })
  it('past says by what, and costs nothing more', () => {
    const past = plateLife({ kind: 'card-drypoint' }, 20, { line: falling(18, 0.03) })
    expect(describePlateLife(past)).toBe('past what its readings allow')
    expect(costOfAProof(past)).toBeNull()
    expect(describePlateLife(plateLife({ kind: 'copper-drypoint' }, 900, { facedAfter: 10 }))).toBe(
      'past what a facing usually stands',
    )
  })
  it('says that it is too early where nothing follows from the range', () => {
    const readings = falling(11, 0.008, 4).readings.map((one, i) => ({
      ...one,
      value: one.value + (i % 3 === 0 ? 0.02 : -0.01),
    }))
    const life = plateLife({ kind: 'zinc-etched' }, 14, { line: { floor: 1.32, readings } })
    expect(describePlateLife(life)).toMatch(
      /^too early to tell by its readings: between \d+ and \d+ pulls left$/,
    )
    expect(costOfAProof(life)).toBeNull()
  })
  it('only what is copper is faced', () =>
    expect([
      canBeFaced('copper-etched'),
      canBeFaced('mezzotint'),
      canBeFaced('card-drypoint'),
      canBeFaced('photopolymer'),
    ]).toEqual([true, true, false, false]))
})
