import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import {
  isExhausted,
  isPressedByHand,
  passReadings,
  pressDoubt,
  squeezeAt,
  tiltMm,
  passesWords,
  plateTooThick,
  pressSettingSchema,
  type PressSetting,
} from './pressSetting'
import { formatTurns } from './pressureScale'
import { turnsScale, USUAL_SCALES } from './usualScales'
import { pressStack, pressStackInput, type Layer } from './pressStack'
import { screwLead, screwLeadInput } from './screwLead'

describe('screwLead against ASME B1.1 and ISO 261', () => {
  it.each([
    ['1/2-13', 1.954],
    ['3/4-10', 2.54],
    ['1-8', 3.175],
    ['M16', 2],
    ['M20', 2.5],
    ['M16x1.5', 1.5],
    ['1 1/4-7', 3.629],
  ])('%s gives %f mm a turn', (thread, mm) => {
    expect(screwLead(screwLeadInput.parse({ thread })).mmPerTurn).toBeCloseTo(mm, 3)
  })
  it('refuses a series that contradicts its pitch, and takes one that fits', () => {
    const refused = (thread: string) => screwLeadInput.safeParse({ thread }).error?.issues[0].message ?? null
    expect(refused('1/2-13 UNF')).toBe('1/2-13 is UNC, not UNF')
    expect(refused('1/2-20UNC')).toBe('1/2-20 is UNF, not UNC')
    expect(['1/2-13 UNC', '3/4-16 UNF', '1-8unc'].map(refused)).toEqual([null, null, null])
  })
  it.each(['1/2-14', 'M17', 'M16x9', 'half inch', '2/3-10'])('refuses %s', (thread) => {
    expect(screwLeadInput.safeParse({ thread }).error!.issues[0].path).toEqual(['thread'])
  })
})

const linear = (thicknessMm: number, modulusMPa: number): Layer => ({
  name: 'felt',
  thicknessMm,
  modulusMPa,
  densificationStrain: null,
})

