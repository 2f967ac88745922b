import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { Color, mix } from 'spectral.js'
import { convertLabToXyz } from '../colour/convertXyzToLab'
import { deltaE00 } from '../colour/deltaE00'
import { correctInk, correctInkInput } from './correctInk'
import { FilmView } from './filmView'
import { gridOverprint } from './filmOverFilm'
import { matchInk, matchInkInput } from './matchInk'
import { mixCoefficients, predictInk, type SpectralInk } from './predictInk'
import { BASE, BLACK, BLUE, CONDITIONS, OCHRE, RED, SHELF, WHITE, YELLOW } from './shelf.test.fixture'
import { weighRecipe } from './weighRecipe'
import { INK_SOURCES, worstDeltaE, type InkSource } from './inkTrust'

const inks = [...SHELF]
const forecast = (used: SpectralInk[], parts: number[]) => predictInk({ ...CONDITIONS, inks: used, parts })

describe('direction of mixing, against an independent Kubelka–Munk library', () => {
  // Its primaries are picked colours, so only the direction is compared: blue and yellow lean to green, not to grey.
  const theirs = mix([new Color('#0b4fa8'), 1], [new Color('#f7d917'), 1])
  it('blue and yellow make green there and here', () => {
    const [red, green, blue] = theirs.sRGB
    expect(green).toBeGreaterThan(red)
    expect(green).toBeGreaterThan(blue)
    const ours = forecast([BLUE, YELLOW], [1, 1]).lab
    expect(ours.a).toBeLessThan(-10)
  })
  it('a white lightens and a black darkens every ink of the shelf', () => {
    for (const ink of [BLUE, RED, YELLOW, OCHRE]) {
      const alone = predictInk({ ...CONDITIONS, filmMicrometres: 24, inks: [ink], parts: [1] }).lab.L
      expect(
        predictInk({ ...CONDITIONS, filmMicrometres: 24, inks: [ink, WHITE], parts: [1, 2] }).lab.L,
      ).toBeGreaterThan(alone)
      expect(
        predictInk({ ...CONDITIONS, filmMicrometres: 24, inks: [ink, BLACK], parts: [1, 1] }).lab.L,
      ).toBeLessThan(alone)
    }
  })
})

