import { describe, expect, it } from 'vitest'
import { correctAnswer, matchAnswer, nearness } from './colourAnswers'

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
