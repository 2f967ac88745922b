import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { reflectFilm, reflectMasstone } from './kubelkaMunk'
import { predictInk, predictInkInput } from './predictInk'
import {
  correctStiffness,
  mixStiffness,
  OIL_GRADES,
  oilOfGrade,
  plateToday,
  THIN_PLATE_OIL_PAS,
} from './stiffness'
import { dropsWanted, isFelt, stiffnessWords } from './stiffnessWords'
import { enterSurface, leaveSurface, USUAL_SURFACE } from './surface'
import { estimateGramsPerPull, pullsCovered } from './inkNeed'

const unit = fc.double({ min: 0, max: 1, noNaN: true })
const coefficient = fc.double({ min: 0, max: 2, noNaN: true })
const flat = (value: number) => new Array<number>(36).fill(value)
const ink = (k: number, s: number) => ({ name: 'flat', k: flat(k), s: flat(s) })

describe('reflectFilm against the published limits (Kubelka 1948; Bouguer–Beer)', () => {
  it('S → 0 is Rg·e^(−2KX) (property)', () => {
    fc.assert(
      fc.property(coefficient, unit, fc.double({ min: 0, max: 8, noNaN: true }), (k, ground, x) => {
        expect(reflectFilm(k, 0, x, ground)).toBeCloseTo(ground * Math.exp(-2 * k * x), 9)
      }),
    )
  })
  it('K → 0 is (Rg + (1−Rg)SX)/(1 + (1−Rg)SX) (property)', () => {
    fc.assert(
      fc.property(coefficient, unit, fc.double({ min: 0.01, max: 50, noNaN: true }), (s, ground, x) => {
        const expected = (ground + (1 - ground) * s * x) / (1 + (1 - ground) * s * x)
        expect(reflectFilm(0, s, x, ground)).toBeCloseTo(expected, 9)
        expect(reflectFilm(1e-13, s, x, ground)).toBeCloseTo(expected, 5)
      }),
    )
  })
  it('X → ∞ is the masstone whatever the ground', () => {
    for (const ground of [0, 0.5, 1])
      expect(reflectFilm(0.1, 0.3, 1e4, ground)).toBeCloseTo(reflectMasstone(0.1, 0.3), 9)
  })
  it('X → 0 is the ground', () => expect(reflectFilm(0.7, 0.2, 0, 0.83)).toBe(0.83))
  it('agrees with a case worked by hand: K 0.1, S 0.2, X 10, Rg 0.8', () => {
    // a = 1.5, b = √1.25 = 1.118034, bSX = 2.236068, coth = 1.023108; R = (1 − 0.8(1.5 − 1.143870))/(1.5 − 0.8 + 1.143870) = 0.387817
    expect(reflectFilm(0.1, 0.2, 10, 0.8)).toBeCloseTo(0.387817, 4)
  })
  it('stays within 0 and 1 and darkens with absorption (property)', () => {
    fc.assert(
      fc.property(
        coefficient,
        coefficient,
        fc.double({ min: 0, max: 60, noNaN: true }),
        unit,
        (k, s, x, ground) => {
          const r = reflectFilm(k, s, x, ground)
          expect(r).toBeGreaterThanOrEqual(-1e-12)
          expect(r).toBeLessThanOrEqual(1 + 1e-12)
          expect(reflectFilm(k + 0.1, s, x, ground)).toBeLessThanOrEqual(r + 1e-9)
        },
      ),
    )
  })
})

describe('surface reflection', () => {
  it('comes back the same from inside (property)', () => {
    fc.assert(
      fc.property(unit, fc.constantFrom('di:8' as const, '45:0' as const), (inside, geometry) => {
        expect(
          enterSurface(leaveSurface(inside, USUAL_SURFACE, geometry), USUAL_SURFACE, geometry),
        ).toBeCloseTo(inside, 9)
      }),
    )
  })
  it('floors what is darker than the shine', () => expect(enterSurface(0.01, USUAL_SURFACE, 'di:8')).toBe(0))
  it('keeps a perfect diffuser at 1 with the shine included', () =>
    expect(leaveSurface(1, USUAL_SURFACE, 'di:8')).toBeCloseTo(1, 12))
})

