'use client'

import dynamic from 'next/dynamic'
import Link from 'next/link'
import { useEffect, useRef, useState } from 'react'
import type { Pull } from '@/core/edition/pull'
import { compareSettings } from '@/core/prove/compareSettings'
import type { Facing, WatchSpot } from '@/core/plate/plateState'
import type { WithdrawnPull } from '@/core/record/jobFile'
import { nameOfPull } from '@/core/record/withdrawal'
import { Panel } from '@/ui/Panel'
import { useKey } from '@/ui/useKey'
import type { KeyNames } from '@/ui/viewKeys'
import { useBench, useJob } from '../across/bench/BenchContext'
import { PressCaution } from '../across/bench/cautions'
import { needSum } from '../across/bench/needSum'
import { useNeed } from '../across/bench/useNeed'
import { usePressDoubt } from '../across/bench/usePressDoubt'
import { usePressKind } from '../across/bench/usePressKind'
import { usePull } from '../across/pull/usePull'
import { WithdrawPull } from '../across/pull/WithdrawPull'
import type { Through } from '@/core/record/through'
import { WatchLine } from '../plate/WatchLine'
import { editionAnswer } from './answers'
import { AfterPull } from './AfterPull'
import { BeforePull, countOutside } from './BeforePull'
import { lastWritten } from './words'

const PULL_KEYS: KeyNames = [['0', 'Pulled now']]

/** Read once the page stands: how the run holds is looked at beside the pull, not before it. */
const EditionCharts = dynamic(() => import('./EditionCharts').then((module) => module.EditionCharts), {
  ssr: false,
  loading: () => <p className="text-sm text-muted">Reading how the run holds…</p>,
})

const EditionFigures = dynamic(() => import('./EditionFigures').then((module) => module.EditionFigures))
/** Not drawn before its script is there: a button that stands and does nothing yet would swallow the first tap. */
const PullTable = dynamic(() => import('./PullTable').then((module) => module.PullTable), {
  ssr: false,
  loading: () => <p className="min-h-40 text-sm text-muted">Fetching the pulls…</p>,
})
const WithdrawnPulls = dynamic(
  () => import('../across/pull/WithdrawnPulls').then((module) => module.WithdrawnPulls),
  { ssr: false },
)
const PrintPair = dynamic(() => import('./PrintPair'), {
  ssr: false,
  loading: () => <p className="min-h-40 text-sm text-muted">Fetching the prints…</p>,
})

interface EditionStationProps {
  /** of the run on the bench */
  pulls: Pull[]
  withdrawn: WithdrawnPull[]
  /** the last pull of the job, of whatever kind and run; null: none */
  lastPullId: string | null
  bat: Pull | null
  otherEnd: Pull | null
  through: Through
  spots: WatchSpot[]
  facings: Facing[]
}

const isOpen = ({ events }: Pull) => !events.some(({ event }) => event.kind === 'decision')

/** The edition, held to the BAT: what differs before the pull, one tap after it, and how it runs. */
export function EditionStation({
  pulls,
  withdrawn,
  lastPullId,
  bat,
  otherEnd,
  through,
  spots,
  facings,
}: EditionStationProps) {
  const job = useJob()
  const bench = useBench()
  const need = useNeed()
  const doubt = usePressDoubt()
  const pressKind = usePressKind()
  const { person, busy, problems, pull, add, withdraw, withdrawn: said } = usePull()
  const [laid, setLaid] = useState('')
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
  const next = (edition.at(-1)?.number ?? 0) + 1
  const pullNow = () => void pull('edition', undefined, laid)
  useKey(PULL_KEYS, ({ code }) => {
    if (!/^(Digit|Numpad)0$/.test(code) || open || !job.bat || busy) return false
    pullNow()
    return true
  })

  if (!job.bat)
    return (
      <Panel
        title="Edition"
        answer={{
          says: 'Approve a proof as the BAT first',
          because: 'The BAT is the approved proof: every print of the edition is held to it.',
          asks: { words: 'Go to the proofs', page: `/jobs/${job.slug}/prove` },
        }}
      />
    )
  return (
    <Panel
      title="Edition"
      answer={{
        ...editionAnswer({
          open: open?.number ?? null,
          next,
          accepted: job.accepted,
          size: job.editionSize,
          isNumbered: job.numbered,
          outside: countOutside(bench, job.bat, job.variation === 'alike'),
          differing: compareSettings(job.bat.settings, bench).length,
          isAlike: job.variation === 'alike',
          doubt,
          sheets: need.sheets,
          jobPage: `/jobs/${job.slug}`,
        }),
        sum: needSum(need),
      }}
      aside={
        <p className="flex items-center gap-4 text-sm">
          held to BAT {job.bat.version}{' '}
          <Link
            href={`/jobs/${job.slug}/edition/match`}
            className="inline-flex min-h-11 items-center underline underline-offset-4"
          >
            Match check
          </Link>{' '}
          <Link
            href={`/jobs/${job.slug}/edition/quote`}
            className="inline-flex min-h-11 items-center underline underline-offset-4"
          >
            Quote
          </Link>
        </p>
      }
    >
      <PressCaution kind={pressKind} />
      <WatchLine spots={spots} />
      <p role="status" aria-label="Last written" className="sr-only">
        {said ?? lastWritten(edition.at(-1))}
      </p>
      <div className="grid gap-x-6 gap-y-4 lg:grid-cols-2">
        <PrintPair
          bat={bat}
          version={job.bat.version}
          print={edition.at(-1) ?? null}
          busy={busy}
          onAdd={(pullId, events) => add(pullId, events)}
        />
        {open && (
          <div>
            <AfterPull
              key={open.id}
              pull={open}
              passes={job.bat.passes}
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
        )}
        {!open && job.numbered && <p>The numbers are given: this edition is closed.</p>}
        {!open && !job.numbered && (
          <div>
            <BeforePull
              bat={job.bat}
              next={next}
              person={person}
              laid={laid}
              busy={busy}
              problems={problems}
              heading={before}
              onLaid={setLaid}
              onPull={pullNow}
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
        )}
      </div>
      <div className="mt-4 border-t border-line pt-4">
        <EditionFigures edition={edition} through={through} />
      </div>
      <div className="py-4">
        <EditionCharts
          pulls={pulls}
          edition={edition}
          bat={bat}
          otherEnd={otherEnd}
          alike={job.variation === 'alike'}
          facings={facings}
        />
      </div>
      <PullTable
        pulls={edition}
        lastPullId={lastPullId}
        busy={busy}
        locked={job.numbered}
        onAdd={add}
        onWithdraw={withdraw}
      />
      <WithdrawnPulls pulls={withdrawn} />
    </Panel>
  )
}
