import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { pressureScaleSchema } from './pressureScaleSchema'
import {
  amountOnScale,
  changeOnScale,
  closerMm,
  formatTurns,
  fromMm,
  isSameScale,
  readingProblem,
  readingsWords,
  readingWords,
  readOn,
  sameWithin,
  settable,
  sideNames,
  speaksAlike,
  stepsTighter,
  tightened,
  toMm,
  wayWords,
  type PressureScale,
} from './pressureScale'
import { firstReading, namedScale, turnsScale, USUAL_SCALES } from './usualScales'

const screws = turnsScale(2)
const fromBlankets: PressureScale = { ...screws, countedFrom: 'blankets', heavier: 'up', zeroGapMm: null }
const rising: PressureScale = {
  ...USUAL_SCALES.gauge,
  table: [
    { reading: 0, mm: 12 },
    { reading: 60, mm: 0 },
  ],
}
const measured = [screws, turnsScale(25.4 / 13, 1), rising]

describe('a scale that was measured', () => {
  it('goes from reading to millimetres and back, and tighter is closer (property)', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...measured),
        fc.double({ min: 0, max: 40, noNaN: true }),
        fc.double({ min: 0.01, max: 3, noNaN: true }),
        (scale, reading, steps) => {
          expect(fromMm(scale, toMm(scale, reading)!)).toBeCloseTo(reading, 9)
          const tighter = tightened({ ...scale, least: -1000, most: 1000 }, reading, steps)
          expect(closerMm(scale, reading, tighter)!).toBeGreaterThan(0)
          expect(stepsTighter(scale, reading, tighter)).toBeCloseTo(steps, 2)
        },
      ),
    )
  })
  it('is the lead of its thread: M16 is 2 mm a turn (ISO 261), so 3 turns stand 6 mm over the bed', () => {
    expect(toMm(screws, 3)).toBe(6)
    expect(closerMm(screws, 3, 2.75)).toBeCloseTo(0.5, 12)
  })
  it('counted from the blankets knows what a turn moves, and not where it stands', () => {
    expect(toMm(fromBlankets, 1)).toBeNull()
    expect(closerMm(fromBlankets, 1, 1.5)).toBeCloseTo(1, 12)
  })
  it('is read on another that was measured, and on no other', () => {
    expect(readOn(screws, 3, rising)).toBe(30)
    expect(readOn(screws, 3, USUAL_SCALES.gauge)).toBeNull()
    // 3 turns are 6 mm; a gauge that ends at 20 does not come so far.
    expect(readOn(screws, 3, { ...rising, most: 20 })).toBe(20)
  })
})

describe('a scale nobody measured', () => {
  it('as one usually begins with it is one that can be kept', () => {
    for (const scale of Object.values(USUAL_SCALES)) expect(pressureScaleSchema.parse(scale)).toEqual(scale)
  })
  it.each(['gauge', 'notches', 'wheel', 'feel', 'fixed', 'hand'] as const)(
    '%s still orders its settings',
    (id) => {
      const scale = USUAL_SCALES[id]
      expect(toMm(scale, firstReading(scale))).toBeNull()
      expect(closerMm(scale, scale.least, scale.most)).toBeNull()
      expect(stepsTighter(scale, scale.least, scale.most)).toBe((scale.most - scale.least) / scale.step)
      expect(readingProblem(scale, firstReading(scale))).toBeNull()
    },
  )
})

