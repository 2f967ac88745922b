import { firstMix } from '@/core/ink/mix'
import { changeFirstMix } from '@/core/ink/severalMixes'
import sharp from 'sharp'
import { describe, expect, it } from 'vitest'
import { checkStanding, type CheckResult, type MatchCheck } from '@/core/match/checks/matchCheck'
import { matchImpression, type ImpressionMatch } from '@/core/match/matchImpression'
import { sampleSettings } from '@/core/prove/sampleSettings.test.fixture'
import type { Settings } from '@/core/prove/settings'
import { UNKNOWN_TUBE, type ShelfInk } from '@/core/ink/shelfInk'
import type { Picture } from './plateRelief'
import { burrOf, reliefOf } from './plateRelief'
import { wearAfter } from './plateWear'
import { printConditions, type PrintConditions } from './printConditions'
import { NO_FAULTS, type PrintFaults } from './printFaults'
import { scanPrint, USUAL_SCAN } from './scanner'
import { strokePlate } from './strokePlate'

const RELIEF = strokePlate(11)
const DPI = 75
const SCAN = { ...USUAL_SCAN, dpi: DPI }
/** Small, so that the many prints here are made quickly. */
const HELD: Settings = {
  ...sampleSettings,
  plate: { ...sampleSettings.plate, widthMm: 90, heightMm: 60 },
  paper: { ...sampleSettings.paper, sheetWidthMm: 150, sheetHeightMm: 125 },
}
/** A neutral black and a weak one beside it, on paper that reflects nine tenths. */
const ink = (id: string, k: number, s: number): ShelfInk => ({
  id,
  name: id,
  kind: 'oil',
  k: new Array<number>(36).fill(k),
  s: new Array<number>(36).fill(s),
  viscosityPas: 60,
  source: 'estimated',
  forecastable: true,
  note: '',
  ...UNKNOWN_TUBE,
})
const INKS = [ink('bone-black', 0.16, 0.012), ink('dusk-blue', 0.05, 0.02)]
const conditions = (settings: Settings) =>
  printConditions(settings, HELD, INKS, new Array<number>(36).fill(0.9))
const PLAIN = conditions(HELD)
const print = (with_: PrintConditions, faults: Partial<PrintFaults> = {}, seed = 5, scan = SCAN) =>
  scanPrint(RELIEF, with_, { ...NO_FAULTS, ...faults }, scan, seed)

/** Mean darkness inside the plate mark, 0 to 255. */
function darkness({ width, data }: Picture, left = 0, right = 1): number {
  const perMm = DPI / 25.4
  const { plate } = PLAIN
  let [sum, count] = [0, 0]
  for (
    let y = Math.round((plate.topMm + SCAN.bedMm + 2) * perMm);
    y < (plate.topMm + SCAN.bedMm + plate.heightMm - 2) * perMm;
    y++
  ) {
    for (
      let x = Math.round((plate.leftMm + SCAN.bedMm + 2 + left * (plate.widthMm - 4)) * perMm);
      x < (plate.leftMm + SCAN.bedMm + 2 + right * (plate.widthMm - 4)) * perMm;
      x++
    ) {
      sum += 255 - data[3 * (y * width + x) + 1]
      count += 1
    }
  }
  return sum / count
}