describe('pressStack', () => {
  it('is within 1 % of the closed form of one layer to 99.999 % of all it can give', () => {
    // σ = E·d/(T·(1 − d/D)), D = T·ε_d; with δ = d0/D and a = 1 − δ, ∫₀¹ (1 − u²)/(a + δu²) du = (atan(√(δ/a))/√(aδ) − 1)/δ.
    for (const share of [0.5, 0.9, 0.99, 0.999, 0.9999, 0.99999]) {
      const [R, T, E, strain] = [60, 3, 2, 0.6]
      const d0 = T * strain * share
      const a = 1 - share
      const integral = (Math.atan(Math.sqrt(share / a)) / Math.sqrt(a * share) - 1) / share
      const exact = (2 * Math.sqrt(2 * R * d0) * E * d0 * integral) / T
      const { lineLoadNPerMm } = pressStack({
        rollerRadiusMm: R,
        gapMm: T - d0,
        layers: [{ name: 'felt', thicknessMm: T, modulusMPa: E, densificationStrain: strain }],
        plateThicknessMm: 0,
      })
      expect(lineLoadNPerMm / exact, `${share}`).toBeCloseTo(1, 4)
    }
  })
  it('equals the closed form of one linear layer to 1e-6 (property)', () => {
    const size = (min: number, max: number) => fc.double({ min, max, noNaN: true })
    fc.assert(
      fc.property(size(20, 200), size(1, 10), size(0.1, 20), size(0.01, 0.9), (R, T, E, share) => {
        const d0 = T * share
        const got = pressStack({
          rollerRadiusMm: R,
          gapMm: T - d0,
          layers: [linear(T, E)],
          plateThicknessMm: 0,
        })
        const load = (4 / 3) * (E / T) * d0 * Math.sqrt(2 * R * d0)
        expect(got.lineLoadNPerMm / load).toBeCloseTo(1, 6)
        expect(got.peakMPa / ((E * d0) / T)).toBeCloseTo(1, 9)
        expect(got.contactWidthMm).toBeCloseTo(2 * Math.sqrt(2 * R * d0), 9)
      }),
    )
  })
  it('adds linear layers in series like springs: worked by hand', () => {
    // compliances 2/1 + 3/2 = 3.5 mm/MPa; 0.7 mm of compression is 0.2 MPa
    expect(
      pressStack({
        rollerRadiusMm: 50,
        gapMm: 5.3,
        layers: [linear(2, 1), linear(3, 2)],
        plateThicknessMm: 1,
      }).peakMPa,
    ).toBeCloseTo(0.2, 12)
  })
  it('tighter never presses less (property)', () => {
    const layers: Layer[] = [
      { name: 'catcher', thicknessMm: 1.5, modulusMPa: 1.2, densificationStrain: 0.6 },
      { name: 'cushion', thicknessMm: 3, modulusMPa: 0.5, densificationStrain: 0.65 },
    ]
    fc.assert(
      fc.property(
        fc.double({ min: 3, max: 6, noNaN: true }),
        fc.double({ min: 0, max: 0.3, noNaN: true }),
        (gap, tighter) => {
          const at = (gapMm: number) => pressStack({ rollerRadiusMm: 60, gapMm, layers, plateThicknessMm: 1 })
          expect(at(gap - tighter).peakMPa).toBeGreaterThanOrEqual(at(gap).peakMPa)
          expect(at(gap - tighter).lineLoadNPerMm).toBeGreaterThanOrEqual(at(gap).lineLoadNPerMm - 1e-9)
        },
      ),
    )
  })
  it('presses nothing where nothing touches, and less off the plate than on it', () => {
    expect(pressStack({ rollerRadiusMm: 50, gapMm: 9, layers: [linear(3, 1)], plateThicknessMm: 1 })).toEqual(
      { peakMPa: 0, lineLoadNPerMm: 0, contactWidthMm: 0, peakOffPlateMPa: 0 },
    )
    const on = pressStack({ rollerRadiusMm: 50, gapMm: 2, layers: [linear(3, 1)], plateThicknessMm: 1 })
    expect(on.peakOffPlateMPa).toBeLessThan(on.peakMPa)
  })
  it('names the gap when the layers cannot give so far', () => {
    const layers = [{ name: 'felt', thicknessMm: 2, modulusMPa: 1, densificationStrain: 0.5 }]
    expect(
      pressStackInput.safeParse({ rollerRadiusMm: 50, gapMm: 0.5, layers, plateThicknessMm: 0 }).error!
        .issues[0].path,
    ).toEqual(['gapMm'])
  })
})

describe('press setting', () => {
  const press: PressSetting = {
    pressId: 'p',
    name: 'Small',
    rollerRadiusMm: 45,
    scale: turnsScale(2),
    laterPasses: [],
    plateAt: 0,
    isFaceDown: false,
    makeReadyOf: 'card',
    readingLeft: 2.5,
    readingRight: 2.75,
    packName: 'Two felts',
    pack: [{ name: 'felt', thicknessMm: 3, modulusMPa: 0.8, densificationStrain: 0.65 }],
    makeReadyMm: 0,
    passes: 1,
    direction: 'one-way',
    secondsOnPlate: null,
    frameNPerMm: null,
  }
  it('leans by the difference of the screws', () => expect(tiltMm(press)).toBeCloseTo(0.5, 12))
  it('says each pass by its own reading, and refuses more readings than passes', () => {
    const two = { ...press, readingRight: 2.5, passes: 2, laterPasses: [{ left: 2.25, right: 2.25 }] }
    expect(passesWords(two)).toBe('2 1/2 turns, then 2 1/4 turns')
    expect(passesWords({ ...two, laterPasses: [] })).toBe('2 1/2 turns')
    expect(pressSettingSchema.safeParse({ ...two, passes: 1 }).error?.issues[0]).toMatchObject({
      path: ['passes'],
      message: 'is fewer than the 2 that have a reading',
    })
  })
  it('gives every pass its reading: the last one said holds for those after it', () => {
    const four = { ...press, readingRight: 2.5, passes: 4, laterPasses: [{ left: 2, right: 2 }] }
    expect(passReadings(four).map(({ left }) => left)).toEqual([2.5, 2, 2, 2])
  })
  it('knows a hand from a roller', () => {
    expect(isPressedByHand(press)).toBe(false)
    expect(isPressedByHand({ scale: USUAL_SCALES.hand })).toBe(true)
    // What earlier releases read in turns is known by its card.
    expect(isPressedByHand(press, { kind: 'baren' })).toBe(true)
    expect(isPressedByHand(press, { kind: 'two-screw' })).toBe(false)
  })
  it('refuses a reading its press does not have, at its side', () => {
    const notched = { ...press, scale: USUAL_SCALES.notches, readingLeft: 7, readingRight: 2.5 }
    expect(
      pressSettingSchema.safeParse(notched).error?.issues.map(({ path, message }) => [path[0], message]),
    ).toEqual([
      ['readingLeft', 'this press reads from 1 to 6'],
      ['readingRight', 'there is no notch 2.5: count whole ones'],
    ])
  })
  it('says no contact, pressed, or too tight', () => {
    expect(squeezeAt(press, 8, 1, 0.5).contact).toBe('none')
    expect(squeezeAt(press, 4, 1, 0.5).contact).toBe('pressed')
    expect(squeezeAt(press, 0.5, 1, 0.5).contact).toBe('too-tight')
  })
  it.each([
    [0, '0 turns'],
    [0.25, '1/4 turn'],
    [1, '1 turn'],
    [2.75, '2 3/4 turns'],
    [10, '10 turns'],
    [2.6, '2.60 turns'],
  ])('writes %d as %s', (turns, text) => expect(formatTurns(turns)).toBe(text))
})

