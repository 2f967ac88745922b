'use client'

import { CHOPS, MARKINGS, type Chop, type Marking, type Signing } from '@/core/dry/numbering'
import { Choice } from '@/ui/Choice'
import { SelectField, TextField } from '@/ui/Field'

/** How the prints are marked and signed. */
export function SigningWishes({
  signing,
  onSigning,
}: {
  signing: Signing
  onSigning: (signing: Signing) => void
}) {
  return (
    <div className="grid items-end gap-3 sm:grid-cols-2 xl:grid-cols-4">
      <SelectField
        label="The edition is marked"
        value={signing.marking}
        options={Object.entries(MARKINGS).map(([key, { label }]) => [key, label])}
        onPick={(marking) => onSigning({ ...signing, marking: marking as Marking })}
      />
      <div>
        <p className="mb-0.5 text-sm text-muted">Artist’s proofs in</p>
        <Choice
          label="Artist’s proofs in"
          value={signing.style}
          options={[
            ['roman', 'I, II, III'],
            ['arabic', '1, 2, 3'],
          ]}
          onPick={(style) => onSigning({ ...signing, style })}
        />
      </div>
      <TextField
        label="Printer’s name (imp.)"
        value={signing.imp}
        placeholder="nobody"
        onText={(imp) => onSigning({ ...signing, imp: imp.slice(0, 120) })}
      />
      <SelectField
        label="Chop"
        value={signing.chop}
        options={Object.entries(CHOPS)}
        onPick={(chop) => onSigning({ ...signing, chop: chop as Chop })}
      />
      <p className="text-sm text-muted sm:col-span-2 xl:col-span-4">{MARKINGS[signing.marking].note}</p>
    </div>
  )
}