describe('matching', () => {
  const match = (target: { L: number; a: number; b: number }, more: object = {}) =>
    matchInk({ ...CONDITIONS, target, inks, maxInks: 3, ...more })!.recipes
  it('finds a recipe hidden in the target again (property)', () => {
    const three = fc.uniqueArray(fc.integer({ min: 0, max: inks.length - 1 }), { minLength: 1, maxLength: 3 })
    fc.assert(
      fc.property(
        three,
        fc.array(fc.double({ min: 0.1, max: 1, noNaN: true }), { minLength: 3, maxLength: 3 }),
        (places, amounts) => {
          const hidden = places.map((place) => inks[place])
          const parts = amounts.slice(0, hidden.length)
          const [best] = match(forecast(hidden, parts).lab)
          expect(best.deltaE00).toBeLessThan(0.02)
        },
      ),
      { numRuns: 25 },
    )
  })
  it('says each recipe’s colour truly, by volume, nearest first', () => {
    const target = { L: 45, a: 10, b: 15 }
    const recipes = match(target)
    expect(recipes).toHaveLength(10)
    expect(recipes.map(({ deltaE00: e }) => e)).toEqual(
      [...recipes.map(({ deltaE00: e }) => e)].sort((a, b) => a - b),
    )
    for (const { parts, deltaE00: said, lab } of recipes) {
      expect(parts.reduce((sum, { fraction }) => sum + fraction, 0)).toBeCloseTo(1, 9)
      const again = forecast(
        parts.map(({ name }) => inks.find((ink) => ink.name === name)!),
        parts.map(({ fraction }) => fraction),
      ).lab
      expect(deltaE00(target, again)).toBeCloseTo(said, 6)
      expect(deltaE00(lab, again)).toBeLessThan(1e-6)
    }
  })
  it('is no worse than every 5 % of every three, to 0.05', () => {
    const target = { L: 38, a: 22, b: -8 }
    let grid = Infinity
    for (let i = 0; i < inks.length; i++)
      for (let j = i + 1; j < inks.length; j++)
        for (let m = j + 1; m < inks.length; m++) {
          for (let p = 1; p < 20; p++)
            for (let q = 1; p + q < 20; q++)
              grid = Math.min(
                grid,
                deltaE00(target, forecast([inks[i], inks[j], inks[m]], [p, q, 20 - p - q]).lab),
              )
        }
    expect(match(target)[0].deltaE00).toBeLessThanOrEqual(grid + 0.05)
  })
  it('out of reach gives the nearest and how far off it is', () =>
    expect(match({ L: 80, a: -90, b: 80 })[0].deltaE00).toBeGreaterThan(5))
  it('says how a recipe parts in other lights when the target’s spectrum is known', () => {
    const { lab, reflectance } = forecast([BLUE, YELLOW], [1, 1])
    const [best] = match(lab, { targetReflectance: reflectance })
    expect(best.metamerism!.d50).toBeCloseTo(best.deltaE00, 6)
    expect(best.metamerism!.a).toBeLessThan(0.05)
  })
  it('takes four inks where four are allowed, and is then no worse', () => {
    const target = { L: 52, a: -4, b: 20 }
    const three = match(target)[0].deltaE00
    expect(match(target, { maxInks: 4 })[0].deltaE00).toBeLessThanOrEqual(three + 1e-9)
  })
  it('uses what must be used up, in every recipe', () => {
    const recipes = match({ L: 45, a: 10, b: 15 }, { mustUse: ['ochre'] })
    for (const { parts } of recipes)
      expect(parts.find(({ name }) => name === 'ochre')!.fraction).toBeGreaterThanOrEqual(0.05 - 1e-9)
    expect(Math.max(...recipes.map(({ parts }) => parts.length))).toBeLessThanOrEqual(3)
    expect(
      matchInkInput.safeParse({
        ...CONDITIONS,
        target: { L: 50, a: 0, b: 0 },
        inks,
        maxInks: 2,
        mustUse: ['gold'],
      }).error!.issues[0].path,
    ).toEqual(['mustUse', 0])
  })
  it('gives up when it is told to', () =>
    expect(
      matchInk({ ...CONDITIONS, target: { L: 50, a: 0, b: 0 }, inks, maxInks: 3 }, () => false),
    ).toBeNull())
  it('reports progress from 0 on, never backward', () => {
    const seen: number[] = []
    matchInk(
      { ...CONDITIONS, target: { L: 50, a: 0, b: 0 }, inks, maxInks: 3 },
      (done) => seen.push(done) > 0,
    )
    expect(seen[0]).toBe(0)
    expect(seen).toEqual([...seen].sort((a, b) => a - b))
  })
  it.each([
    [{ inks: [] }, 'inks'],
    [{ inks: [BLUE, BLUE] }, 'inks.1.name'],
    [{ maxInks: 0 }, 'maxInks'],
    [{ filmMicrometres: Number.NaN }, 'filmMicrometres'],
    [{ target: { L: 50, a: Infinity, b: 0 } }, 'target.a'],
  ])('refuses %j', (change, field) => {
    const input = { ...CONDITIONS, target: { L: 50, a: 0, b: 0 }, inks, maxInks: 2, ...change }
    expect(matchInkInput.safeParse(input).error!.issues[0].path.join('.')).toBe(field)
  })
})

