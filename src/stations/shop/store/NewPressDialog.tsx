'use client'

import { useState } from 'react'
import { usualScaleOf } from '@/core/press/pressCard'
import { isHandKind, type PressKind } from '@/core/press/pressKind'
import { PRESS_KINDS } from '@/core/press/pressKindNames'
import type { PressureScale } from '@/core/press/pressureScale'
import type { FieldProblem } from '@/data/database/errors'
import type { StorePress } from '@/data/press/presses'
import { Button } from '@/ui/Button'
import { Dialog } from '@/ui/Dialog'
import { SelectField, TextField } from '@/ui/Field'
import { LengthField } from '@/ui/NumberField'
import { problemAt } from '../../across/bench/problemAt'
import { Problems } from '../../across/pull/Problems'
import { ScaleFields } from '../../press/ScaleFields'
import { addPressAction } from './actions'
import { sendAct } from '../../across/act/sendAct'

const FIRST_KIND = 'two-screw' satisfies PressKind

/** Adds a press as it is read; by hand there is nothing to measure. */
export function NewPressDialog({ onAdded }: { onAdded?: (press: StorePress) => void }) {
  const [open, setOpen] = useState(false)
  const [name, setName] = useState('')
  const [thread, setThread] = useState('')
  const [rollerDiameterMm, setDiameter] = useState<number | null>(90)
  const [bedWidthMm, setBedWidth] = useState<number | null>(400)
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const [kind, setKind] = useState<PressKind>(FIRST_KIND)
  const [scale, setScale] = useState<PressureScale>(() => usualScaleOf(FIRST_KIND))
  const pickKind = (next: PressKind) => {
    setKind(next)
    setScale(usualScaleOf(next))
    setThread('')
  }
  const add = async () => {
    const answer = await sendAct(addPressAction, {
      name,
      kind,
      thread,
      scale,
      rollerRadiusMm: (rollerDiameterMm ?? Number.NaN) / 2,
      bedWidthMm: bedWidthMm ?? Number.NaN,
      note: '',
    })
    setProblems(answer.ok ? [] : answer.problems)
    if (!answer.ok) return
    setName('')
    pickKind(FIRST_KIND)
    setOpen(false)
    onAdded?.(answer.press)
  }
  return (
    <Dialog
      title="Add a press"
      open={open}
      onOpenChange={setOpen}
      trigger={<Button look="quiet">Add a press</Button>}
    >
      <div className="grid gap-3 sm:grid-cols-2">
        <TextField
          label="Name of the press"
          value={name}
          onText={setName}
          problem={problemAt(problems, 'name')}
          className="sm:col-span-2"
        />
        <SelectField
          label="Kind"
          value={kind}
          options={Object.entries(PRESS_KINDS)}
          onPick={(next) => pickKind(next as PressKind)}
          className="sm:col-span-2"
        />
        <ScaleFields
          kind={kind}
          scale={scale}
          thread={thread}
          problems={problems}
          onScale={(nextScale, nextThread) => {
            setScale(nextScale)
            setThread(nextThread)
          }}
        />
        {!isHandKind(kind) && (
          <>
            <LengthField
              label="Roller, diameter"
              value={rollerDiameterMm}
              onValue={setDiameter}
              problem={problemAt(problems, 'rollerRadiusMm')}
            />
            <LengthField
              label="Bed, width"
              value={bedWidthMm}
              onValue={setBedWidth}
              problem={problemAt(problems, 'bedWidthMm')}
            />
          </>
        )}
      </div>
      <Problems
        problems={problems.filter(({ field }) => !field.startsWith('scale.'))}
        except={['name', 'thread', 'rollerRadiusMm', 'bedWidthMm']}
      />
      <Button look="main" className="mt-4" onClick={() => void add()}>
        Add this press
      </Button>
    </Dialog>
  )
}