describe('predictInk', () => {
  it('returns the paper for a film of no thickness', () => {
    const paper = flat(0.86)
    expect(
      predictInk({ inks: [ink(0.2, 0.1)], parts: [1], filmMicrometres: 0, paper, surface: USUAL_SURFACE })
        .reflectance[7],
    ).toBeCloseTo(0.86, 12)
  })
  it('does not depend on the unit of the parts (property)', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.01, max: 1000, noNaN: true }), (scale) => {
        const at = (parts: number[]) =>
          predictInk({
            inks: [ink(0.2, 0.1), ink(0.01, 0.4)],
            parts,
            filmMicrometres: 9,
            paper: flat(0.8),
            surface: null,
          }).lab.L
        expect(at([3 * scale, scale])).toBeCloseTo(at([3, 1]), 9)
      }),
    )
  })
  it('makes green, not grey, of a yellow and a blue: the direction every printer knows', () => {
    const band = (absorbs: (nm: number) => number) =>
      Array.from({ length: 36 }, (_, i) => absorbs(380 + i * 10))
    const yellow = { name: 'yellow', k: band((nm) => (nm < 500 ? 0.3 : 0.004)), s: flat(0.03) }
    const blue = {
      name: 'blue',
      k: band((nm) => {
        if (nm > 560) return 0.3
        if (nm > 480) return 0.04
        return 0.02
      }),
      s: flat(0.02),
    }
    const { lab } = predictInk({
      inks: [yellow, blue],
      parts: [1, 1],
      filmMicrometres: 7,
      paper: flat(0.88),
      surface: USUAL_SURFACE,
    })
    expect(lab.a).toBeLessThan(-15)
  })
  it('has opacity 1 for a thick white and below 0.1 for a thin transparent film', () => {
    expect(
      predictInk({
        inks: [ink(0.0002, 0.5)],
        parts: [1],
        filmMicrometres: 400,
        paper: flat(0.8),
        surface: null,
      }).contrastRatio,
    ).toBeGreaterThan(0.98)
    expect(
      predictInk({
        inks: [ink(0.05, 0.001)],
        parts: [1],
        filmMicrometres: 2,
        paper: flat(0.8),
        surface: null,
      }).contrastRatio,
    ).toBeLessThan(0.1)
  })
  it('refuses parts that add up to nothing, and names them', () => {
    const parsed = predictInkInput.safeParse({
      inks: [ink(0.1, 0.1)],
      parts: [0],
      filmMicrometres: 1,
      paper: flat(0.8),
      surface: null,
    })
    expect(parsed.error!.issues[0]).toMatchObject({ path: ['parts'], message: 'must add up to more than 0' })
  })
})

