'use client'

import { deskOf } from '../across/desk/deskAddress'
import type { Ref } from 'react'
import { compareSettings } from '@/core/prove/compareSettings'
import type { Pull } from '@/core/edition/pull'
import { purposeFacts, sizeDeclared } from '@/core/prove/purpose'
import type { Bench } from '@/core/prove/settings'
import { outsideBat } from '@/core/prove/outsideBat'
import { counted } from '@/core/units/counted'
import type { FieldProblem } from '@/data/database/errors'
import { Button, buttonClass } from '@/ui/Button'
import { TextField } from '@/ui/Field'
import { useBench, useJob, type BenchJob } from '../across/bench/BenchContext'
import { MainAct } from '@/ui/MainAct'
import { problemAt } from '../across/bench/problemAt'
import { PersonField } from '../across/person/PersonField'
import { Problems } from '../across/pull/Problems'
import { usePressDoubt } from '../across/bench/usePressDoubt'
import { LazyRollerTimer } from '../press/LazyRollerTimer'

/** Settings that are outside what the BAT allows, where the prints are to be alike. */
export const countOutside = (bench: Bench, bat: NonNullable<BenchJob['bat']>, alike: boolean): number =>
  alike ? outsideBat(bench, bat).length : 0

interface BeforePullProps {
  bat: BenchJob['bat']
  /** the last print; null: none yet */
  last: Pull | null
  /** number of the pull to come */
  next: number
  person: string
  laid: string
  busy: boolean
  problems: readonly FieldProblem[]
  heading: Ref<HTMLHeadingElement>
  onLaid: (name: string) => void
  onPull: () => void
  onWarmUp: () => void
}

/** What is done on the button: whoever pulls in spite of something says so. */
function pullWords(print: string, outside: number, isDoubted: boolean): string {
  if (isDoubted) return `Pull ${print} all the same`
  return outside > 0
    ? `Pull ${print}, although ${counted(outside, 'setting is', 'settings are')} outside`
    : `Pull ${print}`
}

/** What is said where nothing differs from what the print is held to. */
function asBeforeWords(bat: BenchJob['bat'], last: Pull | null): string {
  if (bat) return 'Every setting is as at the BAT.'
  return last ? 'Every setting is as at the last print.' : 'The settings stand as they are on the bench.'
}

/** What differs from the BAT before a pull, who is at the press, and the pull. */
export function BeforePull({
  bat,
  last,
  next,
  person,
  laid,
  busy,
  problems,
  heading,
  onLaid,
  onPull,
  onWarmUp,
}: BeforePullProps) {
  const bench = useBench()
  const job = useJob()
  const alike = bat !== null && purposeFacts(job.purpose).isAlike
  const doubt = usePressDoubt()
  const before = bat?.settings ?? last?.settings ?? bench
  const differences = compareSettings(before, bench)
  const outside = bat ? countOutside(bench, bat, alike) : 0
  const size = sizeDeclared(job)
  const isReached = size !== null && job.accepted >= size
  const print = bat ? String(next) : `print ${next}`
  return (
    <section aria-label="Before the pull">
      <h2 ref={heading} tabIndex={-1} className="station-title outline-none">
        Before {bat ? 'pull' : 'print'} {next}
      </h2>
      {differences.length === 0 ? (
        <p>{asBeforeWords(bat, last)}</p>
      ) : (
        <ul
          className="my-2"
          aria-label={bat ? 'Settings that differ from the BAT' : 'Changed since the last print'}
        >
          {differences.map(({ key, words, wayBack }) => (
            <li key={key} className="border-b border-line py-1">
              {alike ? <b className="text-signal">◆ {words}</b> : words}{' '}
              <span className="block text-sm text-muted">way back: {wayBack.text}</span>
            </li>
          ))}
        </ul>
      )}
      {job.onto && (
        <p className="flex items-center gap-3">
          {job.onto.imageId && (
            <img src={`/pictures/${job.onto.imageId}/thumb`} alt="" className="max-h-20" />
          )}
          Onto {job.onto.name}
        </p>
      )}
      <MainAct>
        <Button
          look={isReached ? 'plain' : 'main'}
          className="min-h-16 justify-center text-2xl"
          disabled={busy}
          onClick={onPull}
        >
          {isReached ? `Pull a spare, ${next}` : pullWords(print, outside, doubt !== null)}
        </Button>
      </MainAct>
      <div className="mt-2 grid items-end gap-x-3 gap-y-2 sm:grid-cols-2">
        <PersonField did="Inked and wiped by" problem={problemAt(problems, 'person')} />
        <TextField label="Sheet laid by" value={laid} onText={onLaid} placeholder={person} />
      </div>
      <LazyRollerTimer />
      <Problems problems={problems} except={['person']} />
      {doubt && (
        <p role="alert" className="my-2 font-semibold text-signal">
          ◆ {doubt}
        </p>
      )}
      <p className="flex flex-wrap items-center gap-x-4">
        {/* A page of its own, which this device can keep. */}
        <a href={deskOf(job.slug)} className={buttonClass('plain', 'min-h-14')}>
          Open the pull desk
        </a>
        <Button look="quiet" disabled={busy} onClick={onWarmUp}>
          Warm-up pull, not counted
        </Button>
      </p>
    </section>
  )
}
