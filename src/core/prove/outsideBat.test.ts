import { describe, expect, it } from 'vitest'
import { outsideBat } from './outsideBat'
import { sampleSettings } from './sampleSettings.test.fixture'
import { usualTolerances } from './tolerance'

const bat = { settings: sampleSettings, tolerances: usualTolerances(sampleSettings) }
const press = (patch: object) => ({ ...sampleSettings, press: { ...sampleSettings.press, ...patch } })

describe('what is outside the BAT', () => {
  it('counts both screws turned alike as one change, and each by itself otherwise', () => {
    const keys = (bench: typeof sampleSettings) => outsideBat(bench, bat).map(({ key }) => key)
    expect(keys(sampleSettings)).toEqual([])
    expect(keys(press({ readingLeft: 4, readingRight: 4 }))).toEqual(['press.turns'])
    expect(keys(press({ readingLeft: 4 }))).toEqual(['press.turnsLeft'])
    expect(keys(press({ readingLeft: 4, readingRight: 5 }))).toEqual(['press.turnsLeft', 'press.turnsRight'])
  })
  it('leaves out what strays within its tolerance, and has what was left out', () => {
    expect(outsideBat(press({ readingLeft: 3.001, readingRight: 3.001 }), bat)).toEqual([])
    expect(outsideBat({ ...sampleSettings, wipe: null }, bat).every(({ after }) => after === null)).toBe(true)
  })
})
