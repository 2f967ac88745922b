'use client'

import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { Printer } from 'lucide-react'
import { cropAt, impressionPicture } from '@/core/edition/impressionPicture'
import { nameOfPull } from '@/core/record/withdrawal'
import { jobNeed, misfitsOf, type KnownBeside } from '@/core/record/jobNeed'
import { layOutAgain, workAgain, type settingsAgain, type WorkedOnce } from '@/core/record/printAgain'
import { printsWanted } from '@/core/prove/purpose'
import { STATIONS } from '@/core/prove/settings'
import type { FieldProblem } from '@/data/database/errors'
import { Button } from '@/ui/Button'
import { TextField } from '@/ui/Field'
import { MainAct } from '@/ui/MainAct'
import { NumberField } from '@/ui/NumberField'
import { Panel } from '@/ui/Panel'
import { useJob } from '../across/bench/BenchContext'
import { needSum } from '../across/bench/needSum'
import { problemAt } from '../across/bench/problemAt'
import { CropOfPrint } from '../across/print/CropOfPrint'
import { Problems } from '../across/pull/Problems'
import { sendAct } from '../across/act/sendAct'
import { printAgainAction } from '../shop/workshop/actions'
import { againAnswer } from './answers'

type AgainRun = { position: number; name: string } & NonNullable<ReturnType<typeof settingsAgain>>

/** A job that was printed, laid out to be printed again: one list, and the job it becomes. */
export function AgainRoom({
  runs,
  known,
  isStruck,
  beside,
}: {
  /** each with the settings it printed well by */
  runs: readonly AgainRun[]
  known: WorkedOnce
  /** a plate of it was cancelled */
  isStruck: boolean
  beside: KnownBeside
}) {
  const job = useJob()
  const router = useRouter()
  const [title, setTitle] = useState(`${job.title}, again`)
  const [prints, setPrints] = useState<number | null>(printsWanted(job))
  const [busy, setBusy] = useState(false)
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const wanted = prints !== null && Number.isInteger(prints) && prints > 0 && prints <= 5000 ? prints : null
  const needOf = (settings: AgainRun['settings']) =>
    wanted === null ? null : jobNeed(settings, workAgain(known, wanted), beside)
  const [first] = runs
  const need = first ? needOf(first.settings) : null

  const begin = async () => {
    setBusy(true)
    const answer = await sendAct(printAgainAction, {
      jobId: job.id,
      title,
      prints: prints ?? Number.NaN,
    })
    setBusy(false)
    if (answer.ok) router.push(`/jobs/${answer.slug}/prove`)
    else setProblems(answer.problems)
  }
  const back = (
    <Link
      href={`/jobs/${job.slug}/record`}
      className="inline-flex min-h-11 items-center text-sm underline underline-offset-4"
    >
      Back to the record
    </Link>
  )
  if (!first || isStruck)
    return (
      <Panel
        title="Print it again"
        aside={back}
        answer={
          isStruck
            ? {
                says: 'The plate was cancelled',
                because: 'It prints no more, and its edition stays as it is.',
              }
            : {
                says: 'Nothing of it was pulled yet',
                because: 'It is printed again by the settings it printed well by.',
              }
        }
      />
    )
  return (
    <Panel
      title="Print it again"
      aside={back}
      answer={{ ...againAnswer(need), sum: need ? needSum(need) : undefined }}
    >
      <MainAct>
        <Button
          look="main"
          className="min-h-14"
          disabled={busy || need === null}
          onClick={() => void begin()}
        >
          Start this job
        </Button>
      </MainAct>
      <div className="screen-only grid max-w-2xl items-end gap-3 sm:grid-cols-[minmax(0,1fr)_8rem_auto]">
        <TextField
          label="Title of the new job"
          value={title}
          onText={setTitle}
          problem={problemAt(problems, 'title')}
        />
        <NumberField
          label="Prints"
          digits={0}
          value={prints}
          onValue={setPrints}
          problem={prints !== null && wanted === null ? 'must be a whole number, 1 to 5000' : undefined}
        />
        <Button onClick={() => window.print()}>
          <Printer size={18} aria-hidden /> Print the list
        </Button>
      </div>
      <Problems problems={problems} except={['title']} />
      {need && misfitsOf(need).length > 0 && (
        <ul className="mt-2">
          {misfitsOf(need).map(({ of, words, ways }) => (
            <li key={of} className="font-semibold">
              ◆ {words} <span className="font-normal">{ways}</span>
            </li>
          ))}
        </ul>
      )}
      {runs.map((run) => (
        <AgainList key={run.position} run={run} isOnly={runs.length === 1} need={needOf(run.settings)} />
      ))}
      <p className="mt-3 text-sm text-muted">
        The new job begins with these settings, the plate with its states, zones and flaws, and the pulls it
        has made. Pull one proof first: a plate, an ink and felts are not what they were.
      </p>
    </Panel>
  )
}

/** What is laid out for one run, in working order, with the print to be met beside it. */
function AgainList({
  run: { name, settings, pull, bat },
  isOnly,
  need,
}: {
  run: AgainRun
  isOnly: boolean
  need: ReturnType<typeof jobNeed> | null
}) {
  const picture = pull && impressionPicture(pull)
  const words = bat === null || !pull ? pull && nameOfPull(pull) : `BAT ${bat}, proof ${pull.number}`
  return (
    <section aria-label={isOnly ? 'What to lay out' : `What to lay out for ${name}`} className="mt-4">
      {!isOnly && <h2 className="station-title">{name}</h2>}
      <div className="grid gap-x-6 gap-y-3 lg:grid-cols-[minmax(0,1fr)_16rem]">
        <ol>
          {need &&
            layOutAgain(settings, need).map(({ station, does, how }) => (
              <li
                key={`${station} ${does}`}
                className="grid grid-cols-[1.25rem_5rem_minmax(0,1fr)] gap-x-3 border-b border-line py-2"
              >
                <span aria-hidden className="mt-1 size-4 border border-edge" />
                <span className="condensed text-sm text-muted">{STATIONS[station]}</span>
                <span>
                  <b>{does}</b>
                  <span className="block text-sm text-muted">{how}</span>
                </span>
              </li>
            ))}
        </ol>
        {picture && (
          <figure>
            <CropOfPrint
              imageId={picture.imageId}
              crop={cropAt(picture.plate, [0.5, 0.5], 1)}
              aspect={settings.plate.widthMm / settings.plate.heightMm}
              words={words ?? 'The print to be met'}
            />
            <figcaption className="mt-1 text-sm text-muted">{words}: the print to be met</figcaption>
          </figure>
        )}
      </div>
    </section>
  )
}
