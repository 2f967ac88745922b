'use client'

import { useState } from 'react'
import { Button } from '@/ui/Button'
import { Dialog } from '@/ui/Dialog'
import { TextField } from '@/ui/Field'
import { useSend } from '../across/bench/BenchContext'
import { problemAt } from '../across/bench/problemAt'
import { PersonField } from '../across/person/PersonField'
import { usePerson } from '../across/person/usePerson'
import { Problems } from '../across/pull/Problems'
import { unlockNumbersAction } from './actions'
import { sendAct } from '../across/act/sendAct'

/** Takes the numbers back before anything left the workshop; what they were stays written. */
export function UnlockNumbers() {
  const { send } = useSend()
  const person = usePerson()
  const [open, setOpen] = useState(false)
  const [why, setWhy] = useState('')
  const [problems, setProblems] = useState<{ field: string; message: string }[]>([])
  const unlock = async () => {
    const answer = await send((target) => sendAct(unlockNumbersAction, { ...target, why, by: person }))
    setProblems(answer.ok ? [] : answer.problems)
    if (answer.ok) setOpen(false)
  }
  return (
    <Dialog
      title="Undo the numbering?"
      open={open}
      onOpenChange={setOpen}
      trigger={
        <Button look="quiet" className="mt-3">
          Undo the numbering…
        </Button>
      }
    >
      <p className="mb-3">
        The edition is sorted anew. What the numbers were stays written, with who took them back and why. Once
        a print has left the workshop its number stays.
      </p>
      <TextField label="Why" value={why} onText={setWhy} problem={problemAt(problems, 'why')} />
      <PersonField did="Taken back by" problem={problemAt(problems, 'by')} />
      <Problems problems={problems} except={['why', 'by']} />
      <Button look="main" className="mt-4" onClick={() => void unlock()}>
        Undo the numbering
      </Button>
    </Dialog>
  )
}
