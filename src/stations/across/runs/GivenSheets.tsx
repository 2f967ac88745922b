'use client'

import { usePathname, useRouter } from 'next/navigation'
import { useState } from 'react'
import { nameOfGiven, type GivenSheet, type NewGiven } from '@/core/edition/givenSheets'
import type { SheetLine } from '@/core/edition/runs'
import { counted } from '@/core/units/counted'
import type { GivingJob, OfferedPrint } from '@/data/across/givenSheets'
import { Button } from '@/ui/Button'
import { Choice } from '@/ui/Choice'
import { SelectField, TextField } from '@/ui/Field'
import { Folded } from '@/ui/Folded'
import { sendAct } from '../act/sendAct'
import { useSend } from '../bench/BenchContext'
import { problemAt } from '../bench/problemAt'
import { useAct } from '../bench/useAct'
import { PersonField } from '../person/PersonField'
import { usePerson } from '../person/usePerson'
import { PictureField } from '../picture/PictureField'
import { Problems } from '../pull/Problems'
import { giveBackAction, giveSheetsAction } from './actions'

/** Prints of one job as they are offered. */
export interface Offer {
  slug: string
  jobId: string
  prints: OfferedPrint[]
}

/** A print in small, before anything is done to it. */
const Thumb = ({ imageId }: { imageId: string | null }) =>
  imageId ? (
    <img src={`/pictures/${imageId}/thumb`} alt="" className="size-16 shrink-0 object-contain" />
  ) : (
    <span className="flex size-16 shrink-0 items-center justify-center border border-line text-center text-xs text-muted">
      no picture
    </span>
  )

/** The existing prints a job begins on, and the way for more to come in. */
export function GivenSheets({
  given,
  lines,
  giving,
  offer,
}: {
  given: readonly GivenSheet[]
  lines: readonly SheetLine[]
  giving: readonly GivingJob[]
  /** numbered prints of the job that was chosen; null: none was */
  offer: Offer | null
}) {
  return (
    <section aria-label="Existing prints" className="mt-4 border-t border-line pt-3">
      {given.length > 0 && (
        <>
          <h2 className="station-title">Existing prints</h2>
          <ul aria-label="Existing prints taken in">
            {given.map((one) => (
              <GivenRow
                key={one.sheet}
                given={one}
                isUntouched={lines.find(({ sheet }) => sheet === one.sheet)?.steps[0] === 'waiting'}
              />
            ))}
          </ul>
        </>
      )}
      <Folded
        summary={given.length > 0 ? 'Take in more existing prints' : 'Begin on existing prints'}
        isOpen={offer !== null}
      >
        <TakeIn giving={giving} offer={offer} />
      </Folded>
    </section>
  )
}

function GivenRow({ given, isUntouched }: { given: GivenSheet; isUntouched: boolean }) {
  const { send } = useSend()
  const person = usePerson()
  const { busy, problems, act } = useAct()
  const giveBack = () =>
    act(() =>
      send((target) => sendAct(giveBackAction, { ...target, sheet: given.sheet, by: person || given.by })),
    )
  return (
    <li className="flex flex-wrap items-center gap-3 border-b border-line py-1">
      <Thumb imageId={given.imageId} />
      <span className="min-w-0 flex-1">
        {nameOfGiven(given)} <span className="text-sm text-muted">is sheet {given.sheet} here</span>
      </span>
      {isUntouched && (
        <Button
          look="quiet"
          disabled={busy}
          aria-label={`Give ${nameOfGiven(given)} back`}
          onClick={() => void giveBack()}
        >
          Give it back
        </Button>
      )}
      <Problems problems={problems} />
    </li>
  )
}

