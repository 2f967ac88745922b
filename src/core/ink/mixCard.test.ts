import { describe, expect, it } from 'vitest'
import { sampleMix } from '../prove/sampleSettings.test.fixture'
import { inkCalibrationSchema, USUAL_CALIBRATION } from './stiffness'
import { mixSettingSchema, recipeGrams, type MixSetting } from './mix'
import { batchContents, batchSchema, describeMixChange } from './mixCard'
import { mixViscosity } from './mixViscosity'
import { usableUntil } from './shelfInk'

const mix: MixSetting = {
  ...sampleMix,
  parts: [
    { inkId: 'a', name: 'Kelp black', parts: 3 },
    { inkId: 'b', name: 'Dusk blue', parts: 1 },
  ],
  modifiers: [{ modifier: 'thin-oil', amount: 2 }],
}
const weighed = [
  { inkId: 'a', name: 'Kelp black', grams: 30 },
  { inkId: 'b', name: 'Dusk blue', grams: 10 },
]
const at = '2031-05-02T09:30:00.000Z'

describe('what changed on a card', () => {
  it('is said in shares and in drops', () => {
    const after = {
      ...mix,
      parts: [mix.parts[0], { ...mix.parts[1], parts: 3 }],
      modifiers: [{ modifier: 'thin-oil' as const, amount: 4 }],
    }
    expect(describeMixChange(mix, after)).toEqual([
      'Kelp black 75.0 → 50.0 %',
      'Dusk blue 25.0 → 50.0 %',
      'thin-oil 2 → 4',
    ])
  })
  it('is nothing when the same recipe is counted otherwise', () => {
    expect(
      describeMixChange(mix, {
        ...mix,
        basis: 'grams',
        parts: mix.parts.map((part) => ({ ...part, parts: part.parts * 7 })),
      }),
    ).toEqual([])
  })
  it('knows inks that came in and inks that were left out', () => {
    const after = {
      ...mix,
      parts: [mix.parts[0], { inkId: 'c', name: 'Silt brown', parts: 1 }],
      modifiers: [],
    }
    expect(describeMixChange(mix, after)).toEqual([
      'Dusk blue 25.0 → 0.0 %',
      'Silt brown 0.0 → 25.0 %',
      'thin-oil 2 → 0',
    ])
  })
})

describe('a batch', () => {
  it('holds what was weighed and every addition, by ink', () => {
    const additions = [
      { at, by: 'Ida Quill', weighed: [{ inkId: 'b', name: 'Dusk blue', grams: 2 }] },
      { at, by: 'Ida Quill', weighed: [{ inkId: 'c', name: 'Salt white', grams: 1 }] },
    ]
    expect(batchContents({ weighed, additions })).toEqual([
      { ...weighed[0] },
      { ...weighed[1], grams: 12 },
      { inkId: 'c', name: 'Salt white', grams: 1 },
    ])
  })
  it.each([
    ['weighed', []],
    ['id', '../../etc'],
    ['usableUntil', 'soon'],
    ['version', 0],
  ])('is refused with a wrong %s', (field, value) => {
    const good = {
      id: 'b1',
      version: 1,
      weighed,
      additions: [],
      measured: null,
      madeAt: at,
      by: 'Ida Quill',
      usableUntil: '2031-05-07',
    }
    expect(batchSchema.safeParse(good).success).toBe(true)
    expect(batchSchema.safeParse({ ...good, [field]: value }).error!.issues[0].path[0]).toBe(field)
  })
  it('keeps as long as its shortest ink, a few days for oil where nobody said', () => {
    expect(usableUntil([{ kind: 'oil', keepsOpenDays: null }], at)).toBe('2031-05-07')
    expect(
      usableUntil(
        [
          { kind: 'water-washable', keepsOpenDays: null },
          { kind: 'water-washable', keepsOpenDays: 2 },
        ],
        at,
      ),
    ).toBe('2031-05-04')
    expect(usableUntil([{ kind: 'water-washable', keepsOpenDays: 30 }], '2031-12-20T23:00:00.000Z')).toBe(
      '2032-01-19',
    )
  })
})

describe('a mix as it is set', () => {
  it('weighs out to the batch', () => {
    expect(recipeGrams({ parts: mix.parts, batchGrams: 60 })).toEqual([
      { name: 'Kelp black', grams: 45 },
      { name: 'Dusk blue', grams: 15 },
    ])
    expect(recipeGrams({ parts: [{ inkId: 'a', name: 'a', parts: 0 }], batchGrams: 60 })).toEqual([
      { name: 'a', grams: 0 },
    ])
  })
  it.each([
    [{ parts: [] }, 'parts'],
    [{ parts: [{ inkId: 'a', name: 'a', parts: 0 }] }, 'parts'],
    [{ batchGrams: -1 }, 'batchGrams'],
    [{ plateC: 120 }, 'plateC'],
    [{ modifiers: [{ modifier: 'honey', amount: 1 }] }, 'modifiers'],
    [{ card: { id: 'x', version: 0, isChanged: false } }, 'card'],
    [{ target: { name: 'x', lab: { L: Number.NaN, a: 0, b: 0 } } }, 'target'],
  ])('refuses %j', (change, field) =>
    expect(mixSettingSchema.safeParse({ ...mix, ...change }).error!.issues[0].path[0]).toBe(field),
  )
})

describe('the stiffness of a mix', () => {
  const shelf = [
    { id: 'a', viscosityPas: 80 },
    { id: 'b', viscosityPas: 50 },
  ]
  it('lies between its inks, and falls with every drop', () => {
    const dry = mixViscosity({ ...mix, modifiers: [] }, shelf)!
    expect(dry).toBeGreaterThan(50)
    expect(dry).toBeLessThan(80)
    const softened = [1, 3, 6].map((amount) =>
      mixViscosity({ ...mix, modifiers: [{ modifier: 'thin-oil', amount }] }, shelf)!,
    )
    expect([dry, ...softened]).toEqual([dry, ...softened].sort((a, b) => b - a))
  })
  it('falls less for thick oil, and for a reducer by its grams', () => {
    const by = (modifier: 'thin-oil' | 'thick-oil' | 'tack-reducer', amount: number) =>
      mixViscosity({ ...mix, modifiers: [{ modifier, amount }] }, shelf)!
    expect(by('thick-oil', 4)).toBeGreaterThan(by('thin-oil', 4))
    expect(by('tack-reducer', 0.5)).toBeLessThan(by('tack-reducer', 0.1))
  })
  it('is unknown while an ink is not on the shelf or nothing is in it', () => {
    expect(mixViscosity(mix, shelf.slice(1))).toBeNull()
    expect(mixViscosity({ ...mix, parts: [] }, shelf)).toBeNull()
  })
  it('uses what the workshop measured', () => {
    const heavier = { ...USUAL_CALIBRATION, dropGrams: 0.08 }
    expect(mixViscosity(mix, shelf, heavier)!).toBeLessThan(mixViscosity(mix, shelf)!)
    expect(inkCalibrationSchema.safeParse({ ...heavier, halvingC: 0 }).success).toBe(false)
  })
})
