import { changeFirstMix } from '../ink/severalMixes'
import { describe, expect, it } from 'vitest'
import { compareSettings } from './compareSettings'
import { sampleSettings } from './sampleSettings.test.fixture'
import type { Settings } from './settings'
import { settingEntries } from './settingEntries'
import { wayBack } from './wayBack'

const changed = (edit: (settings: Settings) => void) => {
  const next = structuredClone(sampleSettings)
  edit(next)
  return compareSettings(sampleSettings, next)
}

/** A change, where it is made, and what it costs to take it back (common practice, no source). */
const CHANGES: [string, (settings: Settings) => void, string, string][] = [
  ['another plate', (s) => (s.plate.name = 'Withies'), 'minutes', 'put the other plate back'],
  ['a plate worked on', (s) => (s.plate.state = 2), 'never', 'never: the plate has been worked'],
  ['a plate measured anew', (s) => (s.plate.thicknessMm = 1), 'never', 'altered or measured anew'],
  [
    'an ink more',
    (s) => s.ink.mixes[0].parts.push({ inkId: 'x', name: 'Thrift rose', parts: 1 }),
    'ink',
    'mix fresh from the card',
  ],
  ['oil stirred in', (s) => (s.ink.mixes[0].modifiers[0].amount = 6), 'ink', 'cannot come out'],
  ['a warmer plate', (s) => (s.ink.mixes[0].plateC = 42), 'minutes', 'hotplate'],
  ['a colder room', (s) => (s.ink.mixes[0].roomC = 12), 'minutes', 'not yours to set'],
  ['another tone left', (s) => (s.wipe.plateTone = 'heavy'), 'seconds', 'next wipe'],
  ['a longer soak', (s) => (s.paper.dampMinutes = 60), 'next-sheet', 'next sheet'],
  ['a screw', (s) => (s.press.readingRight = 2), 'seconds', 'at the press: 10 s'],
  ['two passes', (s) => (s.press.passes = 2), 'seconds', 'next pull'],
  ['other blankets', (s) => (s.press.packName = 'Two felts'), 'minutes', 'restack'],
  ['another press', (s) => (s.press.name = 'The bench press'), 'minutes', 'carry the plate'],
  ['the other way of laying', (s) => (s.register.laying = 'long-edge'), 'next-sheet', 'next sheet'],
]

describe('the way back of a change', () => {
  it.each(CHANGES)('%s', (_, edit, cost, words) => {
    const [{ wayBack: back }] = changed(edit).filter(
      ({ key }) => !key.startsWith('ink.part.') || key.includes('Thrift'),
    )
    expect(back.cost).toBe(cost)
    expect(back.text).toContain(words)
  })
  it('of a later pass’s reading is at the press, as that of the first', () =>
    expect(wayBack('press.pass2Left', undefined, undefined)).toEqual(
      wayBack('press.turnsLeft', undefined, undefined),
    ))
  it('of oil left out is to count it in again', () => {
    const [{ wayBack: back }] = changed((s) => (s.ink.mixes[0].modifiers[0].amount = 1))
    expect(back).toEqual({ cost: 'minutes', text: 'add 2 drops again' })
  })
  it('is known for every setting there is', () => {
    for (const entry of settingEntries(sampleSettings))
      expect(wayBack(entry.key, entry, undefined).text.length).toBeGreaterThan(0)
  })
})

describe('settings as they are read', () => {
  const texts = Object.fromEntries(settingEntries(sampleSettings).map(({ key, text }) => [key, text]))
  it('are written in the shop’s words', () => {
    expect(texts).toMatchObject({
      'plate.kind': 'Zinc, etched',
      'plate.state': 'I',
      'plate.widthMm': '180 mm',
      'ink.modifier.thin-oil': '3 drops',
      'ink.plateC': '37 °C',
      'wipe.seconds': '300 s',
      'paper.method': 'Soak',
      'press.turnsLeft': '3 turns',
      'register.scheme': 'Weighted, bottom 1.2 × top',
    })
  })
  it('give the parts of a mix as shares, whatever they were counted in', () => {
    expect(texts['ink.part.Bone black']).toBe('88.9 %')
    const doubled = structuredClone(sampleSettings)
    for (const part of doubled.ink.mixes[0].parts) part.parts *= 2
    expect(compareSettings(sampleSettings, doubled)).toEqual([])
  })
  it('name the card a mix is from, and that it was changed', () => {
    const onCard = (isChanged: boolean) =>
      settingEntries({
        ...sampleSettings,
        ink: changeFirstMix(sampleSettings.ink, { card: { id: 'x', version: 2, isChanged } }),
      }).find(({ key }) => key === 'ink.name')!.text
    expect(onCard(false)).toBe('Low water black, card 2')
    expect(onCard(true)).toBe('Low water black, card 2, changed')
  })
  it('leave out stations nobody has set', () => {
    const stations = new Set(
      settingEntries({ ...sampleSettings, wipe: null, press: null }).map(({ station }) => station),
    )
    expect([...stations]).toEqual(['plate', 'ink', 'paper', 'register'])
  })
})
