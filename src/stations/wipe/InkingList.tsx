'use client'

import type { RunMix } from '@/core/ink/mix'
import { clock } from '@/core/units/clock'
import { moved } from '@/core/units/moved'
import { CYCLE_ACTS, type CycleAct, type CycleStep } from '@/core/wipe/inkingCycle'
import { namedAsMixed } from '@/core/wipe/namedAsMixed'
import { ragNumbers } from '@/core/wipe/pacedSteps'
import { INKED_PARTS, INKING_TOOLS, type InkingStep } from '@/core/wipe/wipingOrder'
import type { FieldProblem } from '@/data/database/errors'
import { Button } from '@/ui/Button'
import { SelectField, TextField } from '@/ui/Field'
import { Folded, FoldedLine } from '@/ui/Folded'
import { NumberField } from '@/ui/NumberField'
import { OrderButtons } from '@/ui/OrderButtons'
import { problemAt } from '../across/bench/problemAt'

interface InkingListProps {
  inking: InkingStep[]
  /** inks of the run */
  mixes: readonly RunMix[]
  problems: readonly FieldProblem[]
  onChange: (inking: InkingStep[]) => void
}

/** What an ink that is added begins with. */
const ADDED: Omit<InkingStep, 'ink' | 'mixId'> = {
  tool: 'card',
  where: 'lines',
  zones: [],
  seconds: 60,
  cycle: [],
}

/** The inks in the order they are brought on: with what, where they stay, on which zones, and what is done with each before the next. */
export function InkingList({ inking, mixes, problems, onChange }: InkingListProps) {
  const edit = (at: number, patch: Partial<InkingStep>) =>
    onChange(inking.map((one, i) => (i === at ? { ...one, ...patch } : one)))
  const rags = ragNumbers(inking, mixes)
  const names = namedAsMixed(inking, mixes).map(({ ink }) => ink)
  const next = mixes.find(({ id }) => !inking.some(({ mixId }) => mixId === id))
  const several = inking.length > 1
  return (
    <section aria-label="Inking" className="mt-4 border-t border-line pt-3">
      <h2 className="station-title">Inking</h2>
      {inking.length === 0 && (
        <p className="py-1 text-sm">{mixes[0]?.name || 'The mix'}, by card, over the whole plate.</p>
      )}
      <ol aria-label="Inks in order">
        {inking.map((one, i) => (
          <li
            key={i}
            className="grid grid-cols-2 items-end gap-x-3 gap-y-1 border-b border-line py-2 sm:grid-cols-[2rem_1fr_7.5rem_1fr_6rem_8.5rem]"
          >
            <span className="far-number self-center text-xl">{i + 1}</span>
            <InkOfStep
              label={`Ink ${i + 1}`}
              step={one}
              name={names[i]}
              mixes={mixes}
              hint={[several && `dab and rag ${rags[i]}`, one.zones.join(', ') || 'whole plate']
                .filter(Boolean)
                .join('; ')}
              problem={problemAt(problems, `inking.${i}.ink`)}
              onChange={(patch) => edit(i, patch)}
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
            {several && (
              <CycleOfStep name={names[i]} cycle={one.cycle} onChange={(cycle) => edit(i, { cycle })} />
            )}
          </li>
        ))}
      </ol>
      <Button
        className="mt-2"
        disabled={inking.length >= 12}
        onClick={() =>
          onChange([
            ...inking,
            next
              ? { ...ADDED, ink: next.name, mixId: next.id }
              : { ...ADDED, ink: `Ink ${inking.length + 1}`, mixId: null },
          ])
        }
      >
        Add an ink
      </Button>
    </section>
  )
}

/** Which ink it is: one of the run's mixes, or one that is only named. */
function InkOfStep({
  label,
  step,
  name,
  mixes,
  hint,
  problem,
  onChange,
}: {
  label: string
  step: InkingStep
  /** what it is called now */
  name: string
  mixes: readonly RunMix[]
  hint: string
  problem?: string
  onChange: (patch: Partial<InkingStep>) => void
}) {
  const isMixed = mixes.some(({ id }) => id === step.mixId)
  if (!isMixed)
    return (
      <TextField
        label={label}
        value={step.ink}
        onText={(ink) => onChange({ ink })}
        problem={problem}
        hint={hint}
      />
    )
  return (
    <SelectField
      label={label}
      value={step.mixId!}
      options={[...mixes.map(({ id, name: called }) => [id, called] as const), ['', 'Another, by name']]}
      onPick={(id) => {
        const mix = mixes.find((one) => one.id === id)
        onChange(mix ? { mixId: mix.id, ink: mix.name } : { mixId: null, ink: name })
      }}
      problem={problem}
      hint={hint}
    />
  )
}

/** What is done with one ink before the next comes, folded under one line; an act without a time is not done. */
function CycleOfStep({
  name,
  cycle,
  onChange,
}: {
  name: string
  cycle: readonly CycleStep[]
  onChange: (cycle: CycleStep[]) => void
}) {
  const secondsOf = (does: CycleAct) => cycle.find((one) => one.does === does)?.seconds ?? null
  const acts = Object.keys(CYCLE_ACTS) as CycleAct[]
  const words = cycle.map(({ does, seconds }) => `${CYCLE_ACTS[does].toLowerCase()} ${clock(seconds)}`)
  return (
    <Folded
      summary={<FoldedLine title="Then" value={words.join(', ') || 'the next ink'} />}
      className="col-span-2 sm:col-span-6 sm:ml-8"
    >
      <div className="grid grid-cols-2 gap-3 pb-2 sm:grid-cols-5">
        {acts.map((does) => (
          <NumberField
            key={does}
            label={`${CYCLE_ACTS[does]}, ${name}`}
            unit="s"
            value={secondsOf(does)}
            onValue={(seconds) =>
              onChange(
                acts.flatMap((act) => {
                  const took = act === does ? seconds : secondsOf(act)
                  return took === null ? [] : [{ does: act, seconds: took }]
                }),
              )
            }
          />
        ))}
      </div>
    </Folded>
  )
}
