'use client'

import { METALS, METAL_IN_MORDANT, MORDANTS, type Mordant } from '@/core/plate/mordants'
import { FINISHES, IMAGES, TONES_MADE, type ProcedureParts } from '@/core/plate/procedure'
import { SelectField } from '@/ui/Field'
import { BESIDE_MORDANT } from './clockAnswer'

/** The parts a way of making is put together from; why they do not go together is said beneath. */
export function PartsChoice({
  parts,
  refused,
  onParts,
}: {
  parts: ProcedureParts
  /** null: they go together */
  refused: string | null
  onParts: (parts: ProcedureParts) => void
}) {
  const field = <K extends keyof ProcedureParts>(
    key: K,
    label: string,
    options: readonly (readonly [string, string])[],
  ) => (
    <SelectField
      label={label}
      value={parts[key]}
      options={options}
      onPick={(value) => onParts({ ...parts, [key]: value })}
    />
  )
  return (
    <section aria-label="Parts of the way of making">
      <div className="grid gap-3 sm:grid-cols-2 lg:grid-cols-5">
        {field('image', 'Image', Object.entries(IMAGES))}
        {field('tone', 'Tone', Object.entries(TONES_MADE))}
        {field('metal', 'Metal', Object.entries(METALS))}
        {field(
          'mordant',
          'Mordant',
          Object.entries(MORDANTS).map(([key, label]) => [
            key,
            label + BESIDE_MORDANT[METAL_IN_MORDANT[parts.metal][key as Mordant].does],
          ]),
        )}
        {field('finish', 'Finish', Object.entries(FINISHES))}
      </div>
      {refused && (
        <p role="alert" className="mt-3 font-medium text-signal">
          ◆ {refused}
        </p>
      )}
    </section>
  )
}
