'use client'

import { moved } from '@/core/units/moved'
import { INKED_PARTS, INKING_TOOLS, type InkingStep } from '@/core/wipe/wipingOrder'
import type { FieldProblem } from '@/data/database/errors'
import { Button } from '@/ui/Button'
import { SelectField, TextField } from '@/ui/Field'
import { NumberField } from '@/ui/NumberField'
import { OrderButtons } from '@/ui/OrderButtons'
import { problemAt } from '../across/bench/problemAt'

interface InkingListProps {
  inking: InkingStep[]
  /** what the station's mix is called */
  mixName: string
  problems: readonly FieldProblem[]
  onChange: (inking: InkingStep[]) => void
}

/** The inks in the order they are brought on: with what, where they stay, on which zones. */
export function InkingList({ inking, mixName, problems, onChange }: InkingListProps) {
  const edit = (at: number, patch: Partial<InkingStep>) =>
    onChange(inking.map((one, i) => (i === at ? { ...one, ...patch } : one)))
  return (
    <section aria-label="Inking" className="mt-4 border-t border-line pt-3">
      <h2 className="station-title">Inking</h2>
      {inking.length === 0 && (
        <p className="py-1 text-sm">{mixName || 'The mix'}, by card, over the whole plate.</p>
      )}
      <ol aria-label="Inks in order">
        {inking.map((one, i) => (
          <li
            key={i}
            className="grid grid-cols-2 items-end gap-x-3 gap-y-1 border-b border-line py-2 sm:grid-cols-[2rem_1fr_7.5rem_1fr_6rem_8.5rem]"
          >
            <span className="far-number self-center text-xl">{i + 1}</span>
            <TextField
              label={`Ink ${i + 1}`}
              value={one.ink}
              onText={(ink) => edit(i, { ink })}
              problem={problemAt(problems, `inking.${i}.ink`)}
              hint={one.zones.length > 0 ? one.zones.join(', ') : 'whole plate'}
            />
            <SelectField
              label="By"
              value={one.tool}
              options={Object.entries(INKING_TOOLS)}
              onPick={(tool) => edit(i, { tool: tool as InkingStep['tool'] })}
            />
            <SelectField
              label="Stays"
              value={one.where}
              options={Object.entries(INKED_PARTS)}
              onPick={(where) => edit(i, { where: where as InkingStep['where'] })}
            />
            <NumberField
              label="Time"
              unit="s"
              value={one.seconds}
              onValue={(seconds) => edit(i, { seconds: seconds ?? 0 })}
              problem={problemAt(problems, `inking.${i}.seconds`)}
            />
            <OrderButtons
              name={`Ink ${i + 1}`}
              at={i}
              of={inking.length}
              onMove={(to) => onChange(moved(inking, i, to))}
              out={{
                label: `Leave ink ${i + 1} out`,
                onOut: () => onChange(inking.filter((_, n) => n !== i)),
              }}
              className="col-span-2 sm:col-span-1"
            />
          </li>
        ))}
      </ol>
      <Button
        className="mt-2"
        disabled={inking.length >= 12}
        onClick={() =>
          onChange([
            ...inking,
            {
              ink: inking.length === 0 ? mixName || 'Ink' : `Ink ${inking.length + 1}`,
              tool: 'card',
              where: 'lines',
              zones: [],
              seconds: 60,
            },
          ])
        }
      >
        Add an ink
      </Button>
    </section>
  )
}
