'use client'

import { PLATE_KINDS, type PlateKind } from '@/core/plate/plate'
import { isHandKind, type PressKind } from '@/core/press/pressKind'
import { Caution } from '@/ui/Caution'
import { usePerson } from '../person/usePerson'

/** Where every caution ends: the tool warns of the usual, and others decide. */
export const CAUTION_POINTER = 'The safety data sheet, local rules and qualified people decide.'

/** The hazard of each caution in a word or two. */
const TITLES: Record<keyof typeof CAUTIONS, string> = {
  hotplate: 'Hotplate',
  wipe: 'Talc, skin',
  press: 'Roller',
  kitchen: 'Kitchen roller',
  cleaning: 'Solvents, rags',
  starch: 'Dust',
  uv: 'UV',
  bath: 'Biting',
  blades: 'Blades',
}

/** Usual cautions at the stations [common practice, no source]. */
const CAUTIONS = {
  hotplate:
    'Hotplate: burns and fire. No solvent near it, and oily rags go into a lidded metal bin or lie out flat.',
  wipe: 'Do not breathe talc, which is French chalk, or whiting. Bare hands in ink for hours, and cobalt driers, harm the skin: glove or cream. Food and drink stay out of the room.',
  press:
    'The roller pinches: never reach for a crease once the wheel turns. The wheel and its handle swing back when they are let go. Hair and sleeves back, nothing loose on the bed, end stops in. Two people lift a bed or a roller.',
  kitchen:
    'A kitchen roller that was printed with never touches food again. Clamp it, and take the fingers off five centimetres before the roller.',
  cleaning:
    'Clean with vegetable oil and rags first, little solvent after: fire and fumes, gloves, air, no spark, and no fan that can give one. Acetone and MEK dissolve acrylic plates. Oily rags can self-ignite.',
  starch: 'Dry starch and paste powder: do not breathe the dust, and no flame near it.',
  uv: 'UV unit: do not look in. Wash-out water and raw polymer: gloves, and keep them off the skin.',
  bath: 'Biting: eyes and hands covered, air, acid into water and never the reverse, no closed vessel with metal in it. Hydrogen and heat come off the metal: a small test first. Brown fumes of nitric, on zinc as on copper: leave and ventilate. A warm jacket speeds a bath: never leave it. Rosin and powders: mask, no spark. Food kept apart.',
  blades:
    'Needles, rockers and blades: cut away from your hands, guards in place. Edges of metal and plastic cut too, until they are bevelled.',
} as const

export type CautionName = keyof typeof CAUTIONS

function OneCaution({ name }: { name: CautionName }) {
  const person = usePerson()
  return (
    <Caution name={name} title={TITLES[name]} who={person} pointer={CAUTION_POINTER}>
      {CAUTIONS[name]}
    </Caution>
  )
}

/** A caution within the work, at the act it is of: for what is read or run act by act. */
export const CautionAtAct = ({ name }: { name: CautionName }) => (
  <span className="block text-sm">
    <span aria-hidden>⚠ </span>
    {CAUTIONS[name]} <span className="text-muted">{CAUTION_POINTER}</span>
  </span>
)

export const HotplateCaution = () => <OneCaution name="hotplate" />
export const WipeCaution = () => <OneCaution name="wipe" />
export const CleaningCaution = () => <OneCaution name="cleaning" />
export const StarchCaution = () => <OneCaution name="starch" />
export const BladesCaution = () => <OneCaution name="blades" />

/** What can hurt at a press; a kitchen roller has its own, and a baren nothing that pinches. @param kind null or left out: not known here */
export const PressCaution = ({ kind }: { kind?: PressKind | null }) =>
  kind && isHandKind(kind) ? null : (
    <>
      <OneCaution name="press" />
      {kind === 'kitchen-roller' && <OneCaution name="kitchen" />}
    </>
  )

/** The hazard of making or reworking a plate depends on its kind. */
export const PlateCaution = ({ kind }: { kind: PlateKind | null }) =>
  kind === null || PLATE_KINDS[kind].caution === null ? null : <OneCaution name={PLATE_KINDS[kind].caution} />
