import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { CheckResult } from './checks/matchCheck'
import { inOneContrast, unlessByContrast } from './ownContrast'
import type { Rgb } from './picture'
import { PICTURE_FLAWS } from './flawTable'

const [WIDTH, HEIGHT] = [240, 160]
/** A print with every tone from paper to black, in rows and on a rim of paper. @param seed of its grain */
function print(seed: number, of: (tone: number) => number = (tone) => tone): Rgb {
  const data = new Uint8Array(3 * WIDTH * HEIGHT)
  let state = seed
  for (let y = 0; y < HEIGHT; y++)
    for (let x = 0; x < WIDTH; x++) {
      state = (state * 1103515245 + 12345) % 2147483648
      const isPaper = x < 20 || y < 20 || x >= WIDTH - 20 || y >= HEIGHT - 20
      const tone = of(isPaper ? 228 : 40 + (170 * (x - 20)) / (WIDTH - 40))
      data.fill(
        Math.round(tone + (3 * state) / 2147483648 - 1.5),
        3 * (y * WIDTH + x),
        3 * (y * WIDTH + x + 1),
      )
    }
  return { width: WIDTH, height: HEIGHT, data }
}
/** More contrast about the middle, by so much, as cameras give it. */
const raised =
  (by: number, more = 0) =>
  (tone: number) =>
    Math.min(
      255,
      Math.max(0, tone + more - (255 * by * Math.sin((2 * Math.PI * tone) / 255)) / (2 * Math.PI)),
    )
const apart = ([one, other]: readonly [Rgb, Rgb]) =>
  [...one.data].reduce((sum, value, i) => sum + Math.abs(value - other.data[i]), 0) / one.data.length

describe('two pictures in one contrast', () => {
  it('leaves nothing of a contrast that one camera gave and the other did not', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 0.5, noNaN: true }), fc.boolean(), (by, isReference) => {
        const [plain, contrasty] = [print(7), print(11, raised(by))]
        const pair = isReference ? ([contrasty, plain] as const) : ([plain, contrasty] as const)
        // Grain alone keeps two like prints a grey value apart.
        expect(apart(inOneContrast(...pair))).toBeLessThan(1.6)
        expect(apart(pair)).toBeGreaterThan(2)
      }),
      { numRuns: 12 },
    )
  })

  it('brings the one with more contrast to the other, and leaves that as it is', () => {
    const [plain, contrasty] = [print(7), print(11, raised(0.4))]
    expect(inOneContrast(plain, contrasty)[0]).toBe(plain)
    expect(inOneContrast(contrasty, plain)[1]).toBe(plain)
  })

  it('leaves a place that differs', () => {
    const [plain, starved] = [print(7), print(11, raised(0.3))]
    for (let y = 60; y < 90; y++)
      for (let i = 3 * (y * WIDTH + 40); i < 3 * (y * WIDTH + 70); i++) starved.data[i] = 215
    const [one, other] = inOneContrast(plain, starved)
    const at = 3 * (75 * WIDTH + 55)
    expect(other.data[at] - one.data[at]).toBeGreaterThan(60)
  })
})

const result = (check: CheckResult['check'], value: number | null): CheckResult => ({
  check,
  value,
  words: 'as it came out',
  places: [],
})

describe('what a contrast may have made', () => {
  it('is not said, and what no contrast explains is told as it then is', () => {
    const asTaken = [result('tone', 6), result('lines', -30), result('register', 1.4), result('film', 0.2)]
    const { checks, isByContrast } = unlessByContrast(asTaken, () => [
      result('tone', 0.3),
      result('lines', -20),
      result('register', 0),
      result('film', 9),
    ])
    expect(isByContrast).toBe(true)
    expect(checks.map(({ check, value }) => [check, value])).toEqual([
      ['tone', null],
      ['lines', -20],
      ['register', 1.4],
      ['film', 0.2],
    ])
    expect(checks[0].words).toContain(PICTURE_FLAWS['own-contrast'].cure)
    expect(checks[0].spoiledBy).toBe('impression own-contrast')
  })

  it('goes by less than is usual where a shop lets less pass, and never by more', () => {
    const asTaken = [result('tone', 1.2)]
    const toldBy = (tolerances: { tone?: number }, after: number) =>
      unlessByContrast(asTaken, () => [result('tone', after)], tolerances).checks[0].value
    expect(toldBy({}, 0.1)).toBe(1.2)
    expect(toldBy({ tone: 0.5 }, 0.1)).toBeNull()
    expect(toldBy({ tone: 0.5 }, 0.9)).toBe(0.9)
    expect(unlessByContrast([result('tone', 6)], () => [result('tone', 1)], { tone: 50 }).isByContrast).toBe(
      true,
    )
  })

  it('is not looked for where nothing differs that it could make', () => {
    const asTaken = [result('tone', 0.3), result('register', 1.4)]
    const told = unlessByContrast(asTaken, () => {
      throw new Error('not needed')
    })
    expect(told).toEqual({ checks: asTaken, isByContrast: false })
  })
})
