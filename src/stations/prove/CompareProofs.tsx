'use client'

import { useState } from 'react'
import { readPull } from '@/core/edition/readPull'
import type { Pull } from '@/core/edition/pull'
import { compareSettings } from '@/core/prove/compareSettings'
import { complaintsOf, featureWords } from '@/core/prove/features'
import { SelectField } from '@/ui/Field'

/** Any two proofs beside each other: what differs in their settings, and what was seen of each. */
export function CompareProofs({ proofs }: { proofs: readonly Pull[] }) {
  const [pair, setPair] = useState<[string, string]>([proofs[0].id, proofs.at(-1)!.id])
  const options = proofs.map(({ id, number }) => [id, `Proof ${number}`] as const)
  const [a, b] = pair.map((id) => proofs.find((proof) => proof.id === id) ?? proofs[0])
  const changes = compareSettings(a.settings, b.settings)
  const seen = (proof: Pull) => {
    const { verdict } = readPull(proof)
    return verdict
      ? [
          verdict.note,
          ...complaintsOf(verdict.features).map(([feature, value]) => featureWords(feature, value)),
        ]
          .filter(Boolean)
          .join(' ') || 'No note.'
      : 'Not judged yet.'
  }
  return (
    <details className="border-b border-line py-1">
      <summary className="min-h-11 py-2">Compare any two proofs</summary>
      <div className="grid gap-3 sm:grid-cols-2">
        <div>
          <SelectField
            label="This proof"
            value={a.id}
            options={options}
            onPick={(id) => setPair([id, pair[1]])}
          />
          <p className="mt-1">{seen(a)}</p>
        </div>
        <div>
          <SelectField
            label="beside"
            value={b.id}
            options={options}
            onPick={(id) => setPair([pair[0], id])}
          />
          <p className="mt-1">{seen(b)}</p>
        </div>
      </div>
      <ul className="my-2" aria-label="What differs between the two">
        {changes.map(({ key, words, wayBack }) => (
          <li key={key} className="border-t border-line py-1">
            <b>{words}</b> <span className="text-sm text-muted">way back: {wayBack.text}</span>
          </li>
        ))}
        {changes.length === 0 && <li>Nothing in their settings.</li>}
      </ul>
    </details>
  )
}
