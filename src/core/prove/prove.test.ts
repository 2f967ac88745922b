import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { outsidePasses } from './features'
import { compareSettings } from './compareSettings'
import { addMix, changeMix, withoutMix } from '../ink/severalMixes'
import { outsideBat } from './outsideBat'
import { sampleMix, sampleSettings } from './sampleSettings.test.fixture'
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

const withBlue = (bench: Settings): Settings => ({
  ...bench,
  ink: addMix(bench.ink, { ...sampleMix, name: 'Ferry blue', parts: sampleMix.parts.slice(1) }),
})
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
      'Light copperplate oil +2 drops (3 drops → 5 drops)',
    ])
    expect(words(change((s) => (s.ink.mixes[0].modifiers = [])))).toEqual([
      'Light copperplate oil left out (was 3 drops)',
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

describe('several inks on one plate', () => {
  const bat = withBlue(sampleSettings)
  const oiled = (id: string) => ({ ...bat, ink: changeMix(bat.ink, id, { modifiers: [] }) })
  it('with one nothing looks different; with two each setting says whose it is, and warmth is said once', () => {
    const labels = (bench: Settings) =>
      settingEntries(bench).flatMap(({ station, label }) => (station === 'ink' ? [label] : []))
    expect(labels(sampleSettings)).toEqual([
      'Mix',
      'Bone black',
      'Dusk blue',
      'Light copperplate oil',
      'Plate',
      'Room',
    ])
    expect(labels(bat)).toEqual([
      'Ink 1',
      'Ink 1, Bone black',
      'Ink 1, Dusk blue',
      'Ink 1, light copperplate oil',
      'Ink 2',
      'Ink 2, Dusk blue',
      'Ink 2, light copperplate oil',
      'Plate',
      'Room',
    ])
    const keys = settingEntries(bat).map(({ key }) => key)
    expect(new Set(keys).size).toBe(keys.length)
    // What was allowed of the first ink is allowed of it still.
    for (const key of Object.keys(usualTolerances(sampleSettings))) expect(keys).toContain(key)
  })
  it('a change of one is that one change, with its way back', () => {
    const said = (bench: Settings) => compareSettings(bat, bench).map((one) => [one.words, one.wayBack.text])
    expect(said(oiled('mix-2'))).toEqual([
      ['Ink 2, light copperplate oil left out (was 3 drops)', 'add 3 drops again'],
    ])
    expect(said({ ...bat, ink: changeMix(bat.ink, 'mix-2', { plateC: 39 }) })).toHaveLength(1)
    expect(outsideBat(oiled('mix-1'), { settings: bat, tolerances: {} }).map(({ label }) => label)).toEqual([
      'Ink 1, light copperplate oil',
    ])
  })
  it('an ink that comes or goes is one change, and not one for each of its parts', () => {
    expect(compareSettings(sampleSettings, bat).map(({ words: said }) => said)).toContain(
      'Ink 2 added: Ferry blue',
    )
    expect(compareSettings(sampleSettings, bat).filter(({ before }) => before === null)).toHaveLength(1)
    const gone = { ...bat, ink: withoutMix(bat.ink, 'mix-1') }
    expect(compareSettings(bat, gone).filter(({ after }) => after === null)).toHaveLength(1)
  })
  it('an ink is called in the wiping what its mix is called now', () => {
    const inking = [
      { ink: 'Blue', mixId: 'mix-2', tool: 'dolly', where: 'lines', zones: ['sky'], seconds: 60, cycle: [] },
    ] as const
    const wipe = { ...bat.wipe, inking: inking.map((one) => ({ ...one, zones: [...one.zones], cycle: [] })) }
    expect(settingEntries({ ...bat, wipe }).find(({ key }) => key === 'wipe.inking.1')?.text).toBe(
      'Ferry blue by dolly, in the lines: sky',
    )
  })
})