function TakeIn({ giving, offer }: { giving: readonly GivingJob[]; offer: Offer | null }) {
  const { send } = useSend()
  const person = usePerson()
  const router = useRouter()
  const here = usePathname()
  const { busy, problems, act } = useAct()
  const [from, setFrom] = useState<'job' | 'outside'>(giving.length > 0 ? 'job' : 'outside')
  const takeIn = (prints: NewGiven['prints']) =>
    act(() => send((target) => sendAct(giveSheetsAction, { ...target, given: { prints, by: person } })))
  return (
    <div className="grid gap-3">
      <p className="text-sm text-muted">
        Each is printed over, one after another; its number and picture stay with it. A print of another job
        is noted there as printed over.
      </p>
      {giving.length > 0 && (
        <Choice
          label="They come from"
          value={from}
          options={[
            ['job', 'A job here'],
            ['outside', 'Outside'],
          ]}
          onPick={setFrom}
        />
      )}
      {from === 'job' ? (
        <>
          <SelectField
            label="Job"
            value={offer?.slug ?? ''}
            options={[
              ['', 'Choose a job'],
              ...giving.map(
                ({ slug, title, prints }) => [slug, `${title}, ${counted(prints, 'print')}`] as const,
              ),
            ]}
            onPick={(slug) => router.replace(slug ? `${here}?from=${slug}` : here, { scroll: false })}
            className="max-w-96"
          />
          {offer && (
            <ChoosePrints
              key={offer.slug}
              offer={offer}
              busy={busy}
              problem={problemAt(problems, 'given.by')}
              onTake={(pullIds) =>
                void takeIn({ from: 'job', jobId: offer.jobId, pullIds }).then(
                  (kept) => kept && router.replace(here, { scroll: false }),
                )
              }
            />
          )}
        </>
      ) : (
        <FromOutside
          busy={busy}
          problems={problems}
          onTake={(print) => takeIn({ from: 'outside', ...print })}
        />
      )}
      <Problems
        problems={problems}
        except={['given.by', 'given.prints.mark', 'given.prints.source', 'mark']}
      />
    </div>
  )
}

function ChoosePrints({
  offer,
  busy,
  problem,
  onTake,
}: {
  offer: Offer
  busy: boolean
  problem?: string
  onTake: (pullIds: string[]) => void
}) {
  const [picked, setPicked] = useState<ReadonlySet<string>>(new Set())
  const toggle = (id: string) => {
    const next = new Set(picked)
    if (!next.delete(id)) next.add(id)
    setPicked(next)
  }
  return (
    <>
      <ul aria-label="Its numbered prints" className="columns-[18rem] gap-6">
        {offer.prints.map(({ pullId, mark, imageId, refused }) => (
          <li key={pullId} className="break-inside-avoid border-b border-line">
            <label className="flex min-h-16 items-center gap-3">
              <input
                type="checkbox"
                className="size-5"
                disabled={refused !== null}
                checked={picked.has(pullId)}
                onChange={() => toggle(pullId)}
              />
              <Thumb imageId={imageId} />
              <span>
                {mark}
                {refused && <span className="block text-sm text-muted">{refused}</span>}
              </span>
            </label>
          </li>
        ))}
      </ul>
      <div className="flex flex-wrap items-end gap-3">
        <PersonField did="Taken in by" problem={problem} />
        <Button disabled={busy || picked.size === 0} onClick={() => onTake([...picked])}>
          {picked.size === 0 ? 'Choose the prints' : `Take in ${counted(picked.size, 'print')}`}
        </Button>
      </div>
    </>
  )
}

interface OutsidePrint {
  mark: string
  source: string
  imageId: string | null
}
const BLANK: OutsidePrint = { mark: '', source: '', imageId: null }

function FromOutside({
  busy,
  problems,
  onTake,
}: {
  busy: boolean
  problems: Parameters<typeof Problems>[0]['problems']
  onTake: (print: OutsidePrint) => Promise<boolean>
}) {
  const [print, setPrint] = useState(BLANK)
  return (
    <>
      <div className="grid items-start gap-3 sm:grid-cols-2 lg:grid-cols-4">
        <TextField
          label="Number on the print"
          value={print.mark}
          onText={(mark) => setPrint({ ...print, mark })}
          placeholder="3/20"
          problem={problemAt(problems, 'given.prints.mark') ?? problemAt(problems, 'mark')}
        />
        <TextField
          label="What it is, and whose"
          value={print.source}
          onText={(source) => setPrint({ ...print, source })}
          problem={problemAt(problems, 'given.prints.source')}
        />
        <PictureField
          label="Its picture"
          hint={print.imageId ? '; one is kept' : ''}
          onPicture={({ id }) => setPrint((before) => ({ ...before, imageId: id }))}
        />
        <PersonField did="Taken in by" problem={problemAt(problems, 'given.by')} />
      </div>
      {/* The next of the same lot differs in its number and picture only. */}
      <Button
        className="justify-self-start"
        disabled={busy}
        onClick={() =>
          void onTake(print).then((kept) => kept && setPrint({ ...BLANK, source: print.source }))
        }
      >
        Take it in
      </Button>
    </>
  )
}
