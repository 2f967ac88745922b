'use client'

import { draggingSteps } from '@/core/wipe/draggingSteps'
import { plural } from '@/core/units/counted'
import { listed } from '@/core/units/listed'
import { describeWipeStep, type InkingStep, type WipeStep } from '@/core/wipe/wipingOrder'
import { forgottenSteps } from '@/core/wipe/forgottenSteps'
import { Button } from '@/ui/Button'

/** What is said of the steps as they stand: those that drag one colour into the next, and those that were forgotten. */
export function StepRemarks({
  steps,
  inking,
  onSteps,
}: {
  steps: WipeStep[]
  inking: InkingStep[]
  onSteps: (steps: WipeStep[]) => void
}) {
  const dragging = draggingSteps({ steps, inking })
  const forgotten = steps.length > 0 ? forgottenSteps({ steps }) : []
  return (
    <>
      {dragging.length > 0 && (
        <p className="mt-2">
          ◆ Over the whole plate {listed(dragging.map((step) => describeWipeStep(step).toLowerCase()))}{' '}
          {plural(dragging.length, 'drags', 'drag')} one colour into the next: give{' '}
          {plural(dragging.length, 'it a zone', 'each a zone')}, or{' '}
          <Button look="quiet" onClick={() => onSteps(steps.filter((step) => !dragging.includes(step)))}>
            Leave {plural(dragging.length, 'it', 'them')} out
          </Button>
        </p>
      )}
      {forgotten.length > 0 && (
        <p className="mt-2">
          ◆ Not in the order: {forgotten.map((step) => describeWipeStep(step).toLowerCase()).join(', ')}. The
          pacer ends with {plural(forgotten.length, 'it', 'them')} all the same.{' '}
          <Button look="quiet" onClick={() => onSteps([...steps, ...forgotten])}>
            Put back in the order
          </Button>
        </p>
      )}
    </>
  )
}
