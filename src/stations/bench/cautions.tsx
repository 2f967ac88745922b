import { Caution } from '@/ui/Caution'

/** Where every caution ends: the tool warns of the usual, and others decide. */
const POINTER = 'The safety data sheet, local rules and qualified people decide.'

export const HotplateCaution = () => (
  <Caution name="hotplate" pointer={POINTER}>
    Hotplate: burns and fire. No solvent near it, and oily rags go into a lidded metal bin or lie out flat.
  </Caution>
)

export const WipeCaution = () => (
  <Caution name="wipe" pointer={POINTER}>
    Do not breathe talc or whiting. Bare hands in ink for hours, and cobalt driers, harm the skin: glove or cream.
  </Caution>
)

export const PressCaution = () => (
  <Caution name="press" pointer={POINTER}>
    The roller pinches: never reach for a crease once the wheel turns. Hair and sleeves back, nothing loose on the bed, end stops in.
  </Caution>
)

export const CleaningCaution = () => (
  <Caution name="cleaning" pointer={POINTER}>
    Clean with vegetable oil and rags first, little solvent after: fire and fumes, gloves, air, no spark. Oily rags heat by themselves.
  </Caution>
)

export const BathCaution = () => (
  <Caution name="bath" pointer={POINTER}>
    Reworking in a bath: eyes and hands covered, air, acid into water and never the reverse, no closed vessel with metal in it.
  </Caution>
)
