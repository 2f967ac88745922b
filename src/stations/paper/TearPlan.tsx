'use client'

import { formatFines } from '@/core/units/quantity'
import { capital } from '@/core/units/capital'
import { Printer } from 'lucide-react'
import { useState } from 'react'
import { frameFor } from '@/core/paper/frameFit'
import { planTearing, tearPlanInput } from '@/core/paper/tearPlan'
import { deckledPieces, tearSteps, type TearStep } from '@/core/paper/tearSteps'
import { formatMm, formatNumber } from '@/core/units/length'
import type { JobNeed } from '@/core/record/jobNeed'
import { counted } from '@/core/units/counted'
import { Answer } from '@/ui/Answer'
import { Button } from '@/ui/Button'
import { Choice } from '@/ui/Choice'
import { Figure } from '@/ui/Figure'
import { LengthField, NumberField } from '@/ui/NumberField'
import { tearAnswer } from './answers'

interface TearPlanProps {
  piece: { widthMm: number; heightMm: number }
  need: Pick<JobNeed, 'left' | 'starts' | 'proofs'>
}

const DIRECTION = { left: 'from the left', top: 'from the top' } as const

/** "The sheet, from the left: 300 mm, then 250 mm three times." */
const stepWords = ({ part, from, settings }: TearStep) =>
  `${capital(part)}, ${DIRECTION[from]}: ${settings.map(({ atMm, times }) => `${formatMm(atMm)}${times > 1 ? ` ${times} times` : ''}`).join(', then ')}`

