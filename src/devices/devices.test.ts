import { describe, expect, it } from 'vitest'
import { characteriseInk } from '@/core/ink/characteriseInk'
import { deltaE00 } from '@/core/colour/deltaE00'
import { describeSpectrum } from '@/core/colour/describeSpectrum'
import { CONDITIONS, BLUE, YELLOW } from '@/core/ink/shelf.test.fixture'
import { fitSoak } from '@/core/paper/soakFit'
import { predictInk } from '@/core/ink/predictInk'
import { drawDownBatch } from './mixingSlab'
import { noiseSequence, seedOf } from './noise'
import { SAMPLE_TRAY, TRAY_FILM } from './sampleTray'
import { simulateDensitometer } from './densitometer'
import { simulateScale } from './scale'
import { simulateSoakedSheet } from './soakedSheet'
import { simulateSpectrophotometer } from './spectrophotometer'

const grey = new Array<number>(36).fill(0.4)

describe('the simulated spectrophotometer', () => {
  it('reads nothing before its tile', () => {
    const device = simulateSpectrophotometer(3)
    expect(device.isSet).toBe(false)
    expect(() => device.read(grey)).toThrow('Read the tile first')
  })
  it('reads true after it, within its noise, and never twice the same', () => {
    const device = simulateSpectrophotometer(3)
    device.readTile()
    const [first, second] = [device.read(grey), device.read(grey)]
    for (const value of first) expect(Math.abs(value - 0.4)).toBeLessThan(0.004)
    expect(first).not.toEqual(second)
    expect(deltaE00(describeSpectrum(first).lab, describeSpectrum(second).lab)).toBeLessThan(0.2)
  })
  it('is the same device for the same seed', () => {
    const readings = [1, 2].map(() => {
      const device = simulateSpectrophotometer(9)
      device.readTile()
      return device.read(grey)
    })
    expect(readings[0]).toEqual(readings[1])
  })
  it('reads drawdowns well enough to know an ink by', () => {
    const device = simulateSpectrophotometer(5)
    device.readTile()
    const read = (key: string) => device.read(SAMPLE_TRAY.find((sample) => sample.key === key)!.reflectance)
    const drawdown = {
      overWhite: read('eelgrass-over-white'),
      overBlack: read('eelgrass-over-black'),
      white: read('white-card'),
      black: read('black-card'),
    }
    const found = characteriseInk({
      ...drawdown,
      filmMicrometres: TRAY_FILM,
      surface: { k1: 0.04, k2: 0.6 },
      geometry: '45:0',
    })
    const again = predictInk({
      inks: [{ name: 'found', ...found }],
      parts: [1],
      filmMicrometres: TRAY_FILM,
      paper: drawdown.white,
      surface: { k1: 0.04, k2: 0.6 },
      geometry: '45:0',
    })
    expect(deltaE00(again.lab, describeSpectrum(drawdown.overWhite).lab)).toBeLessThan(0.1)
  })
})

describe('the simulated sheet out of the water', () => {
  it('gets heavier with time, towards what it takes up, and hard sizing later than soft', () => {
    const after = (sizing: 'soft' | 'hard', seconds: number) =>
      simulateSoakedSheet(20, sizing, 3).gramsAfter(seconds)
    expect(after('soft', 0)).toBeCloseTo(20, 9)
    expect(after('soft', 600)).toBeGreaterThan(after('soft', 60))
    expect(after('hard', 60)).toBeLessThan(after('soft', 60))
    expect(Math.abs(after('soft', 36_000) - 32)).toBeLessThan(1)
  })
  it('gives its curve to the fit within two points', () => {
    const sheet = simulateSoakedSheet(20, 'soft', 8)
    const { saturationPercent, tauSeconds } = fitSoak({
      points: [30, 90, 180, 400, 900, 1800].map((seconds) => ({
        seconds,
        uptakePercent: 100 * (sheet.gramsAfter(seconds) / 20 - 1),
      })),
    })
    expect(Math.abs(saturationPercent - 60)).toBeLessThan(2)
    expect(Math.abs(tauSeconds - 160)).toBeLessThan(25)
  })
})

describe('the simulated scale', () => {
  it('shows whole steps near the load', () => {
    const scale = simulateScale(0.1, 4)
    for (const load of [0.3, 12.34, 250]) {
      const shown = scale.weigh(load)
      expect(Math.abs(shown * 10 - Math.round(shown * 10))).toBeLessThan(1e-6)
      expect(Math.abs(shown - load)).toBeLessThan(0.15)
    }
  })
})

describe('the simulated slab', () => {
  it('strays from the forecast as tubes do, the same way every time', () => {
    const contents = [
      { ink: BLUE, grams: 10 },
      { ink: YELLOW, grams: 10 },
    ]
    const batch = drawDownBatch(contents, CONDITIONS)
    expect(drawDownBatch(contents, CONDITIONS)).toEqual(batch)
    const forecast = predictInk({ inks: [BLUE, YELLOW], parts: [1, 1], ...CONDITIONS })
    const off = deltaE00(forecast.lab, describeSpectrum(batch).lab)
    expect(off).toBeGreaterThan(0.1)
    expect(off).toBeLessThan(8)
  })
})

describe('noise', () => {
  it('is about normal: mean 0, deviation 1', () => {
    const next = noiseSequence(seedOf('anything'))
    const values = Array.from({ length: 4000 }, next)
    const mean = values.reduce((sum, value) => sum + value, 0) / values.length
    const deviation = Math.sqrt(values.reduce((sum, value) => sum + (value - mean) ** 2, 0) / values.length)
    expect(Math.abs(mean)).toBeLessThan(0.06)
    expect(deviation).toBeCloseTo(1, 1)
  })
})

describe('densitometer', () => {
  it('zeroed on the paper, reads the paper as nothing', () =>
    expect(simulateDensitometer(3).read(0.06, 0.06)).toBeLessThanOrEqual(0.02))
  it('repeats within hundredths, and the same way for the same seed', () => {
    const one = simulateDensitometer(11)
    const readings = Array.from({ length: 200 }, () => one.read(1.4, 0.05))
    expect(readings.every((value) => Math.abs(value - 1.35) < 0.04)).toBe(true)
    expect(readings.reduce((sum, value) => sum + value, 0) / 200).toBeCloseTo(1.35, 2)
    const other = simulateDensitometer(11)
    expect(Array.from({ length: 200 }, () => other.read(1.4, 0.05))).toEqual(readings)
  })
})