describe('readings', () => {
  it.each([
    [screws, 2.75, '2 3/4 turns'],
    [{ ...rising, unit: 'in' as const }, 0.125, '0.125 in on the gauge'],
    [rising, 34, '34 on the gauge'],
    [USUAL_SCALES.notches, 3, 'notch 3'],
    [USUAL_SCALES.wheel, 7, 'mark 7'],
    [USUAL_SCALES.feel, 1, '“usual”'],
    [USUAL_SCALES.hand, 2, 'a firm hand'],
  ] as const)('are said in their press’s own words', (scale, reading, words) =>
    expect(readingWords(scale, reading)).toBe(words),
  )
  it('of two sides are one where they are alike', () => {
    expect(readingsWords(screws, { left: 3, right: 3 })).toBe('3 turns')
    expect(readingsWords(screws, { left: 3, right: 2.75 })).toBe('left 3 turns, right 2 3/4 turns')
    expect(sideNames(screws)).toEqual({ left: 'Left screw', right: 'Right screw', both: 'Both screws' })
    expect(sideNames(USUAL_SCALES.notches).right).toBeNull()
  })
  it('change by an amount and a way, whichever way the numbers go', () => {
    expect(changeOnScale(screws, 3, 2.75)).toBe('1/4 turn tighter')
    expect(changeOnScale(USUAL_SCALES.notches, 3, 4)).toBe('1 notch tighter')
    expect(changeOnScale(rising, 34, 30)).toBe('4 on the gauge looser')
    expect(changeOnScale(USUAL_SCALES.hand, 1, 2)).toBe('1 step heavier')
    expect(wayWords(USUAL_SCALES.notches)).toEqual({ more: 'tighter', less: 'looser' })
    expect(amountOnScale(USUAL_SCALES.feel, -2)).toBe('2 steps')
  })
  it('are set only where the press has a place for them', () => {
    expect(settable(USUAL_SCALES.notches, 3.4)).toBe(3)
    expect(settable(screws, 2.71)).toBe(2.75)
    expect(tightened(USUAL_SCALES.notches, 6, 2)).toBe(6)
    expect([sameWithin(screws), sameWithin(USUAL_SCALES.notches)]).toEqual([0.125, 0.5])
    expect(readingProblem(USUAL_SCALES.notches, 2.5)).toBe('there is no notch 2.5: count whole ones')
    expect(readingProblem(USUAL_SCALES.notches, 9)).toBe('this press reads from 1 to 6')
    expect(readingProblem(USUAL_SCALES.feel, 3)).toBe('is no setting of this press')
    expect(readingProblem(screws, -1)).toBe('this press reads from 0 to 100')
  })
  it('are of one scale however its fields lie', () => {
    const { id, ...rest } = screws
    expect(isSameScale(screws, { ...rest, id })).toBe(true)
    expect(isSameScale(screws, turnsScale(2.5))).toBe(false)
  })
  it('stand beside one another only in one language', () => {
    expect(speaksAlike(screws, turnsScale(2.54))).toBe(true)
    expect(speaksAlike(screws, fromBlankets)).toBe(false)
  })
  it.each([
    [0, '0 turns'],
    [1 / 3, '0.33 turns'],
    [1, '1 turn'],
  ])('of %d turns are said as “%s”', (turns, words) => expect(formatTurns(turns)).toBe(words))
})

describe('a scale that cannot be', () => {
  const problems = (patch: object) => {
    const read = pressureScaleSchema.safeParse({ ...rising, ...patch })
    return read.error?.issues.map(({ path, message }) => `${path.join('.')}: ${message}`) ?? []
  }
  it.each([
    [{ most: -5 }, 'most: must not be below the lowest reading, 0'],
    [{ heavier: 'down' }, 'table: goes the other way: here a higher reading is looser, so the gap must grow'],
    [
      {
        table: [
          { reading: 5, mm: 3 },
          { reading: 5, mm: 2 },
        ],
      },
      'table.1.reading: is 5 as the one before: measure at another reading',
    ],
    [
      {
        table: [
          { reading: 5, mm: 3 },
          { reading: 9, mm: 3 },
        ],
      },
      'table.1.mm: is the same gap as the one before: two equal gaps say nothing of what a step moves',
    ],
    [
      {
        table: [
          { reading: 5, mm: 3 },
          { reading: 9, mm: 2 },
          { reading: 12, mm: 2.5 },
        ],
      },
      'table.2.mm: jumps back: the gap shrank with the reading until here',
    ],
  ])('is refused where it is wrong: %o', (patch, words) => expect(problems(patch)).toContain(words))
  it('of names needs two that differ', () => {
    expect(pressureScaleSchema.safeParse(namedScale('feel', ['one'])).error?.message).toContain(
      'needs two names',
    )
    expect(pressureScaleSchema.safeParse(namedScale('feel', ['one', 'one'])).error?.message).toContain(
      'the same name twice',
    )
  })
})
