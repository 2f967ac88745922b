'use client'

import { formatFine } from '@/core/units/quantity'
import { useState } from 'react'
import { leadSchema, PRESS_KINDS, type PressKind } from '@/core/press/pressCard'
import type { FieldProblem } from '@/data/database/errors'
import { Button } from '@/ui/Button'
import { Dialog } from '@/ui/Dialog'
import { SelectField, TextField } from '@/ui/Field'
import { LengthField } from '@/ui/NumberField'
import { problemAt } from '../../across/bench/problemAt'
import { Problems } from '../../across/pull/Problems'
import { addPressAction } from './actions'
import { sendAct } from '../../across/act/sendAct'

/** Without screws nothing is turned: a turn stands for a millimetre. */
const BY_HAND = '1 mm'

/** Adds a press: its lead is reckoned from the thread of its screws. */
export function NewPressDialog() {
  const [open, setOpen] = useState(false)
  const [name, setName] = useState('')
  const [thread, setThread] = useState('M16')
  const [rollerDiameterMm, setDiameter] = useState<number | null>(90)
  const [bedWidthMm, setBedWidth] = useState<number | null>(400)
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const [kind, setKind] = useState<PressKind>('two-screw')
  const lead = leadSchema.safeParse({ thread: kind === 'hand' ? BY_HAND : thread })
  const add = async () => {
    const answer = await sendAct(addPressAction, {
      name,
      kind,
      thread: kind === 'hand' ? BY_HAND : thread,
      rollerRadiusMm: (rollerDiameterMm ?? Number.NaN) / 2,
      bedWidthMm: bedWidthMm ?? Number.NaN,
      note: '',
    })
    setProblems(answer.ok ? [] : answer.problems)
    if (!answer.ok) return
    setName('')
    setOpen(false)
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
          onPick={(next) => setKind(next as PressKind)}
          className="sm:col-span-2"
        />
        {kind !== 'hand' && (
          <TextField
            label="Screw thread (such as M16), or mm per turn"
            value={thread}
            onText={setThread}
            problem={lead.success ? problemAt(problems, 'thread') : lead.error.issues[0].message}
            hint={lead.success ? `${formatFine(lead.data.mmPerTurn, 3)} a turn` : undefined}
          />
        )}
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
      </div>
      <Problems problems={problems} except={['name', 'thread', 'rollerRadiusMm', 'bedWidthMm']} />
      <Button look="main" className="mt-4" onClick={() => void add()}>
        Add this press
      </Button>
    </Dialog>
  )
}
