'use client'

import { formatCelsius } from '@/core/units/quantity'
import type { FieldProblem } from '@/data/database/errors'
import type { StoreInk } from '@/data/shop/inks'
import { SelectField, TextField } from '@/ui/Field'
import { NumberField } from '@/ui/NumberField'
import { problemAt } from '../../across/bench/problemAt'
import type { NewInkState } from './newInkState'

/** Fields said of an ink beside its readings, where their problems are shown. */
export const ABOUT_FIELDS = ['name', 'viscosityPas', 'note']

/** What is said of an ink beside its readings; inks of a file bring their own names. */
export function AboutInk({
  state,
  change,
  problems,
}: {
  state: NewInkState
  change: (patch: Partial<NewInkState>) => void
  problems: FieldProblem[]
}) {
  return (
    <>
      {state.way !== 'file' && (
        <TextField
          label="Name of the ink"
          value={state.name}
          onText={(name) => change({ name })}
          problem={problemAt(problems, 'name')}
          className="sm:col-span-2"
        />
      )}
      <SelectField
        label="Kind of ink"
        value={state.kind}
        options={[
          ['oil', 'oil'],
          ['water-washable', 'water-washable'],
        ]}
        onPick={(kind) => change({ kind: kind as StoreInk['kind'] })}
      />
      <NumberField
        label={`Viscosity at ${formatCelsius(20, 0)}`}
        unit="Pa·s"
        value={state.viscosityPas}
        onValue={(viscosityPas) => change({ viscosityPas })}
        problem={problemAt(problems, 'viscosityPas')}
      />
      <SelectField
        label="Pigment"
        value={state.forecastable ? 'plain' : 'metallic'}
        options={[
          ['plain', 'ordinary'],
          ['metallic', 'metallic or interference'],
        ]}
        onPick={(value) => change({ forecastable: value === 'plain' })}
      />
      <TextField
        label="Note"
        value={state.note}
        onText={(note) => change({ note })}
        problem={problemAt(problems, 'note')}
      />
    </>
  )
}
