'use client'

import { counted } from '@/core/units/counted'
import { firstMix } from '@/core/ink/mix'
import dynamic from 'next/dynamic'
import Link from 'next/link'
import { useEffect, useRef, useState } from 'react'
import { controlChart } from '@/core/stats/controlChart'
import { editionProgress, eyeSeries, runSeries, scanSeries, wearOfRun } from '@/core/edition/editionProgress'
import { learnCycle } from '@/core/day/learnedCycle'
import { QUANTITIES, readPull, type Pull } from '@/core/edition/pull'
import type { WatchSpot } from '@/core/plate/plateState'
import { compareSettings } from '@/core/prove/compareSettings'
import { readSlip } from '@/core/prove/tolerance'
import { formatNumber } from '@/core/units/length'
import { Button, buttonClass } from '@/ui/Button'
import { TextField } from '@/ui/Field'
import { Figure } from '@/ui/Figure'
import { Panel } from '@/ui/Panel'
import { useKey } from '@/ui/useKey'
import { useBench, useJob } from '../across/bench/BenchContext'
import { PressCaution } from '../across/bench/cautions'
import { problemAt } from '../across/bench/problemAt'
import { Problems } from '../across/pull/Problems'
import { RollerTimer } from '../press/RollerTimer'
import { WatchLine } from '../plate/WatchLine'
import { usePull } from '../across/pull/usePull'
import type { Through } from '../across/runs/readThrough'
import { AfterPull } from './AfterPull'
import { Holding } from './Holding'
import { PullTable } from './PullTable'
import { lastWritten } from './words'

const RunChart = dynamic(() => import('@/ui/RunChart'), {
  ssr: false,
  loading: () => <p className="h-44 text-sm text-muted">Drawing the chart…</p>,
})
/** Prints from which limits say something; before, the tolerance alone is drawn. */
const LIMITS_FROM = 20

