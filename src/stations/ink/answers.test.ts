import { describe, expect, it } from 'vitest'
import type { StiffnessCorrection } from '@/core/ink/stiffness'
import { sampleMix } from '@/core/prove/sampleSettings.test.fixture'
import type { JobNeed } from '@/core/record/jobNeed'
import {
  amountAnswer,
  cardAnswer,
  correctAnswer,
  matchAnswer,
  mixAnswer,
  nearness,
  stiffnessAnswer,
} from './answers'

const need = {
  pulls: 18,
  mixCovers: 13,
  grams: 46.2,
  gramsPerPull: 2.6,
  isGramsSure: true,
} as JobNeed

describe('what the mix says first', () => {
  it('asks for an ink, then for an amount', () => {
    expect(mixAnswer({ ...sampleMix, parts: [] }, need).asks?.anchor).toBe('mix-add')
    expect(mixAnswer({ ...sampleMix, batchGrams: null }, need).asks?.anchor).toBe('mix-batch')
  })
  it('says the grams of each ink, the drops, and whether it is enough', () => {
    // 60 g at 2.6 g a pull cover 23; nothing was pulled from it yet.
    expect(mixAnswer(sampleMix, { ...need, mixCovers: 23 })).toEqual({
      says: 'Mix 60 g: 53.3 g Bone black and 6.7 g Dusk blue',
      because: '3 drops of light plate oil into every 5 g. It covers the 18 pulls to come, which take 47 g.',
    })
    // Ten were pulled: what it lacks for the other five is mixed beside it, 5 × 2.6 = 13 g.
    expect(mixAnswer(sampleMix, need)).toMatchObject({
      says: 'Mix 13 g more: 11.6 g Bone black and 1.4 g Dusk blue',
    })
    expect(mixAnswer(sampleMix, { ...need, pulls: 9 }).says).toMatch(/^Enough is mixed: /)
    expect(mixAnswer({ ...sampleMix, modifiers: [] }, { ...need, pulls: 0 }).because).toBe('')
  })
})

describe('what matching and correcting say first', () => {
  const target = { name: 'Slate' }
  it('says the nearest recipe, or that none comes near', () => {
    const recipe = (deltaE00: number) => [
      { parts: [{ ink: { name: 'Blue' }, grams: 30 }], totalGrams: 30, deltaE00 },
    ]
    expect(matchAnswer(null, null).says).toBe('Choose the colour to match')
    expect(matchAnswer(target, null).says).toBe('Find recipes for Slate')
    expect(matchAnswer(target, recipe(0.8)).says).toBe('Nearest: 30 g Blue')
    expect(matchAnswer(target, recipe(5)).says).toContain('comes near: ΔE 5')
    expect([0.5, 2, 4].map(nearness)).toEqual([
      'hardly seen side by side',
      'seen side by side, not across a room',
      'seen at once',
    ])
  })
  it('says what to add to a batch, or that it is near enough, or that nothing helps', () => {
    const found = { deltaE00Before: 3, deltaE00After: 0.6 }
    expect(correctAnswer(target, null, 1, null, []).says).toContain('read it')
    expect(correctAnswer(target, 0.7, 1, null, []).says).toContain('Print with it')
    expect(correctAnswer(target, 3, 1, null, []).says).toBe('The batch is off by ΔE 3')
    expect(correctAnswer(target, 3, 1, found, []).says).toBe('No addition brings it nearer')
    expect(correctAnswer(target, 3, 1, found, [{ name: 'Blue', grams: 1.25 }]).says).toBe('Add 1.25 g Blue')
  })
})

describe('what stiffness says first', () => {
  const at = { reference: 'the BAT', oilGrams: 5, roomC: 15 }
  const correction: StiffnessCorrection = {
    ratio: 1.4,
    plateTodayC: 32,
    dropsToAdd: 3.8,
    isOilCapped: false,
    plateC: 41,
    noPlate: null,
  }
  it('says drops, or the plate, or to leave it', () => {
    expect(stiffnessAnswer(correction, at)).toEqual({
      says: 'Add 4 drops of light oil to every 5 g',
      because:
        'At 15 °C in the room it is 1.4 × as stiff as at the BAT: it would wipe cleaner and harder, with less plate tone. Or warm the plate to 41 °C.',
    })
    expect(stiffnessAnswer({ ...correction, ratio: 1.01 }, at).says).toBe(
      'As stiff as at the BAT: change nothing',
    )
    expect(stiffnessAnswer({ ...correction, isOilCapped: true }, at).says).toBe('Warm the plate to 41 °C')
    expect(stiffnessAnswer({ ...correction, isOilCapped: true, plateC: null }, at).says).toBe(
      'Take a softer ink',
    )
  })
  it('never takes oil out', () => {
    const softer = { ...correction, ratio: 0.7, dropsToAdd: 0 }
    expect(stiffnessAnswer({ ...softer, plateC: 28 }, at).says).toContain('Keep the plate at 28 °C')
    expect(stiffnessAnswer({ ...softer, plateC: null }, at).says).toContain('oil cannot come out')
  })
})

describe('what the amount and the card say first', () => {
  it('says grams for pulls, and how sure', () => {
    expect(amountAnswer(need, 'pulls to come').says).toBe('Mix about 13 g more for the 18 pulls to come')
    expect(amountAnswer({ ...need, mixCovers: 20 }, '').says).toBe('The mix covers the 18 pulls to come')
    expect(amountAnswer({ ...need, mixCovers: null }, 'pulls to come')).toEqual({
      says: 'Mix 47 g for the 18 pulls to come',
      because: 'They use up 47 g. Enough 9 times in 10, at 2.6 g used up a pull; pulls to come.',
    })
    expect(amountAnswer({ ...need, isGramsSure: false }, '').because).toContain('± 30 %: weigh it twice')
    expect(amountAnswer({ ...need, pulls: 0 }, '').says).toBe('Nothing more to mix')
    expect(amountAnswer({ ...need, grams: null }, '').says).toContain('size first')
  })
  it('says whether the mix can be made again', () => {
    const card = { name: 'Slate', newest: 2 }
    expect(cardAnswer({ ...sampleMix, parts: [] }, null, null).says).toBe('Finish the mix first')
    expect(cardAnswer(sampleMix, null, null).says).toBe('Save this mix on a card')
    expect(cardAnswer(sampleMix, card, null).says).toBe('Save the change as version 3')
    expect(cardAnswer(sampleMix, card, 1).says).toBe('Weigh 60 g by version 1 of “Slate”')
  })
})
