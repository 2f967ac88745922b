'use client'

import { useState } from 'react'
import { misfitActs } from '@/core/register/misfitActs'
import { misregisterInput, solveMisregister } from '@/core/register/misregister'
import { formatNumber } from '@/core/units/length'
import { Figure } from '@/ui/Figure'
import { NumberField } from '@/ui/NumberField'

const CORNERS = [['top left', 0, 1], ['top right', 1, 1], ['bottom left', 0, 0], ['bottom right', 1, 0]] as const
type Offsets = Record<string, { right: number | null; up: number | null }>
const NONE: Offsets = Object.fromEntries(CORNERS.map(([name]) => [name, { right: null, up: null }]))

/** How far the second print is off at its corners, and what to do at the bed. */
export function MisfitSolver({ plate }: { plate: { widthMm: number; heightMm: number } }) {
  const [offsets, setOffsets] = useState(NONE)
  const marks = CORNERS.flatMap(([name, x, y]) => {
    const { right, up } = offsets[name]
    const expected = { xMm: x * plate.widthMm, yMm: y * plate.heightMm }
    return right === null && up === null ? [] : [{ expected, measured: { xMm: expected.xMm + (right ?? 0), yMm: expected.yMm + (up ?? 0) } }]
  })
  const input = misregisterInput.safeParse({ marks })
  const misfit = input.success ? solveMisregister(input.data) : null
  return (
    <section aria-label="Misfit" className="mt-6 grid gap-6 border-t border-line pt-4 xl:grid-cols-2">
      <div>
        <h2 className="station-title mb-2">A second run that does not fit</h2>
        <p className="mb-2 text-sm text-muted">Look at the print’s face. How far is each corner of the new run from where it should be? Right and up count plus; leave a corner empty if you did not measure it.</p>
        <div className="grid gap-3 sm:grid-cols-2">
          {CORNERS.map(([name]) => (
            <fieldset key={name} className="grid grid-cols-2 gap-2">
              <legend className="text-sm font-semibold">{name}</legend>
              {(['right', 'up'] as const).map((way) => (
                <NumberField key={way} label={way} unit="mm" digits={2} value={offsets[name][way]} onValue={(value) => setOffsets({ ...offsets, [name]: { ...offsets[name], [way]: value } })} />
              ))}
            </fieldset>
          ))}
        </div>
      </div>
      <div role="status">
        {!misfit && <p className="text-muted">{marks.length < 2 ? 'Measure two corners at least; three tell stretch from turn.' : input.error!.issues[0].message}</p>}
        {misfit && (
          <>
            <ul className="grid gap-1 text-lg font-medium">{misfitActs(misfit).map((act) => <li key={act}>{act}</li>)}</ul>
            <div className="mt-4 flex flex-wrap gap-x-8 gap-y-3">
              <Figure value={`${formatNumber(misfit.shiftMm.x, 2)} / ${formatNumber(misfit.shiftMm.y, 2)}`} label="mm right / up, on the print" />
              <Figure value={`${formatNumber(misfit.rotationDeg, 2)}°`} label="anticlockwise" />
              <Figure value={`${formatNumber(misfit.residualMm, 2)} mm`} label="left over" />
            </div>
          </>
        )}
      </div>
    </section>
  )
}
