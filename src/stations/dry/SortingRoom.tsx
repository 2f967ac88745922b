'use client'

import { purposeFacts, sizeDeclared } from '@/core/prove/purpose'
import { plural } from '@/core/units/counted'
import { useState } from 'react'
import { byCloseness, closenessTo } from '@/core/dry/closeness'
import {
  checkMoments,
  checkNumbering,
  checkSigner,
  numberImpressions,
  resumeSorting,
  signingOf,
  USUAL_SIGNING,
  type Numbering,
  type Signing,
  type SortedImpression,
} from '@/core/dry/numbering'
import { readPull } from '@/core/edition/readPull'
import type { Pull } from '@/core/edition/pull'
import { formatNumber } from '@/core/units/length'
import { writeMoment } from '@/core/units/moment'
import { Button } from '@/ui/Button'
import { MainAct } from '@/ui/MainAct'
import { useJob, useSend } from '../across/bench/BenchContext'
import { useAct } from '../across/bench/useAct'
import { Problems } from '../across/pull/Problems'
import { declareSizeAction, keepSortingAction } from './actions'
import { isMarked, LANES, layInto, LANE_KEYS, orderBy, type Lane } from './lanes'
import { MoveDialog, type Move } from './MoveDialog'
import { NUMBERING_NOTE, NumberPrints } from './NumberPrints'
import { SigningWishes } from './SigningWishes'
import { useKeeping } from './useKeeping'
import { SortingLanes, type Lying } from './SortingLanes'
import { sendAct } from '../across/act/sendAct'

interface SortingRoomProps {
  /** impressions that are through every run and accepted, in the order they were pulled */
  accepted: Pull[]
  setAside: Pull[]
  rejected: Pull[]
  batProof: Pull | null
  /** whose print a pull is, of a class */
  makers: Readonly<Record<string, string>>
  kept: Numbering | null
  plate: { widthMm: number; heightMm: number }
}

/** How far a print is from the BAT, in words; without one there is nothing to be far from. */
function farWords(pull: Pull, batProof: Pull | null): string {
  if (!batProof) return ''
  const close = closenessTo(pull, batProof)
  if (close === null) return 'not read'
  return close.distance === 0 ? 'as BAT' : `${formatNumber(close.distance, 1)} off`
}

/** The orders the prints are laid in at one tap. */
function Orders({
  accepted,
  batProof,
  onOrder,
}: {
  accepted: readonly Pull[]
  batProof: Pull | null
  onOrder: (ids: string[]) => void
}) {
  const ids = (pulls: readonly Pull[]) => pulls.map(({ id }) => id)
  const pulled = accepted.toSorted((a, b) => a.number - b.number)
  return (
    <>
      <Button onClick={() => onOrder(ids(pulled))}>As pulled</Button>
      <Button onClick={() => onOrder(ids(pulled.toReversed()))}>Last pulled first</Button>
      {batProof && (
        <Button onClick={() => onOrder(byCloseness(accepted, batProof).map(({ id }) => id))}>
          Closest to the BAT first
        </Button>
      )}
    </>
  )
}

