import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import {
  coolingInput,
  coolingMinutes,
  dripTimesInput,
  halvingStep,
  minutesUntil,
  viscosityFromDrip,
} from './calibrateStiffness'
import {
  estimateGramsPerPull,
  estimatePutOn,
  inkFromPlate,
  inkFromPlateInput,
  needFromWeighings,
  potWeighingSchema,
  PUT_ON_PER_DM2,
  puddleGrams,
  USUALLY_RETURNED,
} from './inkNeed'
import { inkSuits } from './inkSuits'
import { guessColumns, readCgats, readSpectralRows } from './spectralFile'
import { correctStiffness, mixStiffness, THIN_PLATE_OIL_PAS } from './stiffness'

describe('stiffness by drip and slump', () => {
  it('a drip that runs in half the time 8° warmer halves every 8°', () => {
    expect(
      halvingStep({ first: { temperatureC: 18, seconds: 40 }, second: { temperatureC: 26, seconds: 20 } }),
    ).toBeCloseTo(8, 9)
  })
  it('is the step the mixing rule then uses (property)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 3, max: 20, noNaN: true }),
        fc.double({ min: 3, max: 15, noNaN: true }),
        (halvingC, warmer) => {
          const at = (temperatureC: number) =>
            mixStiffness({
              components: [{ viscosityPas: 50, grams: 1 }],
              temperatureC,
              referenceC: 20,
              halvingC,
            }).viscosityPas
          const found = halvingStep({
            first: { temperatureC: 20, seconds: at(20) },
            second: { temperatureC: 20 + warmer, seconds: at(20 + warmer) },
          })
          expect(found).toBeCloseTo(halvingC, 6)
        },
      ),
    )
  })
  it('times that contradict themselves are refused', () => {
    const refusal = (second: object) =>
      dripTimesInput.safeParse({ first: { temperatureC: 20, seconds: 30 }, second }).error!.issues[0].message
    expect(refusal({ temperatureC: 28, seconds: 35 })).toContain('must run faster')
    expect(refusal({ temperatureC: 21, seconds: 28 })).toContain('2 °C apart')
  })
  it('compares an unknown oil with a known one', () =>
    expect(viscosityFromDrip(90, { seconds: 30, viscosityPas: 1.5 })).toBeCloseTo(4.5, 12))
})

describe('a plate off the heat', () => {
  it('loses what Newton says: half of its warmth in τ·ln 2', () => {
    const tau = coolingMinutes({ roomC: 20, startC: 40, later: { minutes: 10, plateC: 30 } })
    expect(tau).toBeCloseTo(10 / Math.LN2, 9)
    expect(minutesUntil({ roomC: 20, fromC: 40, toC: 30, coolingTauMinutes: tau })).toBeCloseTo(10, 9)
  })
  it('never gets colder than the room, and is there at once when it is cool', () => {
    expect(minutesUntil({ roomC: 20, fromC: 40, toC: 20, coolingTauMinutes: 9 })).toBeNull()
    expect(minutesUntil({ roomC: 20, fromC: 25, toC: 30, coolingTauMinutes: 9 })).toBe(0)
  })
  it('readings that warm up are refused', () => {
    expect(coolingInput.safeParse({ roomC: 20, startC: 30, later: { minutes: 5, plateC: 35 } }).success).toBe(
      false,
    )
    expect(coolingInput.safeParse({ roomC: 20, startC: 30, later: { minutes: 5, plateC: 19 } }).success).toBe(
      false,
    )
  })
})

