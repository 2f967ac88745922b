import { describe, expect, it } from 'vitest'
import { noDeformation } from '../deformation'
import { inkCells } from '../inkCells'
import type { JudgedPlate } from '../judgedPlate'
import { checkBlanks } from './blanksCheck'
import { checkChine } from './chineCheck'
import { checkColour, colourFigures } from './colourCheck'
import { checkEdges } from './edgesCheck'
import { checkFilm, checkLines } from './inkChecks'
import { inkByGrey } from '../inkByGrey'
import { lineInk } from '../lineInk'
import { linesOnlyIn, placesOfLines } from './linesOnlyIn'
import { isDarkNear, lightest } from './marksCheck'
import { checkStanding } from './matchCheck'
import { overlap } from './placesOf'
import { palerPlaces } from './palerPlaces'
import { checkRegister } from './registerChecks'
import { checkState } from './stateCheck'

type Lab = readonly [L: number, a: number, b: number]
/** Colours of both prints at a place of the plate, mm from its corner; null: paper beside the plate. */
type At = (u: number, v: number) => Lab

const PIXELS = 5
const ROUND_MM = 12
const SIZE = { widthMm: 80, heightMm: 60 }
const PAPER: Lab = [94, 0, 3]
const ON_SHEET = { leftMm: 30, topMm: 20 }
const ORIGIN = { leftMm: 18, topMm: 8 }

/** Two prints as they are judged, every pixel as it is said. @param paper of the impression, where its lamp has another colour */
function judged(reference: At, impression: At, paper: Lab = PAPER): JudgedPlate {
  const [width, height] = [(SIZE.widthMm + 2 * ROUND_MM) * PIXELS, (SIZE.heightMm + 2 * ROUND_MM) * PIXELS]
  const plate = {
    left: ROUND_MM * PIXELS,
    top: ROUND_MM * PIXELS,
    width: SIZE.widthMm * PIXELS,
    height: SIZE.heightMm * PIXELS,
  }
  const print = (at: At, beside: Lab) => {
    const lab = new Float32Array(3 * width * height)
    const ink = new Float32Array(width * height)
    for (let y = 0; y < height; y++)
      for (let x = 0; x < width; x++) {
        const [u, v] = [x / PIXELS - ROUND_MM, y / PIXELS - ROUND_MM]
        const isOn = u >= 0 && v >= 0 && u < SIZE.widthMm && v < SIZE.heightMm
        const colour = isOn ? at(u, v) : beside
        lab.set(colour, 3 * (y * width + x))
        ink[y * width + x] = Math.max(0, PAPER[0] - colour[0])
      }
    return { lab, ink }
  }
  const [ours, theirs] = [print(reference, PAPER), print(impression, paper)]
  return {
    width,
    height,
    pixelsPerMm: PIXELS,
    plate,
    paper: PAPER[0],
    reference: ours.lab,
    impression: theirs.lab,
    referenceInk: ours.ink,
    impressionInk: theirs.ink,
    seen: new Uint8Array(width * height).fill(1),
    deltaE: new Float32Array(width * height),
    deformation: noDeformation(plate),
    isGrowthMeasured: true,
  }
}

/** Strokes down the plate, 0.4 mm wide, on a light film. */
const lined =
  (step = 2, film = 4, tint: readonly [number, number] = [0, 3]): At =>
  (u) =>
    u % step < 0.4 ? [30, 0, 2] : [PAPER[0] - film, tint[0], tint[1]]
const inBox = (u: number, v: number, [x, y, w, h]: readonly number[]) =>
  u >= x && u < x + w && v >= y && v < y + h
const cellsOf = (plate: JudgedPlate) => inkCells(plate, 1)

