'use client'

import { useState } from 'react'
import type { FieldProblem } from '@/data/database/errors'
import type { Answer } from '../act/answer'

/** Runs a write of a screen: busy while it lasts, its problems after; answers whether it is on the disk. */
export function useAct(): {
  busy: boolean
  problems: FieldProblem[]
  act: (write: () => Promise<Answer>) => Promise<boolean>
  setProblems: (problems: FieldProblem[]) => void
} {
  const [busy, setBusy] = useState(false)
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const act = async (write: () => Promise<Answer>) => {
    setBusy(true)
    const answer = await write()
    setBusy(false)
    setProblems(answer.ok ? [] : answer.problems)
    return answer.ok
  }
  return { busy, problems, act, setProblems }
}
