import { OVER_ALL, OVER_ONE, type Bleeding } from './bleeding'
import { FLATBED, PHONE, type Taking } from './imaging'

/** How the two pictures of a pair are taken, and whether they can bear the question. */
export interface Condition {
  name: string
  reference: Taking
  impression: Taking
  isGood: boolean
  /** how the plate bleeds over its sheet, where it does */
  bleeding?: Bleeding
}

const bad = (
  name: string,
  impression: Partial<Taking>,
  base: Taking = PHONE,
  reference: Taking = base,
): Condition => ({
  name,
  reference,
  impression: { ...base, ...impression },
  isGood: false,
})

/** Both pictures taken so, by a scanner, the second a little askew. */
const both = (name: string, how: Partial<Taking>, isGood: boolean): Condition => ({
  name,
  reference: { ...FLATBED, ...how },
  impression: { ...FLATBED, ...how, turnDegrees: -0.7 },
  isGood,
})

/** A grey strip below the sheet; and laid there less carefully, the other way round. */
const BESIDE: Partial<Taking> = { bottomMm: 46, strip: { leftMm: 8, topMm: 121, turnDegrees: 1 } }
const ASKEW: Partial<Taking> = { bottomMm: 46, strip: { leftMm: 142, topMm: 146, turnDegrees: 178 } }

export const CONDITIONS: readonly Condition[] = [
  {
    name: 'flatbed, dark lid',
    reference: FLATBED,
    impression: { ...FLATBED, turnDegrees: -0.7 },
    isGood: true,
  },
  { name: 'phone, dark table', reference: PHONE, impression: { ...PHONE, turnDegrees: -1.5 }, isGood: true },
  // Sheets larger than the glass.
  both('flatbed, a corner of the sheet', { rightMm: -14, bottomMm: -9 }, true),
  // Laid otherwise on the glass: a BAT upside down, a sheet across, and one that is larger than the glass across.
  { ...both('flatbed, laid upside down', {}, true), reference: { ...FLATBED, quarters: 2 } },
  {
    ...both('flatbed, laid across', {}, true),
    reference: { ...FLATBED, quarters: 1 },
    impression: { ...FLATBED, quarters: 2, turnDegrees: -0.7 },
  },
  {
    ...both('flatbed, a corner, laid across', { rightMm: -14, bottomMm: -9 }, true),
    impression: { ...FLATBED, rightMm: -14, bottomMm: -9, quarters: 3, turnDegrees: -0.7 },
  },
  both('flatbed, no side of the sheet', { roundMm: -6 }, false),
  bad('flatbed, white lid', { ground: 'white' }, FLATBED),
  bad('phone, white table', { ground: 'white' }),
  bad('phone, wood', { ground: 'wood' }),
  bad('phone, on another sheet', { ground: 'sheet' }),
  bad('phone, soft', { spread: 2.4 }),
  bad('phone, lamplight', { lamp: [1.05, 0.82, 0.55] }),
  bad('phone, shadow of a hand', { shadow: true }),
  bad('phone, glare', { glare: true }),
  bad('phone, whites clipped', { exposure: 1.6 }),
  bad('phone, dark', { exposure: 0.35, noise: 0.02 }),
  bad('phone, paper cut off', { rightMm: -14 }),
  bad('phone, lens that bends', { barrel: 0.03 }),
  bad('flatbed, deckled', { deckleMm: 1.5 }, FLATBED, { ...FLATBED, deckleMm: 1.5 }),
  bad('phone, deckled', { deckleMm: 1.5 }, PHONE, { ...PHONE, deckleMm: 1.5 }),
  bad('phone, a corner curled', { curledMm: 22 }),
  { ...both('flatbed, plate that bleeds', {}, false), bleeding: OVER_ALL },
  { ...bad('phone, plate that bleeds', { turnDegrees: -1.5 }), bleeding: OVER_ALL },
  { ...both('flatbed, bleeds at one side', {}, false), bleeding: OVER_ONE },
  { ...bad('phone, bleeds at one side', { turnDegrees: -1.5 }), bleeding: OVER_ONE },
  bad('phone against flatbed', {}, PHONE, FLATBED),
  bad('flatbed, a little softer', { spread: 0.8, turnDegrees: -0.7 }, FLATBED),
  bad('phone, a little softer', { spread: 1.05, turnDegrees: -1.5 }),
  bad('phone, contrast raised', { contrast: 0.35 }),
  bad('by strip, phone against flatbed', BESIDE, PHONE, { ...FLATBED, ...BESIDE }),
  bad('by strip, contrast against flatbed', { ...ASKEW, contrast: 0.35 }, PHONE, { ...FLATBED, ...BESIDE }),
  bad('by strip, flatbed against phone', BESIDE, FLATBED, { ...PHONE, ...BESIDE, contrast: 0.35 }),
  bad('by strip, contrast raised', { ...ASKEW, contrast: 0.35 }, PHONE, { ...PHONE, ...BESIDE }),
  bad('by strip, white table', { ...ASKEW, ground: 'white' }, PHONE, {
    ...FLATBED,
    ...BESIDE,
  }),
]
