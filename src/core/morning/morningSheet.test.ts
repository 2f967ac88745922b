import { describe, expect, it } from 'vitest'
import { firstMix } from '../ink/mix'
import { changeFirstMix } from '../ink/severalMixes'
import { plateLife } from '../plate/plateLife'
import { USUAL_CALIBRATION } from '../ink/stiffness'
import { sampleSettings } from '../prove/sampleSettings.test.fixture'
import { warmthAtRoller } from '../prove/warmthAtRoller'
import { minutesOffTheHeat } from '../wipe/offTheHeat'
import {
  morningReadingsSchema,
  writeMorningSheet,
  type MorningJob,
  type MorningReadings,
} from './morningSheet'

const readings: MorningReadings = { roomC: 16, humidityPercent: 60, sheetGrams: null, sheetJobId: null }
const job: MorningJob = {
  id: 'j',
  title: 'Mooring posts',
  bench: sampleSettings,
  bat: sampleSettings,
  mixesPas: { 'mix-1': 60 },
  calibration: USUAL_CALIBRATION,
  need: {
    left: 13,
    proofs: 0,
    starts: 16,
    sheets: 16,
    pulls: 16,
    gramsPerPull: 2.6,
    inkBy: 'mix',
    grams: 41.6,
    isGramsSure: false,
    mixCovers: 9,
    inks: [],
    minutesPerPull: 20,
    hours: 16 / 3,
    life: plateLife(sampleSettings.plate, 14),
    canBeFaced: false,
    inStock: null,
  },
  purpose: 'edition',
  editionSize: 24,
  accepted: 11,
  rejected: 1,
  pulledToday: false,
  drying: null,
}
const text = (station: string, from = readings, of = job) =>
  writeMorningSheet(from, [of])
    .filter((line) => line.station === station)
    .map((line) => line.text)
    .join(' ')

