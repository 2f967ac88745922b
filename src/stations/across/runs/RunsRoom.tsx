'use client'

import { useState } from 'react'
import type { WaitingToDry } from '@/core/edition/dryBetween'
import { givenOf, nameOfGiven, type GivenSheet } from '@/core/edition/givenSheets'
import {
  RUN_KINDS,
  runTally,
  runWishSchema,
  type Run,
  type RunWish,
  type SheetLine,
} from '@/core/edition/runs'
import { PURPOSES, purposeFacts, type Purpose } from '@/core/prove/purpose'
import { PURPOSE_NOTES } from '@/core/prove/purposeNotes'
import { Button } from '@/ui/Button'
import { Choice } from '@/ui/Choice'
import { Dialog } from '@/ui/Dialog'
import { TextField } from '@/ui/Field'
import { Panel } from '@/ui/Panel'
import { useJob, useSend } from '../bench/BenchContext'
import { problemAt } from '../bench/problemAt'
import { useAct } from '../bench/useAct'
import { PersonField } from '../person/PersonField'
import { usePerson } from '../person/usePerson'
import { Problems } from '../pull/Problems'
import {
  addRunAction,
  changeRunAction,
  markSheetAction,
  openRunAction,
  removeRunAction,
  setPurposeAction,
} from './actions'
import { DryBefore } from './DryBefore'
import { GivenSheets } from './GivenSheets'
import { RunForm } from './RunForm'
import { SheetLife } from './SheetLife'
import { sendAct } from '../act/sendAct'
import { runsAnswer } from './answers'
import { runWords, sheetWords, tallyWords } from './words'

/** A run as the room shows it: with the sheets that wait to be dry before it, and what was used in it last. */
type RunShown = Run & { drying: readonly WaitingToDry[]; lastUsed: string }

const NEW_RUN: RunWish = { ...runWishSchema.parse({ name: 'x' }), name: '' }

/** One run: how its sheets stand, and what can be done with it. */
function RunRow({
  run,
  lines,
  runs,
  beginsFresh,
}: {
  run: RunShown
  lines: SheetLine[]
  runs: RunShown[]
  /** on fresh sheets, not on existing prints */
  beginsFresh: boolean
}) {
  const job = useJob()
  const { send } = useSend()
  const { busy, problems, act } = useAct()
  const at = runs.indexOf(run)
  // Nothing comes before the first run, unless it begins on existing prints.
  const isFirst = at === 0 && beginsFresh
  const isOpen = run.position === job.run.position
  const tally = runTally(lines, at)
  const isUntouched = at > 0 && at === runs.length - 1 && tally.through + tally.lost === 0
  const putOnBench = () =>
    act(() => send((target) => sendAct(openRunAction, { ...target, position: run.position })))
  const takeAway = () =>
    act(() => send((target) => sendAct(removeRunAction, { ...target, position: run.position })))
  return (
    <li
      aria-current={isOpen ? 'step' : undefined}
      className="grid gap-x-6 gap-y-1 border-b border-line py-3 lg:grid-cols-[3rem_minmax(0,1fr)_minmax(0,1fr)_auto]"
    >
      <span className="far-number text-2xl">{at + 1}</span>
      <div>
        <p className="font-semibold">
          {run.name}
          {isOpen ? ', on the bench' : ''}
        </p>
        <p className="text-sm text-muted">{runWords(run, isFirst)}</p>
      </div>
      <p className="text-sm">{tallyWords(tally, isFirst)}</p>
      {!job.numbered && (
        <div className="flex flex-wrap gap-2">
          {!isOpen && RUN_KINDS[run.kind].press && (
            <Button disabled={busy} onClick={() => void putOnBench()}>
              Work on this
            </Button>
          )}
          <ChangeRun run={run} isFirst={isFirst} />
          {isUntouched && (
            <Button
              look="quiet"
              disabled={busy}
              aria-label={`Take ${run.name} away`}
              onClick={() => void takeAway()}
            >
              Take away
            </Button>
          )}
        </div>
      )}
      <Problems problems={problems} />
      {!job.numbered && <DryBefore position={run.position} name={run.name} drying={run.drying} />}
    </li>
  )
}