describe('the model of a print', () => {
  it('is the same for the same seed, and another for another', () => {
    const once = Buffer.from(print(PLAIN).data)
    expect(once.equals(print(PLAIN).data)).toBe(true)
    expect(once.equals(print(PLAIN, {}, 6).data)).toBe(false)
  })
  it('takes the darkest of a picture for its deepest line, mirrored as a print is', () => {
    const { data } = reliefOf({
      width: 4,
      height: 1,
      data: Uint8Array.from([20, 20, 20, 190, 190, 190, 190, 190, 190, 190, 190, 190]),
    })
    expect([...data]).toEqual([0, 0, 0, 1])
  })
  // Facts of the trade (common practice, no source): which way each setting moves a print.
  const { press, paper, wipe, ink } = HELD
  it.each([
    [
      'screws tighter print darker',
      { press: { ...press, readingLeft: press.readingLeft - 0.25, readingRight: press.readingRight - 0.25 } },
      1,
    ],
    [
      'screws looser print lighter',
      { press: { ...press, readingLeft: press.readingLeft + 0.25, readingRight: press.readingRight + 0.25 } },
      -1,
    ],
    [
      'a drier sheet prints lighter',
      { paper: { ...paper, targetUptakePercent: paper.targetUptakePercent * 0.6 } },
      -1,
    ],
    [
      'wiping longer prints lighter',
      { wipe: { ...wipe, steps: wipe.steps.map((step) => ({ ...step, seconds: step.seconds * 1.5 })) } },
      -1,
    ],
    ['a heavier film prints darker', { wipe: { ...wipe, plateTone: 'heavy' } }, 1],
    [
      'a cooler plate leaves more stiff ink on the surface',
      { ink: changeFirstMix(ink, { plateC: firstMix(ink).plateC - 10 }) },
      1,
    ],
    [
      'oil thins what stays on the surface',
      { ink: changeFirstMix(ink, { modifiers: [{ modifier: 'thin-oil', amount: 12 }] }) },
      -1,
    ],
  ] as const)('%s', (_, changed, way) => {
    const difference =
      darkness(print(conditions({ ...HELD, ...changed } as Settings))) - darkness(print(PLAIN))
    expect(Math.sign(difference)).toBe(way)
    expect(Math.abs(difference)).toBeGreaterThan(0.3)
  })
  it('prints the side whose screw is looser paler', () => {
    const leaning = print(
      conditions({ ...HELD, press: { ...press, readingRight: press.readingRight + 0.25 } }),
    )
    const even = print(PLAIN)
    expect(darkness(leaning, 0.7, 1) - darkness(even, 0.7, 1)).toBeLessThan(
      darkness(leaning, 0, 0.3) - darkness(even, 0, 0.3) - 0.3,
    )
  })
  it('wears: a worn plate prints lighter', () =>
    expect(darkness(print(PLAIN, { wear: 0.4 }))).toBeLessThan(darkness(print(PLAIN)) - 0.5))
})

describe('a drypoint', () => {
  const needled = { ...HELD, plate: { ...HELD.plate, kind: 'copper-drypoint' } } as Settings
  const [etched, fresh] = [darkness(print(PLAIN)), darkness(print(conditions(needled)))]
  it('holds ink in its burr beside the lines: the same drawing prints darker than etched', () =>
    expect(fresh).toBeGreaterThan(etched + 0.5))
  it('loses its burr before its grooves: a little wear takes more from it than from an etched plate', () => {
    const lost = (plate: PrintConditions) => darkness(print(plate)) - darkness(print(plate, { wear: 0.3 }))
    expect(lost(conditions(needled))).toBeGreaterThan(1.3 * lost(PLAIN))
    // What is left of a drypoint without its burr is its grooves.
    expect(darkness(print(conditions(needled), { wear: 0.5 }))).toBeCloseTo(
      darkness(print(PLAIN, { wear: 0.5 })),
      5,
    )
  })
  it('wears with every pull, and far sooner than an etched plate', () => {
    const drypoint = [0, 5, 10, 40, 400].map((pulls) => wearAfter('copper-drypoint', pulls))
    expect(drypoint).toEqual(drypoint.toSorted((a, b) => a - b))
    expect([drypoint[0], drypoint[4]]).toEqual([0, 0.9])
    expect(wearAfter('copper-etched', 40)).toBeLessThan(drypoint[1])
  })
  it('has its burr in a fringe round the line and none within it', () => {
    const line = { width: 9, height: 1, data: Float32Array.from([0, 0, 0, 0, 1, 0, 0, 0, 0]) }
    const { data } = burrOf(line, 1)
    expect([...data].map((value) => Math.round(100 * value) / 100)).toEqual([0, 0, 0, 0.67, 0, 0.67, 0, 0, 0])
  })
})

