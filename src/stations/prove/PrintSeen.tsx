'use client'

import { Button } from '@/ui/Button'
import { useSend } from '../across/bench/BenchContext'
import { useAct } from '../across/bench/useAct'
import { usePerson } from '../across/person/usePerson'
import { Problems } from '../across/pull/Problems'
import { notePrintSeenAction } from '../across/pull/actions'
import { sendAct } from '../across/act/sendAct'

/** Says that a print was seen of what had been approved from a picture. */
export function PrintSeen() {
  const { send } = useSend()
  const person = usePerson()
  const { busy, problems, act } = useAct()
  const note = () =>
    act(() => send((target) => sendAct(notePrintSeenAction, { ...target, seen: { by: person } })))
  return (
    <>
      <Button disabled={busy} onClick={() => void note()}>
        A print was seen
      </Button>
      <Problems
        problems={problems.map((problem) =>
          problem.field === 'seen.by' ? { ...problem, message: 'Say who works here first.' } : problem,
        )}
      />
    </>
  )
}