describe('how much ink', () => {
  const plate = {
    areaCm2: 100,
    coverage: 0.2,
    depthMicrometres: 60,
    toneMicrometres: 1,
    wipedOff: 0.9,
    returned: 0.55,
  }
  it('put on, carded back, used up and held agree with a case worked by hand', () => {
    // 100 cm², a fifth of it lines 60 µm deep, 1 µm of film beside them: 1.1·100·(12 + 0.8)·1e-4 = 0.1408 g stays; wiping takes nine tenths
    const path = inkFromPlate(plate)
    expect(path.onPlate).toBeCloseTo(0.1408, 9)
    expect(path.putOn).toBeCloseTo(1.408, 9)
    expect(path.returned).toBeCloseTo(0.7744, 9)
    expect(path.usedUp).toBeCloseTo(0.6336, 9)
  })
  it('of a square decimetre is 1 to 1.5 g put on, of which about half is used up', () => {
    expect(estimatePutOn(100, 100)).toBeCloseTo(PUT_ON_PER_DM2, 9)
    expect(estimateGramsPerPull(100, 100) / estimatePutOn(100, 100)).toBeCloseTo(1 - USUALLY_RETURNED, 9)
    // 9 × 12 inches and 3 × 4 inches are used up alike for their area.
    expect(estimateGramsPerPull(228.6, 304.8) / estimateGramsPerPull(76.2, 101.6)).toBeCloseTo(9, 9)
  })
  it('of a puddle 40 mm across and 3 mm high is about 4 g (handed down in the trade)', () =>
    expect(puddleGrams({ diameterMm: 40, heightMm: 3 })).toBeCloseTo(4.15, 2))
  it('refuses a wiping that leaves nothing, more carded back than wiped off, and coverage in percent', () => {
    expect(inkFromPlateInput.safeParse({ ...plate, wipedOff: 1 }).success).toBe(false)
    expect(inkFromPlateInput.safeParse({ ...plate, returned: 0.95 }).error!.issues[0].path).toEqual([
      'returned',
    ])
    expect(inkFromPlateInput.safeParse({ ...plate, coverage: 20 }).success).toBe(false)
    expect(
      potWeighingSchema.safeParse({ grams: 5, pulls: 2, returnedGrams: 5 }).error!.issues[0].path,
    ).toEqual(['returnedGrams'])
  })
  it('is learned from weighed pots, by pull, what was scraped back not counted as used', () => {
    expect(needFromWeighings([])).toBeNull()
    expect(needFromWeighings([{ grams: 26, pulls: 10 }])).toEqual({
      mean: 2.6,
      sd: null,
      n: 1,
      pulls: 10,
      returned: null,
    })
    const need = needFromWeighings([
      { grams: 24, pulls: 10 },
      { grams: 56, pulls: 10, returnedGrams: 28 },
    ])!
    expect(need.mean).toBeCloseTo(2.6, 12)
    expect(need.sd).toBeCloseTo(Math.sqrt(10 * 0.04 * 2), 9)
    expect(need).toMatchObject({ n: 2, pulls: 20, returned: 0.5 })
  })
})

describe('what an ink suits', () => {
  it('names stiff work for stiff ink', () => {
    expect(inkSuits(90)).toEqual(['mezzotint', 'deep line'])
    expect(inkSuits(30)).toEqual(['card and plastic drypoint', 'surface roll'])
  })
})

