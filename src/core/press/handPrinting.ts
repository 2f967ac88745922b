import { PLATE_KINDS, type PlateKind } from '../plate/plate'
import { listed } from '../units/listed'
import { formatNumber } from '../units/length'

/** The ways of pressing by hand. */
export type HandKind = 'baren' | 'rolling-pin'

/** How a print is pressed by hand, act by act [common practice, no source]. @param weight "light", "medium" or "firm" */
export function handSteps(kind: HandKind, { passes, weight }: { passes: number; weight: string }): string[] {
  const times = passes === 1 ? 'once over the whole plate' : `${passes} times over the whole plate`
  const peel =
    'Lift one corner only, the rest held down by a weight: where it is pale, lay it back and go over that place.'
  if (kind === 'rolling-pin')
    return [
      'Lay the felts on a table that does not give, the plate on them face up, the sheet on it once, and felts over it.',
      'Put two strips of the plate’s thickness beside it, so that the roller does not drop off its edges.',
      `Roll from the middle to one end, then from the middle to the other, each roll over half the one before: ${times}, with a ${weight} hand.`,
      'Lean on the roller with straight arms and turn the table, not the roller: a turn on the spot shifts the sheet.',
      peel,
    ]
  return [
    'Lay the sheet on the plate once and do not shift it; a slip of smooth, thin paper over it lets the baren glide.',
    `Rub from the middle outward in strokes that overlap by half: ${times}, with a ${weight} hand.`,
    'Keep the other hand flat beside the stroke, so that the sheet cannot creep.',
    'Where you feel the plate’s edge, stop short of it and rub along it with the side of the spoon: across it the sheet tears.',
    peel,
  ]
}

/** Paper heavier than this seldom goes into lines under a hand, g/m² [common practice, no source]. */
const HEAVIEST_GSM = 160

/** What speaks against printing a plate by hand as it is, in words; nothing: it suits. Common practice, no source. */
export function handDoubts({
  plateKind,
  paper,
}: {
  plateKind: PlateKind | null
  paper: { name: string; gsm: number; isDamp: boolean } | null
}): string[] {
  const isBitten = plateKind !== null && PLATE_KINDS[plateKind].caution === 'bath'
  const wanted = [
    ...(paper && paper.gsm > HEAVIEST_GSM
      ? [`thinner than ${formatNumber(paper.gsm, 0)} g/m² (40 to ${HEAVIEST_GSM} goes into the lines)`]
      : []),
    ...(paper && !paper.isDamp ? ['damp'] : []),
  ]
  return [
    ...(isBitten
      ? [
          'Deep bites seldom fill a print by hand: expect their edges and a pale middle; drypoint and shallow lines come best.',
        ]
      : []),
    ...(wanted.length > 0 ? [`By hand the paper should be ${listed(wanted)}.`] : []),
    'Ink softer than for a press, and a little more of it: a hand presses a tenth of what a roller does.',
  ]
}

/** How a print by hand came out at one place. */
export const PLACE_LOOKS = { pale: 'Pale', full: 'Full', heavy: 'Heavy' } as const
export type PlaceLook = keyof typeof PLACE_LOOKS

/**
 * What three places of a print by hand, left, middle and right, ask of the next.
 *
 * @example evennessByHand({ left: 'full', middle: 'full', right: 'pale' }) // "Next time give the right a second pass."
 */
export function evennessByHand(places: Readonly<Record<'left' | 'middle' | 'right', PlaceLook>>): string {
  const where = (look: PlaceLook) =>
    (['left', 'middle', 'right'] as const).filter((place) => places[place] === look).map((at) => `the ${at}`)
  const [pale, heavy] = [where('pale'), where('heavy')]
  if (pale.length === 3) return 'Pale all over: a firmer hand, or another pass over the whole plate.'
  if (heavy.length === 3) return 'Heavy all over: a lighter hand, or a pass less.'
  if (pale.length === 0 && heavy.length === 0) return 'Even: press the next one the same way.'
  const more = pale.length > 0 ? `give ${listed(pale)} a second pass` : ''
  const less = heavy.length > 0 ? `go lighter over ${listed(heavy)}` : ''
  return `Next time ${[more, less].filter(Boolean).join(', and ')}.`
}