/** How many of the job's sheets come out of a parent sheet, drawn to scale, with where the tear bar goes and in which order. */
export function TearPlan({ piece, need }: TearPlanProps) {
  const [parent, setParent] = useState<{ widthMm: number | null; heightMm: number | null }>({
    widthMm: 560,
    heightMm: 760,
  })
  const [turn, setTurn] = useState<'both' | 'grain'>('grain')
  const [gapMm, setGap] = useState<number | null>(0)
  const [deckleMm, setDeckle] = useState<number | null>(0)
  const [proofs, setProofs] = useState<number | null>(need.proofs)
  const least = Math.min(parent.widthMm ?? 0, parent.heightMm ?? 0)
  const wrongDeckle = (mm: number) => {
    if (mm < 0) return 'must be 0 or more'
    return mm > 0 && 2 * mm >= least ? 'leaves nothing of the sheet' : undefined
  }
  const deckleProblem = deckleMm === null ? undefined : wrongDeckle(deckleMm)
  const off = deckleProblem ? 0 : (deckleMm ?? 0)
  const sheet = {
    widthMm: parent.widthMm === null ? null : parent.widthMm - 2 * off,
    heightMm: parent.heightMm === null ? null : parent.heightMm - 2 * off,
  }
  const input = tearPlanInput.safeParse({ sheet, piece, allowRotate: turn === 'both', gapMm })
  const plan = input.success ? planTearing(input.data) : null
  const at = (...path: string[]) =>
    input.success ? undefined : input.error.issues.find((issue) => issue.path.join() === path.join())?.message
  const frame = frameFor(piece)
  const wanted = Math.max(1, need.starts + Math.max(0, proofs ?? 0))
  const waste =
    plan && parent.widthMm && parent.heightMm
      ? 100 * (1 - (plan.count * piece.widthMm * piece.heightMm) / (parent.widthMm * parent.heightMm))
      : null
  const steps = plan && input.success ? tearSteps(input.data.sheet, plan.placements) : []
  const misfit = at('piece', 'widthMm') ?? at('piece', 'heightMm')
  return (
    <>
      <Answer {...tearAnswer(piece, plan && { perParent: plan.count, wanted, wastePercent: waste })} />
      <section aria-label="Tearing" className="grid gap-6 xl:grid-cols-2">
        <div className="grid content-start gap-3 sm:grid-cols-2">
          <h2 className="station-title sm:col-span-2">Tear from a parent sheet</h2>
          <LengthField
            label="Parent sheet width"
            anchor="tear-parent"
            value={parent.widthMm}
            onValue={(widthMm) => setParent({ ...parent, widthMm })}
            problem={at('sheet', 'widthMm')}
          />
          <LengthField
            label="Parent sheet height"
            value={parent.heightMm}
            onValue={(heightMm) => setParent({ ...parent, heightMm })}
            problem={at('sheet', 'heightMm')}
          />
          <div>
            <p className="mb-0.5 text-sm text-muted">Grain</p>
            <Choice
              label="Grain"
              value={turn}
              options={[
                ['grain', 'all one way'],
                ['both', 'either way'],
              ]}
              onPick={setTurn}
            />
          </div>
          <NumberField label="Loss per tear" unit="mm" value={gapMm} onValue={setGap} problem={at('gapMm')} />
          <NumberField
            label="Deckle torn off all round"
            unit="mm"
            value={deckleMm}
            onValue={setDeckle}
            problem={deckleProblem}
            hint="0: the deckles stay"
          />
          <NumberField
            label="Extra sheets for proofs"
            digits={0}
            value={proofs}
            onValue={setProofs}
            problem={
              proofs !== null && (proofs < 0 || !Number.isInteger(proofs))
                ? 'must be a whole number of 0 or more'
                : undefined
            }
            hint={`${counted(need.left, 'print')}, ${counted(need.starts, 'sheet')} for them`}
          />
          {misfit && (
            <p role="alert" className="font-medium text-signal sm:col-span-2">
              ◆ A sheet of {formatMm(piece.widthMm)} × {formatMm(piece.heightMm)} {misfit}.
            </p>
          )}
          {plan && (
            <div className="flex flex-wrap gap-x-8 gap-y-3 sm:col-span-2">
              <Figure
                name="pieces-a-parent"
                value={plan.count}
                label="from one parent sheet"
                note={waste === null ? undefined : `${formatNumber(waste, 0)} % waste`}
              />
              <Figure
                name="parent-sheets"
                value={Math.ceil(wanted / plan.count)}
                label={`parent sheets for ${wanted}`}
              />
              {off === 0 && (
                <Figure value={deckledPieces(input.data!.sheet, plan.placements)} label="keep a deckle" />
              )}
            </div>
          )}
          <p className="text-sm sm:col-span-2">
            {frame
              ? `Fits a stock frame uncut: ${frame.name}, with ${formatFines([frame.sparesMm.across, frame.sparesMm.down], ' × ', 0)} left over in all.`
              : '◆ Larger than any stock frame.'}
          </p>
          {plan && (
            <div className="sm:col-span-2">
              <h3 className="font-semibold">Tear bar, in order</h3>
              <ol className="list-inside list-decimal text-sm">
                {off > 0 && <li>The sheet, from every side: {formatMm(off)} of deckle</li>}
                {steps.map((step, i) => (
                  <li key={i}>{stepWords(step)}</li>
                ))}
                {off === 0 && steps.length === 0 && <li>No tear: the sheet is the piece.</li>}
              </ol>
              <p className="mt-1 text-xs text-muted">
                Each distance is from the edge that lies against the bar: after a tear, the torn edge.
              </p>
              <Button look="quiet" className="screen-only mt-2" onClick={() => window.print()}>
                <Printer size={18} aria-hidden /> Print this plan
              </Button>
            </div>
          )}
        </div>
        {plan && parent.widthMm && parent.heightMm && (
          <svg
            viewBox={`-4 -4 ${parent.widthMm + 8} ${parent.heightMm + 8}`}
            className="max-h-80 w-full"
            role="img"
            aria-label={`${plan.count} pieces on the parent sheet`}
          >
            <rect
              width={parent.widthMm}
              height={parent.heightMm}
              fill="none"
              stroke="currentColor"
              strokeWidth="2"
              vectorEffect="non-scaling-stroke"
            />
            <g transform={`translate(${off} ${off})`}>
              {plan.placements.map(({ xMm, yMm, widthMm, heightMm, rotated }, i) => (
                <g key={i}>
                  <rect
                    x={xMm}
                    y={yMm}
                    width={widthMm}
                    height={heightMm}
                    fill="var(--raised)"
                    stroke="currentColor"
                    strokeWidth="1"
                    vectorEffect="non-scaling-stroke"
                  />
                  <path
                    d={
                      rotated
                        ? `M${xMm + widthMm * 0.3} ${yMm + heightMm / 2}h${widthMm * 0.4}`
                        : `M${xMm + widthMm / 2} ${yMm + heightMm * 0.3}v${heightMm * 0.4}`
                    }
                    stroke="currentColor"
                    strokeWidth="1"
                    vectorEffect="non-scaling-stroke"
                  />
                </g>
              ))}
            </g>
          </svg>
        )}
      </section>
    </>
  )
}