describe('writeMorningSheet', () => {
  it('says what four degrees less mean: the less, the sooner a warm plate comes under the roller', () => {
    const stiffer = (of: MorningJob) => Number(/([\d.]+) × as stiff/.exec(text('ink', readings, of))![1])
    // 6 min off the heat, timed to lose 63 % in 10: of 4° the ink feels 1 − 0.9·e^(−0.6), and halves every 8°.
    const timed = { ...job, calibration: { ...USUAL_CALIBRATION, coolingTauMinutes: 10 } }
    const off = minutesOffTheHeat(sampleSettings.wipe)
    expect(stiffer(timed)).toBeCloseTo(2 ** ((4 * (1 - 0.9 * Math.exp(-off / 10))) / 8), 2)
    const { steps } = sampleSettings.wipe
    const wipe = { ...sampleSettings.wipe, steps: [...steps, { ...steps[0], material: 'warm' as const }] }
    const again = { ...timed, bench: { ...sampleSettings, wipe }, bat: { ...sampleSettings, wipe } }
    expect(stiffer(again)).toBeLessThan(stiffer(timed))
    expect(text('ink', readings, again)).toMatch(/^4° colder, the plate kept warm: /)
  })
  it('says that a plate is longer off the heat than at the BAT, though the room is as it was', () => {
    const { steps } = sampleSettings.wipe
    const longer = steps.map((one) => ({ ...one, seconds: 2 * one.seconds }))
    const bench = { ...sampleSettings, wipe: { ...sampleSettings.wipe, steps: longer } }
    const { roomC } = firstMix(sampleSettings.ink)
    expect(text('ink', { ...readings, roomC }, { ...job, bench })).toMatch(
      /^The plate is longer off the heat than at the BAT: [\d.]+ × as stiff: \d+ drops/,
    )
    expect(text('ink', { ...readings, roomC })).toMatch(/^Room as at the BAT: ink as it is\./)
  })
  it('says what four degrees less mean to a plate that is not warmed: drops, or warmth', () => {
    const ink = changeFirstMix(sampleSettings.ink, { plateC: 20, roomC: 20 })
    const cold = { ...job, bench: { ...sampleSettings, ink }, bat: { ...sampleSettings, ink } }
    expect(text('ink', readings, cold)).toMatch(
      /^4° colder, the plate with it: 1\.41 × as stiff: \d+ drops of light oil to each puddle, or plate at 29°\./,
    )
    // 20° under the roller: 16° of the room, and 4° over what the way has left of the warmth.
    const { left } = warmthAtRoller(sampleSettings, USUAL_CALIBRATION)!
    expect(Math.round(16 + 4 / (0.9 * left))).toBe(29)
    expect(text('ink', { ...readings, roomC: 24 }, cold)).toContain('oil cannot come out')
  })
  it('says how many of those left the mix covers, and what to mix', () => {
    // Nine of sixteen pulls; seven more want 18.2 g.
    expect(text('ink')).toContain('Low water black covers 9 of 16 pulls to come: mix 18.2 g more.')
  })
  it('reckons the damp weight from the sheet on the scale', () => {
    // 300 g/m² × 0.300 × 0.250 m = 22.5 g air-dry; 23.4 g at 60 % is 23.24 g at 50 %, 3.3 % more; × 1.55 = 36.0 g
    expect(text('paper', { ...readings, sheetGrams: 23.4, sheetJobId: 'j' })).toBe(
      'Sheet weighs 3.3 % more than by its weight and size: damp it to 36 g.',
    )
  })
  it('a sheet that is heavier by the moisture of the air alone is damped to the same weight', () => {
    const at = (humidityPercent: number, sheetGrams: number) =>
      text('paper', { ...readings, humidityPercent, sheetGrams, sheetJobId: 'j' })
    // 22.5 g at 50 % weigh 22.97 g at 80 %.
    expect(at(80, 22.9725)).toBe('Sheet weighs as it should: damp it to 34.9 g.')
    expect(at(50, 22.5)).toBe(at(80, 22.9725))
    expect(text('paper', { ...readings, humidityPercent: 80 })).toBe('Damp it to 34.9 g.')
  })
  it('warms the felts first, and not twice', () => {
    expect(text('press')).toContain('First pull warms the blankets: not counted.')
    expect(text('press', readings, { ...job, pulledToday: true })).toContain('Felts are warm.')
  })
  it('asks for spare sheets by this shop’s rejects', () =>
    expect(text('edition')).toMatch(/11 of 24 accepted: damp 16 sheets for the 13 left/))
  it('says at the plate where it may not stand what is to come', () => {
    expect(text('plate')).not.toContain('may not stand')
    const worn = { ...job.need, life: { ...job.need.life!, leftAtLeast: 5, leftAtMost: 20 } }
    expect(text('plate', readings, { ...job, need: worn })).toBe(
      'The plate may not stand the 16 pulls to come: between 5 and 20 pulls left.',
    )
  })
  it('says when the sheets under way suffice', () =>
    expect(text('edition', readings, { ...job, need: { ...job.need, starts: 0 } })).toContain(
      'suffice for the 13 left',
    ))
  it('opens every line that computes to its sum', () => {
    for (const line of writeMorningSheet(readings, [job])) expect(line.sum.length).toBeGreaterThan(0)
  })
  it('keeps quiet about stations nobody has set', () => {
    const bare = {
      ...job,
      bench: { ...sampleSettings, ink: null, paper: null, press: null, plate: null },
      bat: null,
    }
    expect(writeMorningSheet(readings, [bare])).toEqual([])
  })
  it('refuses a room no printer stands in', () =>
    expect(morningReadingsSchema.safeParse({ ...readings, roomC: 90 }).error!.issues[0].path).toEqual([
      'roomC',
    ]))
})

describe('several inks', () => {
  const mixes = ['Low water black', 'Ferry blue'].map((name, i) => ({
    ...firstMix(sampleSettings.ink),
    id: `mix-${i + 1}`,
    rag: i + 1,
    name,
  }))
  const ink = (name: string, mixCovers: number) => ({
    id: name === 'Ferry blue' ? 'mix-2' : 'mix-1',
    name,
    gramsPerPull: 0.5,
    inkBy: 'mix' as const,
    grams: 8,
    isGramsSure: false,
    mixCovers,
  })
  const of = (blue: number): MorningJob => ({
    ...job,
    bench: { ...sampleSettings, ink: { mixes } },
    bat: { ...sampleSettings, ink: { mixes } },
    mixesPas: { 'mix-1': 60, 'mix-2': 60 },
    need: { ...job.need, inks: [ink('Low water black', 20), ink('Ferry blue', blue)] },
  })
  const lines = (from: typeof readings, blue: number) =>
    writeMorningSheet(from, [of(blue)]).flatMap((line) => (line.station === 'ink' ? [line.text] : []))
  it('are advised one by one where each asks something, and the one that is short is named', () => {
    const cold = lines(readings, 4)
    expect(cold[0]).toMatch(/^Low water black: 4° colder/)
    expect(cold[1]).toMatch(/^Ferry blue: 4° colder/)
    expect(cold[2]).toBe('Ferry blue covers 4 of 16 pulls to come: mix 6 g more.')
    expect(cold).toHaveLength(3)
  })
  it('have one line together where nothing is to be done', () => {
    const { roomC } = firstMix(sampleSettings.ink)
    expect(lines({ ...readings, roomC }, 30)).toEqual([
      'Room as at the BAT: ink as it is.',
      'All 2 inks cover the 16 pulls to come.',
    ])
  })
})