describe('spectral files', () => {
  const nms = Array.from({ length: 36 }, (_, i) => 380 + 10 * i)
  const cgats = (rows: string[], sets = rows.length) =>
    [
      'CGATS.17',
      'ORIGINATOR "made up"',
      'MEASUREMENT_GEOMETRY "45/0"',
      'NUMBER_OF_FIELDS 38',
      'BEGIN_DATA_FORMAT',
      `SAMPLE_ID SAMPLE_NAME ${nms.map((nm) => `SPECTRAL_NM${nm}`).join(' ')}`,
      'END_DATA_FORMAT',
      `NUMBER_OF_SETS ${sets}`,
      'BEGIN_DATA',
      ...rows,
      'END_DATA',
    ].join('\n')
  const row = (name: string, value: number | string) => `1 "${name}" ${nms.map(() => value).join(' ')}`
  it('reads names in quotes, geometry and values', () => {
    const file = readCgats(cgats([row('Quay black', 0.05), row('Salt white', 0.8)]))
    expect(file).toMatchObject({ geometry: '45:0', percent: false, problems: [] })
    expect(
      file.samples.map(({ name, line, reflectance }) => [name, line, reflectance.length, reflectance[7]]),
    ).toEqual([
      ['Quay black', 10, 36, 0.05],
      ['Salt white', 11, 36, 0.8],
    ])
  })
  it('notices percent and divides', () =>
    expect(readCgats(cgats([row('Grey', 45)]))).toMatchObject({
      percent: true,
      samples: [expect.objectContaining({ reflectance: new Array(36).fill(0.45) })],
    }))
  it('says line and field of what is wrong, and reads the rest', () => {
    const { samples, problems } = readCgats(cgats([row('Good', 0.4), row('Bad', 'n/a')]))
    expect(samples).toHaveLength(1)
    expect(problems).toEqual([{ line: 11, field: 'SPECTRAL_NM380', message: '“n/a” is not a number' }])
  })
  it.each([
    ['a row too short', cgats(['1 "Short" 0.4 0.4']), 10, 'the row has 4 values'],
    [
      'no end of data',
      cgats([]).replace('END_DATA', '').replace('\nEND_DATA', ''),
      9,
      'no complete CGATS.17 file',
    ],
    ['a wrong count', cgats([row('One', 0.4)], 7), 11, 'says 7'],
    ['too many rows', cgats(Array.from({ length: 10_000 }, () => row('x', 0.4))), 510, 'at most 500'],
  ])('%s', (_, text, line, words) => {
    const { problems } = readCgats(text)
    expect(problems[0].message).toContain(words)
    if (line !== 9) expect(problems[0].line).toBe(line)
  })
  it('guesses the columns of a table by their headings, and holds ends of a shorter range', () => {
    const headings = ['Ink', ...Array.from({ length: 16 }, (_, i) => `${400 + 20 * i}`), 'remark']
    const mapping = guessColumns(headings)
    expect(mapping).toMatchObject({ name: 0, wavelengths: expect.arrayContaining([{ column: 1, nm: 400 }]) })
    const { samples } = readSpectralRows(
      headings,
      [{ line: 2, cells: ['Dusk', ...Array.from({ length: 16 }, (_, i) => String(0.1 + 0.01 * i)), ''] }],
      mapping,
    )
    expect(samples[0].reflectance[0]).toBeCloseTo(0.1, 9)
    expect(samples[0].reflectance[3]).toBeCloseTo(0.105, 9)
  })
  it.each([
    [['Ink', '400', '500'], 'at least 8'],
    [['Ink', '400', '410', '420', '440', '450', '460', '470', '480', '490'], 'steps unevenly at 440 nm'],
  ])('refuses headings %j', (headings, words) => {
    expect(readSpectralRows(headings, [], guessColumns(headings)).problems[0].message).toContain(words)
  })
})

describe('as stiff as another mix', () => {
  const before = { roomC: 20, plateC: 36 }
  it('a mix that is stiffer by itself wants oil at the same temperature', () => {
    const correction = correctStiffness({ mixGrams: 5, mixPas: 60, wantedPas: 40, before, todayRoomC: 20 })
    expect(correction.ratio).toBeCloseTo(1.5, 12)
    expect(correction.dropsToAdd).toBeGreaterThan(5)
    expect(correction.plateC).toBeGreaterThan(36)
  })
  it('the drops it names bring it there by the mixing rule', () => {
    const { dropsToAdd } = correctStiffness({
      mixGrams: 5,
      mixPas: 60,
      wantedPas: 40,
      before,
      todayRoomC: 20,
    })
    const components = [
      { viscosityPas: 60, grams: 5 },
      { viscosityPas: THIN_PLATE_OIL_PAS, grams: dropsToAdd * 0.04 },
    ]
    expect(
      mixStiffness({ components, temperatureC: 20, referenceC: 20, halvingC: 8 }).viscosityPas,
    ).toBeCloseTo(40, 6)
  })
  it('a mix that is too soft wants none', () => {
    const { ratio, dropsToAdd, plateC } = correctStiffness({
      mixGrams: 5,
      mixPas: 30,
      wantedPas: 40,
      before,
      todayRoomC: 20,
    })
    expect(ratio).toBeLessThan(1)
    expect(dropsToAdd).toBe(0)
    expect(plateC).toBeLessThan(36)
  })
})
