import { describe, expect, it } from 'vitest'
import { USUAL_CALIBRATION } from '../ink/stiffness'
import { sampleSettings } from '../prove/sampleSettings.test.fixture'
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
  mixPas: 60,
  calibration: USUAL_CALIBRATION,
  pullsFromPlate: 14,
  pullsFromMix: 14,
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
  it('says what four degrees less mean: drops more, or the plate at 41°', () => {
    expect(text('ink')).toMatch(/^4° colder: \d+ drops more a puddle, or plate at 41°\./)
  })
  it('says how many of those left the mix covers, and what to mix', () => {
    // 60 g − 14 × 2.6 g = 23.6 g: nine pulls; four more want 10.4 g
    expect(text('ink')).toContain('Low water black covers 9 of 13 left: mix 10.4 g more.')
  })
  it('asks for no oil on a warmer day', () =>
    expect(text('ink', { ...readings, roomC: 23 })).toContain('oil cannot come out'))
  it('reckons the damp weight from the sheet on the scale', () => {
    // 300 g/m² × 0.300 × 0.250 m = 22.5 g air-dry; 23.4 g is 4 % over; × 1.55 = 36.3 g
    expect(text('paper', { ...readings, sheetGrams: 23.4, sheetJobId: 'j' })).toBe(
      'Sheet weighs 4 % over air-dry: damp it to 36.3 g.',
    )
  })
  it('warms the felts first, and not twice', () => {
    expect(text('press')).toContain('First pull warms the felts: not counted.')
    expect(text('press', readings, { ...job, pulledToday: true })).toContain('Felts are warm.')
  })
  it('asks for spare sheets by this shop’s rejects', () =>
    expect(text('edition')).toMatch(/11 of 24 accepted: damp 1[4-9] sheets for the 13 left/))
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