describe('places that are paler than the print round them', () => {
  const PLACE = [30, 20, 20, 20]
  const paler =
    (share: number, slope = 0): At =>
    (u, v) => {
      const [L, a, b] = lined()(u, v)
      const left = (inBox(u, v, PLACE) ? share : 1) * (1 - (slope * u) / SIZE.widthMm)
      return [PAPER[0] - left * (PAPER[0] - L), a, b]
    }
  it('are named from a fifth less ink on, with how much is gone', () => {
    const found = palerPlaces(cellsOf(judged(lined(), paler(0.6))), ON_SHEET)
    expect(found).toHaveLength(1)
    expect(found[0].percent).toBeCloseTo(40, 0)
    expect(found[0].place).toMatchObject({ xMm: 60, yMm: 40, widthMm: 20, heightMm: 20 })
    expect(palerPlaces(cellsOf(judged(lined(), paler(0.9))), ON_SHEET)).toEqual([])
  })
  it('are none where all of the print is paler, or one side of it', () => {
    expect(palerPlaces(cellsOf(judged(lined(), paler(1, 0.35))), ON_SHEET)).toEqual([])
    const all = judged(
      lined(),
      (u, v) => paler(1)(u, v).with(0, PAPER[0] - 0.5 * (PAPER[0] - lined()(u, v)[0])) as unknown as Lab,
    )
    expect(palerPlaces(cellsOf(all), ON_SHEET)).toEqual([])
  })
  it('are found on a print that is paler to one side too', () =>
    expect(palerPlaces(cellsOf(judged(lined(), paler(0.6, 0.3))), ON_SHEET)).toHaveLength(1))
  it('count among what has too little ink, in words', () => {
    const { value, words } = checkBlanks(cellsOf(judged(lined(), paler(0.65))), ON_SHEET)
    expect(value).toBe(1)
    expect(words).toBe('1 place with too little ink, up to 35 % paler than the print round it.')
  })
})

describe('laid-on paper', () => {
  const PIECE = [20, 15, 40, 30]
  const tinted =
    (piece: readonly number[] | null): At =>
    (u, v) =>
      lined(2, 4, piece && inBox(u, v, piece) ? [1, 10] : [0, 3])(u, v)
  const chine = (one: JudgedPlate) => checkChine(one, cellsOf(one), ON_SHEET)
  it('is missing by as many square centimetres as it had', () => {
    const { value, words, places } = chine(judged(tinted(PIECE), tinted(null)))
    expect(value).toBeCloseTo(12, 0)
    expect(words).toBe(
      'The laid-on piece is missing or lies short: over 12 cm² the paper between the lines has another colour.',
    )
    expect(places).toMatchObject([{ xMm: 50, yMm: 35, widthMm: 40, heightMm: 30 }])
  })
  it('lies elsewhere where one side has too much and the other too little', () => {
    const { value, words } = chine(judged(tinted(PIECE), tinted([24, 15, 40, 30])))
    expect(value).toBeCloseTo(2.4, 1)
    expect(words).toContain('The laid-on piece lies elsewhere')
  })
  it('as in the BAT, and none as in the BAT, match', () => {
    expect(chine(judged(tinted(PIECE), tinted(PIECE)))).toMatchObject({
      value: 0,
      words: 'The paper between the lines has the BAT’s colour.',
    })
    expect(chine(judged(tinted(null), tinted(null))).words).toBe('No other paper is laid on, as in the BAT.')
  })
  it('is not made of the colour of a lamp', () => {
    const warm: At = (u, v) => {
      const [L, a, b] = tinted(PIECE)(u, v)
      return [L, a + 2, b + 6]
    }
    expect(chine(judged(tinted(PIECE), warm, [94, 2, 9])).value).toBe(0)
  })
  it('is not made of more or less of a coloured ink’s film', () => {
    // A red ink: its lines, and its film over all of the plate or hardly any of it.
    const red =
      (film: number): At =>
      (u) =>
        u % 2 < 0.4 ? [45, 45, 30] : [PAPER[0] - film, 1.2 * film, 3 + 0.7 * film]
    expect(chine(judged(red(8), red(2))).value).toBe(0)
    expect(chine(judged(red(2), red(8))).value).toBe(0)
    const onGreen =
      (piece: boolean): At =>
      (u, v) =>
        piece && inBox(u, v, PIECE) && u % 2 >= 0.4 ? [90, -8, 8] : red(3)(u, v)
    expect(chine(judged(onGreen(true), onGreen(false))).value).toBeGreaterThan(8)
  })
  it('cannot be told where no paper shows between the lines', () => {
    const dark: At = () => [40, 0, 2]
    expect(chine(judged(dark, dark)).value).toBeNull()
  })
})

