'use client'

import { BETWEEN_RUNS, RUN_KINDS, type BetweenRuns, type RunKind, type RunWish } from '@/core/edition/runs'
import type { FieldProblem } from '@/data/database/errors'
import { SelectField, TextField } from '@/ui/Field'
import { NumberField } from '@/ui/NumberField'
import { problemAt } from '../bench/problemAt'

/** What makes a run: what it is called, what it is, and what happens to the sheet before it. @param isFirst nothing comes before the first run */
export function RunForm({
  wish,
  isFirst,
  problems,
  onWish,
}: {
  wish: RunWish
  isFirst: boolean
  problems: readonly FieldProblem[]
  onWish: (wish: RunWish) => void
}) {
  const at = (field: string) => problemAt(problems, field) ?? problemAt(problems, `run.${field}`)
  return (
    <div className="grid gap-3 sm:grid-cols-2">
      <TextField
        label="What it is called"
        value={wish.name}
        onText={(name) => onWish({ ...wish, name })}
        problem={at('name')}
      />
      <SelectField
        label="Kind of run"
        value={wish.kind}
        options={Object.entries(RUN_KINDS)
          .filter(([, { press }]) => press || !isFirst)
          .map(([kind, { label }]) => [kind, label])}
        onPick={(kind) => onWish({ ...wish, kind: kind as RunKind })}
        problem={at('kind')}
      />
      {!isFirst && (
        <>
          <SelectField
            label="Before it, the sheet is"
            value={wish.between}
            options={Object.entries(BETWEEN_RUNS)}
            onPick={(between) => onWish({ ...wish, between: between as BetweenRuns })}
          />
          <NumberField
            label="Waiting before it"
            unit="hours"
            value={wish.waitHours}
            onValue={(hours) => onWish({ ...wish, waitHours: hours ?? 0 })}
            problem={at('waitHours')}
          />
        </>
      )}
    </div>
  )
}
