import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { outsidePasses } from './features'
import { compareSettings } from './compareSettings'
import { sampleSettings } from './sampleSettings.test.fixture'
import {
  checkBench,
  EMPTY_BENCH,
  settingsSchema,
  SETTINGS_VERSION,
  unsetStations,
  type Settings,
} from './settings'
import { completeBench } from './completeBench'
import { settingEntries } from './settingEntries'
import { readSlip, usualTolerances } from './tolerance'

const change = (edit: (settings: Settings) => void) => {
  const next = structuredClone(sampleSettings)
  edit(next)
  return next
}
const words = (next: Settings) => compareSettings(sampleSettings, next).map((difference) => difference.words)

describe('settings', () => {
  it('refuses a later version and says so', () => {
    expect(
      settingsSchema.safeParse({ ...sampleSettings, version: SETTINGS_VERSION + 1 }).error!.issues[0].message,
    ).toContain('later Typothesis')
  })
  it('names the stations that nobody has set', () => {
    expect(unsetStations({ ...sampleSettings, wipe: null })).toEqual(['wipe'])
    expect(completeBench(EMPTY_BENCH, 'edition')).toBeNull()
    expect(completeBench(sampleSettings, 'edition')).toEqual(sampleSettings)
  })
  it('a plate larger than its sheet is said at both stations and cannot be pulled', () => {
    const next = change((s) => (s.plate.widthMm = 999))
    expect(checkBench(next).map((p) => `${p.station}.${p.field}`)).toEqual([
      'plate.widthMm',
      'paper.sheetWidthMm',
    ])
    expect(completeBench(next, 'edition')).toBeNull()
  })
  it('gives every setting its own key', () => {
    const keys = settingEntries(sampleSettings).map((entry) => entry.key)
    expect(new Set(keys).size).toBe(keys.length)
  })
})

describe('compareSettings', () => {
  it('finds nothing between equals', () =>
    expect(compareSettings(sampleSettings, structuredClone(sampleSettings))).toEqual([]))
  it('says screws tighter or looser, never up or down', () => {
    expect(words(change((s) => (s.press.readingLeft -= 0.25)))).toEqual(['Left screw 1/4 turn tighter'])
    expect(words(change((s) => (s.press.readingRight += 1.5)))).toEqual(['Right screw 1 1/2 turns looser'])
  })
  it('says drops, added and left out', () => {
    expect(words(change((s) => (s.ink.mixes[0].modifiers[0].amount += 2)))).toEqual([
      'Light plate oil +2 drops (3 drops → 5 drops)',
    ])
    expect(words(change((s) => (s.ink.mixes[0].modifiers = [])))).toEqual([
      'Light plate oil left out (was 3 drops)',
    ])
    expect(
      words(change((s) => s.ink.mixes[0].modifiers.push({ modifier: 'magnesium', amount: 0.5 }))),
    ).toEqual(['Magnesium carbonate added: 0.5 g'])
  })
  it('gives each change its way back', () => {
    const backs = (next: Settings) => compareSettings(sampleSettings, next).map(({ wayBack }) => wayBack.cost)
    expect(backs(change((s) => (s.press.readingLeft -= 0.25)))).toEqual(['seconds'])
    expect(backs(change((s) => (s.ink.mixes[0].modifiers[0].amount += 2)))).toEqual(['ink'])
    expect(backs(change((s) => (s.ink.mixes[0].modifiers[0].amount -= 2)))).toEqual(['minutes'])
    expect(backs(change((s) => (s.plate.state += 1)))).toEqual(['never'])
    expect(backs(change((s) => (s.paper.dampMinutes += 9)))).toEqual(['next-sheet'])
  })
  it('finds the same settings changed in both directions (property)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 9, noNaN: true }),
        fc.integer({ min: 0, max: 9 }),
        fc.boolean(),
        (turns, drops, state) => {
          const next = change((s) => {
            s.press.readingLeft = turns
            s.ink.mixes[0].modifiers[0].amount = drops
            if (state) s.plate.state = 2
          })
          const keys = (a: Settings, b: Settings) =>
            compareSettings(a, b)
              .map(({ key }) => key)
              .sort()
          expect(keys(sampleSettings, next)).toEqual(keys(next, sampleSettings))
        },
      ),
    )
  })
})

describe('readSlip', () => {
  const bat = { settings: sampleSettings, tolerances: usualTolerances(sampleSettings) }
  const line = (next: Settings, key: string) => readSlip(next, bat).find((entry) => entry.key === key)!
  it('stands as the BAT when nothing moved', () =>
    expect(new Set(readSlip(sampleSettings, bat).map((l) => l.standing))).toEqual(new Set(['as-bat'])))
  it('is within a tolerance up to its edge and outside beyond it', () => {
    expect(
      line(
        change((s) => (s.press.readingLeft += 0.125)),
        'press.turnsLeft',
      ),
    ).toMatchObject({ standing: 'within', offset: 1 })
    expect(
      line(
        change((s) => (s.press.readingLeft += 0.25)),
        'press.turnsLeft',
      ),
    ).toMatchObject({ standing: 'outside', offset: 2 })
  })
  it('another word is outside', () =>
    expect(
      line(
        change((s) => (s.wipe.plateTone = 'heavy')),
        'wipe.plateTone',
      ).standing,
    ).toBe('outside'))
  it('keeps a line for what the BAT had and the bench has not', () => {
    expect(
      line(
        change((s) => (s.ink.mixes[0].modifiers = [])),
        'ink.modifier.thin-oil',
      ),
    ).toMatchObject({ now: null, bat: '3 drops', standing: 'outside' })
  })
  it('holds nothing to anything before the approval', () =>
    expect(new Set(readSlip(sampleSettings, null).map((l) => l.standing))).toEqual(new Set(['no-bat'])))
})

describe('what may differ and still pass', () => {
  it('is asked feature by feature, and one that was not named must be as the BAT', () => {
    const passes = { tone: 'less' as const, colour: 'both' as const }
    expect(outsidePasses({ tone: -1, colour: 1 }, passes)).toEqual([])
    expect(outsidePasses({ tone: 1, emboss: -1 }, passes)).toEqual([
      ['emboss', -1],
      ['tone', 1],
    ])
  })
})
