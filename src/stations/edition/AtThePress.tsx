'use client'

import dynamic from 'next/dynamic'
import { useEffect, useRef } from 'react'
import type { Pull } from '@/core/edition/pull'
import { stationsWanting } from '@/core/prove/stationsWanting'
import { nameOfPull } from '@/core/record/withdrawal'
import { useBench, useJob } from '../across/bench/BenchContext'
import type { usePull } from '../across/pull/usePull'
import { WithdrawPull } from '../across/pull/WithdrawPull'
import { BeforePull } from './BeforePull'

const AfterPull = dynamic(() => import('./AfterPull').then((module) => module.AfterPull), {
  ssr: false,
  loading: () => <p className="min-h-40 text-sm text-muted">Opening the pull…</p>,
})

/** What is done at the press: before a pull what differs and the pull itself, after it what becomes of the print. */
export function AtThePress({
  pulls,
  lastPullId,
  laid,
  pulling,
  onLaid,
  onPull,
}: {
  /** of the run on the bench */
  pulls: readonly Pull[]
  /** the last pull of the job, of whatever kind and run; null: none */
  lastPullId: string | null
  laid: string
  pulling: ReturnType<typeof usePull>
  onLaid: (name: string) => void
  onPull: () => void
}) {
  const job = useJob()
  const bench = useBench()
  const { person, busy, problems, pull, add, withdraw } = pulling
  // At once and not at the first pull: by then the server may be away.
  useEffect(() => void import('./AfterPull'), [])
  const edition = pulls.filter(({ kind }) => kind === 'edition')
  const open = edition.findLast(isOpen) ?? null
  const last = pulls.at(-1)
  const warmUp = last?.kind === 'warmup' ? last : null
  const before = useRef<HTMLHeadingElement>(null)
  const wasOpen = useRef(open !== null)
  // A pull that was just decided gives the focus to the next.
  useEffect(() => {
    if (wasOpen.current && !open) before.current?.focus({ preventScroll: true })
    wasOpen.current = open !== null
  }, [open])
  if (open)
    return (
      <div>
        <AfterPull
          key={open.id}
          pull={open}
          passes={job.bat?.passes ?? null}
          busy={busy}
          problems={problems}
          onAdd={(events, why) => add(open.id, events, why)}
        />
        <WithdrawPull
          pull={open}
          next={before}
          isFollowed={open.id !== lastPullId}
          busy={busy}
          onWithdraw={(why) => withdraw(open, why)}
        />
      </div>
    )
  if (job.numbered) return <p>The numbers are given: no more is pulled.</p>
  // Without a BAT to hold it to, what is wanting is asked first.
  if (!job.bat && stationsWanting(bench, job.purpose).length > 0) return null
  return (
    <div>
      <BeforePull
        bat={job.bat}
        last={edition.at(-1) ?? null}
        next={(edition.at(-1)?.number ?? 0) + 1}
        person={person}
        laid={laid}
        busy={busy}
        problems={problems}
        heading={before}
        onLaid={onLaid}
        onPull={onPull}
        onWarmUp={() => void pull('warmup')}
      />
      {warmUp && (
        <p className="text-sm">
          {nameOfPull(warmUp)} was the last through the press.{' '}
          <WithdrawPull
            pull={warmUp}
            next={before}
            isFollowed={warmUp.id !== lastPullId}
            busy={busy}
            onWithdraw={(why) => withdraw(warmUp, why)}
          />
        </p>
      )}
    </div>
  )
}

/** Whether nobody said yet what becomes of a pull. */
export const isOpen = ({ events }: Pick<Pull, 'events'>): boolean =>
  !events.some(({ event }) => event.kind === 'decision')
