'use client'

import { useState } from 'react'
import { readPull } from '@/core/edition/readPull'
import type { Pull } from '@/core/edition/pull'
import { writeMoment } from '@/core/units/moment'
import { Button } from '@/ui/Button'
import { Dialog } from '@/ui/Dialog'
import { TextField } from '@/ui/Field'
import { useSend } from '../across/bench/BenchContext'
import { problemAt } from '../across/bench/problemAt'
import { useAct } from '../across/bench/useAct'
import { deviceZone } from '@/ui/deviceZone'
import { PersonField } from '../across/person/PersonField'
import { usePerson } from '../across/person/usePerson'
import { Problems } from '../across/pull/Problems'
import { cancelPlateAction } from './actions'
import { sendAct } from '../across/act/sendAct'

/** The end of a plate: struck, with a proof that shows it. Nothing is pulled from it after. */
export function StruckPlate({ cancellation }: { cancellation: Pull | null }) {
  const { send } = useSend()
  const { busy, problems, act } = useAct()
  const person = usePerson()
  const [open, setOpen] = useState(false)
  const [how, setHow] = useState('Scored across twice')
  // Made once: asked for again after a lost answer, it is the same proof.
  const [id] = useState(() => crypto.randomUUID())
  if (cancellation)
    return (
      <p className="mt-4 border-t border-line pt-2">
        The plate is cancelled: {readPull(cancellation).cancelled}. Cancellation proof pulled{' '}
        {writeMoment(cancellation.pulledAt, cancellation.zone)} by {cancellation.hands.inked}.
      </p>
    )
  const strike = async () => {
    if (
      await act(() =>
        send((target) =>
          sendAct(cancelPlateAction, {
            ...target,
            cancellation: {
              id,
              how,
              zone: deviceZone(),
              hands: { inked: person, wiped: person, laid: person },
            },
          }),
        ),
      )
    )
      setOpen(false)
  }
  return (
    <Dialog
      title="Strike the plate?"
      open={open}
      onOpenChange={setOpen}
      trigger={
        <Button look="quiet" className="mt-3 ml-3">
          Cancel the plate…
        </Button>
      }
    >
      <p className="mb-3">
        A struck plate never prints again. Strike it first, pull one proof that shows it, then write it down
        here; or store the plate and leave this.
      </p>
      <TextField
        label="How it was cancelled"
        value={how}
        onText={setHow}
        problem={problemAt(problems, 'cancellation.how')}
      />
      <PersonField
        did="Pulled by"
        problem={problemAt(problems, 'cancellation.hands.inked')}
        className="mt-3"
      />
      <Problems problems={problems} except={['cancellation.how', 'cancellation.hands.inked']} />
      <Button look="main" className="mt-4" disabled={busy} onClick={() => void strike()}>
        Record the cancellation proof
      </Button>
    </Dialog>
  )
}