describe('correcting a batch', () => {
  const correct = (more: object) =>
    correctInk({
      ...CONDITIONS,
      inks,
      maxInks: 2,
      maxAddGrams: 50,
      target: { L: 50, a: 0, b: 0 },
      batch: [{ name: 'blue', grams: 40 }],
      ...more,
    } as never)!
  it('finds what was left out', () => {
    const target = forecast([BLUE, YELLOW], [2, 1]).lab
    const { add, deltaE00Before, deltaE00After } = correct({ target })
    expect(deltaE00Before).toBeGreaterThan(5)
    expect(deltaE00After).toBeLessThan(0.02)
    expect(add.find(({ name }) => name === 'yellow')!.grams).toBeCloseTo(20, 0)
  })
  it('adds nothing to a batch that is right', () => {
    const target = forecast([BLUE, YELLOW], [2, 1]).lab
    expect(
      correct({
        target,
        batch: [
          { name: 'blue', grams: 40 },
          { name: 'yellow', grams: 20 },
        ],
      }).add,
    ).toEqual([])
  })
  it('adds nothing where only taking away would help', () => {
    const target = forecast([BLUE], [1]).lab
    const { add, deltaE00After } = correct({
      target,
      batch: [{ name: 'black', grams: 40 }],
      inks: [BLACK, OCHRE],
      maxAddGrams: 1,
    })
    expect(add.reduce((sum, { grams }) => sum + grams, 0)).toBeLessThanOrEqual(1 + 1e-9)
    expect(deltaE00After).toBeGreaterThan(10)
  })
  it('keeps within the grams and the number of inks allowed (property)', () => {
    const lab = fc.record({
      L: fc.double({ min: 20, max: 80, noNaN: true }),
      a: fc.double({ min: -30, max: 30, noNaN: true }),
      b: fc.double({ min: -30, max: 30, noNaN: true }),
    })
    fc.assert(
      fc.property(lab, fc.double({ min: 1, max: 60, noNaN: true }), (target, maxAddGrams) => {
        const { add, deltaE00Before, deltaE00After } = correct({ target, maxAddGrams })
        expect(add.length).toBeLessThanOrEqual(2)
        expect(add.reduce((sum, { grams }) => sum + grams, 0)).toBeLessThanOrEqual(maxAddGrams * (1 + 1e-9))
        expect(deltaE00After).toBeLessThanOrEqual(deltaE00Before + 1e-9)
      }),
      { numRuns: 20 },
    )
  })
  it('adds no more than it takes where a difference is near enough', () => {
    const target = forecast([BLUE, YELLOW], [2, 1]).lab
    const whole = correct({ target })
    const enough = correct({ target, enoughDeltaE00: 1.5 })
    const grams = (correction: { add: { grams: number }[] }) =>
      correction.add.reduce((sum, one) => sum + one.grams, 0)
    expect(enough.deltaE00After).toBeLessThanOrEqual(1.5 + 1e-9)
    expect(grams(enough)).toBeLessThan(grams(whole))
    expect(
      correct({
        target,
        enoughDeltaE00: 1.5,
        batch: [
          { name: 'blue', grams: 40 },
          { name: 'yellow', grams: 20 },
        ],
      }).add,
    ).toEqual([])
  })
  it('starts from the measured colour where there is one', () => {
    const target = forecast([BLUE, YELLOW], [2, 1])
    const batch = [
      { name: 'blue', grams: 40 },
      { name: 'yellow', grams: 20 },
    ]
    expect(correct({ target: target.lab, batch, measured: target.reflectance }).deltaE00Before).toBeCloseTo(
      0,
      3,
    )
    const bluer = forecast([BLUE, YELLOW], [3, 1]).reflectance
    const { add, deltaE00After } = correct({ target: target.lab, batch, measured: bluer })
    expect(add.map(({ name }) => name)).toContain('yellow')
    expect(deltaE00After).toBeLessThan(0.5)
  })
  it.each([
    [{ batch: [{ name: 'gold', grams: 1 }] }, 'batch.0.name'],
    [{ batch: [{ name: 'blue', grams: 0 }] }, 'batch'],
    [{ batch: [{ name: 'blue', grams: -1 }] }, 'batch.0.grams'],
    [{ maxAddGrams: 0 }, 'maxAddGrams'],
  ])('refuses %j', (change, field) => {
    const input = {
      ...CONDITIONS,
      inks,
      maxInks: 2,
      maxAddGrams: 5,
      target: { L: 50, a: 0, b: 0 },
      batch: [{ name: 'blue', grams: 40 }],
      ...change,
    }
    expect(correctInkInput.safeParse(input).error!.issues[0].path.join('.')).toBe(field)
  })
})

