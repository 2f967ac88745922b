'use client'

import { useState } from 'react'
import type { Pull, PullEvent } from '@/core/edition/pull'
import { Button } from '@/ui/Button'
import { Dialog } from '@/ui/Dialog'
import { TextField } from '@/ui/Field'
import { useSend } from '../across/bench/BenchContext'
import { problemAt } from '../across/bench/problemAt'
import { useAct } from '../across/bench/useAct'
import { PersonField } from '../across/person/PersonField'
import { usePerson } from '../across/person/usePerson'
import { RejectForm } from '../edition/RejectForm'
import { Problems } from '../across/pull/Problems'
import { addEventsAction } from '../across/pull/actions'
import { sendAct } from '../across/act/sendAct'

/** An impression on its way out of the edition, or back into it. */
export interface Move {
  pull: Pull
  to: 'accepted' | 'set-aside' | 'rejected'
}

const TITLES = { accepted: 'Accept', 'set-aside': 'Set aside', rejected: 'Reject' } as const

/** Asks why before a decision is amended; the first one stays in the record. */
export function MoveDialog({
  move,
  onDone,
  onLeave,
}: {
  move: Move
  onDone: () => void
  onLeave: () => void
}) {
  const { send } = useSend()
  const { busy, problems, act } = useAct()
  const person = usePerson()
  const [why, setWhy] = useState('')
  const decide = async (event: PullEvent) => {
    if (
      await act(() =>
        send((target) =>
          sendAct(addEventsAction, {
            ...target,
            added: { pullId: move.pull.id, events: [event], by: person, why },
          }),
        ),
      )
    )
      onDone()
  }
  return (
    <Dialog
      title={`${TITLES[move.to]} pull ${move.pull.number}`}
      open
      onOpenChange={(open) => !open && onLeave()}
    >
      <p className="mb-3">What was decided at the press stays in the record, and this beside it.</p>
      <TextField label="Why" value={why} onText={setWhy} problem={problemAt(problems, 'why')} />
      <PersonField did="Sorted by" problem={problemAt(problems, 'added.by')} className="mt-3" />
      <Problems problems={problems} except={['why', 'added.by']} />
      {move.to === 'rejected' ? (
        <RejectForm open busy={busy} onReject={(event) => void decide(event)} />
      ) : (
        <Button
          look="main"
          className="mt-4"
          disabled={busy}
          onClick={() =>
            void decide({
              kind: 'decision',
              decision: move.to as 'accepted' | 'set-aside',
              reason: '',
              fate: null,
            })
          }
        >
          {TITLES[move.to]} it
        </Button>
      )}
    </Dialog>
  )
}
