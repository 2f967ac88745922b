'use client'

import { formatCelsius, formatGrams } from '@/core/units/quantity'
import { saidDayOf } from '@/core/units/moment'
import { useZone } from '@/ui/ViewerZone'
import Link from 'next/link'
import { useState } from 'react'
import { inkSuits } from '@/core/ink/inkSuits'
import { FILM_THICKNESSES } from '@/core/ink/filmThickness'
import { predictInk } from '@/core/ink/predictInk'
import { USUAL_SURFACE } from '@/core/ink/surface'
import { RAG_WHITE } from '@/core/paper/ragWhite'
import { formatNumber } from '@/core/units/length'
import type { FieldProblem } from '@/data/database/errors'
import type { StoreInk } from '@/data/shop/inks'
import { Button } from '@/ui/Button'
import { TextField } from '@/ui/Field'
import { Figure } from '@/ui/Figure'
import { NumberField } from '@/ui/NumberField'
import { Panel } from '@/ui/Panel'
import { problemAt } from '../../across/bench/problemAt'
import { Problems } from '../../across/pull/Problems'
import { inkSheetAnswer } from './answers'
import { InkPreview } from './InkPreview'
import { keepTubeAction } from './inkActions'
import { sendAct } from '../../across/act/sendAct'

const FIELDS = ['tubeGrams', 'gramsLeft', 'openedOn', 'keepsOpenDays', 'pricePerKg'] as const

/** One ink of the shelf: what it does on paper, what it suits, and what is left of it. */
export function InkSheet({ ink }: { ink: StoreInk }) {
  const zone = useZone()
  const [tube, setTube] = useState({
    tubeGrams: ink.tubeGrams,
    gramsLeft: ink.gramsNow === null ? null : Number(ink.gramsNow.toFixed(1)),
    openedOn: ink.openedOn ?? '',
    keepsOpenDays: ink.keepsOpenDays,
    pricePerKg: ink.pricePerKg,
  })
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const [kept, setKept] = useState(false)
  const set = (patch: Partial<typeof tube>) => {
    setKept(false)
    setTube({ ...tube, ...patch })
  }
  const opacity = predictInk({
    inks: [{ name: ink.name, k: ink.k, s: ink.s }],
    parts: [1],
    filmMicrometres: FILM_THICKNESSES[1].micrometres,
    paper: [...RAG_WHITE],
    surface: USUAL_SURFACE,
    geometry: '45:0',
  }).contrastRatio
  const suits = inkSuits(ink.viscosityPas)
  const keep = async () => {
    const answer = await sendAct(keepTubeAction, {
      inkId: ink.id,
      tube: { ...tube, openedOn: tube.openedOn.trim() || null },
    })
    setProblems(answer.ok ? [] : answer.problems)
    setKept(answer.ok)
  }
  return (
    <Panel
      title={ink.name}
      answer={inkSheetAnswer({ gramsNow: ink.gramsNow, opacity, suits })}
      aside={
        <Link href="/store" className="inline-flex min-h-11 items-center underline underline-offset-4">
          Back to the stockroom
        </Link>
      }
    >
      <div className="grid gap-8 xl:grid-cols-2">
        <div>
          <InkPreview ink={ink} />
          <p className="mt-3">{ink.note}</p>
        </div>
        <div className="grid content-start gap-4">
          <div className="flex flex-wrap gap-x-10 gap-y-4">
            <Figure
              name="ink-covers"
              value={`${formatNumber(100 * opacity, 0)} %`}
              label={`covers at ${FILM_THICKNESSES[1].micrometres} µm`}
              note={opacity < 0.1 ? 'transparent' : opacity > 0.6 ? 'covering' : 'half covering'}
            />
            <Figure
              name="ink-viscosity"
              value={`${formatNumber(ink.viscosityPas, 0)} Pa·s`}
              label={`at ${formatCelsius(20, 0)}, worked up`}
              note={suits.length > 0 ? `suits ${suits.join(', ')}` : undefined}
            />
            <Figure
              value={ink.gramsNow === null ? '—' : formatGrams(ink.gramsNow, 0)}
              label="left"
              note={
                ink.weighedAt
                  ? `weighed ${saidDayOf(ink.weighedAt, zone)}, less what was mixed since`
                  : 'never weighed'
              }
            />
          </div>
          <section aria-label="Tube" className="grid gap-3 border-t border-line pt-3 sm:grid-cols-2">
            <NumberField
              label="Tube or tin"
              unit="g"
              value={tube.tubeGrams}
              onValue={(tubeGrams) => set({ tubeGrams })}
              problem={problemAt(problems, 'tubeGrams')}
            />
            <NumberField
              label="Left, weighed now"
              unit="g"
              value={tube.gramsLeft}
              onValue={(gramsLeft) => set({ gramsLeft })}
              problem={problemAt(problems, 'gramsLeft')}
            />
            <TextField
              label="Opened on"
              value={tube.openedOn}
              placeholder="2031-04-02"
              onText={(openedOn) => set({ openedOn })}
              problem={problemAt(problems, 'openedOn')}
            />
            <NumberField
              label="Stays workable"
              unit="days"
              value={tube.keepsOpenDays}
              onValue={(keepsOpenDays) => set({ keepsOpenDays })}
              problem={problemAt(problems, 'keepsOpenDays')}
            />
            <NumberField
              label="Price per kg"
              value={tube.pricePerKg}
              onValue={(pricePerKg) => set({ pricePerKg })}
              problem={problemAt(problems, 'pricePerKg')}
            />
            <div className="self-end">
              <Button onClick={() => void keep()}>Save the tube</Button>{' '}
              <span data-said className="ml-2 text-sm">
                {kept ? 'Saved' : ''}
              </span>
            </div>
          </section>
          <Problems problems={problems} except={FIELDS} />
        </div>
      </div>
    </Panel>
  )
}
