import { describe, expect, it } from 'vitest'
import { valueAtPath } from './settingPath.test.fixture'
import { sampleSettings } from './sampleSettings.test.fixture'
import { settingEntries } from './settingEntries'
import { leftAsLaidOut, originOf, ORIGIN_WORDS } from './settingOrigins'

describe('where a setting comes from', () => {
  it('every line of the Slip has its place in the settings', () => {
    for (const { key, path } of settingEntries(sampleSettings))
      expect([key, valueAtPath(sampleSettings, path)]).not.toEqual([key, undefined])
  })
  it('is looked up at that place, and not known where nobody said', () => {
    const bench = {
      ...sampleSettings,
      origins: { 'press.readingLeft': 'carried', 'press.passes': 'default', 'wipe.steps': 'typed' } as const,
    }
    const of = (wanted: string) =>
      originOf(
        bench,
        settingEntries(bench).find(({ key }) => key === wanted)!,
      )
    expect(of('press.turnsLeft')).toBe('carried')
    expect(of('wipe.seconds')).toBe('typed')
    expect(of('press.turnsRight')).toBeNull()
    expect(leftAsLaidOut(bench).map(({ key }) => key)).toEqual(['press.passes'])
    expect(leftAsLaidOut(sampleSettings)).toEqual([])
    expect(ORIGIN_WORDS.typed).toBe('')
  })
})
