'use client'

import { useState } from 'react'
import type { LayDown } from '@/core/edition/layDown'
import type { FieldProblem } from '@/data/database/errors'
import { deviceZone } from '@/ui/deviceZone'
import { sendAct, UNREACHABLE } from '../../across/act/sendAct'
import { useSend } from '../../across/bench/BenchContext'
import { usePerson } from '../../across/person/usePerson'
import { NAMELESS, usePull } from '../../across/pull/usePull'
import { layDownAction } from './actions'

/** Writes lay-downs to their prints. One asked for twice is made once. */
export function useLayDown() {
  const { send } = useSend()
  const person = usePerson()
  const pulling = usePull()
  const [busy, setBusy] = useState(false)
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const [unsent, setUnsent] = useState<string | null>(null)

  return {
    busy: busy || pulling.busy,
    problems: [...problems, ...pulling.problems],
    /** @param pullId null: a new print, which this begins; answers the print it is of, or null where it was not written */
    lay: async (pullId: string | null, laid: LayDown): Promise<string | null> => {
      if (!person.trim()) {
        setProblems([NAMELESS])
        return null
      }
      // The id stays until the server has answered, so that a second try after a lost answer is the same print.
      const id = pullId ?? unsent ?? crypto.randomUUID()
      if (pullId === null) setUnsent(id)
      const hands = { inked: person, wiped: null, laid: person }
      const pull = {
        id,
        kind: 'edition' as const,
        zone: deviceZone(),
        hands,
        expected: null,
        expectation: '',
      }
      const print = pullId === null ? { is: 'new' as const, pull } : { is: 'begun' as const, pullId }
      setBusy(true)
      const answer = await send((target) =>
        sendAct(layDownAction, { ...target, layDown: { print, laid, by: person } }),
      )
      setBusy(false)
      setProblems(answer.ok ? [] : answer.problems)
      if (answer.ok || answer.problems[0] !== UNREACHABLE) setUnsent(null)
      return answer.ok ? id : null
    },
    /** says of a lay-down what was seen of it later */
    amend: (pullId: string, laid: LayDown, why: string) => pulling.add(pullId, [{ kind: 'laid', laid }], why),
    /** the print is finished, and kept */
    keep: (pullId: string) =>
      pulling.add(pullId, [{ kind: 'decision', decision: 'accepted', reason: '', fate: null }]),
  }
}