/** The dry prints laid out to be sorted; numbers follow from how they lie, so none can be doubled or missing. */
export default function SortingRoom({
  accepted,
  setAside,
  rejected,
  batProof,
  makers,
  kept,
  plate,
}: SortingRoomProps) {
  const job = useJob()
  const { send } = useSend()
  const running = useAct()
  const { busy, problems, act } = running
  const standing = useKeeping()
  const size = sizeDeclared(job)
  const usual: Signing = { ...USUAL_SIGNING, marking: purposeFacts(job.purpose).marking }
  const [signing, setSigning] = useState<Signing>(() => (kept ? signingOf(kept) : usual))
  const [lying, setLying] = useState<readonly SortedImpression[]>(kept?.sorted ?? [])
  const [moving, setMoving] = useState<(Move & { then: SortedImpression[] | null }) | null>(null)

  const acceptedIds = accepted.map(({ id }) => id).filter((id) => id !== batProof?.id)
  const sorted = resumeSorting(lying, acceptedIds, batProof?.id ?? null, size)
  const known = new Map(
    [...accepted, ...setAside, ...rejected, ...(batProof ? [batProof] : [])].map((pull) => [pull.id, pull]),
  )
  const momentOf = (id: string) => {
    const pull = known.get(id)!
    return writeMoment(pull.pulledAt, pull.zone)
  }
  const numbered = numberImpressions(sorted, signing, momentOf)
  const inTheWay = [
    ...checkNumbering(
      sorted,
      size,
      new Set([...acceptedIds, ...(batProof ? [batProof.id] : [])]),
      batProof?.id ?? null,
    ),
    ...checkMoments(numbered, signing.marking),
    ...checkSigner(signing),
  ]
  const inEdition = sorted.filter(({ kind }) => kind === 'edition').length
  const far = (pull: Pull) => makers[pull.id] ?? farWords(pull, batProof)
  const lanes = Object.fromEntries(
    LANE_KEYS.map((lane): [Lane, Lying[]] => [
      lane,
      isMarked(lane)
        ? numbered
            .filter(({ kind }) => kind === lane)
            .map(({ pullId, mark }) => ({
              pull: known.get(pullId)!,
              mark,
              beside: lane === 'BAT' ? '' : far(known.get(pullId)!),
            }))
        : (lane === 'rejected' ? rejected : setAside).map((pull) => ({
            pull,
            mark: '',
            beside: far(pull),
          })),
    ]),
  ) as Record<Lane, Lying[]>

  const keep = (next: readonly SortedImpression[], wishes = signing) => {
    setLying(next)
    setSigning(wishes)
    void standing.keep(() =>
      act(() => sendAct(keepSortingAction, { jobId: job.id, numbering: { ...wishes, sorted: [...next] } })),
    )
  }
  const move = (pullId: string, to: Lane, before: string | null) => {
    const pull = known.get(pullId)!
    const isIn = acceptedIds.includes(pullId)
    if (isMarked(to)) {
      const next = layInto(sorted, pullId, to, before)
      if (isIn) keep(next)
      else setMoving({ pull, to: 'accepted', then: next })
    } else if (readPull(pull).decision?.decision !== to) setMoving({ pull, to, then: null })
  }

  const numbering = (
    <NumberPrints
      numbered={numbered}
      sorted={sorted}
      signing={signing}
      isReady={inTheWay.length === 0}
      running={running}
    />
  )

  return (
    <section aria-label="Sorting" className="pt-4">
      <SigningWishes
        signing={signing}
        hasProofs={size !== null}
        problem={inTheWay.find(({ field }) => field === 'imp')?.message}
        onSigning={(wishes) => keep(sorted, wishes)}
      />
      <div className="mt-3 flex flex-wrap items-center gap-3">
        <p className="text-sm text-muted">Order within each row:</p>
        <p data-said className="order-last ml-auto text-sm text-muted">
          {standing.words}
        </p>
        <Orders accepted={accepted} batProof={batProof} onOrder={(ids) => keep(orderBy(sorted, ids))} />
      </div>
      <SortingLanes
        names={{ ...LANES, edition: purposeFacts(job.purpose).prints }}
        lanes={lanes}
        plate={plate}
        batPullId={batProof?.id ?? null}
        onMove={move}
      />
      <p className="mt-2 text-sm text-muted">
        Each is drawn from what was seen of it: lighter or darker by the eye, a diamond where a fault lies.
        {batProof ? ' “Off” counts tolerances: 1 off is as far as the BAT allows. ' : ' '}
        Drag them, or use the list under each.
        {setAside.length > 0
          ? ` ${setAside.length} set aside or open: ${plural(setAside.length, 'it gets', 'they get')} no number.`
          : ''}
      </p>
      <Problems problems={problems.length > 0 ? problems : inTheWay} />
      <div className="mt-3 flex flex-wrap gap-3">
        {size !== null && inEdition > 0 && inEdition !== size && (
          <Button
            disabled={busy}
            onClick={() =>
              void act(() =>
                send((target) => sendAct(declareSizeAction, { ...target, editionSize: inEdition })),
              )
            }
          >
            Declare the edition as {inEdition}
          </Button>
        )}
        {inTheWay.length > 0 ? numbering : <MainAct>{numbering}</MainAct>}
      </div>
      <p id={NUMBERING_NOTE} className="mt-2 text-sm text-muted">
        Numbered, {plural(numbered.length, 'it gets the mark it lies', 'they get the marks they lie')} under,
        and no more is pulled. It can be undone until a print has left the workshop.
      </p>
      {moving && (
        <MoveDialog
          move={moving}
          onLeave={() => setMoving(null)}
          onDone={() => {
            if (moving.then) keep(moving.then)
            setMoving(null)
          }}
        />
      )}
    </section>
  )
}
