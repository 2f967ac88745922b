'use client'

import { formatFine, formatFines, formatGrams } from '@/core/units/quantity'
import { useState } from 'react'
import { dampSize, dryPlateMark, learnGrowth, strayOfDrierRun, type GrowthMarks } from '@/core/paper/growth'
import { formatNumber } from '@/core/units/length'
import type { FieldProblem } from '@/data/database/errors'
import { Button } from '@/ui/Button'
import { Choice } from '@/ui/Choice'
import { Figure } from '@/ui/Figure'
import { NumberField } from '@/ui/NumberField'
import { useBench } from '../across/bench/BenchContext'
import { problemAt } from '../across/bench/problemAt'
import { Problems } from '../across/pull/Problems'
import { keepGrowthMarksAction } from './actions'
import { sendAct } from '../across/act/sendAct'

interface GrowthPanelProps {
  paperId: string
  sheet: { widthMm: number; heightMm: number }
  grain: 'long' | 'short' | 'unknown'
  marks: readonly GrowthMarks[]
  /** what a sheet weighs when it is as damp as for the first run */
  secondRunGrams: number
}

const size = ({ widthMm, heightMm }: { widthMm: number; heightMm: number }) =>
  formatFines([widthMm, heightMm], ' × ', 1)

/** How the sheet grows when damp and what that does to the plate mark and to a second run; learned from marks measured twice. */
export function GrowthPanel({ paperId, sheet, grain, marks, secondRunGrams }: GrowthPanelProps) {
  const { plate } = useBench()
  const [direction, setDirection] = useState<GrowthMarks['direction']>('across')
  const [dryMm, setDry] = useState<number | null>(200)
  const [dampMm, setDamp] = useState<number | null>(null)
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const growth = learnGrowth(marks.filter((one) => one.paperId === paperId))
  const stray = plate && strayOfDrierRun(plate, sheet, grain, growth, 0.5)
  const keep = async () => {
    const answer = await sendAct(keepGrowthMarksAction, {
      paperId,
      direction,
      dryMm: dryMm ?? Number.NaN,
      dampMm: dampMm ?? Number.NaN,
    })
    setProblems(answer.ok ? [] : answer.problems)
    if (answer.ok) setDamp(null)
  }
  return (
    <section
      aria-label="Growth"
      className="mt-6 grid gap-6 border-t border-line pt-4 xl:grid-cols-2 print:hidden"
    >
      <div className="grid content-start gap-3">
        <h2 className="station-title">How it grows when damp</h2>
        <div className="flex flex-wrap gap-x-8 gap-y-3">
          <Figure
            name="sheet-damp"
            value={size(dampSize(sheet, grain, growth))}
            label="the sheet, damp"
            note={`${formatNumber(growth.alongPercent, 2)} % along the grain, ${formatNumber(growth.acrossPercent, 2)} % across${grain === 'unknown' ? '; grain unknown: the mean is taken' : ''}`}
          />
          {plate && (
            <Figure
              name="plate-mark-dry"
              value={size(dryPlateMark(plate, sheet, grain, growth))}
              label="the plate mark on the dry print"
              note={`the plate itself: ${size(plate)}`}
            />
          )}
        </div>
        {stray && (
          <p className="text-sm">
            A second run damped only half as much strays up to <b>{formatFine(stray.xMm, 2)}</b> across and{' '}
            <b>{formatFine(stray.yMm, 2)}</b> down at the plate’s edge: damp again to{' '}
            <b>{formatGrams(secondRunGrams, 1)}</b> by weight, and damp and roll a blank first.
          </p>
        )}
        <p className="text-sm text-muted">
          {growth.alongFrom + growth.acrossFrom === 0
            ? 'Typical values: measure two marks dry and damp.'
            : `Marks measured: ${growth.alongFrom} along, ${growth.acrossFrom} across.`}
        </p>
      </div>
      <div className="grid content-start gap-3 sm:grid-cols-2">
        <Choice
          label="Marks lie"
          value={direction}
          options={[
            ['across', 'across the grain'],
            ['along', 'along it'],
          ]}
          onPick={setDirection}
        />
        <span />
        <NumberField
          label="Between the marks, dry"
          unit="mm"
          value={dryMm}
          onValue={setDry}
          problem={problemAt(problems, 'dryMm')}
        />
        <NumberField
          label="Between the marks, damp"
          unit="mm"
          value={dampMm}
          onValue={setDamp}
          problem={problemAt(problems, 'dampMm')}
        />
        <div className="sm:col-span-2">
          <Problems problems={problems} except={['dryMm', 'dampMm']} />
          <Button disabled={!paperId || dampMm === null} onClick={() => void keep()}>
            Save these marks
          </Button>
        </div>
      </div>
    </section>
  )
}
