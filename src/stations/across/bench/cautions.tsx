import { PLATE_KINDS, type PlateKind } from '@/core/plate/plate'
import { Caution } from '@/ui/Caution'

/** Where every caution ends: the tool warns of the usual, and others decide. */
export const CAUTION_POINTER = 'The safety data sheet, local rules and qualified people decide.'

export const HotplateCaution = () => (
  <Caution name="hotplate" pointer={CAUTION_POINTER}>
    Hotplate: burns and fire. No solvent near it, and oily rags go into a lidded metal bin or lie out flat.
  </Caution>
)

export const WipeCaution = () => (
  <Caution name="wipe" pointer={CAUTION_POINTER}>
    Do not breathe talc or whiting. Bare hands in ink for hours, and cobalt driers, harm the skin: glove or
    cream.
  </Caution>
)

export const PressCaution = () => (
  <Caution name="press" pointer={CAUTION_POINTER}>
    The roller pinches: never reach for a crease once the wheel turns. Hair and sleeves back, nothing loose on
    the bed, end stops in.
  </Caution>
)

export const CleaningCaution = () => (
  <Caution name="cleaning" pointer={CAUTION_POINTER}>
    Clean with vegetable oil and rags first, little solvent after: fire and fumes, gloves, air, no spark. Oily
    rags heat by themselves.
  </Caution>
)

const PLATE_CAUTIONS = {
  uv: 'UV unit: do not look in. Wash-out water and raw polymer: gloves, and keep them off the skin.',
  bath: 'Biting: eyes and hands covered, air, acid into water and never the reverse, no closed vessel with metal in it. Rosin and powders: mask, no spark.',
  blades:
    'Needles, rockers and blades: cut away from the hands. Edges of metal and plastic cut too, until they are bevelled.',
} as const

/** The hazard of making or reworking a plate depends on its kind. */
export function PlateCaution({ kind }: { kind: PlateKind | null }) {
  if (kind === null) return null
  const { caution } = PLATE_KINDS[kind]
  return (
    <Caution name={caution} pointer={CAUTION_POINTER}>
      {PLATE_CAUTIONS[caution]}
    </Caution>
  )
}
