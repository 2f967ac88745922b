'use client'

import { useState } from 'react'
import type { FieldProblem } from '@/data/errors'
import type { Answer } from './answer'
import { UNREACHABLE } from './BenchContext'

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
    const answer = await write().catch(() => ({ ok: false as const, problems: [UNREACHABLE] }))
    setBusy(false)
    setProblems(answer.ok ? [] : answer.problems)
    return answer.ok
  }
  return { busy, problems, act, setProblems }
}