describe('another state of the plate', () => {
  const cut: At = (u, v) => (v % 3 < 0.4 && u > 30 && u < 75 ? [30, 0, 2] : lined()(u, v))
  it('is told by how long the lines are that the BAT has not', () => {
    const { value, words, places } = checkState(judged(lined(), cut), ORIGIN)
    // Twenty strokes of 45 mm, of which three fifths lie clear of the strokes that were there.
    expect(value).toBeGreaterThan(300)
    expect(value).toBeLessThan(900)
    expect(words).toMatch(/^\d+ mm of lines that are not in the BAT: another state, or scratches\.$/)
    expect(places.length).toBeGreaterThan(0)
    expect(linesOnlyIn('reference', judged(lined(), cut))!.percent).toBe(0)
  })
  it('names at most twenty places, the largest first', () => {
    const parts = Array.from({ length: 25 }, (_, i) => [i, i + 1])
    const found = placesOfLines('state', 'line', parts, { width: 100, pixelsPerMm: 5 }, ORIGIN)
    expect(found).toHaveLength(20)
    expect(found[5]).toMatchObject({ xMm: 19, yMm: 8, widthMm: 0.4, heightMm: 0.2 })
  })
  it('is not made of a blot, a hair, or a fingertip', () => {
    const blot: At = (u, v) => (Math.hypot(u - 41, v - 30) < 5 ? [20, 0, 2] : lined(20)(u, v))
    const hair: At = (u, v) => (v > 30 && v < 30.4 && u > 42 && u < 57 ? [30, 0, 2] : lined(20)(u, v))
    const finger: At = (u, v) => (inBox(u, v, [42, 20, 14, 18]) && v % 1 < 0.4 ? [40, 0, 2] : lined(20)(u, v))
    for (const dirt of [blot, hair, finger])
      expect(checkStanding(checkState(judged(lined(20), dirt), ORIGIN), {}, new Set())).toBe('matches')
  })
  it('cannot be told of a plate without dark lines', () => {
    const pale: At = () => [88, 0, 3]
    expect(checkState(judged(pale, pale), ORIGIN).value).toBeNull()
  })
})

describe('the weight of lines', () => {
  /** L* of paper under so much ink, as density, by CIE 1976. */
  const under = (density: number): Lab => [(PAPER[0] + 16) * 10 ** (-density / 3) - 16, 0, 3]
  /** Strong strokes half a millimetre wide, fine ones of a fifth between them, and a film over all. */
  const two =
    (strong: number, fine: number, film = 0): At =>
    (u) => {
      if (u % 8 < 0.5) return under(film + strong)
      return (u + 0.8) % 1.6 < 0.2 ? under(film + fine) : under(film)
    }
  const held = (one: At, other: At) => lineInk(judged(one, other))
  const weighed = (one: At, other: At) => {
    const both = judged(one, other)
    return checkLines(cellsOf(both), lineInk(both))
  }
  it('is told of fine lines and of strong ones apart', () => {
    const found = held(two(0.8, 0.2), two(0.8, 0.08))
    expect(found.map(({ lines }) => lines)).toEqual(['fine', 'strong'])
    const [fine, strong] = found.map(({ reference, impression }) => 100 * (impression / reference - 1))
    expect(fine).toBeCloseTo(-60, 0)
    expect(strong).toBeCloseTo(0, 0)
  })
  it('is that of fine lines where they alone lost ink', () => {
    const { value, words } = weighed(two(0.8, 0.2), two(0.8, 0.08))
    expect(value).toBeCloseTo(-60, 0)
    expect(words).toBe(
      'Fine lines lost 60 % of their ink beyond what strong ones did: a plate that wears loses its fine lines first.',
    )
  })
  it('is that of all where strong lines lost more than fine ones, or gained', () => {
    for (const other of [two(0.5, 0.2), two(1, 0.2)])
      expect(weighed(two(0.8, 0.2), other).words).toMatch(/^Lines carry \d+ % (less|more) ink\.$/)
  })
  it('blames no plate where all lost alike, in the ink or in a soft picture', () => {
    const { value, words } = weighed(two(0.8, 0.2), two(0.64, 0.16))
    expect(value).toBeLessThan(-12)
    expect(words).toMatch(/^Lines carry \d+ % less ink\.$/)
  })
  it('is told of fine and strong lines alike under a film over lines and paper', () => {
    for (const { reference, impression } of held(two(0.8, 0.2), two(0.8, 0.2, 0.1)))
      expect(impression / reference).toBeCloseTo(1, 3)
  })
  it('is told of all where all are strong, and of none on an even plate', () => {
    const only: At = (u) => (u % 4 < 0.5 ? under(0.8) : under(0))
    expect(held(only, only).map(({ lines }) => lines)).toEqual(['strong'])
    expect(weighed(only, only).words).toBe('Lines carry 0 % more ink.')
    const even: At = () => under(0.3)
    expect(weighed(even, even)).toMatchObject({ value: null, words: 'Too few lines to say.' })
  })
  it('leaves the film unsaid where fine lines are everywhere: what is lost there is theirs', () => {
    const hatched =
      (fine: number): At =>
      (u) =>
        (u + 0.05) % 0.8 < 0.2 ? under(0.02 + fine) : under(0.02)
    expect(checkFilm(cellsOf(judged(hatched(0.15), hatched(0.03)))).value).toBeNull()
  })
})

