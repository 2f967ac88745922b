import type { CheckPicture } from '@/core/match/pictureOfCheck'

/** A step of a map's legend: from this value on, this grey. */
export interface MapStep {
  from: number
  colour: readonly [number, number, number]
  words: string
}

/** How far apart: lightness alone carries it, so that it reads for every eye; the last two, which nobody overlooks, are the signal hue as well. */
const APART = [
  [246, 246, 246],
  [214, 214, 214],
  [172, 172, 172],
  [122, 122, 122],
  [154, 43, 0],
  [70, 14, 0],
] as const
const apart = (steps: readonly (readonly [number, string])[]): MapStep[] =>
  steps.map(([from, words], i) => ({ from, colour: APART[i], words }))

/** More or less of something dark: as the ink itself, darker where there is more, paler where there is less, the middle grey where it is the same. */
const MORE_OR_LESS: readonly MapStep[] = [
  { from: -Infinity, colour: [255, 255, 255], words: 'less by 8 L* and more' },
  { from: -8, colour: [224, 224, 224], words: 'less by 4 to 8' },
  { from: -4, colour: [188, 188, 188], words: 'less by 2 to 4' },
  { from: -2, colour: [150, 150, 150], words: 'the same' },
  { from: 2, colour: [108, 108, 108], words: 'more by 2 to 4' },
  { from: 4, colour: [62, 62, 62], words: 'more by 4 to 8' },
  { from: 8, colour: [0, 0, 0], words: 'more by 8 L* and more' },
]

/** The legend of every map: what it is called, and its steps. */
export const MAP_LEGENDS: Record<
  Exclude<CheckPicture, 'lie'>,
  { title: string; steps: readonly MapStep[] }
> = {
  colour: {
    title: 'How far each place of the plate is from the BAT, ΔE00',
    steps: apart([
      [-Infinity, 'under 1: not seen'],
      [1, '1 to 2: hardly'],
      [2, '2 to 4: side by side'],
      [4, '4 to 8: plain'],
      [8, '8 to 16: another tone'],
      [16, '16 and more'],
    ]),
  },
  ink: { title: 'More and less ink than the BAT', steps: MORE_OR_LESS },
  film: { title: 'More and less film between the lines than the BAT', steps: MORE_OR_LESS },
  drawing: {
    title: 'How unlike the BAT’s the drawing is',
    steps: apart([
      [-Infinity, 'the same'],
      [0.1, 'hardly'],
      [0.2, 'a little'],
      [0.35, 'plain'],
      [0.55, 'another drawing'],
      [0.8, 'none of it'],
    ]),
  },
}

/** The colour of a value; where nothing can be said nothing is drawn. */
export function mapColour(steps: readonly MapStep[], value: number): MapStep['colour'] | null {
  if (Number.isNaN(value)) return null
  let found = steps[0].colour
  for (const { from, colour } of steps) {
    if (value < from) break
    found = colour
  }
  return found
}
