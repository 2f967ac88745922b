import { describe, expect, it } from 'vitest'
import { evennessByHand, handDoubts, handSteps } from './handPrinting'

describe('printing by hand', () => {
  it('is rubbed or rolled from the middle, in overlapping strokes, with the hand and the passes that are set', () => {
    const rubbed = handSteps('baren', { passes: 1, weight: 'firm' }).join(' ')
    expect(rubbed).toContain('from the middle outward in strokes that overlap by half: once')
    expect(rubbed).toContain('a firm hand')
    const rolled = handSteps('rolling-pin', { passes: 3, weight: 'light' }).join(' ')
    expect(rolled).toContain('from the middle to one end')
    expect(rolled).toContain('3 times over the whole plate')
    // Nothing of a press is asked of a hand.
    expect(`${rubbed} ${rolled}`).not.toMatch(/screw|zero|gap|turns of/)
  })
  it('says of a bitten plate and of heavy, dry paper what to expect', () => {
    const doubts = handDoubts({
      plateKind: 'copper-etched',
      paper: { name: 'Heron', gsm: 300, isDamp: false },
    })
    expect(doubts[0]).toContain('Deep bites seldom fill')
    expect(doubts[1]).toBe(
      'By hand the paper should be thinner than 300 g/m² (40 to 160 goes into the lines) and damp.',
    )
  })
  it('says of a drypoint on thin damp paper only what ink suits', () =>
    expect(
      handDoubts({ plateKind: 'plastic-drypoint', paper: { name: 'Tissue', gsm: 60, isDamp: true } }),
    ).toHaveLength(1))
  it.each([
    ['full', 'full', 'full', 'Even: press the next one the same way.'],
    ['pale', 'pale', 'pale', 'Pale all over: a firmer hand, or another pass over the whole plate.'],
    ['heavy', 'heavy', 'heavy', 'Heavy all over: a lighter hand, or a pass less.'],
    ['full', 'full', 'pale', 'Next time give the right a second pass.'],
    [
      'pale',
      'heavy',
      'pale',
      'Next time give the left and the right a second pass, and go lighter over the middle.',
    ],
  ] as const)('of %s, %s, %s says what to do', (left, middle, right, words) =>
    expect(evennessByHand({ left, middle, right })).toBe(words),
  )
})
