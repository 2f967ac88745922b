'use client'

import { shownUnits } from '@/core/units/shownUnits'
import { useCallback, useEffect, useRef, useState } from 'react'
import type { ShownMatch, StraightReference } from '@/core/match/matchImpression'
import type { MatchReport, MatchTask } from '@/workers/match.worker'

/** What one comparison came to; null: it was cancelled. */
export type Compared = { match: ShownMatch } | { refusal: string; straight?: StraightReference } | null

/** Compares two pictures in a worker: which step it is at, and a way to end it. A new comparison ends the one before. */
export function useMatch(): {
  step: number | null
  compare: (task: Omit<MatchTask, 'units'>) => Promise<Compared>
  cancel: () => void
} {
  const running = useRef<{ worker: Worker; done: (compared: Compared) => void } | null>(null)
  const [step, setStep] = useState<number | null>(null)
  const end = useCallback((compared: Compared) => {
    const was = running.current
    running.current = null
    was?.worker.terminate()
    setStep(null)
    was?.done(compared)
  }, [])
  useEffect(() => () => running.current?.worker.terminate(), [])
  const compare = useCallback(
    (task: Omit<MatchTask, 'units'>) =>
      new Promise<Compared>((done) => {
        end(null)
        const worker = new Worker(new URL('../../../workers/match.worker.ts', import.meta.url))
        running.current = { worker, done }
        setStep(0)
        // A worker that was ended while it came up still says so, when another is at work already: that one goes on.
        const isAtWork = () => running.current?.worker === worker
        worker.onerror = () =>
          isAtWork() &&
          end({ refusal: 'The pictures could not be compared: the work was cut off. Try again.' })
        worker.onmessage = ({ data }: MessageEvent<MatchReport>) => {
          if (!isAtWork()) return
          if ('step' in data) setStep(data.step)
          else end(data)
        }
        worker.postMessage({ ...task, units: shownUnits() } satisfies MatchTask)
      }),
    [end],
  )
  return { step, compare, cancel: useCallback(() => end(null), [end]) }
}
