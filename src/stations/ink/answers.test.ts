import { describe, expect, it } from 'vitest'
import type { StiffnessCorrection } from '@/core/ink/stiffness'
import { sampleMix } from '@/core/prove/sampleSettings.test.fixture'
import type { JobNeed } from '@/core/record/jobNeed'
import { amountAnswer, cardAnswer, mixAnswer, stiffnessAnswer } from './answers'

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
      because:
        '3 drops of light copperplate oil into every 5 g. It covers the 18 pulls to come, which take 47 g.',
    })
    // Ten were pulled: what it lacks for the other five is mixed beside it, 5 × 2.6 = 13 g.
    expect(mixAnswer(sampleMix, need)).toMatchObject({
      says: 'Mix 13 g more: 11.6 g Bone black and 1.4 g Dusk blue',
    })
    expect(mixAnswer(sampleMix, { ...need, pulls: 9 }).says).toMatch(/^Enough is mixed: /)
    expect(mixAnswer({ ...sampleMix, modifiers: [] }, { ...need, pulls: 0 }).because).toBe('')
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
