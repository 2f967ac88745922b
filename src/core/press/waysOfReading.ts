import type { WayOfReading } from './pressureScale'

/** The ways a press is read, and what each usually looks like. */
export const WAYS_OF_READING = {
  turns: 'Turns of the screws',
  gauge: 'A gauge or ruler',
  notches: 'Numbered notches',
  wheel: 'One geared wheel, by its marks',
  feel: 'By feel: settings with a name',
  fixed: 'Nothing to turn: it is packed',
  hand: 'The weight of the hand',
} as const satisfies Record<WayOfReading, string>

/** Where turns are counted from. */
export const COUNTED_FROM = {
  bed: 'the roller on the bare bed',
  blankets: 'the blankets loaded, roller just touching',
} as const
export type CountedFrom = keyof typeof COUNTED_FROM
