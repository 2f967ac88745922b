import { turnsScale } from '../press/usualScales'
import { describe, expect, it } from 'vitest'
import { EMPTY_BENCH } from './settings'
import { benchDocument, settingsDocument } from './settingsDocument'
import { sampleMix, sampleSettings } from './sampleSettings.test.fixture'

/** The same settings as the first version kept them: one mix, and turns of the screws. */
const first = (() => {
  const { scale: _, laterPasses: __, readingLeft, readingRight, ...press } = sampleSettings.press
  const rest = { ...press, mmPerTurn: 2, turnsLeft: readingLeft, turnsRight: readingRight }
  return { ...sampleSettings, version: 1, ink: sampleMix, press: rest }
})()

describe('settings of the first version', () => {
  it('have one mix with an id, and are read in turns', () => {
    const { value, aside } = settingsDocument.read(first)
    expect(value).toEqual(sampleSettings)
    expect(value.ink.mixes.map(({ id }) => id)).toEqual(['mix-1'])
    expect(value.press.scale).toEqual(turnsScale(2))
    expect(aside).toEqual([])
  })
  it('keep what nobody set unset', () =>
    expect(benchDocument.read({ ...EMPTY_BENCH, version: 1 }).value).toEqual(EMPTY_BENCH))
  it('set aside what neither version knows', () =>
    expect(settingsDocument.read({ ...first, press: { ...first.press, brake: 1 } }).aside).toEqual([
      { path: ['press', 'brake'], value: 1 },
    ]))
  it('without a version are taken as of the first', () => {
    const { version: _, ...unsaid } = first
    expect(settingsDocument.read(unsaid).value).toEqual(sampleSettings)
  })
})