describe('stiffness', () => {
  it('mixes by logarithm and halves by the step: 100 and 1 Pa·s half and half are 10; one step warmer 5', () => {
    const components = [
      { viscosityPas: 100, grams: 5 },
      { viscosityPas: 1, grams: 5 },
    ]
    expect(
      mixStiffness({ components, temperatureC: 20, referenceC: 20, halvingC: 8 }).viscosityPas,
    ).toBeCloseTo(10, 9)
    expect(
      mixStiffness({ components, temperatureC: 28, referenceC: 20, halvingC: 8 }).viscosityPas,
    ).toBeCloseTo(5, 9)
  })
  it('the drops it asks for bring the mix back to its old stiffness, oil and ink at the same temperature', () => {
    const { dropsToAdd, ratio, plateC, plateTodayC } = correctStiffness({
      mixGrams: 20,
      mixPas: 60,
      before: { roomC: 20, plateC: 20 },
      todayRoomC: 16,
    })
    // An unheated plate is as cold as the room: four degrees, half a halving.
    expect(plateTodayC).toBe(16)
    expect(ratio).toBeCloseTo(2 ** 0.5, 9)
    const components = [
      { viscosityPas: 60, grams: 20 },
      { viscosityPas: THIN_PLATE_OIL_PAS, grams: dropsToAdd * 0.04 },
    ]
    const today = mixStiffness({ components, temperatureC: 16, referenceC: 20, halvingC: 8 }).viscosityPas
    expect(today).toBeCloseTo(60, 6)
    // Or the plate warmed until the ink is at 20° again: 16 + 4/0.9.
    expect(plateC).toBeCloseTo(16 + 4 / 0.9, 9)
  })
  it('a plate that is not kept warm goes with the room, and none is colder', () => {
    expect(plateToday({ roomC: 20, plateC: 20 }, 16)).toBe(16)
    expect(plateToday({ roomC: 20, plateC: 37 }, 16)).toBe(37)
    expect(plateToday({ roomC: 20, plateC: 25 }, 30)).toBe(30)
  })
  it('a plate kept at 37° hardly feels the room', () => {
    const { ratio, plateTodayC } = correctStiffness({
      mixGrams: 20,
      mixPas: 60,
      before: { roomC: 20, plateC: 37 },
      todayRoomC: 16,
    })
    expect(plateTodayC).toBe(37)
    expect(ratio).toBeLessThan(1.05)
  })
  it('asks for no oil when the room is warmer, for no plate below the room, and for none too hot to hold', () => {
    const at = (before: { roomC: number; plateC: number }, todayRoomC: number, mixPas = 60) =>
      correctStiffness({ mixGrams: 20, mixPas, wantedPas: 60, before, todayRoomC })
    expect(at({ roomC: 20, plateC: 20 }, 24)).toMatchObject({
      dropsToAdd: 0,
      plateC: null,
      noPlate: 'below-room',
    })
    expect(at({ roomC: 20, plateC: 37 }, 24)).toMatchObject({ dropsToAdd: 0, noPlate: null })
    expect(at({ roomC: 20, plateC: 40 }, 20, 200)).toMatchObject({ plateC: null, noPlate: 'too-hot' })
    expect(at({ roomC: 20, plateC: 20 }, 20, 600).isOilCapped).toBe(false)
    expect(at({ roomC: 20, plateC: 20 }, -15, 600).isOilCapped).toBe(true)
    for (const roomC of [-10, 0, 6, 20, 35]) {
      const { plateC } = at({ roomC: 20, plateC: 20 }, roomC)
      if (plateC !== null) expect(plateC).toBeGreaterThanOrEqual(roomC - 1e-9)
    }
  })
  it('asks for no drop where nobody would feel it, and for one at least where somebody would', () => {
    const at = (roomC: number) =>
      correctStiffness({ mixGrams: 5, mixPas: 60, before: { roomC: 20, plateC: 37 }, todayRoomC: roomC })
    expect([isFelt(at(16)), dropsWanted(at(16))]).toEqual([false, 0])
    const little = correctStiffness({
      mixGrams: 0.4,
      mixPas: 60,
      before: { roomC: 20, plateC: 20 },
      todayRoomC: 19,
    })
    expect([isFelt(little), dropsWanted(little)]).toEqual([true, 1])
  })
  it('says in words what can be done', () => {
    const say = (before: { roomC: number; plateC: number }, todayRoomC: number, mixPas = 60) =>
      stiffnessWords(correctStiffness({ mixGrams: 5, mixPas, wantedPas: 60, before, todayRoomC }))
    const cold = { roomC: 20, plateC: 20 }
    expect(say({ roomC: 20, plateC: 37 }, 16)).toBe('ink as it is')
    expect(say(cold, 16)).toMatch(
      /^1\.41 × as stiff: \d+ drops of light oil to each puddle, or plate at 20°$/,
    )
    expect(say(cold, 25)).toBe(
      '0.65 × as stiff: the room cannot be cooled away, take a stiffer mix; oil cannot come out',
    )
    expect(say({ roomC: 20, plateC: 40 }, 20, 200)).toContain('or a plate above 45° is too hot to hold')
    expect(say(cold, -15, 600)).toContain('more light oil than half the mix')
  })
  it('oils go by grade, each heavier than the one before', () => {
    const grades = (Object.keys(OIL_GRADES) as (keyof typeof OIL_GRADES)[]).map(oilOfGrade)
    expect(grades).toEqual([...grades].sort((a, b) => a - b))
    expect(THIN_PLATE_OIL_PAS).toBeGreaterThanOrEqual(0.2)
    expect(THIN_PLATE_OIL_PAS).toBeLessThanOrEqual(0.6)
  })
})

describe('ink need', () => {
  it('uses up about half of the 1.2 g a 10 × 10 cm plate takes (common practice, no source)', () =>
    expect(estimateGramsPerPull(100, 100)).toBeCloseTo(0.54, 9))
  it('counts whole pulls and never below none', () => {
    expect(pullsCovered(30, 2, 6)).toBe(9)
    expect(pullsCovered(3, 2, 6)).toBe(0)
  })
})
