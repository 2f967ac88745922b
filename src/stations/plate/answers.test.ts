import { describe, expect, it } from 'vitest'
import { plateLife } from '@/core/plate/plateLife'
import { sampleSettings } from '@/core/prove/sampleSettings.test.fixture'
import { artworkAnswer, bathAnswer, biteAnswer, plateAnswer, zonesAnswer } from './answers'

const { plate } = sampleSettings
const life = plateLife(plate, 14, {})

describe('what the plate’s rooms say first', () => {
  it('asks for what is missing, at its field, before anything is said of the plate', () => {
    expect(plateAnswer({ ...plate, widthMm: null }, life)).toMatchObject({
      says: 'Enter the plate’s width',
      asks: { anchor: 'plate-width' },
    })
    expect(plateAnswer({ ...plate, kind: null }, null).asks?.anchor).toBe('plate-kind')
  })
  it('says what life the plate has left, by what, and after how many pulls', () => {
    const answer = plateAnswer(plate, life)
    expect(answer.says).toBe('Between 140 and 390 pulls left')
    expect(answer.because).toBe(
      'By what its kind usually stands; 14 pulled, proofs too. Zinc, etched, 180 mm × 120 mm.',
    )
  })
  it('says which way round the carrier is printed', () => {
    expect(artworkAnswer(null, null, '/p').asks?.page).toBe('/p')
    expect(artworkAnswer(plate, null, '/p').says).toBe('Choose a picture for the plate')
    expect(artworkAnswer(plate, 'metal-drypoint', '/p').says).toMatch(/^Print the .+ mirrored, positive$/)
  })
  it('counts the plates a bath still bites', () => {
    const so = { openCm2: 40, depth: 80 }
    expect(bathAnswer(undefined, null, so).says).toBe('Weigh out a bath')
    expect(bathAnswer({ name: 'Blue' }, null, so).asks?.anchor).toBe('bath-open')
    expect(bathAnswer({ name: 'Blue' }, 1, so).says).toBe('The bath bites 1 more plate like this one')
    expect(bathAnswer({ name: 'Blue' }, 0, so).says).toContain('spent')
  })
  it('says how long is bitten, and what is stopped out first', () => {
    const timetable = {
      before: [],
      immersions: [
        { minutes: 2, cumulativeMinutes: 2, stopOut: ['Sky'] },
        { minutes: 5.5, cumulativeMinutes: 7.5, stopOut: ['Posts'] },
      ],
      outOfReach: [],
    }
    expect(biteAnswer(null, false).asks?.anchor).toBe('bite-strip')
    expect(biteAnswer({ ...timetable, immersions: [] }, true).says).toContain('Name the areas')
    expect(biteAnswer(timetable, true)).toMatchObject({
      says: 'Bite 7.5 min in 2 immersions',
      because: 'After 2 min stop out Sky. Look after every immersion.',
    })
    expect(
      biteAnswer({ ...timetable, outOfReach: [{ name: 'Hull', mostTone: 1.2 }] }, true).because,
    ).toContain('◆ Hull')
  })
  it('names the zone that has no ink', () => {
    const zone = (name: string, isWhite = false, ink: unknown = null) => ({ name, isWhite, ink })
    expect(zonesAnswer([], 0).says).toBe('Draw the first zone')
    expect(zonesAnswer([zone('Sky'), zone('Sea'), zone('Moon', true)], 0).says).toBe(
      'Choose an ink for Sky and 1 more',
    )
    expect(zonesAnswer([zone('Sky', false, 'blue'), zone('Moon', true)], 0).says).toBe(
      '2 zones, 1 kept white',
    )
    expect(zonesAnswer([zone('Sky', false, 'blue')], 1).because).toContain('1 zone has to be mended')
  })
})