describe('a plate thicker than the opening', () => {
  const opens = { ...turnsScale(2), most: 4 }
  const on = (thicknessMm: number, makeReadyMm = 0, scale = opens) =>
    plateTooThick({
      press: { scale, makeReadyMm } as unknown as PressSetting,
      plate: { widthMm: 100, thicknessMm },
    })
  it('is said with both heights, make-ready and all', () => {
    // Four turns of 2 mm open to 8 mm.
    expect(on(7.9)).toBeNull()
    expect(on(7.9, 0.5)).toBe(
      'The plate stands 8.4 mm high, and this press opens to 8 mm: it does not go under the roller.',
    )
  })
  it('is not said of a press nobody measured', () =>
    expect(on(50, 0, { ...opens, mmPerUnit: null })).toBeNull())
})

describe('a bench that would not print', () => {
  const press = {
    ...({ scale: turnsScale(2), rollerRadiusMm: 60, makeReadyMm: 0, frameNPerMm: null } as object),
    pack: [linear(3, 1)].map((layer) => ({ ...layer, densificationStrain: 0.6 })),
  }
  const at = (readingLeft: number, readingRight = readingLeft, isByHand = false) =>
    pressDoubt(
      {
        press: { ...press, readingLeft, readingRight } as unknown as PressSetting,
        plate: { widthMm: 100, thicknessMm: 1 },
        paper: { sheetWidthMm: 200, caliperMm: 0.4 },
      },
      isByHand,
    )
  it('says nothing of what is pressed by hand: no screw stands for it', () => {
    expect(at(3, 3, true)).toBeNull()
  })
  it('says that nothing is pressed, on one side or both, and by how much the roller stays clear', () => {
    // 1 + 0.4 + 3 mm lie under the roller: at 3 turns of 2 mm it is 1.6 mm clear.
    expect(at(3)).toBe('Nothing is pressed: the roller stays 1.60 mm above the blankets.')
    expect(at(2, 3)).toContain('on one side')
  })
  it('says that the layers cannot give so much', () => expect(at(0.1)).toContain('lower than'))
  it('says nothing where it is pressed', () => expect(at(2)).toBeNull())
  it('knows when the blankets are pressed to nearly all they can give', () => {
    const on = (readingLeft: number) =>
      isExhausted({
        press: { ...press, readingLeft, readingRight: readingLeft } as unknown as PressSetting,
        plate: { widthMm: 100, thicknessMm: 1 },
        paper: { sheetWidthMm: 200, caliperMm: 0.4 },
      })
    expect([on(3), on(2), on(1.29), on(0.1)]).toEqual([false, false, true, true])
  })
})
