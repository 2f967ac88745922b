'use client'

import { useState } from 'react'
import { screwLead, screwLeadInput } from '@/core/press/screwLead'
import { formatNumber } from '@/core/units/length'
import type { FieldProblem } from '@/data/errors'
import { Button } from '@/ui/Button'
import { Dialog } from '@/ui/Dialog'
import { TextField } from '@/ui/Field'
import { LengthField } from '@/ui/NumberField'
import { UNREACHABLE } from '../bench/BenchContext'
import { problemAt } from '../bench/problemAt'
import { Problems } from '../pull/Problems'
import { addPressAction } from './actions'

/** Adds a press: its lead is reckoned from the thread of its screws. */
export function NewPressDialog() {
  const [open, setOpen] = useState(false)
  const [name, setName] = useState('')
  const [thread, setThread] = useState('M16')
  const [rollerDiameterMm, setDiameter] = useState<number | null>(90)
  const [bedWidthMm, setBedWidth] = useState<number | null>(400)
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const lead = screwLeadInput.safeParse({ thread })
  const add = async () => {
    const answer = await addPressAction({ name, thread, rollerRadiusMm: (rollerDiameterMm ?? Number.NaN) / 2, bedWidthMm: bedWidthMm ?? Number.NaN, note: '' }).catch(() => ({ ok: false as const, problems: [UNREACHABLE] }))
    setProblems(answer.ok ? [] : answer.problems)
    if (!answer.ok) return
    setName('')
    setOpen(false)
  }
  return (
    <Dialog title="Add a press" open={open} onOpenChange={setOpen} trigger={<Button look="quiet">Add a press</Button>}>
      <div className="grid gap-3 sm:grid-cols-2">
        <TextField label="Name of the press" value={name} onText={setName} problem={problemAt(problems, 'name')} className="sm:col-span-2" />
        <TextField label="Thread of the screws" value={thread} onText={setThread} problem={lead.success ? problemAt(problems, 'thread') : lead.error.issues[0].message} hint={lead.success ? `${formatNumber(screwLead(lead.data).mmPerTurn, 3)} mm a turn` : undefined} />
        <LengthField label="Roller, diameter" value={rollerDiameterMm} onValue={setDiameter} problem={problemAt(problems, 'rollerRadiusMm')} />
        <LengthField label="Bed, width" value={bedWidthMm} onValue={setBedWidth} problem={problemAt(problems, 'bedWidthMm')} />
      </div>
      <Problems problems={problems} except={['name', 'thread', 'rollerRadiusMm', 'bedWidthMm']} />
      <Button look="main" className="mt-4" onClick={() => void add()}>Add this press</Button>
    </Dialog>
  )
}
