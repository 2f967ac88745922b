'use client'

import { useState } from 'react'
import type { EyeReading, Pull, PullEvent } from '@/core/edition/pull'
import { nameOfPull } from '@/core/record/withdrawal'
import type { FieldProblem } from '@/data/database/errors'
import { deviceZone } from '@/ui/deviceZone'
import { usePerson } from '../person/usePerson'
import { useJob, useSend } from '../bench/BenchContext'
import { useRollerRun } from '../../press/keptRoller'
import { forgetWipe, readWipe } from '../../wipe/keptWipe'
import { addEventsAction, pullAction, withdrawPullAction } from './actions'
import { sendAct, UNREACHABLE } from '../act/sendAct'

interface PullHandle {
  person: string
  busy: boolean
  problems: FieldProblem[]
  /** answers true when the pull is on the disk */
  pull: (
    kind: 'proof' | 'edition' | 'warmup',
    change?: { expected: EyeReading | null; expectation: string },
    laid?: string,
  ) => Promise<boolean>
  /** answers true when what was seen is on the disk */
  add: (pullId: string, events: PullEvent[], why?: string) => Promise<boolean>
  /** answers what stands in the way, for where it was asked; nothing: the pull was taken back */
  withdraw: (pull: Pick<Pull, 'id' | 'kind' | 'number'>, why: string) => Promise<FieldProblem[]>
  /** what was withdrawn last, for whoever listens; null: something else was done since */
  withdrawn: string | null
}

/** What is asked of whoever has not said who it is. */
export const NAMELESS: FieldProblem = {
  field: 'person',
  message: 'Enter your name: every entry is saved with it.',
}

/** Pulls and what is said of them, for proofs and edition alike. A pull asked for twice is made once. */
export function usePull(): PullHandle {
  const job = useJob()
  const { send } = useSend()
  const person = usePerson()
  const [busy, setBusy] = useState(false)
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const [withdrawn, setWithdrawn] = useState<string | null>(null)
  const [unsent, setUnsent] = useState<string | null>(null)
  const roller = useRollerRun(job.id)

  const run = async (act: Parameters<typeof send>[0]) => {
    setBusy(true)
    const answer = await send(act)
    setBusy(false)
    setProblems(answer.ok ? [] : answer.problems)
    if (answer.ok) setWithdrawn(null)
    return answer
  }

  const pull: PullHandle['pull'] = async (kind, change = { expected: null, expectation: '' }, laid = '') => {
    if (!person.trim()) {
      setProblems([NAMELESS])
      return false
    }
    // The id stays until the server has answered, so that a second try after a lost answer is the same pull.
    const id = unsent ?? crypto.randomUUID()
    setUnsent(id)
    const wipe = readWipe(job.id)
    const answer = await run((target) =>
      sendAct(pullAction, {
        ...target,
        pull: {
          id,
          kind,
          zone: deviceZone(),
          hands: { inked: person, wiped: person, laid: laid.trim() || person },
          ...change,
        },
      }),
    )
    if (!answer.ok) {
      if (answer.problems[0] !== UNREACHABLE) setUnsent(null)
      return false
    }
    setUnsent(null)
    const { seconds } = roller.run
    const taken: PullEvent[] = [
      ...(wipe ? [{ kind: 'wipe' as const, taken: wipe }] : []),
      ...(seconds === null ? [] : [{ kind: 'roller' as const, seconds }]),
    ]
    if (
      taken.length > 0 &&
      (
        await run((target) =>
          sendAct(addEventsAction, { ...target, added: { pullId: id, events: taken, by: person, why: '' } }),
        )
      ).ok
    ) {
      forgetWipe(job.id)
      roller.forget()
    }
    return true
  }

  const add: PullHandle['add'] = async (pullId, events, why = '') => {
    if (!person.trim()) {
      setProblems([NAMELESS])
      return false
    }
    return (
      await run((target) =>
        sendAct(addEventsAction, { ...target, added: { pullId, events, by: person, why } }),
      )
    ).ok
  }

  const withdraw: PullHandle['withdraw'] = async (mistaken, why) => {
    if (!person.trim()) return [NAMELESS]
    const withdrawal = { pullId: mistaken.id, why, by: person }
    setBusy(true)
    const answer = await send((target) => sendAct(withdrawPullAction, { ...target, withdrawal }))
    setBusy(false)
    if (!answer.ok) return answer.problems
    setProblems([])
    setWithdrawn(`${nameOfPull(mistaken)} is withdrawn.`)
    return []
  }

  return { person, busy, problems, pull, add, withdraw, withdrawn }
}
