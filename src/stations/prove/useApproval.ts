'use client'

import { useState } from 'react'
import { readPull } from '@/core/edition/readPull'
import type { Pull } from '@/core/edition/pull'
import { FEATURE_KEYS, type Passes } from '@/core/prove/features'
import { usualTolerances, type Tolerances } from '@/core/prove/tolerance'
import type { FieldProblem } from '@/data/database/errors'
import { sendAct } from '../across/act/sendAct'
import { useSend } from '../across/bench/BenchContext'
import { usePerson } from '../across/person/usePerson'
import { approveBatAction } from '../across/pull/actions'

/** Tolerances beside the usual ones, and what may differ to the eye [common practice, no source]. */
export const PRESETS: Record<'tight' | 'usual' | 'varied', { label: string; times: number; passes: Passes }> =
  {
    tight: { label: 'Tight', times: 0.5, passes: {} },
    usual: { label: 'Usual', times: 1, passes: { tone: 'both' } },
    varied: {
      label: 'Varied by intent',
      times: 3,
      passes: Object.fromEntries(FEATURE_KEYS.map((feature) => [feature, 'both'])),
    },
  }
export type Preset = keyof typeof PRESETS

/** What is wished of a BAT while it is being approved; it outlasts the closing of its window. */
interface Wish {
  tolerances: Tolerances
  passes: Passes
  reason: string
  preset: Preset
  /** id of the proof at the other end; empty: none */
  other: string
  wetMinutes: number | null
  /** what was looked at: the print itself, or a picture of it, with what was asked and answered */
  looked: 'print' | 'picture'
  asked: string
  answered: string
}

/** A proof on its way to be the BAT: what is wished, who approves it, and the act. @param onDone once it is approved */
export function useApproval(proof: Pull, onDone: () => void) {
  const { send, show } = useSend()
  const person = usePerson()
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const [wish, setWish] = useState<Wish>(() => ({
    tolerances: usualTolerances(proof.settings),
    passes: PRESETS.usual.passes,
    reason: '',
    preset: 'usual',
    other: '',
    wetMinutes: null,
    looked: 'print',
    asked: '',
    answered: '',
  }))
  const { verdict, eye } = readPull(proof)
  const approve = async () => {
    const { tolerances, passes, reason, other, wetMinutes, looked, asked, answered } = wish
    const answer = await send((target) =>
      sendAct(approveBatAction, {
        ...target,
        bat: {
          proofPullId: proof.id,
          tolerances,
          passes,
          approvedBy: person,
          reason,
          otherProofPullId: other || null,
          wetMinutes,
          fromPicture: looked === 'picture' ? { asked, answered } : null,
        },
      }),
    )
    setProblems(
      answer.ok
        ? []
        : answer.problems.map(({ field, message }) => ({ field: field.replace('bat.', ''), message })),
    )
    if (!answer.ok) return
    show({ ...proof.settings, origins: proof.settings.origins }, true)
    onDone()
  }
  return {
    wish,
    set: (patch: Partial<Wish>) => setWish((before) => ({ ...before, ...patch })),
    problems,
    approve,
    /** somebody said what they saw of it */
    isJudged: verdict !== null || eye !== null,
  }
}
export type Approval = ReturnType<typeof useApproval>
