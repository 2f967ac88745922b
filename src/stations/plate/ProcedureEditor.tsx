'use client'

import { useState } from 'react'
import {
  materialsOf,
  moveStep,
  procedureSchema,
  type Procedure,
  type ProcedureStep,
} from '@/core/plate/procedure'
import { composeProcedure } from '@/core/plate/composeProcedure'
import { procedureFor } from '@/core/plate/procedures'
import { formatNumber } from '@/core/units/length'
import type { FieldProblem } from '@/data/database/errors'
import { Button } from '@/ui/Button'
import { Field, TextField } from '@/ui/Field'
import { NumberField } from '@/ui/NumberField'
import { OrderButtons } from '@/ui/OrderButtons'
import { problemAt } from '../across/bench/problemAt'
import { Problems } from '../across/pull/Problems'
import { StepCaution } from './StepCaution'
import { keepProcedureAction } from './roomActions'
import { sendAct } from '../across/act/sendAct'
import { PersonField } from '../across/person/PersonField'
import { usePerson } from '../across/person/usePerson'

/** The steps that came with the tool, and carry their cautions already. */
function givenSteps({ method, parts }: Procedure): ProcedureStep[] {
  const made = parts && composeProcedure(parts)
  return (made && 'procedure' in made ? made.procedure : procedureFor(method)).steps
}

interface ProcedureEditorProps {
  procedure: Procedure
  problems: FieldProblem[]
  onChange: (procedure: Procedure) => void
  onBegin: () => void
}

/** A procedure before it is walked: its steps in order, what they need, and how to make it one's own. */
export function ProcedureEditor({ procedure, problems, onChange, onBegin }: ProcedureEditorProps) {
  const given = new Set(givenSteps(procedure).map(({ id }) => id))
  const [name, setName] = useState('')
  const [kept, setKept] = useState<string | null>(null)
  const [keepProblems, setKeepProblems] = useState<FieldProblem[]>([])
  const person = usePerson()
  const { steps } = procedure
  const edit = (at: number, patch: Partial<ProcedureStep>) =>
    onChange({ ...procedure, steps: steps.map((step, i) => (i === at ? { ...step, ...patch } : step)) })
  const total = steps.reduce((sum, { minutes }) => sum + minutes, 0)
  const keep = async () => {
    const answer = await sendAct(keepProcedureAction, { procedure: { ...procedure, name }, by: person })
    setKeepProblems(answer.ok ? [] : answer.problems)
    setKept(answer.ok ? name : null)
  }
  return (
    <div className="grid gap-6 xl:grid-cols-[minmax(0,1fr)_20rem]">
      <ol aria-label="Steps of the procedure" className="border-t border-line">
        {steps.map((step, i) => (
          <li key={step.id} className="border-b border-line py-1">
            <div className="grid grid-cols-[2rem_1fr_auto] items-center gap-2">
              <span className="far-number text-xl">{i + 1}</span>
              <details className="min-w-0">
                <summary className="min-h-11 py-2">
                  <b>{step.title}</b>
                  {step.minutes > 0 && `, about ${formatNumber(step.minutes, 1)} min`}
                  {step.hazard && <span className="text-sm text-muted"> ▲ caution</span>}
                </summary>
                <div className="grid gap-3 py-2 sm:grid-cols-[1fr_8rem]">
                  <TextField
                    label={`Step ${i + 1}`}
                    value={step.title}
                    onText={(title) => edit(i, { title })}
                    problem={step.title.trim() ? undefined : 'is empty: fill it in'}
                  />
                  <NumberField
                    label="Usual time"
                    unit="min"
                    value={step.minutes}
                    onValue={(minutes) => edit(i, { minutes: minutes ?? 0 })}
                    problem={step.minutes < 0 ? 'must be 0 or more' : undefined}
                  />
                  <Field label="How" className="sm:col-span-2">
                    {(ids) => (
                      <textarea
                        {...ids}
                        rows={2}
                        value={step.how}
                        onChange={(event) => edit(i, { how: event.target.value })}
                      />
                    )}
                  </Field>
                  <TextField
                    label="Look and feel before going on"
                    value={step.check}
                    onText={(check) => edit(i, { check })}
                    className="sm:col-span-2"
                  />
                  {step.rescues.length > 0 && (
                    <ul className="list-inside list-disc text-sm sm:col-span-2">
                      {step.rescues.map((rescue) => (
                        <li key={rescue}>{rescue}</li>
                      ))}
                    </ul>
                  )}
                  <StepCaution
                    step={step}
                    isOwn={!given.has(step.id)}
                    onCarry={(hazard) => edit(i, { hazard })}
                  />
                </div>
              </details>
              <OrderButtons
                name={step.title}
                at={i}
                of={steps.length}
                onMove={(to) => onChange(moveStep(procedure, i, to))}
                out={{
                  label: `Leave out ${step.title}`,
                  disabled: steps.length === 1,
                  onOut: () => onChange({ ...procedure, steps: steps.filter(({ id }) => id !== step.id) }),
                }}
              />
            </div>
          </li>
        ))}
        <li className="py-2">
          <Button
            onClick={() =>
              onChange({
                ...procedure,
                steps: [
                  ...steps,
                  {
                    id: crypto.randomUUID(),
                    title: 'Own step',
                    how: '',
                    needs: [],
                    minutes: 0,
                    check: '',
                    rescues: [],
                    hazard: null,
                  },
                ],
              })
            }
          >
            Add a step
          </Button>
        </li>
      </ol>
      <div className="grid content-start gap-4">
        <section aria-label="Materials">
          <h2 className="station-title">On the table</h2>
          <p className="text-sm">{materialsOf(procedure).join(', ') || 'Nothing is named.'}</p>
          <p className="mt-1 text-sm text-muted">
            {steps.length} steps{total > 0 && `, about ${formatNumber(total, 0)} min by the clock`}.
          </p>
        </section>
        <PersonField did="Made by" problem={problemAt(problems, 'by')} />
        <Problems problems={problems} except={['by']} />
        <Button look="main" disabled={!procedureSchema.safeParse(procedure).success} onClick={onBegin}>
          Begin: {steps[0].title.toLowerCase()}
        </Button>
        <div className="grid gap-3 border-t border-line pt-3">
          <TextField
            label="Save as your own procedure, named"
            value={name}
            onText={setName}
            problem={problemAt(keepProblems, 'name') ?? problemAt(keepProblems, 'by')}
          />
          <Problems problems={keepProblems} except={['name', 'by']} />
          <Button disabled={!name.trim()} onClick={() => void keep()}>
            Save this variant
          </Button>
          {kept && <p data-said>{kept} is kept.</p>}
        </div>
      </div>
    </div>
  )
}
