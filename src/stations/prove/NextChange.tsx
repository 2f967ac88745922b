'use client'

import { capital } from '@/core/units/capital'
import { counted } from '@/core/units/counted'
import { useState } from 'react'
import { complaintsOf, FEATURES, featureWords, type Features } from '@/core/prove/features'
import {
  ACTS,
  amountWords,
  asksForThePlate,
  pairsLike,
  shiftWords,
  suggestChanges,
  whatMovedWhat,
  type ProofPair,
  type RemedyBench,
} from '@/core/prove/whatMoved'
import { causesOf } from '@/core/prove/causes'
import { isExhausted, isPressedByHand } from '@/core/press/pressSetting'
import { formatNumber } from '@/core/units/length'
import { Check } from '@/ui/Check'

/** What to change next for what is wrong with the last proof, and the table it is taken from. */
export function NextChange({
  features,
  pairs,
  bench,
}: {
  features: Features | null
  pairs: readonly ProofPair[]
  /** what stood on the bench of that proof */
  bench: RemedyBench
}) {
  const [all, setAll] = useState(false)
  const alike = all ? pairs : pairsLike(pairs, bench.settings)
  const moved = whatMovedWhat(alike)
  const complaints = features ? complaintsOf(features) : []
  const suggestions = features ? suggestChanges(features, moved, { bench }) : []
  const causes = features ? causesOf(features) : []
  if (complaints.length === 0 && moved.length === 0) return null
  return (
    <section aria-label="What to change next" className="mt-4 border-t border-line pt-3">
      {complaints.length > 0 && (
        <>
          <h2 className="station-title">
            {complaints.map(([feature, value]) => featureWords(feature, value)).join('; ')}
          </h2>
          {features && asksForThePlate(features) && (
            <p className="my-1">
              ◆ First look at the plate after the pull: ink left in its lines asks for pressure, damp or a
              softer ink; empty lines were wiped out or never filled.
            </p>
          )}
          {!isPressedByHand(bench.settings.press, bench.press) && isExhausted(bench.settings) && (
            <p className="my-1">
              ◆ The blankets are pressed to nearly all they can give: a tighter press would change nothing.
            </p>
          )}
          <ol className="my-1">
            {suggestions.map(({ words, basis, complaint }) => (
              <li key={words + complaint} className="border-b border-line py-1">
                <b>{capital(words)}</b>{' '}
                <span className="text-sm text-muted">
                  for {FEATURES[complaint].label.toLowerCase()}; {basis}
                </span>
              </li>
            ))}
          </ol>
          {causes.length > 0 && (
            <>
              <h3 className="mt-2 text-sm text-muted">Look for, before anything is set otherwise</h3>
              <ul className="my-1" aria-label="Causes to look for">
                {causes.map(({ cause, label, sign, remedy }) => (
                  <li key={cause} className="border-b border-line py-1">
                    <b>{capital(label)}</b>: {sign}?{' '}
                    <span className="block text-sm text-muted">{capital(remedy)}.</span>
                  </li>
                ))}
              </ul>
            </>
          )}
          {suggestions.length + causes.length === 0 && <p>No advice for this fault yet.</p>}
          <p className="text-sm text-muted">Change one thing, so that the next proof says what did it.</p>
        </>
      )}
      {pairs.length > 0 && (
        <details>
          <summary className="min-h-11 py-2">
            What each change did: {counted(alike.length, 'trial')}{' '}
            {all ? 'on all presses, plates and papers' : 'with this press, kind of plate and paper'}
          </summary>
          <Check label="Include other presses, plates and papers" checked={all} onCheck={setAll} />
          <div
            className="relative overflow-x-auto"
            tabIndex={0}
            role="region"
            aria-label="What each change did"
          >
            <table className="condensed w-full text-sm">
              <thead className="text-left text-muted">
                <tr>
                  <th scope="col" className="font-normal">
                    Change
                  </th>
                  <th scope="col" className="font-normal">
                    usually by
                  </th>
                  <th scope="col" className="font-normal">
                    moved
                  </th>
                  <th scope="col" className="font-normal">
                    steps
                  </th>
                  <th scope="col" className="font-normal">
                    trials
                  </th>
                </tr>
              </thead>
              <tbody>
                {moved.map((one) => (
                  <tr key={`${one.act}${one.way}${one.feature}`} className="border-t border-line">
                    <th scope="row" className="py-1 text-left">
                      {ACTS[one.act][one.way]}
                    </th>
                    <td>{amountWords(one.act, one.amount)}</td>
                    <td>{shiftWords(one)}</td>
                    <td>{formatNumber(Math.abs(one.shift), 1)}</td>
                    <td>{one.trials}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        </details>
      )}
    </section>
  )
}
