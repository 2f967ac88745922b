import { sampleDay } from '@/core/day/sampleDay.test.fixture'
import { describe, expect, it } from 'vitest'
import { ENTRIES } from './entries'
import { runCalc } from './runCalc'

/** One computation as the contract names it: an input with the fields it promises, and the fields that must come out. */
interface Promised {
  input: Record<string, unknown>
  output: string[]
  /** what a value of the output must be, where it is known from outside */
  known?: (output: Record<string, never>) => void
}

const flat = (value: number) => new Array<number>(36).fill(value)
const surface = { k1: 0.04, k2: 0.6 }
const felt = { name: 'felt', thicknessMm: 3, modulusMPa: 0.8, densificationStrain: 0.6 }
const stack = { rollerRadiusMm: 50, gapMm: 3, layers: [felt], plateThicknessMm: 1 }
const inks = [
  { name: 'dark', k: flat(0.2), s: flat(0.01) },
  { name: 'light', k: flat(0.001), s: flat(0.2) },
]
const film = { filmMicrometres: 7, paper: flat(0.85), surface }

const CONTRACT: Record<string, Promised> = {
  'colour-difference': {
    input: { reference: { L: 50, a: 2.6772, b: -79.7751 }, sample: { L: 50, a: 0, b: -82.7485 } },
    output: ['deltaE00'],
    known: ({ deltaE00 }) => expect(deltaE00).toBeCloseTo(2.0425, 4),
  },
  'spectrum-to-lab': {
    input: { startNm: 380, stepNm: 10, reflectance: flat(1) },
    output: ['lab', 'srgb', 'density'],
    known: ({ lab, srgb }) => {
      expect((lab as { L: number }).L).toBeCloseTo(100, 9)
      expect(srgb).toBe('#ffffff')
    },
  },
  'ink-characterise': {
    input: {
      overWhite: flat(0.4),
      overBlack: flat(0.2),
      white: flat(0.85),
      black: flat(0.04),
      filmMicrometres: 10,
      surface,
    },
    output: ['k', 's'],
    known: ({ k, s }) => {
      expect(k).toHaveLength(36)
      expect(s).toHaveLength(36)
    },
  },
  'ink-predict': {
    input: { inks, parts: [1, 1], ...film },
    output: ['reflectance', 'lab', 'srgb', 'contrastRatio'],
    known: ({ reflectance }) => expect(reflectance).toHaveLength(36),
  },
  'ink-match': {
    input: { target: { L: 50, a: 0, b: 0 }, inks, maxInks: 2, ...film },
    output: ['recipes'],
    known: ({ recipes }) => {
      const [best] = recipes as { parts: { name: string; fraction: number }[]; deltaE00: number }[]
      expect(best.parts.reduce((sum, { fraction }) => sum + fraction, 0)).toBeCloseTo(1, 9)
      expect(best.deltaE00).toBeLessThan(1)
    },
  },
  'ink-correct': {
    input: {
      target: { L: 50, a: 0, b: 0 },
      inks,
      maxInks: 1,
      ...film,
      batch: [{ name: 'dark', grams: 10 }],
      maxAddGrams: 200,
    },
    output: ['add', 'deltaE00Before', 'deltaE00After'],
    known: ({ deltaE00Before, deltaE00After }) => expect(deltaE00After).toBeLessThan(deltaE00Before),
  },
  'ink-stiffness': {
    input: { components: [{ viscosityPas: 80, grams: 5 }], temperatureC: 28, referenceC: 20, halvingC: 8 },
    output: ['viscosityPas'],
    known: ({ viscosityPas }) => expect(viscosityPas).toBeCloseTo(40, 9),
  },
  'inking-order': {
    input: {
      inks: [
        { name: 'Black', lightness: 20, cover: 0.95, strength: 1, filler: false },
        { name: 'Yellow', lightness: 85, cover: 0.2, strength: 0.3, filler: false },
      ],
      borders: [
        { a: 'Yellow', b: 'Black', lengthMm: 40, feathered: 0 },
        { a: 'Black', b: 'white', lengthMm: 40, feathered: 0 },
      ],
    },
    output: ['order', 'riskMm', 'reasons'],
    known: ({ order, reasons }) => {
      expect(order).toEqual(['Black', 'Yellow'])
      expect(JSON.stringify(reasons)).toContain('white')
    },
  },
  'sheet-gauge': {
    input: { gauge: 16, system: 'awg' },
    output: ['mm'],
    known: ({ mm }) => expect(mm).toBeCloseTo(1.2908, 4),
  },
  'screw-lead': {
    input: { thread: 'M16x2' },
    output: ['mmPerTurn'],
    known: ({ mmPerTurn }) => expect(mmPerTurn).toBe(2),
  },
  'press-stack': {
    input: stack,
    output: ['peakMPa', 'lineLoadNPerMm', 'contactWidthMm', 'peakOffPlateMPa'],
    known: ({ contactWidthMm }) => expect(contactWidthMm).toBeCloseTo(2 * Math.sqrt(2 * 50 * 1), 9),
  },
  'press-transfer': {
    input: {
      standard: stack,
      next: { rollerRadiusMm: 50, layers: [felt], plateThicknessMm: 0.8 },
      mmPerTurn: 2,
      match: 'peak',
    },
    output: ['gapMm', 'turns', 'peakMPa'],
    known: ({ gapMm, turns }) => {
      expect(gapMm).toBeCloseTo(2.8, 9)
      expect(turns).toBeCloseTo(-0.1, 9)
    },
  },
  bath: {
    input: { volumeMl: 500, recipe: 'saline-sulphate-aluminium' },
    output: ['copperSulphateGrams', 'saltGrams', 'bisulphateGrams', 'metalCapacityGrams'],
    known: ({ metalCapacityGrams }) => expect(metalCapacityGrams).toBeCloseTo(3.6, 1),
  },
  baume: {
    input: { degrees: 42 },
    output: ['degrees', 'specificGravity'],
    known: ({ specificGravity }) => expect(specificGravity).toBeCloseTo(1.408, 3),
  },
  'paper-weight': {
    input: { gsm: 300, basis: 'imperial' },
    output: ['gsm', 'pounds'],
    known: ({ pounds }) => expect(pounds).toBeCloseTo(140.8, 1),
  },
  'tear-plan': {
    input: {
      sheet: { widthMm: 420, heightMm: 297 },
      piece: { widthMm: 148, heightMm: 210 },
      allowRotate: true,
      gapMm: 0,
    },
    output: ['count', 'placements'],
    known: ({ count, placements }) => {
      expect(count).toBe(4)
      expect(Object.keys((placements as object[])[0]).sort()).toEqual([
        'heightMm',
        'rotated',
        'widthMm',
        'xMm',
        'yMm',
      ])
    },
  },
  'damp-pack': {
    input: { sheets: 4, widthMm: 500, heightMm: 400, gsm: 250, targetUptakePercent: 50 },
    output: ['waterMl', 'interleaves'],
    known: ({ waterMl, interleaves }) => expect([waterMl, interleaves]).toEqual([100, 5]),
  },
  'soak-fit': {
    input: {
      points: [30, 60, 120, 400].map((seconds) => ({
        seconds,
        uptakePercent: 70 * (1 - Math.exp(-seconds / 80)),
      })),
    },
    output: ['saturationPercent', 'tauSeconds', 'rmsePercent'],
    known: ({ saturationPercent, tauSeconds }) => {
      expect(saturationPercent).toBeCloseTo(70, 3)
      expect(tauSeconds).toBeCloseTo(80, 2)
    },
  },
  margins: {
    input: {
      paper: { widthMm: 279.4, heightMm: 300 },
      plate: { widthMm: 190.5, heightMm: 200 },
      scheme: 'weighted',
      bottomToTop: 1.5,
    },
    output: ['leftMm', 'rightMm', 'topMm', 'bottomMm'],
    known: ({ topMm, bottomMm }) => expect([topMm, bottomMm]).toEqual([40, 60]),
  },
  misregister: {
    input: {
      marks: [
        [0, 0],
        [100, 0],
        [0, 80],
      ].map(([xMm, yMm]) => ({ expected: { xMm, yMm }, measured: { xMm: xMm + 0.5, yMm: yMm - 0.25 } })),
    },
    output: ['shiftMm', 'rotationDeg', 'stretchXPercent', 'stretchYPercent', 'residualMm'],
    known: ({ shiftMm, rotationDeg }) => {
      expect(shiftMm).toEqual({ x: expect.closeTo(0.5, 9), y: expect.closeTo(-0.25, 9) })
      expect(rotationDeg).toBeCloseTo(0, 9)
    },
  },
  'control-chart': {
    input: { values: [49.6, 47.6, 49.9, 51.3, 47.8, 51.2, 52.6, 52.4, 53.6, 52.1] },
    output: ['centre', 'upper', 'lower', 'rangeCentre', 'rangeUpper', 'signals'],
    known: ({ centre }) => expect(centre).toBeCloseTo(50.81, 2),
  },
  'wear-forecast': {
    input: { observations: [1, 2, 3, 4, 5].map((pull) => ({ pull, value: 1.5 - 0.01 * pull })), floor: 1.4 },
    output: ['pullAtFloor', 'low', 'high'],
    known: ({ pullAtFloor }) => expect(pullAtFloor).toBeCloseTo(10, 6),
  },
  'edition-need': {
    input: {
      left: 13,
      accepted: 11,
      rejected: 1,
      confidence: 0.9,
      gramsPerPull: { mean: 1.2, sd: 0.2, n: 5 },
      minutesPerPull: 20,
    },
    output: ['sheets', 'grams', 'hours'],
    // Beta-binomial by the gamma function; t(0.9, 4) = 1.533 (printed tables).
    known: ({ sheets, grams, hours }) => {
      expect(sheets).toBe(17)
      expect(grams).toBeCloseTo(23.052, 2)
      expect(hours).toBeCloseTo(17 / 3, 9)
    },
  },
  'plate-life': {
    input: { usualLow: 150, usualHigh: 400, pulls: 14 },
    output: ['low', 'high', 'words'],
    known: ({ low, high }) => expect([low, high]).toEqual([136, 386]),
  },
  'hand-effects': {
    input: {
      prints: [1, 2, 3, 4, 6, 8].map((value, i) => ({ hand: i < 3 ? 'Ida' : 'Tam', value })),
    },
    output: ['hands'],
    // Two samples of a textbook's t: half the difference of the means is 2.
    known: ({ hands }) => expect(hands[1]).toMatchObject({ hand: 'Tam', difference: 2 }),
  },
  'stiffness-correct': {
    input: { mixGrams: 5, mixPas: 60, before: { roomC: 20, plateC: 20 }, todayRoomC: 12 },
    output: ['ratio', 'dropsToAdd', 'isOilCapped', 'plateC', 'noPlate', 'plateTodayC'],
    // Eight degrees colder: one halving step.
    known: ({ ratio }) => expect(ratio).toBeCloseTo(2, 9),
  },
  'bite-plan': {
    input: {
      strip: {
        points: [1, 2, 4, 8, 16].map((minutes) => ({ minutes, tone: 1.2 * (1 - Math.exp(-minutes / 5)) })),
        temperatureC: 20,
      },
      areas: [
        { name: 'sky', tone: 1.2 * (1 - Math.exp(-3 / 5)) },
        { name: 'sea', tone: 1.2 * (1 - Math.exp(-9 / 5)) },
      ],
      bathC: 20,
    },
    output: ['before', 'immersions', 'outOfReach', 'peakTone'],
    known: ({ immersions }) =>
      expect(
        (immersions as { cumulativeMinutes: number }[]).map((one) => Math.round(one.cumulativeMinutes)),
      ).toEqual([3, 9]),
  },
  exposure: {
    input: { seconds: 60, held: 5, wanted: 7, stepDensity: 0.15 },
    output: ['seconds'],
    // Two steps of 0.15 are half the light.
    known: ({ seconds }) => expect(seconds).toBeCloseTo(60 * 10 ** 0.3, 6),
  },
  growth: {
    input: {
      marks: [{ paperId: 'a', direction: 'across', dryMm: 200, dampMm: 203 }],
      sheet: { widthMm: 300, heightMm: 400 },
      grain: 'long',
      plate: { widthMm: 100, heightMm: 150 },
    },
    output: ['acrossPercent', 'alongPercent', 'sides', 'dampSheet', 'dryPlateMark'],
    known: ({ dampSheet }) => expect((dampSheet as { widthMm: number }).widthMm).toBeCloseTo(304.5, 6),
  },
  'day-plan': {
    input: {
      setting: sampleDay,
      breaks: [],
    },
    output: ['sheets', 'endAt', 'printedAt', 'cycleMinutes', 'bottleneck'],
    known: ({ endAt }) => expect(endAt).toBe(295),
  },
  'press-queue': {
    input: {
      people: [
        { name: 'a', prepMinutes: 30, pressMinutes: 10, thicknessMm: 1 },
        { name: 'b', prepMinutes: 4, pressMinutes: 8, thicknessMm: 1 },
      ],
      places: 2,
      presses: 1,
      order: 'as-they-came',
    },
    output: ['turns', 'endMinutes', 'boundMinutes', 'isExact'],
    known: ({ endMinutes }) => expect(endMinutes).toBe(40),
  },
  quote: {
    input: {
      wish: {
        signed: 10,
        ap: 0,
        pp: 0,
        hc: 0,
        proofs: 2,
        gramsPerPull: 1,
        minutesPerPull: 20,
        minutesToSetUp: 0,
        pricePerSheet: 1,
        pricePerKg: 0,
        hourly: 0,
        otherCosts: 0,
        confidence: 0.9,
      },
      earlierAccepted: 22,
      earlierRejected: 3,
      plate: { kind: 'zinc-etched', pullsMade: 0 },
    },
    output: ['starts', 'sheets', 'inkGrams', 'hours', 'total', 'perAccepted', 'life'],
    known: ({ total, sheets }) => expect(total).toBe(sheets),
  },
  'starts-needed': {
    input: { accepted: 30, earlierAccepted: 22, earlierRejected: 3, confidence: 0.9 },
    output: ['starts', 'expectedRejects'],
    known: ({ starts }) => expect(starts).toBeGreaterThan(30),
  },
  'flow-order': {
    input: {
      tasks: [
        { name: 'a', prepMinutes: 4, pressMinutes: 5 },
        { name: 'b', prepMinutes: 4, pressMinutes: 1 },
        { name: 'c', prepMinutes: 30, pressMinutes: 4 },
      ],
    },
    output: ['order', 'makespanMinutes'],
    known: ({ order }) => expect(order).toEqual(['a', 'c', 'b']),
  },
  'edition-numbers': {
    input: { editionSize: 1, ap: 2, pp: 1, hc: 1, style: 'arabic' },
    output: ['marks'],
    known: ({ marks }) => expect(marks).toEqual(['1/1', 'AP 1/2', 'AP 2/2', 'PP 1/1', 'HC 1/1']),
  },
}

