'use client'

import { useState } from 'react'
import { exposureInput, planExposure, USUAL_STEP_DENSITY } from '@/core/plate/exposure'
import { formatNumber } from '@/core/units/length'
import { NumberField } from '@/ui/NumberField'

/** Exposure of a photopolymer from a step wedge. */
export function ExposureTool() {
  const [wedge, setWedge] = useState<Record<'seconds' | 'held' | 'wanted' | 'stepDensity', number | null>>({
    seconds: 60,
    held: 5,
    wanted: 7,
    stepDensity: USUAL_STEP_DENSITY,
  })
  const input = exposureInput.safeParse(wedge)
  const at = (field: string) =>
    input.success ? undefined : input.error.issues.find(({ path }) => path[0] === field)?.message
  return (
    <section
      aria-label="Exposure"
      className="grid grid-cols-2 gap-3 border-t border-line pt-3 sm:grid-cols-4"
    >
      <h2 className="station-title col-span-2 sm:col-span-4">Exposure by the step wedge</h2>
      <NumberField
        label="Exposed"
        unit="s"
        value={wedge.seconds}
        onValue={(seconds) => setWedge({ ...wedge, seconds })}
        problem={at('seconds')}
      />
      <NumberField
        label="Last step held"
        digits={0}
        value={wedge.held}
        onValue={(held) => setWedge({ ...wedge, held })}
        problem={at('held')}
      />
      <NumberField
        label="Step wanted"
        digits={0}
        value={wedge.wanted}
        onValue={(wanted) => setWedge({ ...wedge, wanted })}
        problem={at('wanted')}
      />
      <NumberField
        label="Density a step"
        value={wedge.stepDensity}
        onValue={(stepDensity) => setWedge({ ...wedge, stepDensity })}
        problem={at('stepDensity')}
      />
      {input.success && (
        <p className="col-span-2 sm:col-span-4">
          Expose for <b data-figure="exposure">{formatNumber(planExposure(input.data), 0)} s</b>. Wash about a
          minute with a soft brush, dry, and expose again to harden the floor.
        </p>
      )}
    </section>
  )
}