describe('weighing a recipe', () => {
  it('rounds to the scale and keeps the total (property)', () => {
    const shares = fc.array(fc.double({ min: 0.01, max: 1, noNaN: true }), { minLength: 1, maxLength: 4 })
    fc.assert(
      fc.property(shares, fc.integer({ min: 10, max: 80 }), (parts, total) => {
        const { grams, totalGrams, shares: rounded } = weighRecipe(parts, total, 0.1)
        expect(totalGrams).toBeCloseTo(total, 6)
        expect(rounded.reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 9)
        for (const value of grams) {
          expect(value).toBeGreaterThanOrEqual(0.1 - 1e-9)
          expect(Math.abs(value * 10 - Math.round(value * 10))).toBeLessThan(1e-6)
        }
      }),
    )
  })
  it('gives the least the scale shows to a trace', () =>
    expect(weighRecipe([0.999, 0.001], 10, 0.1).grams).toEqual([9.9, 0.1]))
})

describe('film over film', () => {
  const over = (upper: SpectralInk) =>
    gridOverprint(upper, BLUE, { paper: CONDITIONS.paper, surface: CONDITIONS.surface, geometry: '45:0' })
  const cell = (grid: ReturnType<typeof over>, lower: string, upper: string) =>
    grid.find((one) => one.lower === lower && one.upper === upper)!.appearance.lab
  it('has nine cells, and a thicker lower film is never lighter', () => {
    const grid = over(RED)
    expect(grid).toHaveLength(9)
    expect(cell(grid, 'deepLine', 'mid').L).toBeLessThan(cell(grid, 'plateTone', 'mid').L)
  })
  it('shows that a transparent red vanishes over blue until some white goes in', () => {
    const mixed = (parts: number[]) => ({ name: 'mix', ...mixCoefficients([RED, WHITE], parts) })
    const redness = (upper: SpectralInk) => cell(over(upper), 'mid', 'deepLine').L
    expect(redness(mixed([1, 0]))).toBeLessThan(20)
    expect(redness(mixed([1, 1]))).toBeGreaterThan(redness(mixed([1, 0])) + 10)
  })
  it('over bare paper is an ordinary film', () => {
    const clear = { name: 'none', k: new Array<number>(36).fill(0), s: new Array<number>(36).fill(0) }
    const grid = gridOverprint(RED, clear, {
      paper: CONDITIONS.paper,
      surface: CONDITIONS.surface,
      geometry: '45:0',
    })
    expect(deltaE00(cell(grid, 'mid', 'mid'), new FilmView(CONDITIONS).colour(RED.k, RED.s))).toBeLessThan(
      1e-9,
    )
  })
})

describe('how far an ink’s data can be trusted', () => {
  it('falls from drawdown to a picked colour', () => {
    const worst = (Object.keys(INK_SOURCES) as InkSource[]).map((source) =>
      worstDeltaE({ ...BLUE, source }, CONDITIONS),
    )
    expect(worst[0]).toBeLessThan(worst[1])
    expect(Math.max(...worst)).toBe(worst.at(-1))
    expect(worst[0]).toBeGreaterThan(0.5)
  })
  it('is small for a clear base, whatever its source', () =>
    expect(worstDeltaE({ ...BASE, source: 'drawdown' }, CONDITIONS)).toBeLessThan(0.3))
  it('speaks of a colour that exists', () =>
    expect(convertLabToXyz(forecast([BASE], [1]).lab).y).toBeGreaterThan(0.5))
})
