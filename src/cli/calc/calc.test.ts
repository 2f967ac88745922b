import { describe, expect, it } from 'vitest'
import { ENTRIES } from './entries'
import { runCalc } from './runCalc'

const calc = async (name: string, input: unknown) =>
  runCalc([name], async () => (typeof input === 'string' ? input : JSON.stringify(input)))
const answer = async (name: string, input: unknown) =>
  JSON.parse((await calc(name, input)).stdout) as Record<string, unknown>
const flat = (value: number, length = 36) => new Array<number>(length).fill(value)

describe('calc answers', () => {
  it.each([
    [
      'colour-difference',
      { reference: { L: 50, a: 2.6772, b: -79.7751 }, sample: { L: 50, a: 0, b: -82.7485 } },
      'deltaE00',
      2.0425,
    ],
    ['sheet-gauge', { gauge: 18, system: 'awg' }, 'mm', 1.0237],
    ['screw-lead', { thread: '1/2-13' }, 'mmPerTurn', 1.9538],
    ['paper-weight', { pounds: 80, basis: 'cover' }, 'gsm', 216.3],
    [
      'damp-pack',
      { sheets: 10, widthMm: 1000, heightMm: 1000, gsm: 250, targetUptakePercent: 60 },
      'waterMl',
      1500,
    ],
    [
      'margins',
      {
        paper: { widthMm: 279.4, heightMm: 300 },
        plate: { widthMm: 190.5, heightMm: 200 },
        scheme: 'centred',
      },
      'leftMm',
      44.45,
    ],
    [
      'ink-stiffness',
      {
        components: [
          { viscosityPas: 100, grams: 5 },
          { viscosityPas: 1, grams: 5 },
        ],
        temperatureC: 20,
        referenceC: 20,
        halvingC: 8,
      },
      'viscosityPas',
      10,
    ],
    ['spectrum-to-lab', { startNm: 400, stepNm: 20, reflectance: [1, 1] }, 'density', 0],
  ])('%s', async (name, input, field, expected) => {
    const value = Number((await answer(name, input))[field])
    expect(Math.abs(value - expected)).toBeLessThan(0.06)
  })

  it('ink-predict returns the paper under a film of no thickness, and reads geometry when it is given', async () => {
    const input = {
      inks: [{ name: 'x', k: flat(0.1), s: flat(0.1) }],
      parts: [1],
      filmMicrometres: 0,
      paper: flat(0.8),
      surface: { k1: 0.04, k2: 0.6 },
    }
    expect((await answer('ink-predict', input)).reflectance).toEqual(
      flat(0.8).map((value) => expect.closeTo(value, 9)),
    )
    const thick = { ...input, filmMicrometres: 200, inks: [{ name: 'x', k: flat(3), s: flat(0.01) }] }
    const density = async (geometry: string) =>
      Number((await answer('ink-predict', { ...thick, geometry })).density)
    expect(await density('45:0')).toBeGreaterThan(await density('di:8'))
  })

  it('writes edition marks in order', async () =>
    expect(
      (await answer('edition-numbers', { editionSize: 2, ap: 1, pp: 0, hc: 1, style: 'roman' })).marks,
    ).toEqual(['1/2', '2/2', 'AP I/I', 'HC 1/1']))
})

describe('calc refuses on one line that names the field', () => {
  const spectral = { parts: [1], filmMicrometres: 3, paper: flat(0.8), surface: null }
  it.each([
    [
      'ink-predict',
      { ...spectral, inks: [{ name: 'x', k: flat(0.1, 12), s: flat(0.1) }] },
      'inks[0].k: expected 36 numbers, got 12',
    ],
    [
      'ink-predict',
      { ...spectral, paper: flat(80), inks: [{ name: 'x', k: flat(0.1), s: flat(0.1) }] },
      'paper[0]: reflectance must be within 0 and 1.2; is this percent? divide by 100',
    ],
    [
      'sheet-gauge',
      { gauge: 18, system: 'awg', colour: 'red' },
      'colour: is not a field of this computation',
    ],
    [
      'press-stack',
      {
        rollerRadiusMm: 50,
        gapMm: 0.1,
        layers: [{ name: 'f', thicknessMm: 2, modulusMPa: 1, densificationStrain: 0.5 }],
        plateThicknessMm: 1,
      },
      'gapMm: too tight: the layers can give at most 1.000 mm',
    ],
    ['control-chart', { values: [1] }, 'values: needs at least two values'],
    [
      'screw-lead',
      { thread: 'M17' },
      'thread: M17 is not a usual metric thread; write its pitch too, as M17x1.5',
    ],
    [
      'starts-needed',
      { accepted: 3, earlierAccepted: 0, earlierRejected: 0, confidence: 1 },
      'confidence: must be within 0 and 1',
    ],
    ['margins', 'not json', 'input: expected one JSON object'],
    ['margins', '[]', 'input: expected object, received array'],
    ['weather', {}, 'weather: is not a computation; --list shows them'],
  ])('%s', async (name, input, line) =>
    expect(await calc(name, input)).toEqual({ exitCode: 2, stdout: '', stderr: `${line}\n` }),
  )
})

describe('calc describes itself', () => {
  it('lists every name with a line', async () => {
    const { stdout } = await runCalc(['--list'], async () => '')
    expect(stdout.trim().split('\n')).toHaveLength(ENTRIES.length)
  })
  it.each(ENTRIES.map(({ name }) => name))('%s prints the schema of both ends', async (name) => {
    const { stdout } = await runCalc([name, '--schema'], async () => '')
    expect(JSON.parse(stdout)).toMatchObject({ input: { type: 'object' }, output: { type: 'object' } })
  })
})
