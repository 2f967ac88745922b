'use client'

import { useState } from 'react'
import { gsmOfSheet, SIZINGS, type Sizing } from '@/core/paper/substitutes'
import { CALIPER_TAKEN, usualCaliperMm } from '@/core/paper/usualCaliper'
import { formatNumber } from '@/core/units/length'
import type { FieldProblem } from '@/data/database/errors'
import type { StorePaper } from '@/data/shop/store'
import { Button } from '@/ui/Button'
import { Dialog } from '@/ui/Dialog'
import { SelectField, TextField } from '@/ui/Field'
import { LengthField, NumberField } from '@/ui/NumberField'
import { problemAt } from '../../across/bench/problemAt'
import { Problems } from '../../across/pull/Problems'
import { addPaperAction } from './actions'
import { sendAct } from '../../across/act/sendAct'

const EMPTY = {
  name: '',
  gsm: null as number | null,
  /** null: nobody measured it, and it is taken from the weight */
  caliperMm: null as number | null,
  sheetWidthMm: null as number | null,
  sheetHeightMm: null as number | null,
  grain: 'unknown' as 'long' | 'short' | 'unknown',
  /** null: nobody counted */
  sheetsReceived: null as number | null,
  fibre: '',
  sizing: 'unknown' as Sizing,
  sides: '',
  note: '',
}
const FIELDS = Object.keys(EMPTY)
/** What a bench takes over of a paper that was just added. */
export type AddedPaper = Pick<
  StorePaper,
  'id' | 'name' | 'gsm' | 'caliperMm' | 'sheetWidthMm' | 'sheetHeightMm' | 'grain'
>

/** Adds a paper to the store. */
export function NewPaperDialog({ onAdded }: { onAdded?: (paper: AddedPaper) => void }) {
  const [open, setOpen] = useState(false)
  const [paper, setPaper] = useState(EMPTY)
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const [weighed, setWeighed] = useState<number | null>(null)
  const { sheetWidthMm: width, sheetHeightMm: height } = paper
  const byWeight = weighed && weighed > 0 && width && height ? gsmOfSheet(weighed, width, height) : null
  const usual = paper.gsm === null || !(paper.gsm > 0) ? null : usualCaliperMm(paper.gsm)
  const set = (patch: Partial<typeof EMPTY>) => setPaper({ ...paper, ...patch })
  const add = async () => {
    const { gsm, caliperMm, sheetWidthMm, sheetHeightMm, sheetsReceived, ...words } = paper
    const number = (value: number | null) => value ?? Number.NaN
    const sizes = {
      gsm: number(gsm),
      caliperMm: number(caliperMm ?? usual),
      sheetWidthMm: number(sheetWidthMm),
      sheetHeightMm: number(sheetHeightMm),
    }
    const answer = await sendAct(addPaperAction, {
      ...words,
      ...sizes,
      note: [words.note.trim(), ...(caliperMm === null ? [CALIPER_TAKEN] : [])].filter(Boolean).join(' '),
      sheetsReceived: sheetsReceived ?? 0,
    })
    setProblems(answer.ok ? [] : answer.problems)
    if (!answer.ok) return
    setPaper(EMPTY)
    setOpen(false)
    onAdded?.({ id: answer.id, name: words.name.trim(), grain: words.grain, ...sizes })
  }
  return (
    <Dialog
      title="Add a paper"
      open={open}
      onOpenChange={setOpen}
      trigger={<Button look="quiet">Add a paper</Button>}
    >
      <div className="grid gap-3 sm:grid-cols-2">
        <TextField
          label="Name of the paper"
          value={paper.name}
          onText={(name) => set({ name })}
          problem={problemAt(problems, 'name')}
          className="sm:col-span-2"
        />
        <LengthField
          label="Sheet width"
          isSide
          value={paper.sheetWidthMm}
          onValue={(sheetWidthMm) => set({ sheetWidthMm })}
          problem={problemAt(problems, 'sheetWidthMm')}
        />
        <LengthField
          label="Sheet height"
          isSide
          value={paper.sheetHeightMm}
          onValue={(sheetHeightMm) => set({ sheetHeightMm })}
          problem={problemAt(problems, 'sheetHeightMm')}
        />
        <NumberField
          label="Weight"
          unit="g/m²"
          value={paper.gsm}
          onValue={(gsm) => set({ gsm })}
          problem={problemAt(problems, 'gsm')}
        />
        <div className="grid grid-cols-[1fr_auto] items-end gap-2">
          <NumberField
            label="Unknown? Weight of one dry sheet"
            unit="g"
            value={weighed}
            onValue={setWeighed}
          />
          <Button
            disabled={byWeight === null}
            onClick={() => byWeight !== null && set({ gsm: Number(byWeight.toFixed(0)) })}
          >
            {byWeight === null ? 'Calculate' : `${formatNumber(byWeight, 0)} g/m²`}
          </Button>
        </div>
        <NumberField
          label="Caliper"
          unit="mm"
          value={paper.caliperMm}
          onValue={(caliperMm) => set({ caliperMm })}
          problem={problemAt(problems, 'caliperMm')}
          hint={
            paper.caliperMm === null && usual !== null
              ? `taken as ${formatNumber(usual, 2)} mm, usual for its weight; measure it when you can`
              : undefined
          }
        />
        <SelectField
          label="Grain"
          value={paper.grain}
          options={[
            ['unknown', 'not known'],
            ['long', 'long'],
            ['short', 'short'],
          ]}
          onPick={(grain) => set({ grain: grain as typeof EMPTY.grain })}
        />
        <NumberField
          label="Sheets in the stockroom"
          digits={0}
          value={paper.sheetsReceived}
          onValue={(sheetsReceived) => set({ sheetsReceived })}
          problem={problemAt(problems, 'sheetsReceived')}
          hint="may stay empty: count them later"
        />
        <TextField
          label="Fibre"
          value={paper.fibre}
          onText={(fibre) => set({ fibre })}
          problem={problemAt(problems, 'fibre')}
        />
        <SelectField
          label="Sizing"
          value={paper.sizing}
          options={Object.entries(SIZINGS)}
          onPick={(sizing) => set({ sizing: sizing as Sizing })}
        />
        <TextField
          label="Side to print on"
          value={paper.sides}
          onText={(sides) => set({ sides })}
          problem={problemAt(problems, 'sides')}
          className="sm:col-span-2"
        />
        <TextField
          label="Note"
          value={paper.note}
          onText={(note) => set({ note })}
          problem={problemAt(problems, 'note')}
          className="sm:col-span-2"
        />
      </div>
      <Problems problems={problems} except={FIELDS} />
      <Button look="main" className="mt-4" onClick={() => void add()}>
        Add this paper
      </Button>
    </Dialog>
  )
}
