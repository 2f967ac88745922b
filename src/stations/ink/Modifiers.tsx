'use client'

import { useState } from 'react'
import { modifierAmount, MODIFIERS, type MixSetting, type Modifier } from '@/core/ink/mix'
import { formatNumber } from '@/core/units/length'
import { formatGrams } from '@/core/units/quantity'
import type { FieldProblem } from '@/data/database/errors'
import { Folded, FoldedLine } from '@/ui/Folded'
import { NumberField } from '@/ui/NumberField'
import { problemAt } from '../across/bench/problemAt'

const MODIFIER_KEYS = Object.keys(MODIFIERS) as Modifier[]

/** What is worked into a puddle, in a line. */
const modifierWords = (modifiers: MixSetting['modifiers'], puddleGrams: number | null | undefined): string =>
  modifiers.length === 0
    ? 'none'
    : `${modifiers
        .map(
          ({ modifier, amount }) =>
            `${formatNumber(amount, 2)} ${MODIFIERS[modifier].unit} ${MODIFIERS[modifier].label.toLowerCase()}`,
        )
        .join(', ')}${puddleGrams ? ` to ${formatGrams(puddleGrams, 1)}` : ''}`

/** Oils and powders worked into each puddle of a mix, folded under one line. */
export function Modifiers({
  modifiers,
  puddleGrams,
  problems,
  onChange,
}: {
  modifiers: MixSetting['modifiers']
  puddleGrams: number | null
  problems: readonly FieldProblem[]
  onChange: (patch: { modifiers: MixSetting['modifiers'] } | { puddleGrams: number | null }) => void
}) {
  // What was put in when the mix was opened stays where it is, so that no field moves under the fingers.
  const [usedAtFirst] = useState(() => new Set(modifiers.map(({ modifier }) => modifier)))
  const isUsed = (modifier: Modifier) => modifier === 'thin-oil' || usedAtFirst.has(modifier)
  const set = (modifier: Modifier, amount: number | null) => {
    const others = modifiers.filter((entry) => entry.modifier !== modifier)
    onChange({ modifiers: amount ? [...others, { modifier, amount }] : others })
  }
  const field = (modifier: Modifier) => {
    const { label, unit, effect } = MODIFIERS[modifier]
    const amount = modifierAmount({ modifiers }, modifier)
    return (
      <NumberField
        key={modifier}
        label={label}
        unit={unit}
        digits={2}
        hint={
          unit === 'grams' && puddleGrams && amount > 0
            ? `${effect}; ${formatNumber((100 * amount) / puddleGrams, 0)} % of the puddle`
            : effect
        }
        value={amount}
        onValue={(next) => set(modifier, next)}
      />
    )
  }
  return (
    <Folded
      summary={<FoldedLine title="Oils and powders" value={modifierWords(modifiers, puddleGrams)} />}
      isOpen={modifiers.length > 0 || problems.length > 0}
      className="mt-3 border-t border-line"
    >
      <fieldset className="grid grid-cols-2 gap-3 sm:grid-cols-3">
        <legend className="sr-only">Modifiers</legend>
        {MODIFIER_KEYS.filter(isUsed).map(field)}
        <NumberField
          label="Drops go into"
          unit="g"
          value={puddleGrams}
          onValue={(grams) => onChange({ puddleGrams: grams })}
          problem={problemAt(problems, 'puddleGrams')}
        />
      </fieldset>
      <details>
        <summary className="min-h-11 py-2 text-sm text-muted">
          Others:{' '}
          {MODIFIER_KEYS.filter((key) => !isUsed(key))
            .map((key) => MODIFIERS[key].label.toLowerCase())
            .join(', ')}
        </summary>
        <div className="grid grid-cols-2 gap-3 sm:grid-cols-3">
          {MODIFIER_KEYS.filter((key) => !isUsed(key)).map(field)}
        </div>
      </details>
    </Folded>
  )
}