describe('an impression held against the approved proof, both printed and scanned by the model', () => {
  const reference = print(PLAIN, {}, 1)
  const held = (
    with_: PrintConditions,
    faults: Partial<PrintFaults> = {},
    skewDegrees = 0.7,
  ): ImpressionMatch => {
    const found = matchImpression({
      reference: { picture: reference, corners: null },
      impression: { picture: print(with_, faults, 23, { ...SCAN, skewDegrees }), corners: null },
      sheet: PLAIN.sheet,
      plate: PLAIN.plate,
      zones: [],
    })
    if ('which' in found) throw new Error(found.reason.code)
    return found
  }
  const check = ({ checks }: ImpressionMatch, key: MatchCheck): CheckResult =>
    checks.find((one) => one.check === key)!
  const { plate } = PLAIN
  const clean = held(PLAIN)

  it('finds nothing on a print that is the same, however it lies on the glass', () => {
    expect(Math.abs(clean.placed.xMm)).toBeLessThan(0.15)
    expect(Math.abs(clean.placed.yMm)).toBeLessThan(0.15)
    for (const [key, most] of [
      ['register', 0.2],
      ['turn', 0.08],
      ['colour', 2],
      ['tone', 1],
      ['lines', 8],
      ['breaks', 1],
      ['evenness', 1],
      ['edges', 1.6],
      ['sides', 3],
      ['bands', 0],
      ['blanks', 0],
      ['marks', 0],
    ] as const)
      expect(Math.abs(check(clean, key).value!), key).toBeLessThanOrEqual(most)
  })
  describe('in a picture out of focus', () => {
    /** By a general library, in linear light as a lens does it. */
    const blurred = async ({ width, height, data }: Picture, sigma: number): Promise<Picture> => ({
      width,
      height,
      data: await sharp(data, { raw: { width, height, channels: 3 } })
        .pipelineColourspace('scrgb')
        .blur({ sigma, minAmplitude: 0.01 })
        .toColourspace('srgb')
        .raw()
        .toBuffer(),
    })
    const between = (one: Picture, other: Picture): ImpressionMatch => {
      const found = matchImpression({
        reference: { picture: one, corners: null },
        impression: { picture: other, corners: null },
        sheet: PLAIN.sheet,
        plate: PLAIN.plate,
        zones: [],
      })
      if ('which' in found) throw new Error(found.reason.code)
      return found
    }
    const same = print(PLAIN, {}, 23, { ...SCAN, skewDegrees: 0.7 })
    const worn = print(PLAIN, { wear: 0.6 }, 23, { ...SCAN, skewDegrees: 0.7 })
    it('is judged as soft as it was taken, and loses no ink by it, whichever of the two it is', async () => {
      const soft = between(reference, await blurred(same, 0.8))
      expect(soft.softer).toEqual({ picture: 'impression', isTooSoft: false })
      // Judged as it came it lost a quarter of its lines.
      expect(checkStanding(check(soft, 'lines'), {}, new Set())).toBe('matches')
      expect(Math.abs(check(soft, 'tone').value!)).toBeLessThan(2.5)
      const other = between(await blurred(reference, 0.8), same)
      expect(other.softer).toEqual({ picture: 'reference', isTooSoft: false })
      expect(checkStanding(check(other, 'lines'), {}, new Set())).toBe('matches')
      expect(clean.softer).toBeNull()
    })
    it('still tells a worn plate from a sharp one', async () => {
      const sharpLoss = check(between(reference, worn), 'lines').value!
      const softLoss = check(between(reference, await blurred(worn, 0.8)), 'lines').value!
      expect(sharpLoss).toBeLessThan(-12)
      expect(Math.abs(softLoss - sharpLoss)).toBeLessThan(6)
    })
    it('too soft, says that lines cannot be told instead of naming a loss', async () => {
      const soft = between(reference, await blurred(same, 1.6))
      expect(soft.softer).toEqual({ picture: 'impression', isTooSoft: true })
      for (const key of ['lines', 'breaks', 'marks'] as const) {
        const { value, words, places } = check(soft, key)
        expect([value, places.length]).toEqual([null, 0])
        expect(words).toContain('In the picture of the impression, it is too soft beside the other')
      }
      expect(check(soft, 'register').value).not.toBeNull()
    })
  })
  it('measures where the plate was laid, in mm and degrees', () => {
    const { placed } = held(PLAIN, { moved: { xMm: 1.4, yMm: -0.8, degrees: 0.4 } })
    expect(Math.hypot(placed.xMm - 1.4, placed.yMm + 0.8)).toBeLessThan(0.15)
    expect(placed.degrees).toBeCloseTo(0.4, 1)
  })
  it('takes out what a damp sheet grew by across its grain, and says so', () => {
    const found = held({
      ...PLAIN,
      plate: { ...plate, leftMm: plate.leftMm - 0.004 * plate.widthMm, widthMm: 1.008 * plate.widthMm },
    })
    // Beside the clean pair: how wide its sheet is taken to be, a fifth of a pixel at either edge, is in both.
    expect(found.placed.widerPercent - clean.placed.widerPercent).toBeCloseTo(0.8, 1)
    expect(found.placed.tallerPercent - clean.placed.tallerPercent).toBeCloseTo(0, 1)
    expect(check(found, 'colour').value!).toBeLessThan(2)
    expect(check(found, 'marks').value).toBe(0)
    expect(check(found, 'stretch').words).toMatch(/The print is 0\.[89]\d? % wider\./)
  })
  it('points at a starved corner, and nowhere else', () => {
    const { places } = check(
      held(PLAIN, {
        starved: [{ xMm: plate.leftMm + plate.widthMm, yMm: plate.topMm, radiusMm: 22, left: 0.2 }],
      }),
      'blanks',
    )
    expect(places.length).toBeGreaterThan(0)
    for (const { xMm, yMm, heightMm } of places) {
      expect(xMm).toBeGreaterThan(plate.leftMm + plate.widthMm - 23)
      expect(yMm + heightMm).toBeLessThan(plate.topMm + 23)
    }
  })
  it.each([
    [
      'a fingertip in the margin',
      { fingerprints: [{ xMm: plate.leftMm / 2, yMm: plate.topMm / 2, strength: 0.9 }] },
      'fingertip',
      plate.leftMm / 2,
      plate.topMm / 2,
    ],
    [
      'a spot of ink in the margin',
      { spots: [{ xMm: plate.leftMm / 2, yMm: plate.topMm + 20, radiusMm: 0.8, micrometres: 8 }] },
      'spot',
      plate.leftMm / 2,
      plate.topMm + 20,
    ],
    [
      'a hair in the margin',
      { hairs: [{ xMm: plate.leftMm, yMm: plate.topMm - 12, lengthMm: 14, degrees: 20 }] },
      'hair',
      plate.leftMm + 6.5,
      plate.topMm - 9,
    ],
  ] as const)('tells %s', (_, faults, what, xMm, yMm) => {
    const { places } = check(held(PLAIN, faults as unknown as Partial<PrintFaults>), 'marks')
    expect(places.map((place) => place.what)).toContain(what)
    const place = places.find((one) => one.what === what)!
    expect(
      Math.hypot(place.xMm + place.widthMm / 2 - xMm, place.yMm + place.heightMm / 2 - yMm),
    ).toBeLessThan(3)
  })
  it.each([
    [
      'bands',
      'a band where the plate stood',
      { bands: [{ xMm: plate.leftMm + plate.widthMm / 2, widthMm: 3, more: 0.5 }] },
      2.5,
    ],
    ['edges', 'dirty bevels', { edgeMicrometres: 1.5 }, 3],
    ['edges', 'a pale halo of over-wiping', { edgeMicrometres: -0.7 }, -2.5],
    ['lines', 'a worn plate', { wear: 0.8 }, -12],
    ['evenness', 'a cloudy wipe', { patchy: 0.6 }, 1.5],
  ] as const)('%s: sees %s', (key, _, faults, bound) => {
    const value = check(held(PLAIN, faults as unknown as Partial<PrintFaults>), key).value!
    if (bound > 0) expect(value).toBeGreaterThan(bound)
    else expect(value).toBeLessThan(bound)
  })
  it('sees that the right side is paler when its screw is looser', () => {
    const leaning = held(
      conditions({ ...HELD, press: { ...HELD.press, readingRight: HELD.press.readingRight + 0.3 } }),
    )
    expect(check(leaning, 'sides').value!).toBeLessThan(-5)
    expect(check(leaning, 'sides').words).toMatch(/^The right side is paler/)
  })
  it('takes the fall of the lamp out by the margin', () => {
    const dim = matchImpression({
      reference: { picture: reference, corners: null },
      impression: { picture: print(PLAIN, {}, 23, { ...SCAN, lampFall: 0.12 }), corners: null },
      sheet: PLAIN.sheet,
      plate: PLAIN.plate,
      zones: [],
    }) as ImpressionMatch
    expect(dim.fall.impression).toBeGreaterThan(0.06)
    expect(check(dim, 'colour').value!).toBeLessThan(2.2)
    expect(Math.abs(check(dim, 'sides').value!)).toBeLessThan(4)
  })
  it.each([1, 2, 3])(
    'turns back a sheet that lies %i quarter turns round on the glass, its margins with it',
    (quarters) => {
      let lying = print(
        PLAIN,
        { spots: [{ xMm: plate.leftMm / 2, yMm: plate.topMm + 20, radiusMm: 0.8, micrometres: 8 }] },
        23,
      )
      for (let turn = 0; turn < quarters; turn++) lying = turnedClockwise(lying)
      const found = matchImpression({
        reference: { picture: reference, corners: null },
        impression: { picture: lying, corners: null },
        sheet: PLAIN.sheet,
        plate: PLAIN.plate,
        zones: [],
      }) as ImpressionMatch
      expect(check(found, 'register').value!).toBeLessThan(0.3)
      const { places } = check(found, 'marks')
      expect(places.map(({ what }) => what)).toEqual(['spot'])
      expect(
        Math.hypot(
          places[0].xMm + places[0].widthMm / 2 - plate.leftMm / 2,
          places[0].yMm + places[0].heightMm / 2 - plate.topMm - 20,
        ),
      ).toBeLessThan(0.6)
    },
  )
  it('undoes the slant of a photograph by the corners of the sheet', () => {
    const flat = print(PLAIN, {}, 23)
    const slanted = slant(flat)
    const found = matchImpression({
      reference: { picture: reference, corners: null },
      impression: { picture: slanted, corners: null },
      sheet: PLAIN.sheet,
      plate: PLAIN.plate,
      zones: [],
    }) as ImpressionMatch
    expect(check(found, 'register').value!).toBeLessThan(0.6)
    expect(found.likeness).toBeGreaterThan(0.8)
  })
  it('refuses another plate in words, and corners that go round the wrong way', () => {
    const other = scanPrint(strokePlate(97), PLAIN, NO_FAULTS, SCAN, 4)
    expect(
      matchImpression({
        reference: { picture: reference, corners: null },
        impression: { picture: other, corners: null },
        sheet: PLAIN.sheet,
        plate: PLAIN.plate,
        zones: [],
      }),
    ).toMatchObject({ which: 'impression', reason: { code: 'another-plate' } })
    expect(
      matchImpression({
        reference: {
          picture: reference,
          corners: [
            [0, 0],
            [0, 400],
            [400, 400],
            [400, 0],
          ],
        },
        impression: { picture: other, corners: null },
        sheet: PLAIN.sheet,
        plate: PLAIN.plate,
        zones: [],
      }),
    ).toMatchObject({ which: 'reference' })
  })
})

/** A picture turned a quarter clockwise. */
function turnedClockwise({ width, height, data }: Picture): Picture {
  const out = new Uint8Array(data.length)
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++)
      for (let c = 0; c < 3; c++) out[3 * (x * height + height - 1 - y) + c] = data[3 * (y * width + x) + c]
  return { width: height, height: width, data: out }
}

/** A picture as it looks when the camera leans back: its upper edge is farther off, lines stay straight, distances shrink toward it. */
function slant({ width, height, data }: Picture): Picture {
  const out = new Uint8Array(data.length).fill(58)
  for (let y = 0; y < height; y++) {
    const t = y / height
    const half = 0.5 * (0.9 + 0.1 * t)
    const from = t / (t + 0.9 * (1 - t))
    for (let x = 0; x < width; x++) {
      const u = 0.5 + (x / width - 0.5) / (2 * half)
      if (u < 0 || u >= 1) continue
      const [sx, sy] = [
        Math.min(width - 1, Math.round(u * width)),
        Math.min(height - 1, Math.round(from * height)),
      ]
      for (let c = 0; c < 3; c++) out[3 * (y * width + x) + c] = data[3 * (sy * width + sx) + c]
    }
  }
  return { width, height, data: out }
}