/** What stays of a job that was for something else before. */
function leftStanding(
  purpose: Purpose,
  { accepted, isApproved }: { accepted: number; isApproved: boolean },
): string {
  const { asksBat } = purposeFacts(purpose)
  if (isApproved && !asksBat) return 'The BAT stays: the prints are held to it all the same.'
  return !isApproved && asksBat && accepted > 0
    ? 'The prints accepted so far stay; a BAT is asked before the next.'
    : ''
}

/** What the job is for. */
function PurposeOfJob() {
  const { purpose, accepted, bat } = useJob()
  const { send } = useSend()
  const { problems, act } = useAct()
  return (
    <section id="purpose" aria-label="What the job is for" className="mt-4 border-t border-line pt-3">
      <p className="mb-0.5 text-sm text-muted">The job is for</p>
      <Choice
        label="The job is for"
        value={purpose}
        options={Object.entries(PURPOSES).map(([key, { label }]) => [key as Purpose, label])}
        onPick={(picked) =>
          void act(() => send((target) => sendAct(setPurposeAction, { ...target, purpose: picked })))
        }
      />
      <Problems problems={problems} />
      <p className="mt-2 text-sm text-muted">
        {PURPOSE_NOTES[purpose]} {leftStanding(purpose, { accepted, isApproved: bat !== null })}
      </p>
    </section>
  )
}

/** Sheets that go through more than once: the runs in their order, which one is on the bench, and every sheet's life on a line. */
export function RunsRoom({
  runs,
  lines,
  given,
  existing,
}: {
  runs: RunShown[]
  lines: SheetLine[]
  given: readonly GivenSheet[]
  /** how existing prints come in; null: fresh sheets were printed already */
  existing: Pick<Parameters<typeof GivenSheets>[0], 'giving' | 'offer'> | null
}) {
  const job = useJob()
  const { left, fresh, through } = job.work.through
  return (
    <Panel
      title="Runs"
      answer={runsAnswer(runs, {
        fresh,
        left,
        isNumbered: job.numbered,
        through,
        size: through + left,
        overprint: given.length > 0 ? lines.filter(({ steps }) => steps[0] === 'waiting').length : null,
      })}
    >
      <section aria-label="Runs in their order">
        <ol>
          {runs.map((run) => (
            <RunRow key={run.position} run={run} runs={runs} lines={lines} beginsFresh={given.length === 0} />
          ))}
        </ol>
        {runs.length === 1 && (
          <p className="mt-2 text-sm text-muted">
            Most prints have one run. Add another where the sheet goes through again: a second plate, a
            monotype, a ghost, chine collé, colouring by hand. Each press run has its own bench, proofs and
            BAT.
          </p>
        )}
        {!job.numbered && <AddRun />}
      </section>
      {!job.numbered && existing && <GivenSheets given={given} lines={lines} {...existing} />}
      {!job.numbered && <PurposeOfJob />}
      <section aria-label="Sheets" className="mt-6 border-t-2 border-text pt-2">
        <h2 className="station-title">Sheet by sheet</h2>
        {lines.length === 0 ? (
          <p>No sheet is under way yet.</p>
        ) : (
          <ul className="columns-[22rem] gap-8">
            {lines.map((line) => (
              <SheetRow
                key={line.sheet}
                line={line}
                was={givenOf(given, line.sheet)}
                runs={runs}
                locked={job.numbered}
              />
            ))}
          </ul>
        )}
      </section>
    </Panel>
  )
}

function AddRun() {
  const { send } = useSend()
  const { busy, problems, act } = useAct()
  const [open, setOpen] = useState(false)
  const [wish, setWish] = useState(NEW_RUN)
  const add = async () => {
    if (!(await act(() => send((target) => sendAct(addRunAction, { ...target, run: wish }))))) return
    setOpen(false)
    setWish(NEW_RUN)
  }
  return (
    <Dialog
      title="Add a run"
      open={open}
      onOpenChange={setOpen}
      trigger={<Button className="mt-3">Add a run…</Button>}
    >
      <p className="mb-3">
        It comes after the last. Its bench begins as the run before it, with a plate of its own.
      </p>
      <RunForm wish={wish} isFirst={false} problems={problems} onWish={setWish} />
      <Problems
        problems={problems}
        except={['name', 'run.name', 'kind', 'run.kind', 'waitHours', 'run.waitHours']}
      />
      <Button look="main" className="mt-4" disabled={busy} onClick={() => void add()}>
        Add it
      </Button>
    </Dialog>
  )
}

