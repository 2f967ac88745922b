import { turnsScale, USUAL_SCALES } from '../press/usualScales'
import { firstMix } from '../ink/mix'
import { addMix, changeFirstMix, changeMix } from '../ink/severalMixes'
import { describe, expect, it } from 'vitest'
import { setOutFrom } from './branch'
import { complaintsOf, featuresSchema, featureWords, filmOrLines, type Features } from './features'
import { sampleSettings } from './sampleSettings.test.fixture'
import type { Settings } from './settings'
import {
  adviseNext,
  pairsLike,
  asksForThePlate,
  pressureWords,
  suggestChanges,
  whatMovedWhat,
  type ProofPair,
} from './whatMoved'

const turned = (turns: number, plateC = firstMix(sampleSettings.ink).plateC): Settings => ({
  ...sampleSettings,
  press: { ...sampleSettings.press, readingLeft: turns, readingRight: turns },
  ink: changeFirstMix(sampleSettings.ink, { plateC }),
})
const pair = (from: Settings, to: Settings, before: Features, after: Features): ProofPair => ({
  press: 'little',
  plateKind: 'zinc-etched',
  paperId: 'heron',
  before: { settings: from, features: before },
  after: { settings: to, features: after },
})

describe('what moved what', () => {
  const tighter = [
    pair(turned(3.5), turned(3.25), { line: -1 }, { line: 0 }),
    pair(turned(3.25), turned(3), { line: -1, emboss: -1 }, { line: 0, emboss: -1 }),
  ]
  it('counts trials, the usual amount and how far the feature went', () => {
    expect(whatMovedWhat(tighter)).toEqual([
      {
        act: 'pressure',
        way: 'down',
        feature: 'line',
        trials: 2,
        shift: 1,
        amount: 0.25 * 2,
      },
    ])
  })
  it('learns from any ink of a plate, and lets any that holds oil have less', () => {
    const oiled = (amount: number): Settings => {
      const second = { ...firstMix(sampleSettings.ink), name: 'Dusk', modifiers: [] }
      const ink = addMix(sampleSettings.ink, second)
      const modifiers = amount > 0 ? [{ modifier: 'thin-oil' as const, amount }] : []
      return { ...sampleSettings, ink: changeMix(ink, ink.mixes[1].id, { modifiers }) }
    }
    const moved = whatMovedWhat([pair(oiled(1), oiled(3), { line: -1 }, { line: 0 })])
    expect(moved).toEqual([{ act: 'oil', way: 'up', feature: 'line', trials: 1, shift: 1, amount: 2 }])
  })
  it('counts a trial of several changes in part', () => {
    const both = pair(turned(3), turned(2.75, 45), { line: -1 }, { line: 1 })
    const moved = whatMovedWhat([...tighter, both]).filter(({ feature }) => feature === 'line')
    // Two whole trials of +1 and half a trial of +2.
    expect(moved.find(({ act }) => act === 'pressure')!.shift).toBeCloseTo((1 + 1 + 0.5 * 2) / 2.5, 12)
    expect(moved.find(({ act }) => act === 'warmth')).toMatchObject({ way: 'up', trials: 1, shift: 2 })
  })
  it('offers what helped here before the trade’s remedies, and says on what it rests', () => {
    const [first, second] = suggestChanges({ line: -1, emboss: -1 }, whatMovedWhat(tighter))
    expect(first).toMatchObject({
      words: 'press tighter by about 0.5 mm of gap',
      basis: 'from 2 earlier trials here',
      complaint: 'line',
    })
    expect(second.basis).toContain('usual remedy')
    expect(suggestChanges({}, whatMovedWhat(tighter))).toEqual([])
  })
  it('advises first what helped on the same press, kind of plate and paper', () => {
    const bench = { settings: sampleSettings, press: null }
    expect(adviseNext({ line: -1 }, tighter, bench)?.basis).toBe('from 2 earlier trials here')
    const elsewhere = tighter.map((one) => ({ ...one, paperId: 'another' }))
    expect(adviseNext({ line: -1 }, elsewhere, bench)?.basis).toContain('usual remedy')
    expect(pairsLike([...tighter, ...elsewhere], sampleSettings)).toEqual(tighter)
    expect(adviseNext({}, tighter, bench)).toBeNull()
    expect(adviseNext(null, tighter, bench)).toBeNull()
  })
  it('without any trial falls back on the usual, the one easiest taken back first', () => {
    expect(suggestChanges({ line: -1 }, []).map(({ act }) => act)).toEqual(['pressure', 'damping', 'oil'])
  })
  it('light oil is no remedy for too much tone: it leaves more', () => {
    expect(suggestChanges({ tone: 1 }, []).map(({ words }) => words)).toEqual([
      'wipe longer by about 45 s',
      'less light oil by about 1 drop',
    ])
    expect(suggestChanges({ tone: -1 }, []).map(({ words }) => words)).toContain(
      'more light oil by about 1 drop',
    )
  })
  it('film tone and the strength of the lines have remedies of their own', () => {
    const acts = (features: Features) => suggestChanges(features, []).map(({ act }) => act)
    expect(acts({ tone: 1 })).not.toContain('pressure')
    expect(acts({ line: 1 })).not.toContain('wiping')
    expect(filmOrLines('darker', {})).toContain('film between the lines, or the lines')
    expect(filmOrLines('darker', { tone: 1 })).toBeNull()
    expect(filmOrLines('same', {})).toBeNull()
  })
  it('a grey line goes by what the pull left in the plate: ink in the lines, or nothing', () => {
    const acts = (features: Features) => suggestChanges(features, []).map(({ act, words }) => [act, words])
    expect(acts({ line: -1, plate: 1 }).map(([act]) => act)).toEqual(['pressure', 'damping', 'oil'])
    expect(acts({ line: -1, plate: -1 })).toEqual([
      ['wiping', 'wipe shorter by about 45 s'],
      ['heavyOil', 'more heavy oil, against over-wiping by about 2 drops'],
    ])
    expect(asksForThePlate({ line: -1 })).toBe(true)
    expect(asksForThePlate({ line: -1, plate: 1 })).toBe(false)
    expect(asksForThePlate({ tone: 1 })).toBe(false)
  })
  const two = { kind: 'two-screw' } as const
  it('where the blankets give no more, more squeeze is not offered', () => {
    // Felts of 1 mm under a roller that stands 0.4 mm above plate and sheet cannot give more.
    const spent = {
      ...sampleSettings,
      press: {
        ...sampleSettings.press,
        readingLeft: 0.9,
        readingRight: 0.9,
        pack: sampleSettings.press.pack.slice(0, 1),
      },
    }
    const acts = (settings: Settings) =>
      suggestChanges({ line: -1, emboss: -1 }, [], { bench: { settings, press: two } }).map(({ act }) => act)
    expect(acts(sampleSettings)).toContain('pressure')
    expect(acts(spent)).toEqual(['damping', 'oil'])
  })
  it('offers nothing that cannot be done: no oil out that is not in, no damper sheet where it is printed dry', () => {
    const bare = changeFirstMix(sampleSettings.ink, { modifiers: [] })
    const bench = {
      settings: { ...sampleSettings, ink: bare, paper: { ...sampleSettings.paper, method: 'dry' as const } },
      press: null,
    }
    expect(suggestChanges({ tone: 1 }, [], { bench }).map(({ act }) => act)).toEqual(['wiping'])
    expect(suggestChanges({ dampness: -1 }, [], { bench })).toEqual([])
  })
  it('says pressure as the press is read: both screws in eighths, or where the gauge goes', () => {
    const press = { scale: turnsScale(2), readingLeft: 3, readingRight: 3 }
    expect(pressureWords(0.5, 'down', press)).toBe('1/4 turn at both screws (0.5 mm)')
    expect(pressureWords(0.5, 'down', { ...press, scale: turnsScale(2.54, 1) })).toBe(
      '1/4 turn at the screw (0.64 mm)',
    )
    // A gauge that rises 10 marks a millimetre: 6 mm of gap stand at 60, half a millimetre less at 55.
    const table = [
      { reading: 0, mm: 0 },
      { reading: 100, mm: 10 },
    ]
    const gauge = { ...USUAL_SCALES.gauge, heavier: 'down' as const, table }
    expect(pressureWords(0.5, 'down', { scale: gauge, readingLeft: 60, readingRight: 60 })).toBe(
      '60 on the gauge to 55 on the gauge (0.5 mm)',
    )
    // Nobody measured: what is usually a quarter turn is a notch.
    expect(pressureWords(0.5, 'down', { scale: USUAL_SCALES.notches, readingLeft: 3, readingRight: 3 })).toBe(
      'notch 3 to notch 4',
    )
    // Turns whose gaps were felt out have no thread to tell of.
    const felt = {
      ...turnsScale(null),
      table: [
        { reading: 0, mm: 0 },
        { reading: 4, mm: 8 },
      ],
    }
    expect(pressureWords(0.5, 'down', { ...press, scale: felt })).toBe('1/4 turn at both screws (0.5 mm)')
    // At its last notch, and where it is packed, a press is not asked for more.
    for (const [scale, reading] of [
      [USUAL_SCALES.notches, 6],
      [USUAL_SCALES.fixed, 0],
    ] as const) {
      const settings = {
        ...sampleSettings,
        press: { ...sampleSettings.press, scale, readingLeft: reading, readingRight: reading },
      }
      expect(
        suggestChanges({ line: -1 }, [], { bench: { settings, press: two } }).map(({ act }) => act),
      ).toEqual(['damping', 'oil'])
    }
    const byHand = { settings: sampleSettings, press: { kind: 'baren' as const } }
    expect(suggestChanges({ line: -1 }, [], { bench: byHand })[0].words).toBe(
      'press harder, in overlapping strokes',
    )
  })
  it('never offers what made it worse', () => {
    const worse = whatMovedWhat([pair(turned(3), turned(2.75), { line: 0 }, { line: 1 })])
    expect(
      suggestChanges({ line: 1 }, worse)
        .map(({ words }) => words)
        .join(),
    ).not.toContain('press tighter')
  })
})

describe('a ladder', () => {
  it('branches where it was gone back on', () => {
    const settings = [turned(3.5), turned(3), turned(3, 45), turned(3.5, 40)]
    expect(settings.map((_, at) => setOutFrom(settings, at))).toEqual([null, 0, 1, 0])
  })
  it('judges features in words, and those left out are as wanted', () => {
    expect(featuresSchema.parse({ line: -1 })).toEqual({ line: -1 })
    expect(complaintsOf({ line: -1, tone: 0, marks: 1 })).toEqual([
      ['line', -1],
      ['marks', 1],
    ])
    expect([featureWords('line', -1), featureWords('emboss', 0)]).toEqual([
      'Line strength: weak',
      'Plate mark: as wanted',
    ])
  })
})