const calc = (name: string, input: unknown) => runCalc([name], async () => JSON.stringify(input))

/** They read pictures; their fields are tried in tests of their own. */
const FROM_FILES = ['match', 'match-check']

describe('every computation as the contract promises it', () => {
  it('is offered, and none besides', () =>
    expect(ENTRIES.map(({ name }) => name).sort()).toEqual([...Object.keys(CONTRACT), ...FROM_FILES].sort()))

  it.each(Object.entries(CONTRACT))(
    '%s gives its fields, and the value known from outside',
    async (name, { input, output, known }) => {
      const result = await calc(name, input)
      expect(result).toMatchObject({ exitCode: 0, stderr: '' })
      const answer = JSON.parse(result.stdout) as Record<string, never>
      for (const field of output) expect(answer).toHaveProperty(field)
      known?.(answer)
    },
  )

  it.each(Object.entries(CONTRACT))(
    '%s refuses a field it does not know, by its name',
    async (name, { input }) => {
      expect(await calc(name, { ...input, colourOfTheRoom: 'grey' })).toEqual({
        exitCode: 2,
        stdout: '',
        stderr: 'colourOfTheRoom: is not a field of this computation\n',
      })
    },
  )

  it.each(Object.entries(CONTRACT))(
    '%s refuses when a field is missing, on one line that names it',
    async (name, { input }) => {
      const optional = name === 'baume' || name === 'paper-weight'
      for (const field of Object.keys(input)) {
        const { [field]: _, ...rest } = input
        const { exitCode, stdout, stderr } = await calc(name, rest)
        if (name === 'margins' && field === 'bottomToTop') expect(stderr).toContain('bottomToTop')
        expect([exitCode, stdout, stderr.trim().split('\n')]).toEqual([2, '', [expect.any(String)]])
        if (!optional) expect(stderr).toMatch(new RegExp(`^${field}`))
      }
    },
  )

  it.each(Object.entries(CONTRACT))('%s refuses words where numbers are wanted', async (name, { input }) => {
    const spoil = (value: unknown): unknown => {
      if (typeof value === 'number') return 'many'
      if (Array.isArray(value)) return value.map(spoil)
      return value && typeof value === 'object'
        ? Object.fromEntries(Object.entries(value).map(([key, inner]) => [key, spoil(inner)]))
        : value
    }
    if (JSON.stringify(spoil(input)) === JSON.stringify(input)) return
    const { exitCode, stderr } = await calc(name, spoil(input))
    expect(exitCode).toBe(2)
    expect(stderr.trim().split('\n')).toHaveLength(1)
  })
})
