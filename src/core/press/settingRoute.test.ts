import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { turnsScale, USUAL_SCALES } from './usualScales'
import { isUpForFelts, nextAtThePress, PAST_TURNS, readStrips, settingRoute, sideRoute } from './settingRoute'

const scale = turnsScale(2)

const turns = fc.integer({ min: 0, max: 80 }).map((quarters) => quarters / 4)

describe('the way of the screws', () => {
  it('ends where it is wanted, and by tightening, from wherever it begins (property)', () => {
    fc.assert(
      fc.property(turns, turns, turns, turns, (l0, r0, left, right) => {
        let at = { left: l0, right: r0 }
        const route = settingRoute(scale, at, { left, right })
        for (const stretch of route)
          at = {
            left: at.left + (stretch.kind === 'loosen' ? stretch.left : -stretch.left),
            right: at.right + (stretch.kind === 'loosen' ? stretch.right : -stretch.right),
          }
        expect(at).toEqual({ left, right })
        if (route.length > 0) expect(route.at(-1)!.kind).toBe('tighten')
      }),
    )
  })
  it('looser goes past the mark and comes back; tighter goes straight', () => {
    expect(sideRoute(scale, 3, 3.5)).toEqual({ loosen: 0.5 + PAST_TURNS, tighten: PAST_TURNS })
    expect(sideRoute(scale, 3.5, 3)).toEqual({ loosen: 0, tighten: 0.5 })
    expect(settingRoute(scale, { left: 3, right: 3 }, { left: 3, right: 3 })).toEqual([])
  })
  it('is said as it is done', () => {
    expect(
      settingRoute(scale, { left: 8, right: 8 }, { left: 3, right: 3 }).map(({ words }) => words),
    ).toEqual(['Tighten both 5 turns, a quarter each in turn'])
    expect(
      settingRoute(scale, { left: 3, right: 3 }, { left: 3, right: 3.25 }).map(({ words }) => words),
    ).toEqual(['Loosen right 3/4 turn: past the mark', 'Tighten right 1/2 turn, a quarter each in turn'])
  })
})

describe('what is done next at the press', () => {
  const wanted = { left: 3, right: 3 }
  it('backs off for the blankets, feeds them, then tightens to the setting', () => {
    expect(nextAtThePress(scale, { left: 0, right: 0, areFeltsIn: false }, wanted).words).toBe(
      'Back both off to 5 turns',
    )
    expect(nextAtThePress(scale, { left: 5, right: 4.75, areFeltsIn: false }, wanted).words).toBe(
      'Back both off to 5 turns',
    )
    expect(nextAtThePress(scale, { left: 5, right: 5, areFeltsIn: false }, wanted).words).toBe(
      'Feed the blankets in, square',
    )
    expect(nextAtThePress(scale, { left: 5, right: 5, areFeltsIn: true }, wanted)).toMatchObject({
      words: 'Tighten both 2 turns',
      isThere: false,
    })
    expect(nextAtThePress(scale, { left: 3, right: 3, areFeltsIn: true }, wanted)).toMatchObject({
      words: 'The screws stand',
      isThere: true,
    })
  })
  it('a screw gone too far is loosened past its mark first', () => {
    expect(nextAtThePress(scale, { left: 3, right: 2.75, areFeltsIn: true }, wanted)).toMatchObject({
      words: 'Loosen right 3/4 turn',
      more: 'Loosen right 3/4 turn: past the mark. Then: Tighten right 1/2 turn, a quarter each in turn',
    })
  })
})

describe('a press that is not read in turns', () => {
  const one = (reading: number) => ({ left: reading, right: reading })
  it('goes straight from notch to notch, and says to print the lighter one first', () => {
    expect(nextAtThePress(USUAL_SCALES.notches, { ...one(1), areFeltsIn: true }, one(3))).toEqual({
      words: 'Tighten 2 notches',
      more: 'Notch up, print, and one down again if it is too much: begin at notch 2. Then: Tighten 2 notches',
      isThere: false,
    })
    expect(settingRoute(USUAL_SCALES.notches, one(4), one(3)).map(({ words }) => words)).toEqual([
      'Loosen 1 notch',
    ])
  })
  it('a gauge that rises with pressure is loosened past the mark and brought back', () =>
    expect(settingRoute(USUAL_SCALES.gauge, one(34), one(30)).map(({ words }) => words)).toEqual([
      'Loosen both 6 on the gauge: past the mark',
      'Tighten both 2 on the gauge',
    ]))
  it('takes the blankets wherever it stands: only turns from the bare bed tell', () => {
    expect(isUpForFelts(USUAL_SCALES.gauge, one(0))).toBe(true)
    expect(isUpForFelts(scale, one(4.75))).toBe(false)
    expect(nextAtThePress(USUAL_SCALES.gauge, { ...one(0), areFeltsIn: false }, one(30)).words).toBe(
      'Feed the blankets in, square',
    )
  })
  it('stands where it is named', () =>
    expect(nextAtThePress(USUAL_SCALES.feel, { ...one(1), areFeltsIn: true }, one(1))).toMatchObject({
      more: '“usual”.',
      isThere: true,
    }))
})

describe('three strips', () => {
  it('say which side is looser, and when all is well', () => {
    expect(readStrips('holds', 'holds', 'slips')).toMatch(/^The right is looser/)
    expect(readStrips('holds', 'holds', 'tears')).toMatch(/^The left is looser/)
    expect(readStrips('slips', 'slips', 'slips')).toMatch(/^All slip/)
    expect(readStrips('holds', 'slips', 'holds')).toMatch(/^The middle is looser/)
    expect(readStrips('holds', 'tears', 'holds')).toMatch(/^The middle is tighter/)
    expect(readStrips('tears', 'tears', 'tears')).toMatch(/parallel/)
  })
})
