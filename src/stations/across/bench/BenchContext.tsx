'use client'

import {
  createContext,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useRef,
  useState,
  type ReactNode,
} from 'react'
import type { Passes } from '@/core/prove/features'
import type { Bench } from '@/core/prove/settings'
import type { Tolerances } from '@/core/prove/tolerance'
import type { Variation } from '@/core/record/variation'
import type { Answer } from '../act/answer'

/** What every station of a job needs to know of it. */
export interface BenchJob {
  id: string
  slug: string
  title: string
  revision: number
  bench: Bench
  /** the run that stands on the bench, of how many */
  run: { position: number; name: string; count: number }
  variation: Variation
  bat: { version: number; settings: Bench; tolerances: Tolerances; passes: Passes } | null
  proofs: number
  accepted: number
  editionSize: number
  pullsFromPlate: number
  numbered: boolean
  drying: boolean
}

interface BenchContextValue {
  job: BenchJob
  bench: Bench
  /** shows a change at once; keeping it is the caller's business, unless it is kept already */
  show: (bench: Bench, isKept?: boolean) => void
  /** sends one act to the server with the revision in hand; acts wait for one another */
  send: <T extends object>(
    act: (target: { jobId: string; revision: number }) => Promise<Answer<T & { revision: number }>>,
  ) => Promise<Answer<T & { revision: number }>>
  /** set when another window changed the job */
  conflict: string | null
}

const Context = createContext<BenchContextValue | null>(null)

/** Holds the job's bench while stations come and go, so that the Slip moves with every change. */
export function BenchProvider({ job, children }: { job: BenchJob; children: ReactNode }) {
  const [bench, setBench] = useState(job.bench)
  const [isAhead, setAhead] = useState(false)
  const [seen, setSeen] = useState(job)
  const [conflict, setConflict] = useState<string | null>(null)
  const revision = useRef(job.revision)
  const queue = useRef<Promise<unknown>>(Promise.resolve())
  const edits = useRef(0)

  // The server's word is newer than ours only when it knows a later revision and nothing of ours is still on its way.
  if (job !== seen) {
    setSeen(job)
    if (job.revision > seen.revision && !isAhead && JSON.stringify(job.bench) !== JSON.stringify(bench))
      setBench(job.bench)
  }

  useEffect(() => {
    revision.current = Math.max(revision.current, job.revision)
  }, [job])

  const show = useCallback((next: Bench, isKept = false) => {
    edits.current += 1
    setBench(next)
    setAhead(!isKept)
  }, [])

  const send: BenchContextValue['send'] = useCallback(
    (act) => {
      const turn = queue.current.then(async () => {
        const sent = edits.current
        const answer = await act({ jobId: job.id, revision: revision.current })
        if (answer.ok) {
          revision.current = answer.revision
          if (edits.current === sent) setAhead(false)
        } else if (answer.conflict) setConflict(answer.problems[0].message)
        return answer
      })
      queue.current = turn.catch(() => undefined)
      return turn
    },
    [job.id],
  )

  const value = useMemo(() => ({ job, bench, show, send, conflict }), [job, bench, show, send, conflict])
  return <Context.Provider value={value}>{children}</Context.Provider>
}

/** The bench of the job whose page this is. */
export function useBench(): BenchContextValue {
  const value = useContext(Context)
  if (!value) throw new Error('useBench stands outside a BenchProvider')
  return value
}