/** The edition, held to the BAT: what differs before the pull, one tap after it, and how it runs. */
export function EditionStation({
  pulls,
  bat,
  otherEnd,
  through,
  spots,
}: {
  pulls: Pull[]
  bat: Pull | null
  otherEnd: Pull | null
  through: Through
  spots: WatchSpot[]
}) {
  const bench = useBench()
  const job = useJob()
  const { person, setPerson, busy, problems, pull, add } = usePull()
  const [laid, setLaid] = useState('')
  const edition = pulls.filter(({ kind }) => kind === 'edition')
  const progress = editionProgress(job.editionSize, edition)
  const open =
    edition.findLast((candidate) => !candidate.events.some(({ event }) => event.kind === 'decision')) ?? null
  const before = useRef<HTMLHeadingElement>(null)
  const wasOpen = useRef(open !== null)
  // A pull that was just decided gives the focus to the next.
  useEffect(() => {
    if (wasOpen.current && !open) before.current?.focus({ preventScroll: true })
    wasOpen.current = open !== null
  }, [open])
  const differences = job.bat ? compareSettings(job.bat.settings, bench) : []
  const alike = job.variation === 'alike'
  const outside =
    job.bat && alike ? readSlip(bench, job.bat).filter(({ standing }) => standing === 'outside').length : 0
  const next = (edition.at(-1)?.number ?? 0) + 1
  const pullNow = () => void pull('edition', undefined, laid)
  useKey(({ code }) => {
    if (!/^(Digit|Numpad)0$/.test(code) || open || !job.bat || busy) return false
    pullNow()
    return true
  })

  if (!job.bat)
    return (
      <Panel title="Edition">
        <p className="border border-line bg-ground p-4">
          First approve a proof as BAT, the approved proof, at the station Prove: the edition is held to it.
        </p>
      </Panel>
    )
  // In a later run those that wait come first; the fresh ones will get here too.
  const sheetsAhead = through.fresh + (through.waiting ?? 0)
  const grams = firstMix(bench.ink)?.gramsPerPull ?? null
  const cycle = learnCycle(edition.map((one) => ({ ...one, wipeSeconds: readPull(one).wipeSeconds })))
  const series = runSeries(edition, bat, otherEnd)
  const eyes = eyeSeries(edition)
  const wear = wearOfRun(series)
  const scans = scanSeries(edition)
  return (
    <Panel
      title="Edition"
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
      <PressCaution />
      <WatchLine spots={spots} />
      <div className="flex flex-wrap gap-x-10 gap-y-3 border-b border-line pb-4">
        <Figure value={`${progress.accepted} of ${progress.size}`} label="accepted" />
        <Figure value={progress.rejected} label="rejected" />
        <Figure value={progress.setAside} label="set aside" />
        {through.waiting !== null && <Figure value={through.waiting} label="sheets wait for this run" />}
        {through.fresh > 0 && (
          <Figure
            value={through.fresh}
            label={
              through.runCount > 1
                ? `sheets to begin the first run with for the ${through.left} left (9 in 10 sure)`
                : `sheets to damp for the ${through.left} left (9 in 10 sure)`
            }
          />
        )}
        {sheetsAhead > 0 && grams !== null && (
          <Figure
            value={`${formatNumber(sheetsAhead * grams, 0)} g`}
            label={`of the mix for ${sheetsAhead} pulls`}
          />
        )}
        {sheetsAhead > 0 && cycle && (
          <Figure
            value={`${formatNumber((sheetsAhead * cycle.cycleMinutes) / 60, 1)} h`}
            label={`at ${formatNumber(cycle.cycleMinutes, 0)} min a pull`}
          />
        )}
        {through.runCount > 1 && (
          <Figure
            value={`${through.through} of ${job.editionSize}`}
            label={`through all ${through.runCount} runs`}
          />
        )}
      </div>
      <p role="status" aria-label="Last written" className="sr-only">
        {lastWritten(edition.at(-1))}
      </p>
      <div className="grid gap-6 py-4 xl:grid-cols-2">
        {open ? (
          <AfterPull
            key={open.id}
            pull={open}
            passes={job.bat.passes}
            busy={busy}
            problems={problems}
            onAdd={(events, why) => add(open.id, events, why)}
          />
        ) : job.numbered ? (
          <p>The numbers are given: this edition is closed.</p>
        ) : (
          <section aria-label="Before the pull">
            <h2 ref={before} tabIndex={-1} className="station-title outline-none">
              Before pull {next}
            </h2>
            {differences.length === 0 ? (
              <p>The bench stands as the BAT.</p>
            ) : (
              <ul className="my-2" aria-label="Settings that differ from the BAT">
                {differences.map(({ key, words, wayBack }) => (
                  <li key={key} className="border-b border-line py-1">
                    {alike ? <b className="text-signal">◆ {words}</b> : words}{' '}
                    <span className="block text-sm text-muted">way back: {wayBack.text}</span>
                  </li>
                ))}
              </ul>
            )}
            <div className="my-3 grid gap-3 sm:grid-cols-2">
              <TextField
                label="Inks and wipes"
                value={person}
                onText={setPerson}
                problem={problemAt(problems, 'person')}
              />
              <TextField label="Lays the sheet" value={laid} onText={setLaid} placeholder={person} />
            </div>
            {!job.numbered && (
              <p>
                <Link href={`/desk/${job.slug}`} className={buttonClass('plain', 'min-h-14')}>
                  Open the pull desk
                </Link>
              </p>
            )}
            <RollerTimer />
            <Problems problems={problems} except={['person']} />
            <Button
              look="main"
              className="min-h-22 w-full justify-center text-2xl"
              disabled={busy}
              onClick={pullNow}
            >
              {outside > 0
                ? `Pull ${next}, although ${counted(outside, 'setting is', 'settings are')} outside`
                : `Pull ${next}`}
            </Button>
            <Button look="quiet" disabled={busy} onClick={() => void pull('warmup')}>
              Warm-up pull, not counted
            </Button>
          </section>
        )}
        <section aria-label="Run charts" className="min-w-0">
          {alike ? (
            <Holding pulls={pulls} series={series} />
          ) : (
            <p className="text-sm">
              The prints vary by intent: what differs is noted, and nothing is looked for in it.
            </p>
          )}
          {eyes.length > 1 && (
            <RunChart
              title="The eye against the BAT"
              points={eyes}
              band={{ target: 0, low: -0.5, high: 0.5 }}
              words={{ '-1': 'lighter', '0': 'same', '1': 'darker' }}
            />
          )}
          {scans && (
            <RunChart
              title="Scan against the BAT, mean ΔE00"
              points={scans.points}
              band={scans.band}
              remark={
                scans.differing.length > 0
                  ? `◆ Differs by its scan: pull ${scans.differing.join(', ')}`
                  : 'All that were compared match.'
              }
            />
          )}
          {series.map(({ quantity, points, band, outside: strays }) => (
            <RunChart
              key={quantity}
              title={`${QUANTITIES[quantity].label}, ${QUANTITIES[quantity].unit}`}
              points={points}
              band={alike ? band : null}
              limits={
                points.length >= LIMITS_FROM
                  ? controlChart({ values: points.map(({ value }) => value) })
                  : null
              }
              remark={
                !alike
                  ? undefined
                  : strays.length > 0
                    ? `◆ Outside the tolerance: pull ${strays.join(', ')}`
                    : band
                      ? 'All within the tolerance.'
                      : 'The BAT has no reading of it.'
              }
            />
          ))}
          {wear && (
            <p className="mb-3 border-t border-line pt-2">
              {wear.forecast.pullAtFloor === null ? (
                <span className="text-sm text-muted">
                  Wear by {QUANTITIES[wear.quantity].label.toLowerCase()}: {wear.forecast.reason}.
                </span>
              ) : (
                <>
                  <b>Last pull that will still match: about {Math.floor(wear.forecast.pullAtFloor)}</b>,{' '}
                  {wear.forecast.high === null
                    ? `${Math.floor(wear.forecast.low!)} at the least`
                    : `${Math.floor(wear.forecast.low!)} to ${Math.floor(wear.forecast.high)}`}{' '}
                  (9 in 10 sure), by {QUANTITIES[wear.quantity].label.toLowerCase()}.
                  <span className="block text-sm text-muted">
                    A straight line through the readings, to the lower edge of the tolerance.
                  </span>
                </>
              )}
            </p>
          )}
          {series.length === 0 && eyes.length < 2 && !scans && (
            <p className="text-sm text-muted">Charts of the run stand here once two pulls are judged.</p>
          )}
        </section>
      </div>
      <PullTable pulls={edition} busy={busy} locked={job.numbered} onAdd={add} />
    </Panel>
  )
}
