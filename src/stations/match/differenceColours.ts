/** Steps of the difference map: from this ΔE00 on, this grey. Lightness alone carries it, so that it reads for every eye; the last two, which nobody overlooks, are the signal hue as well. */
export const DIFFERENCE_STEPS = [
  { from: 0, colour: [246, 246, 246], words: 'under 1: not seen' },
  { from: 1, colour: [214, 214, 214], words: '1 to 2: hardly' },
  { from: 2, colour: [172, 172, 172], words: '2 to 4: side by side' },
  { from: 4, colour: [122, 122, 122], words: '4 to 8: plain' },
  { from: 8, colour: [154, 43, 0], words: '8 to 16: another tone' },
  { from: 16, colour: [70, 14, 0], words: '16 and more' },
] as const

/** The colour of a difference; beyond what the impression reaches nothing is drawn. */
export function differenceColour(deltaE: number): readonly [number, number, number] | null {
  if (deltaE < 0) return null
  for (let i = DIFFERENCE_STEPS.length - 1; i > 0; i--) if (deltaE >= DIFFERENCE_STEPS[i].from) return DIFFERENCE_STEPS[i].colour
  return DIFFERENCE_STEPS[0].colour
}