describe('a plate that bleeds over its sheet', () => {
  it('is judged where it lies on the sheet, and nowhere beyond', () => {
    const whole = judged(lined(), lined())
    const bled = { ...whole, plate: { ...whole.plate, left: -40, width: 560 } }
    const { cells, columns } = inkCells(bled, 1)
    const off = -bled.plate.left / 5
    expect(columns).toBe(112)
    expect(Math.min(...cells.map(({ column }) => column))).toBe(off)
    expect(Math.max(...cells.map(({ column }) => column))).toBe(off + whole.width / 5 - 1)
    expect(checkColour(colourFigures(bled, [])).value).toBe(0)
  })
})

describe('plate tone and rim', () => {
  it('says how much deeper the film is, by itself', () => {
    const { value, words } = checkFilm(cellsOf(judged(lined(8), lined(8, 9))))
    expect(value).toBeCloseTo(5, 1)
    expect(words).toBe('The wiped surface is 5 L* darker.')
    expect(checkFilm(cellsOf(judged(lined(8), lined(8)))).words).toBe('As deep as the reference’s.')
  })
  it('finds a bevel that is dirty over a millimetre only', () => {
    const dirty: At = (u, v) => (u >= 1 && u < 2 ? [70, 0, 2] : lined()(u, v))
    const { value, words } = checkEdges(cellsOf(judged(lined(), dirty)), ON_SHEET)
    expect(value).toBeGreaterThan(15)
    expect(words).toMatch(/darker at the left\.$/)
  })
})

it('the worst zone decides about colour, which a mean hides', () => {
  const zones = [
    { name: 'Sky', mean: 1 },
    { name: 'Barn', mean: 8 },
  ]
  expect(checkColour({ mean: 1.6, p95: 7, zones }).value).toBe(8)
  expect(checkColour({ mean: 1.6, p95: 7, zones: [] }).value).toBe(1.6)
})

it('ink is new where all that is near has less than its bound', () => {
  // A line of 20 L* at the third place of a row; what is four places off has nothing near.
  const row = Float32Array.from([0, 0, 20, 0, 0, 0, 0, 0])
  expect(lightest(21)).toBeCloseTo(10, 9)
  expect(isDarkNear(row, 8, 1, 4, 2, lightest(21))).toBe(true)
  expect(isDarkNear(row, 8, 1, 4, 2, lightest(36))).toBe(false)
  expect(isDarkNear(row, 8, 1, 6, 2, lightest(21))).toBe(false)
})

it('two places lie over one another or beside', () => {
  const at = (xMm: number) =>
    ({ check: 'marks', what: 'spot', xMm, yMm: 0, widthMm: 4, heightMm: 4 }) as const
  expect([overlap(at(0), at(3)), overlap(at(0), at(5))]).toEqual([true, false])
})

it('a size that could not be followed is not stated', () => {
  const placed = { xMm: 0, yMm: 0, degrees: 0, widerPercent: 0.8, tallerPercent: 0.1, bentMm: 0 }
  expect(checkRegister({ ...placed, isSizeKnown: false })[2]).toMatchObject({ check: 'stretch', value: null })
  expect(checkRegister({ ...placed, isSizeKnown: true })[2]).toMatchObject({ value: 0.8 })
})

describe('whether greys tell of an ink', () => {
  const line =
    (ink: Lab): At =>
    (u) =>
      u % 4 < 0.8 ? ink : PAPER
  it('of black and of a warm black, not of a red, however much paper there is', () => {
    const of = (ink: Lab) => inkByGrey(judged(line(ink), line(ink)))
    expect([of([20, 0, 1]), of([24, 3, 6]), of([45, 50, 30])]).toEqual(['grey', 'grey', 'coloured'])
  })
})
