'use client'

import { formatFine, lengthUnit, shownMm } from '@/core/units/quantity'
import { saidDayOf } from '@/core/units/moment'
import { useZone } from '@/ui/ViewerZone'
import { useState } from 'react'
import { misfitActs } from '@/core/register/misfitActs'
import { lastingShift, misfitHistory, type KeptMisfit } from '@/core/register/misfitHistory'
import { misregisterInput, solveMisregister } from '@/core/register/misregister'
import { formatNumber } from '@/core/units/length'
import { Button } from '@/ui/Button'
import { Figure } from '@/ui/Figure'
import { NumberField } from '@/ui/NumberField'
import { useJob } from '../across/bench/BenchContext'
import { problemAt } from '../across/bench/problemAt'
import { useAct } from '../across/bench/useAct'
import { PersonField } from '../across/person/PersonField'
import { usePerson } from '../across/person/usePerson'
import { Problems } from '../across/pull/Problems'
import { keepMisfitAction } from './registerActions'
import { sendAct } from '../across/act/sendAct'

const CORNERS = [
  ['top left', 0, 1],
  ['top right', 1, 1],
  ['bottom left', 0, 0],
  ['bottom right', 1, 0],
] as const
type Offsets = Record<string, { right: number | null; up: number | null }>
const NONE: Offsets = Object.fromEntries(CORNERS.map(([name]) => [name, { right: null, up: null }]))

interface MisfitSolverProps {
  plate: { name: string; widthMm: number; heightMm: number }
  isFaceDown: boolean
  misfits: readonly KeptMisfit[]
}

/** How far a print is off at its corners, what to do at the bed, and how it went before. */
export function MisfitSolver({ plate, isFaceDown, misfits }: MisfitSolverProps) {
  const zone = useZone()
  const job = useJob()
  const person = usePerson()
  const { busy, problems, act } = useAct()
  const [offsets, setOffsets] = useState(NONE)
  const marks = CORNERS.flatMap(([name, x, y]) => {
    const { right, up } = offsets[name]
    const expected = { xMm: x * plate.widthMm, yMm: y * plate.heightMm }
    return right === null && up === null
      ? []
      : [{ expected, measured: { xMm: expected.xMm + (right ?? 0), yMm: expected.yMm + (up ?? 0) } }]
  })
  const input = misregisterInput.safeParse({ marks })
  const misfit = input.success ? solveMisregister(input.data) : null
  const history = misfitHistory(misfits, plate.name)
  const lasting = lastingShift(history)
  return (
    <div className="grid gap-6 xl:grid-cols-2">
      <div>
        <p className="mb-2 text-sm text-muted">
          Look at the print’s face. How far is each corner from where it should be? Right and up count plus;
          leave a corner empty if you did not measure it.
        </p>
        <div className="grid gap-3 sm:grid-cols-2">
          {CORNERS.map(([name]) => (
            <fieldset key={name} className="grid grid-cols-2 gap-2">
              <legend className="text-sm font-semibold">{name}</legend>
              {(['right', 'up'] as const).map((way) => (
                <NumberField
                  key={way}
                  label={way}
                  unit="mm"
                  digits={2}
                  value={offsets[name][way]}
                  onValue={(value) => setOffsets({ ...offsets, [name]: { ...offsets[name], [way]: value } })}
                />
              ))}
            </fieldset>
          ))}
        </div>
      </div>
      <div>
        <div data-said>
          {!misfit && (
            <p className="text-muted">
              {marks.length < 2
                ? 'Measure two corners at least; three tell stretch from turn.'
                : input.error!.issues[0].message}
            </p>
          )}
          {misfit && (
            <>
              <ul className="grid gap-1 text-lg font-medium">
                {misfitActs(misfit, 'the plate', isFaceDown).map((words) => (
                  <li key={words}>{words}</li>
                ))}
              </ul>
              <div className="mt-4 flex flex-wrap gap-x-8 gap-y-3">
                <Figure
                  name="misfit-shift"
                  value={`${shownMm(misfit.shiftMm.x, 2)} / ${shownMm(misfit.shiftMm.y, 2)}`}
                  label={`${lengthUnit()} right / up, on the print`}
                />
                <Figure
                  name="misfit-rotation"
                  value={`${formatNumber(misfit.rotationDeg, 2)}°`}
                  label="anticlockwise"
                />
                <Figure name="misfit-left-over" value={formatFine(misfit.residualMm, 2)} label="left over" />
              </div>
            </>
          )}
        </div>
        {misfit && (
          <div className="mt-3 flex flex-wrap items-end gap-3">
            <PersonField did="Measured by" problem={problemAt(problems, 'by')} className="max-w-48" />
            <Button
              disabled={busy}
              onClick={() =>
                void act(() =>
                  sendAct(keepMisfitAction, {
                    jobId: job.id,
                    misfit: { plate: plate.name, marks, by: person },
                  }),
                ).then((kept) => kept && setOffsets(NONE))
              }
            >
              Save this misfit
            </Button>
          </div>
        )}
        <Problems problems={problems} except={['by']} />
        {history.length > 0 && (
          <section aria-label="Misfits so far" className="mt-4 border-t border-line pt-2">
            <h3 className="text-sm text-muted">{plate.name} so far</h3>
            <ol>
              {history.map(({ at, by, solved, worstMm, isSeen }, i) => (
                <li key={at + i} className="condensed border-t border-line py-1">
                  {saidDayOf(at, zone)} {by}: {formatFine(solved.shiftMm.x, 2)} right,{' '}
                  {formatFine(solved.shiftMm.y, 2)} up, {formatNumber(solved.rotationDeg, 2)}°; worst corner{' '}
                  {formatFine(worstMm, 2)}
                  {isSeen ? ' ◆ seen' : ': not seen'}
                </li>
              ))}
            </ol>
            {lasting && (
              <p className="mt-1 font-medium">
                ◆ It keeps coming back: {formatFine(lasting.xMm, 2)} right, {formatFine(lasting.yMm, 2)} up.
                That is in the registration sheet or its stops, not in the hand: move the outline.
              </p>
            )}
          </section>
        )}
      </div>
    </div>
  )
}
