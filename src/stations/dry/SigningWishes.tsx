'use client'

import {
  CHOPS,
  MARKINGS,
  SIGNERS,
  type Chop,
  type Marking,
  type Signer,
  type Signing,
} from '@/core/dry/numbering'
import { Choice } from '@/ui/Choice'
import { SelectField, TextField } from '@/ui/Field'

/** How the prints are marked and signed. */
export function SigningWishes({
  signing,
  hasProofs,
  problem,
  onSigning,
}: {
  signing: Signing
  /** artist’s proofs are counted beside the prints */
  hasProofs: boolean
  /** what is wrong with the printer’s name */
  problem?: string
  onSigning: (signing: Signing) => void
}) {
  return (
    <div className="grid items-end gap-3 sm:grid-cols-2 xl:grid-cols-5">
      <SelectField
        label="The prints are marked"
        value={signing.marking}
        options={Object.entries(MARKINGS).map(([key, { label }]) => [key, label])}
        onPick={(marking) => onSigning({ ...signing, marking: marking as Marking })}
      />
      {hasProofs && (
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
      )}
      <SelectField
        label="Signed by"
        value={signing.signer}
        options={Object.entries(SIGNERS)}
        onPick={(signer) => onSigning({ ...signing, signer: signer as Signer })}
      />
      <TextField
        label="Printer’s name (imp.)"
        problem={problem}
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
      <p className="text-sm text-muted sm:col-span-2 xl:col-span-5">{MARKINGS[signing.marking].note}</p>
    </div>
  )
}
