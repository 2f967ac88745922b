import { describe, expect, it } from 'vitest'
import {
  checkNumbering,
  checkSigner,
  MARKINGS,
  numberImpressions,
  resumeSorting,
  signingOf,
  USUAL_SIGNING,
} from '../dry/numbering'
import { editionProgress } from '../edition/editionProgress'
import { isPrint } from '../edition/readPull'
import type { PullEvent } from '../edition/pull'
import { samplePull } from '../edition/samplePull.test.fixture'
import { leftAsLaidOut } from './settingOrigins'
import { completeBench } from './completeBench'
import { stationsWanting } from './stationsWanting'
import {
  printsMade,
  printsWanted,
  PURPOSE_KEYS,
  PURPOSES,
  purposeFacts,
  purposeWords,
  sizeDeclared,
  sortWords,
  stationName,
} from './purpose'
import { sampleSettings } from './sampleSettings.test.fixture'
import { EMPTY_BENCH, SETTING_STATIONS } from './settings'

const single = { purpose: 'unique', editionSize: 12 } as const
const edition = { purpose: 'edition', editionSize: 12 } as const

describe('what a job is for', () => {
  it('says of every purpose what is asked, with a marking there is', () => {
    for (const purpose of PURPOSE_KEYS) {
      const facts = purposeFacts(purpose)
      expect(Object.keys(MARKINGS)).toContain(facts.marking)
      expect(facts.needs.every((station) => SETTING_STATIONS.includes(station))).toBe(true)
      // What is approved first is what every print is held to: it has to be set whole.
      if (facts.asksBat) expect(facts.needs).toEqual(SETTING_STATIONS)
    }
    expect(new Set(Object.values(PURPOSES).map(({ label }) => label)).size).toBe(PURPOSE_KEYS.length)
  })
  it('asks an edition alone for its size and a BAT; a single print is wanted once, however large it was declared before', () => {
    expect(PURPOSE_KEYS.filter((purpose) => purposeFacts(purpose).asksBat)).toEqual(['edition'])
    expect([sizeDeclared(edition), sizeDeclared(single)]).toEqual([12, null])
    expect([printsWanted(edition), printsWanted(single)]).toEqual([12, 1])
    expect([printsMade(edition, 3), printsMade(single, 3)]).toEqual(['3 of 12 accepted', '3 kept'])
    expect([purposeWords(edition), purposeWords(single)]).toEqual(['edition of 12', 'single prints'])
    expect([stationName('edition', 'edition'), stationName('edition', 'test')]).toEqual(['Edition', 'Prints'])
    expect(stationName('press', 'test')).toBe('Press')
    expect([sortWords(edition), sortWords(single)]).toEqual(['sort and number', 'dry and sign'])
  })
})

describe('the bench a pull is made from', () => {
  const bare = { ...sampleSettings, wipe: null, register: null, origins: { press: 'typed' as const } }
  it('is whole for an edition only when every station is set', () => {
    expect(stationsWanting(bare, 'edition')).toEqual(['wipe', 'register'])
    expect(completeBench(bare, 'edition')).toBeNull()
  })
  it('takes what a test does not ask for as it is usually laid out, and says that nobody set it', () => {
    expect(stationsWanting(bare, 'test')).toEqual([])
    const settings = completeBench(bare, 'test')!
    expect(settings.register.scheme).toBe('centred')
    expect(settings.wipe.steps.length).toBeGreaterThan(3)
    expect(settings.origins).toEqual({ press: 'typed', wipe: 'default', register: 'default' })
    expect(new Set(leftAsLaidOut(settings).map(({ station }) => station))).toEqual(
      new Set(['wipe', 'register']),
    )
  })
  it('never makes up a plate, an ink, a paper or a press', () => {
    for (const purpose of PURPOSE_KEYS)
      for (const station of ['plate', 'ink', 'paper', 'press'] as const)
        expect(completeBench({ ...sampleSettings, [station]: null }, purpose)).toBeNull()
    expect(completeBench(EMPTY_BENCH, 'test')).toBeNull()
  })
  it('says nothing new of a bench that is whole', () =>
    expect(completeBench(sampleSettings, 'unique')).toEqual(sampleSettings))
})

describe('proofs that are kept', () => {
  const keeping: PullEvent = { kind: 'decision', decision: 'accepted', reason: '', fate: null }
  const proof = (number: number, events: PullEvent[]) => samplePull(number, events, { kind: 'proof' })
  it('count among the prints from when somebody says so', () => {
    expect([proof(1, [keeping]), proof(2, [])].map(isPrint)).toEqual([true, false])
    expect(editionProgress(1, [proof(1, [keeping]), proof(2, [])])).toMatchObject({
      pulled: 1,
      accepted: 1,
      left: 0,
    })
  })
  it('are marked however many there are where no number was declared', () => {
    const sorted = resumeSorting([], ['a', 'b', 'c'], null, null)
    expect(sorted.map(({ kind }) => kind)).toEqual(['edition', 'edition', 'edition'])
    expect(checkNumbering(sorted, null, new Set(['a', 'b', 'c']), null)).toEqual([])
    expect(checkNumbering(sorted, 5, new Set(['a', 'b', 'c']), null)).toHaveLength(1)
    const marks = numberImpressions(sorted, { style: 'roman', marking: 'unique' }, () => '')
    expect(marks.map(({ mark }) => mark)).toEqual(['1/1', '1/1', '1/1'])
  })
  it('stand once in the list, also where one of them became the BAT', () =>
    expect(resumeSorting([], ['a', 'b'], 'b', 5)).toEqual([
      { pullId: 'a', kind: 'edition' },
      { pullId: 'b', kind: 'BAT' },
    ]))
  it('are signed in the artist’s place by somebody with a name', () => {
    expect(checkSigner({ signer: 'printer', imp: '' })).toMatchObject([{ field: 'imp' }])
    expect(checkSigner({ signer: 'printer', imp: 'Tam Brocket' })).toEqual([])
    expect(checkSigner({ signer: 'artist', imp: '' })).toEqual([])
    expect(signingOf({ ...USUAL_SIGNING, sorted: [{ pullId: 'a', kind: 'edition' }] })).toEqual(USUAL_SIGNING)
  })
})
