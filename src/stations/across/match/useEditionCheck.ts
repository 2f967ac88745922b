'use client'

import { useRouter } from 'next/navigation'
import { useEffect, useRef, useState } from 'react'
import type { MatchTolerances } from '@/core/match/checks/matchCheck'
import { readEditionCheckAction, startEditionCheckAction, stopEditionCheckAction } from './actions'
import type { EditionCheckState } from './editionCheck'
import { sendAct } from '../act/sendAct'

/** How often the server is asked while it checks, ms. */
const EVERY_MS = 1500

/** The check of the whole edition, which runs on the server: it goes on when the page is closed, and is found again when it is opened. */
export function useEditionCheck(slug: string) {
  const router = useRouter()
  const [state, setState] = useState<EditionCheckState | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  const seen = useRef(0)
  const take = (answered: Awaited<ReturnType<typeof readEditionCheckAction>>) => {
    if (!answered.ok) return setProblem(answered.problems[0].message)
    setProblem(null)
    setState(answered.state)
    // What is on the prints is shown as it comes.
    if (answered.state && answered.state.done !== seen.current) router.refresh()
    seen.current = answered.state?.done ?? 0
  }
  const ask = (act: () => ReturnType<typeof readEditionCheckAction>) => act().then(take)
  const latest = useRef(ask)
  useEffect(() => {
    latest.current = ask
  })
  useEffect(() => void latest.current(() => sendAct(readEditionCheckAction, { slug })), [slug])
  const isRunning = state?.isRunning ?? false
  useEffect(() => {
    if (!isRunning) return
    const timer = setInterval(
      () => void latest.current(() => sendAct(readEditionCheckAction, { slug })),
      EVERY_MS,
    )
    return () => clearInterval(timer)
  }, [isRunning, slug])
  return {
    state,
    problem: problem ?? state?.problem ?? null,
    start: (asked: { dry: boolean; by: string; tolerances: MatchTolerances }) =>
      void ask(() => sendAct(startEditionCheckAction, { slug, ...asked })),
    stop: () => void ask(() => sendAct(stopEditionCheckAction, { slug })),
  }
}
