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
import { Folded, FoldedLine } from '@/ui/Folded'

/** How the prints are marked and signed, in a line. */
function marksWords({ marking, style, signer, imp, chop }: Signing, hasProofs: boolean): string {
  return [
    MARKINGS[marking].label,
    ...(hasProofs ? [`artist’s proofs ${style === 'roman' ? 'I, II, III' : '1, 2, 3'}`] : []),
    `signed by ${SIGNERS[signer].toLowerCase()}`,
    ...(imp.trim() ? [`imp. ${imp.trim()}`] : []),
    chop === 'none' ? 'no chop' : `chop ${CHOPS[chop].toLowerCase()}`,
  ].join('; ')
}

/** How the prints are marked and signed: usually as it was, and folded. */
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
    <Folded
      summary={<FoldedLine title="Marks" value={marksWords(signing, hasProofs)} />}
      isOpen={problem !== undefined}
    >
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
    </Folded>
  )
}