function ChangeRun({ run, isFirst }: { run: Run; isFirst: boolean }) {
  const { send } = useSend()
  const { busy, problems, act } = useAct()
  const [open, setOpen] = useState(false)
  const [wish, setWish] = useState<RunWish>({
    name: run.name,
    kind: run.kind,
    between: run.between,
    waitHours: run.waitHours,
  })
  const change = async () => {
    if (
      await act(() =>
        send((target) => sendAct(changeRunAction, { ...target, position: run.position, run: wish })),
      )
    )
      setOpen(false)
  }
  return (
    <Dialog
      title={`Change ${run.name}`}
      open={open}
      onOpenChange={setOpen}
      trigger={
        <Button look="quiet" aria-label={`Change ${run.name}`}>
          Change…
        </Button>
      }
    >
      <RunForm wish={wish} isFirst={isFirst} problems={problems} onWish={setWish} />
      <Problems
        problems={problems}
        except={['name', 'run.name', 'kind', 'run.kind', 'waitHours', 'run.waitHours']}
      />
      <Button look="main" className="mt-4" disabled={busy} onClick={() => void change()}>
        Save the run
      </Button>
    </Dialog>
  )
}

/** A sheet's line, with what can be said of it between the presses: done by hand, or lost. */
function SheetRow({
  line,
  was,
  runs,
  locked,
}: {
  line: SheetLine
  /** the existing print it begins on; null: a fresh sheet */
  was: GivenSheet | null
  runs: RunShown[]
  locked: boolean
}) {
  const { send } = useSend()
  const { busy, problems, act } = useAct()
  const person = usePerson()
  const [typed, setWhy] = useState<string | null>(null)
  const [open, setOpen] = useState(false)
  const at = line.steps.indexOf('waiting')
  const run = runs[at] ?? null
  // Most sheets get the colours of the one before.
  const why = typed ?? run?.lastUsed ?? ''
  const mark = async (what: 'done' | 'lost') => {
    if (
      run &&
      (await act(() =>
        send((target) =>
          sendAct(markSheetAction, {
            ...target,
            mark: { sheet: line.sheet, runPosition: run.position, mark: what, why, by: person },
          }),
        ),
      ))
    )
      setOpen(false)
  }
  return (
    <li className="flex min-h-12 break-inside-avoid items-center gap-3 border-b border-line">
      <span className="far-number w-10 text-lg">{line.sheet}</span>
      <SheetLife line={line} names={runs.map(({ name }) => name)} />
      <span className="min-w-0 flex-1 text-sm">
        {sheetWords(line, run)}
        {was && <span className="block text-muted">over {nameOfGiven(was)}</span>}
      </span>
      {run && !locked && (
        <Dialog
          title={`Sheet ${line.sheet}, before ${run.name}`}
          open={open}
          onOpenChange={setOpen}
          trigger={
            <button
              type="button"
              className="min-h-11 px-2 underline underline-offset-4"
              aria-label={`Record what became of sheet ${line.sheet}`}
            >
              Record…
            </button>
          }
        >
          <PersonField did="Done by" problem={problemAt(problems, 'mark.by')} />
          <TextField
            label={RUN_KINDS[run.kind].press ? 'What became of it' : 'Colours used, or what became of it'}
            value={why}
            onText={setWhy}
            problem={problemAt(problems, 'mark.why')}
            className="mt-3"
          />
          <Problems problems={problems} except={['mark.by', 'mark.why']} />
          <div className="mt-4 flex gap-2">
            {!RUN_KINDS[run.kind].press && (
              <Button look="main" disabled={busy} onClick={() => void mark('done')}>
                {run.name}: done
              </Button>
            )}
            <Button disabled={busy} onClick={() => void mark('lost')}>
              It is lost
            </Button>
          </div>
        </Dialog>
      )}
    </li>
  )
}
