import type { Hazard } from './hazards'

/** Metals of which plates are made. */
export const METALS = {
  copper: 'Copper',
  brass: 'Brass',
  zinc: 'Zinc',
  aluminium: 'Aluminium',
  steel: 'Steel',
} as const
export type Metal = keyof typeof METALS

/** What bites. */
export const MORDANTS = {
  ferric: 'Ferric chloride',
  'saline-sulphate': 'Saline copper sulphate',
  nitric: 'Nitric acid',
} as const
export type Mordant = keyof typeof MORDANTS

/** What a mordant does to a metal: it bites; it bites and something must be minded; it must never be; it does nothing; nobody here knows. */
export type Bites = 'bites' | 'warned' | 'refused' | 'does-not-bite' | 'not-known'

interface Pairing {
  does: Bites
  /** why, in a sentence or two; empty: nothing is to be said */
  words: string
}

const NOT_KNOWN: Pairing = {
  does: 'not-known',
  words: 'What this does is not known here: ask whoever sold it, and try a scrap under extraction.',
}
const NITRIC: Pairing = {
  does: 'warned',
  words:
    'Strength and time only from the label, the safety data sheet and the workshop’s own written procedure. Never one bath for zinc and copper. Heat or brown gas: leave, and ventilate.',
}

/**
 * Every metal in every mordant: one table, which refuses and warns wherever a bath and a plate meet [common practice, no source; label, safety
 * data sheet, local rules and qualified people decide].
 */
export const METAL_IN_MORDANT: Readonly<Record<Metal, Readonly<Record<Mordant, Pairing>>>> = {
  copper: {
    ferric: { does: 'bites', words: '' },
    'saline-sulphate': {
      does: 'does-not-bite',
      words: 'Saline copper sulphate does not bite copper: use ferric chloride.',
    },
    nitric: NITRIC,
  },
  brass: {
    ferric: { does: 'bites', words: '' },
    'saline-sulphate': NOT_KNOWN,
    nitric: NOT_KNOWN,
  },
  zinc: {
    ferric: {
      does: 'warned',
      words:
        'Ferric chloride on zinc grows hot and gives off gas: a small test first, thin bath, under extraction.',
    },
    'saline-sulphate': { does: 'bites', words: '' },
    nitric: NITRIC,
  },
  aluminium: {
    ferric: { does: 'refused', words: 'Ferric chloride on aluminium is violent: never.' },
    'saline-sulphate': { does: 'bites', words: '' },
    nitric: { does: 'refused', words: 'Nitric acid never on aluminium.' },
  },
  steel: { ferric: NOT_KNOWN, 'saline-sulphate': NOT_KNOWN, nitric: NOT_KNOWN },
}

/** Whether a plate may go into a bath. */
export const mayBite = (metal: Metal, mordant: Mordant): boolean => {
  const { does } = METAL_IN_MORDANT[metal][mordant]
  return does === 'bites' || does === 'warned'
}

/** Which caution stands at a bath. */
export const hazardOf = (mordant: Mordant): Hazard => (mordant === 'ferric' ? 'ferric' : 'mordant')

/** Grams of metal a cubic centimetre (handbook densities: Cu 8.96, Zn 7.14, Al 2.70, Fe 7.87; brass of about 63 % copper 8.4). */
export const METAL_DENSITY: Record<Metal, number> = {
  copper: 8.96,
  brass: 8.4,
  zinc: 7.14,
  aluminium: 2.7,
  steel: 7.87,
}
