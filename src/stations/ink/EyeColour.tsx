'use client'

import { convertSrgbToLab } from '@/core/colour/convertSrgbToLab'
import type { Lab } from '@/core/colour/convertXyzToLab'
import { Field } from '@/ui/Field'

/** Eight-bit red, green and blue of a written colour, as CIE L*a*b*. */
const labOf = (hex: string): Lab => {
  const [r, g, b] = [1, 3, 5].map((at) => Number.parseInt(hex.slice(at, at + 2), 16) / 255)
  return convertSrgbToLab(r, g, b)
}

/** A colour chosen by eye on this screen, beside the thing itself. */
export function EyeColour({
  label,
  hint,
  stands,
  problem,
  onPick,
}: {
  label: string
  hint: string
  /** what it begins at, as a screen writes it */
  stands: string
  problem?: string
  onPick: (lab: Lab) => void
}) {
  return (
    <Field label={label} hint={hint} problem={problem}>
      {(ids) => (
        <input
          {...ids}
          type="color"
          className="h-11 w-24"
          defaultValue={stands}
          onChange={(event) => onPick(labOf(event.target.value))}
        />
      )}
    </Field>
  )
}
