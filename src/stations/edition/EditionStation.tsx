'use client'

import dynamic from 'next/dynamic'
import Link from 'next/link'
import { useState } from 'react'
import { isPrint } from '@/core/edition/readPull'
import type { Pull } from '@/core/edition/pull'
import { compareSettings } from '@/core/prove/compareSettings'
import type { Facing, WatchSpot } from '@/core/plate/plateState'
import type { Bench } from '@/core/prove/settings'
import { stationsWanting } from '@/core/prove/stationsWanting'
import { purposeFacts, stationName } from '@/core/prove/purpose'
import type { WithdrawnPull } from '@/core/record/jobFile'
import { Panel } from '@/ui/Panel'
import { useKey } from '@/ui/useKey'
import type { KeyNames } from '@/ui/viewKeys'
import { useBench, useJob, type BenchJob } from '../across/bench/BenchContext'
import { PressCaution } from '../across/bench/cautions'
import { needSum } from '../across/bench/needSum'
import { useNeed } from '../across/bench/useNeed'
import { usePressDoubt } from '../across/bench/usePressDoubt'
import { usePressKind } from '../across/bench/usePressKind'
import { usePull } from '../across/pull/usePull'
import type { Through } from '@/core/record/through'
import { WatchLine } from '../plate/WatchLine'
import { editionAnswer } from './answers'
import { AtThePress, isOpen } from './AtThePress'
import { countOutside } from './BeforePull'
import { lastWritten } from './words'

const PULL_KEYS: KeyNames = [['0', 'Pulled now']]

/** Read once the page stands: how the run holds is looked at beside the pull, not before it. */
const EditionCharts = dynamic(() => import('./EditionCharts').then((module) => module.EditionCharts), {
  ssr: false,
  loading: () => <p className="text-sm text-muted">Reading how the run holds…</p>,
})

/** Only before the first of all pulls, where no proof is asked before it. */
const FirstPrint = dynamic(() => import('../across/pull/FirstPrint').then((module) => module.FirstPrint), {
  ssr: false,
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
  loading: () => (
    <div className="grid content-start gap-3 sm:grid-cols-2">
      <p className="aspect-4/3 text-sm text-muted">Fetching the prints…</p>
      <span className="aspect-4/3" />
    </div>
  ),
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

/** The ways beside the edition, where they are wanted. */
function EditionLinks() {
  const job = useJob()
  const { plate } = useBench()
  const link = 'inline-flex min-h-11 items-center underline underline-offset-4'
  return (
    <p className="flex items-center gap-4 text-sm">
      {job.bat && (
        <>
          held to BAT {job.bat.version}
          {job.bat.isFromPicture ? ', approved from a picture' : ''}{' '}
          <Link href={`/jobs/${job.slug}/edition/match`} className={link}>
            Match check
          </Link>{' '}
        </>
      )}
      {plate?.kind === 'slab' && (
        <Link href={`/jobs/${job.slug}/edition/lay-downs`} className={link}>
          Lay-downs
        </Link>
      )}
      {purposeFacts(job.purpose).asksQuote && (
        <Link href={`/jobs/${job.slug}/edition/quote`} className={link}>
          Quote
        </Link>
      )}
    </p>
  )
}

/** How the bench stands against the BAT; without one there is nothing to differ from. */
function againstBat({ bat, purpose }: Pick<BenchJob, 'bat' | 'purpose'>, bench: Bench) {
  if (!bat) return { isHeld: false, outside: 0, differing: 0 }
  return {
    isHeld: true,
    outside: countOutside(bench, bat, purposeFacts(purpose).isAlike),
    differing: compareSettings(bat.settings, bench).length,
  }
}

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
  const pulling = usePull()
  const { busy, pull, add, withdraw, withdrawn: said } = pulling
  const [laid, setLaid] = useState('')
  const edition = pulls.filter(({ kind }) => kind === 'edition')
  const open = edition.findLast(isOpen) ?? null
  const next = (edition.at(-1)?.number ?? 0) + 1
  const { asksBat, isAlike } = purposeFacts(job.purpose)
  const name = stationName('edition', job.purpose)
  const isWaiting = asksBat && !job.bat
  const unset = stationsWanting(bench, job.purpose)
  const isFirst = !job.bat && pulls.length === 0 && job.proofs === 0 && unset.length === 0
  const pullNow = () => void pull('edition', undefined, laid)
  useKey(PULL_KEYS, ({ code }) => {
    if (!/^(Digit|Numpad)0$/.test(code) || open || isWaiting || busy) return false
    pullNow()
    return true
  })

  if (isWaiting)
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
      title={name}
      answer={{
        ...editionAnswer({
          open: open?.number ?? null,
          next,
          accepted: job.accepted,
          job,
          unset,
          isNumbered: job.numbered,
          ...againstBat(job, bench),
          doubt,
          sheets: need.sheets,
          jobPage: `/jobs/${job.slug}`,
        }),
        sum: needSum(need),
      }}
      aside={<EditionLinks />}
    >
      <PressCaution kind={pressKind} />
      <WatchLine spots={spots} />
      <p data-said data-written className="sr-only">
        {said ?? lastWritten(edition.at(-1))}
      </p>
      <div className="grid gap-x-6 gap-y-4 lg:grid-cols-2">
        <PrintPair
          bat={bat}
          version={job.bat?.version ?? null}
          print={edition.at(-1) ?? null}
          busy={busy}
          onAdd={(pullId, events) => add(pullId, events)}
        />
        <AtThePress
          pulls={pulls}
          lastPullId={lastPullId}
          laid={laid}
          pulling={pulling}
          onLaid={setLaid}
          onPull={pullNow}
        />
      </div>
      {isFirst && <FirstPrint />}
      <div className="mt-4 border-t border-line pt-4">
        <EditionFigures prints={pulls.filter(isPrint)} through={through} />
      </div>
      {job.bat && (
        <div className="py-4">
          <EditionCharts
            pulls={pulls}
            edition={edition}
            bat={bat}
            otherEnd={otherEnd}
            alike={isAlike}
            facings={facings}
          />
        </div>
      )}
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
