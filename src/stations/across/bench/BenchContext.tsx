'use client'

import {
  createContext,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useRef,
  useState,
  type Context,
  type ReactNode,
} from 'react'
import type { Passes } from '@/core/prove/features'
import type { Purpose } from '@/core/prove/purpose'
import type { Bench } from '@/core/prove/settings'
import type { Tolerances } from '@/core/prove/tolerance'
import type { KnownBeside, WorkAhead } from '@/core/record/jobNeed'
import type { KnownPresses } from '@/data/press/presses'
import type { Answer } from '../act/answer'
import { isNewerBench } from './newerBench'

/** What every station of a job needs to know of it. */
export interface BenchJob {
  id: string
  slug: string
  title: string
  revision: number
  bench: Bench
  /** the run that stands on the bench, of how many */
  run: { position: number; name: string; count: number }
  purpose: Purpose
  /** the existing print that is printed over next; null: a fresh sheet */
  onto: { name: string; imageId: string | null } | null
  bat: {
    version: number
    settings: Bench
    tolerances: Tolerances
    passes: Passes
    isFromPicture: boolean
  } | null
  proofs: number
  /** the last proof of the run on the bench, or print where no BAT is asked: without a BAT the bench is held against it */
  lastTry: { kind: 'proof' | 'print'; number: number; settings: Bench } | null
  accepted: number
  editionSize: number
  pullsFromPlate: number
  /** what its record and the workshop say of what is still to be done: with the bench it makes `useNeed` */
  work: WorkAhead
  beside: KnownBeside
  knownPresses: KnownPresses
  numbered: boolean
  drying: boolean
}

/** How changes of the bench are shown and kept. */
interface Sending {
  /** shows what changed of the bench at once; keeping it is the caller's business, unless it is kept already */
  show: (changes: Partial<Bench>, isKept?: boolean) => void
  /** sends one act to the server with the revision in hand; acts wait for one another */
  send: <T extends object>(
    act: (target: { jobId: string; revision: number }) => Promise<Answer<T & { revision: number }>>,
  ) => Promise<Answer<T & { revision: number }>>
}

// Four contexts and not one: the bench moves with every key, the others hardly ever, and who asks for one is not drawn for another.
const JobContext = createContext<BenchJob | null>(null)
const SettingsContext = createContext<Bench | null>(null)
const SendingContext = createContext<Sending | null>(null)
const ConflictContext = createContext<string | null>(null)

/** Holds the job's bench while stations come and go, so that the Slip moves with every change. */
export function BenchProvider({ job, children }: { job: BenchJob; children: ReactNode }) {
  const [bench, setBench] = useState(job.bench)
  const [isAhead, setAhead] = useState(false)
  const [seen, setSeen] = useState(job)
  const [answered, setAnswered] = useState(job.revision)
  const [conflict, setConflict] = useState<string | null>(null)
  const revision = useRef(job.revision)
  const queue = useRef<Promise<unknown>>(Promise.resolve())
  const edits = useRef(0)

  if (job !== seen) {
    setSeen(job)
    const isNewer = isNewerBench(job.revision, { seen: seen.revision, answered, isAhead })
    if (isNewer && JSON.stringify(job.bench) !== JSON.stringify(bench)) setBench(job.bench)
  }

  useEffect(() => {
    revision.current = Math.max(revision.current, job.revision)
  }, [job])

  const show = useCallback((changes: Partial<Bench>, isKept = false) => {
    edits.current += 1
    setBench((before) => ({ ...before, ...changes }))
    setAhead(!isKept)
  }, [])

  const send: Sending['send'] = useCallback(
    (act) => {
      const turn = queue.current.then(async () => {
        const sent = edits.current
        const answer = await act({ jobId: job.id, revision: revision.current })
        if (answer.ok) {
          revision.current = answer.revision
          setAnswered(answer.revision)
          if (edits.current === sent) setAhead(false)
        } else if (answer.conflict) setConflict(answer.problems[0].message)
        return answer
      })
      queue.current = turn.catch(() => undefined)
      return turn
    },
    [job.id],
  )

  const sending = useMemo(() => ({ show, send }), [show, send])
  return (
    <SendingContext value={sending}>
      <JobContext value={job}>
        <ConflictContext value={conflict}>
          <SettingsContext value={bench}>{children}</SettingsContext>
        </ConflictContext>
      </JobContext>
    </SendingContext>
  )
}

function useWithin<Value>(context: Context<Value | null>): Value {
  const value = useContext(context)
  if (value === null) throw new Error('A hook of the bench stands outside a BenchProvider')
  return value
}

/** The job whose page this is. */
export const useJob = (): BenchJob => useWithin(JobContext)

/** The bench as it is shown: drawn anew with every change of any station. */
export const useBench = (): Bench => useWithin(SettingsContext)

/** How changes of the bench are shown and kept. */
export const useSend = (): Sending => useWithin(SendingContext)

/** Set when another window changed the job. */
export const useConflict = (): string | null => useContext(ConflictContext)
