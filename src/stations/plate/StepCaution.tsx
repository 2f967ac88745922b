'use client'

import { HAZARD_TITLES, HAZARDS, hazardIn, type Hazard } from '@/core/plate/hazards'
import type { ProcedureStep } from '@/core/plate/procedure'
import { SelectField } from '@/ui/Field'
import { Button } from '@/ui/Button'

const OPTIONS = [['', 'nothing that is known'], ...Object.entries(HAZARD_TITLES)] as const

/** The caution of a step. One's own step carries the one it is given; where its words tell of a hazard and none is set, it is offered. */
export function StepCaution({
  step,
  isOwn,
  onCarry,
}: {
  step: ProcedureStep
  /** not one of the procedure that came with the tool */
  isOwn: boolean
  onCarry: (hazard: Hazard | null) => void
}) {
  const told = step.hazard === null && isOwn ? hazardIn(`${step.title} ${step.how}`) : null
  return (
    <div className="grid gap-2 sm:col-span-2">
      {isOwn && (
        <SelectField
          label="What can hurt here"
          value={step.hazard ?? ''}
          options={OPTIONS}
          onPick={(hazard) => onCarry((hazard || null) as Hazard | null)}
        />
      )}
      {told && (
        <p className="text-sm">
          ◆ By its words this is: {HAZARD_TITLES[told]}.{' '}
          <Button look="quiet" onClick={() => onCarry(told)}>
            Show that caution at this step
          </Button>
        </p>
      )}
      {step.hazard && <p className="border-l-4 border-text pl-3 text-sm">{HAZARDS[step.hazard]}</p>}
    </div>
  )
}
