import { z } from 'zod'
import type { PlateKind } from './plate'
import { isTurnedInTone } from './surfaceRolling'
import type { RolledPlate } from './surfaceSetting'

/** What the artwork is used for: drawn after, transferred as a resist, exposed through, or burnt by a machine. */
export type ArtworkUse = 'trace' | 'resist' | 'film' | 'engrave' | 'none'

interface MethodFacts {
  label: string
  kind: PlateKind
  use: ArtworkUse
  /** the carrier is laid with its image against the plate, which turns it left for right */
  faceDown: boolean
  /** what black on the carrier becomes in the print: `dark` if the plate holds ink there, `light` if it keeps the bath away */
  blackBecomes: 'dark' | 'light'
  /** the carrier can carry greys; otherwise every tone must be dots or lines */
  takesGrey: boolean
}

/**
 * Ways of making a plate and what each does to a picture [common practice, no source]. A tracing is laid face up, under a
 * clear plate or over carbon paper; toner and film lie image down; a laser burns what the file shows.
 */
export const MAKING_METHODS = {
  'plastic-drypoint': {
    label: 'Drypoint on plastic',
    kind: 'plastic-drypoint',
    use: 'trace',
    faceDown: false,
    blackBecomes: 'dark',
    takesGrey: true,
  },
  'card-drypoint': {
    label: 'Drypoint card, cut and peeled',
    kind: 'card-drypoint',
    use: 'trace',
    faceDown: false,
    blackBecomes: 'dark',
    takesGrey: true,
  },
  'metal-drypoint': {
    label: 'Drypoint on metal',
    kind: 'copper-drypoint',
    use: 'trace',
    faceDown: false,
    blackBecomes: 'dark',
    takesGrey: true,
  },
  'hard-ground': {
    label: 'Hard ground, line etching',
    kind: 'copper-etched',
    use: 'trace',
    faceDown: false,
    blackBecomes: 'dark',
    takesGrey: true,
  },
  aquatint: {
    label: 'Aquatint',
    kind: 'copper-etched',
    use: 'trace',
    faceDown: false,
    blackBecomes: 'dark',
    takesGrey: true,
  },
  'toner-solvent': {
    label: 'Laser toner moved by solvent',
    kind: 'aluminium-etched',
    use: 'resist',
    faceDown: true,
    blackBecomes: 'light',
    takesGrey: false,
  },
  'toner-heat': {
    label: 'Laser toner from release paper by heat',
    kind: 'aluminium-etched',
    use: 'resist',
    faceDown: true,
    blackBecomes: 'light',
    takesGrey: false,
  },
  'saline-sulphate': {
    label: 'Saline sulphate on aluminium or zinc',
    kind: 'aluminium-etched',
    use: 'trace',
    faceDown: false,
    blackBecomes: 'dark',
    takesGrey: true,
  },
  'ferric-copper': {
    label: 'Ferric chloride on copper',
    kind: 'copper-etched',
    use: 'trace',
    faceDown: false,
    blackBecomes: 'dark',
    takesGrey: true,
  },
  photopolymer: {
    label: 'Photopolymer from a film',
    kind: 'photopolymer',
    use: 'film',
    faceDown: true,
    blackBecomes: 'dark',
    takesGrey: false,
  },
  'laser-laminate': {
    label: 'Laser-cut carton laminate',
    kind: 'carton-laminate',
    use: 'engrave',
    faceDown: false,
    blackBecomes: 'dark',
    takesGrey: false,
  },
  mezzotint: {
    label: 'Mezzotint',
    kind: 'mezzotint',
    use: 'trace',
    faceDown: false,
    blackBecomes: 'dark',
    takesGrey: true,
  },
  slab: {
    label: 'Smooth slab, made ready',
    kind: 'slab',
    use: 'trace',
    faceDown: false,
    blackBecomes: 'dark',
    takesGrey: true,
  },
} as const satisfies Record<string, MethodFacts>
export type MakingMethod = keyof typeof MAKING_METHODS
export const makingMethodSchema = z.enum(Object.keys(MAKING_METHODS) as [MakingMethod, ...MakingMethod[]])

/** What must be done to a picture so that its print reads as the picture does. */
export interface CarrierTurn {
  /** left for right on the film, the toner sheet or the tracing */
  mirrored: boolean
  /** black for white */
  inverted: boolean
}

/**
 * How the carrier must be made. A print is the plate reversed, and a carrier laid face down reverses once more: with two
 * reversals the carrier reads as the picture, with one it must be mirrored. A resist keeps the bath away where it is black. Where the
 * surface alone is rolled, every tone is the other way round.
 */
export function carrierTurn(method: MakingMethod, plate: RolledPlate = {}): CarrierTurn {
  const { faceDown, blackBecomes } = MAKING_METHODS[method]
  return { mirrored: !faceDown, inverted: (blackBecomes === 'light') !== isTurnedInTone(plate) }
}

/** Which way round, and which way in tone, the plate reads against the picture, given how the carrier was made. */
export function plateTurn(method: MakingMethod, carrier: CarrierTurn, plate: RolledPlate = {}): CarrierTurn {
  const { faceDown, blackBecomes } = MAKING_METHODS[method]
  return {
    mirrored: carrier.mirrored !== faceDown,
    inverted: carrier.inverted !== ((blackBecomes === 'light') !== isTurnedInTone(plate)),
  }
}

/** Which way round the print reads against the picture: reversed from the plate. */
export function printTurn(method: MakingMethod, carrier: CarrierTurn, plate: RolledPlate = {}): CarrierTurn {
  const reads = plateTurn(method, carrier, plate)
  return { ...reads, mirrored: !reads.mirrored }
}

/** What the carrier is called at the bench. */
export const CARRIERS: Record<ArtworkUse, string> = {
  trace: 'Tracing',
  resist: 'Toner sheet',
  film: 'Film',
  engrave: 'Laser file',
  none: 'Drawing',
}
