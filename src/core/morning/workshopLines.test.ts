import { describe, expect, it } from 'vitest'
import { openDryingRatio, vapourPressure, writeWorkshopLines, type WorkshopMorning } from './workshopLines'

const NOW = '2031-05-01T08:30:00.000Z'
const quiet: WorkshopMorning = {
  readings: { roomC: 20, humidityPercent: 50, sheetGrams: null, sheetJobId: null },
  before: null,
  papers: [],
  presses: [],
  drying: [],
  now: NOW,
  zone: 'Etc/UTC',
}
const texts = (more: Partial<WorkshopMorning>) =>
  writeWorkshopLines({ ...quiet, ...more }).map(({ heading, text }) => `${heading}: ${text}`)

describe('vapour over water', () => {
  // Goff–Gratch table values, as the Smithsonian Meteorological Tables print them, hPa.
  it.each([
    [0, 6.11],
    [10, 12.27],
    [15, 17.04],
    [20, 23.37],
    [25, 31.67],
    [30, 42.43],
  ])('at %d °C: %f hPa', (celsius, hPa) => expect(vapourPressure(celsius) / hPa).toBeCloseTo(1, 2))
  it('air that is full takes nothing, and dry air twice what half-full air does', () => {
    expect(openDryingRatio({ roomC: 25, humidityPercent: 100 })).toBe(0)
    expect(openDryingRatio({ roomC: 20, humidityPercent: 0 })).toBeCloseTo(2, 12)
  })
})

describe('the workshop’s own lines', () => {
  it('a usual room says so, and is no act', () => {
    expect(texts({})).toEqual(['Weather: 20 °C, 50 %. Open sheets dry as usual.'])
    expect(writeWorkshopLines(quiet)[0]).toMatchObject({ act: false, href: null })
  })
  it('a hot dry room asks for covers; a cold damp one is compared to the last morning', () => {
    expect(texts({ readings: { ...quiet.readings, roomC: 26, humidityPercent: 35 } })[0]).toMatch(
      /dry fast: keep them covered/,
    )
    expect(
      texts({
        readings: { ...quiet.readings, roomC: 15, humidityPercent: 62 },
        before: { ...quiet.readings, roomC: 17 },
      }),
    ).toEqual([
      'Weather: 15 °C, 62 %, 2° colder and 12 points damper than the last morning. Open sheets dry slowly.',
    ])
  })
  it('without humidity it says what is taken', () =>
    expect(texts({ readings: { ...quiet.readings, humidityPercent: null } })[0]).toBe(
      'Weather: 20 °C. Humidity not read: 50 % is assumed for the sheets.',
    ))
  it('papers that are short or low, presses long not zeroed, and drying that is due today', () => {
    expect(
      texts({
        papers: [
          { id: 'a', name: 'Heron', left: 10, reserved: 14, free: -4, standing: 'short', lowAt: null },
          { id: 'b', name: 'Egret', left: 10, reserved: 2, free: 8, standing: 'low', lowAt: 10 },
          { id: 'c', name: 'Oat', left: 90, reserved: 0, free: 90, standing: 'enough', lowAt: 10 },
        ],
        presses: [
          { id: 'p', name: 'The little press', zeroedAt: '2031-01-01T08:00:00.000Z' },
          { id: 'q', name: 'The bench press', zeroedAt: '2031-04-30T08:00:00.000Z' },
          { id: 'r', name: 'New', zeroedAt: null },
        ],
        drying: [
          {
            loadId: 1,
            jobId: 'j',
            kind: 'change',
            at: '2031-05-01T08:00:00.000Z',
            isDue: true,
            words: 'Rack: change',
            laidAt: '2031-05-01T07:00:00.000Z',
            changes: 0,
          },
          {
            loadId: 1,
            jobId: 'j',
            kind: 'take-out',
            at: '2031-05-04T08:00:00.000Z',
            isDue: false,
            words: 'Rack: out',
            laidAt: '2031-05-01T07:00:00.000Z',
            changes: 0,
          },
        ],
      }).slice(1),
    ).toEqual([
      'Store: Heron: 4 sheets short of what the jobs want.',
      'Store: Egret runs low: 8 free.',
      'Press: The little press was zeroed 120 days ago: zero both sides again.',
      'Drying: Rack: change.',
    ])
  })
})
