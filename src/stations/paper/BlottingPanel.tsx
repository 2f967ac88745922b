'use client'

import { counted } from '@/core/units/counted'
import { useState } from 'react'
import {
  BLOT_TOOLS,
  shareLeftByStroke,
  strokesFor,
  type Blotting,
  type BlotTool,
} from '@/core/paper/blotting'
import { formatNumber } from '@/core/units/length'
import type { FieldProblem } from '@/data/database/errors'
import { Button } from '@/ui/Button'
import { SelectField } from '@/ui/Field'
import { NumberField } from '@/ui/NumberField'
import { problemAt } from '../across/bench/problemAt'
import { Problems } from '../across/pull/Problems'
import { keepBlottingAction } from './actions'
import { sendAct } from '../across/act/sendAct'

interface BlottingPanelProps {
  paperId: string
  blottings: readonly Blotting[]
  /** of the sheet on the scale now, percent; null: not weighed */
  uptake: number | null
  targetPercent: number | null
}

/** How many strokes bring the sheet on the scale to the water wanted, learned from sheets weighed before and after. */
export function BlottingPanel({ paperId, blottings, uptake, targetPercent }: BlottingPanelProps) {
  const own = blottings.filter((one) => one.paperId === paperId)
  const [tool, setTool] = useState<BlotTool>(own.at(-1)?.tool ?? 'blotters')
  const [before, setBefore] = useState<number | null>(null)
  const [strokes, setStrokes] = useState<number | null>(null)
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const withTool = own.filter((one) => one.tool === tool)
  const share = shareLeftByStroke(withTool)
  const wanted =
    uptake !== null && targetPercent !== null && share !== null
      ? strokesFor(uptake, targetPercent, share)
      : null
  const keep = async () => {
    const answer = await sendAct(keepBlottingAction, {
      paperId,
      tool,
      strokes: strokes ?? Number.NaN,
      beforePercent: before ?? Number.NaN,
      afterPercent: uptake ?? Number.NaN,
    })
    setProblems(answer.ok ? [] : answer.problems)
    if (!answer.ok) return
    setBefore(null)
    setStrokes(null)
  }
  return (
    <section aria-label="Blotting" className="mt-4 grid gap-3 border-t border-line pt-3">
      <h3 className="font-semibold">Blotting</h3>
      {wanted !== null && wanted > 0 && (
        <p>
          <b>{counted(wanted, 'stroke')}</b> with {BLOT_TOOLS[tool].toLowerCase()} bring it to{' '}
          {formatNumber(targetPercent!, 0)} %.
        </p>
      )}
      {wanted === 0 && <p>No blotting: it is not wetter than wanted.</p>}
      <p className="text-sm text-muted">
        {share === null
          ? 'Weigh a sheet, blot it, weigh it again: then the number of strokes is calculated.'
          : `One stroke takes ${formatNumber(100 * (1 - share), 1)} % of its water, by ${counted(withTool.length, 'sheet')}.`}
      </p>
      <SelectField
        label="Blotted with"
        value={tool}
        options={Object.entries(BLOT_TOOLS)}
        onPick={(next) => setTool(next as BlotTool)}
      />
      <div className="grid grid-cols-2 items-end gap-3">
        <NumberField
          label="Strokes"
          digits={0}
          value={strokes}
          onValue={setStrokes}
          problem={problemAt(problems, 'strokes')}
        />
        <div>
          <Button disabled={uptake === null} onClick={() => setBefore(uptake)}>
            {before === null ? 'Record weight before blotting' : `Before: ${formatNumber(before, 1)} %`}
          </Button>
        </div>
      </div>
      <Problems problems={problems} except={['strokes']} />
      <Button
        disabled={!paperId || before === null || strokes === null || uptake === null}
        onClick={() => void keep()}
      >
        Save this blotting
      </Button>
    </section>
  )
}
