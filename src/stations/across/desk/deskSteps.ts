import type { DeskEntry } from '@/core/edition/deskEntry'
import type { DeskAct, DeskState } from '@/core/edition/deskKeys'
import { mayBeForgotten, meetingAt, type Rail } from '@/core/edition/meeting'
import type { PullEvent } from '@/core/edition/pull'
import type { DeskDraft, DeskMemory } from './deskMemory'
import type { Desk } from './readDesk'

/** Warm-ups in a row that must match on another day. */
const WARM_UPS = 2

/** What a step of the desk needs from outside: the moment, who is there, and what was timed. */
export interface DeskNow {
  /** ms since 1970 */
  moment: number
  /** the day at the desk, as YYYY-MM-DD */
  today: string
  zone: string
  /** who inks */
  inker: string
  /** how long the plate took under the roller; null: nobody timed it */
  rollerSeconds: number | null
  makeId: () => string
}

/** How many pulls the queue adds to what the server has: those that wait, less those taken back. */
const more = (queue: readonly DeskEntry[], isCounted: (kind: 'edition' | 'warmup') => boolean): number =>
  queue.reduce((sum, entry) => {
    if (entry.kind === 'amendment' || !isCounted(entry.pullKind)) return sum
    return sum + (entry.kind === 'pull' ? 1 : -1)
  }, 0)

/** Number and sheet of the next pull: what waits here counts as much as what the server has. */
export const nextOf = (
  desk: Pick<Desk, 'nextNumber' | 'nextSheet'>,
  queue: readonly DeskEntry[],
): { number: number; sheet: number } => ({
  number: desk.nextNumber + more(queue, (kind) => kind === 'edition'),
  sheet: desk.nextSheet + more(queue, () => true),
})

/** Prints accepted here that the server does not have yet. */
export const acceptedIn = (queue: readonly DeskEntry[]): number =>
  queue.filter(
    (entry) =>
      entry.kind === 'pull' &&
      entry.events.some((event) => event.kind === 'decision' && event.decision === 'accepted'),
  ).length

/** Warm-ups that still have to match before pulls count; 0: they count. */
export function warmUpsLeft(
  { warm }: Pick<Desk, 'warm'>,
  { queue, warmEnded }: Pick<DeskMemory, 'queue' | 'warmEnded'>,
  today: string,
): number {
  if (!warm.isNewDay || warmEnded === today) return 0
  const eyes = queue.flatMap((entry) =>
    entry.kind === 'pull' && entry.pullKind === 'warmup'
      ? [entry.events.some((event) => event.kind === 'eye' && event.reading === 'same')]
      : [],
  )
  const unlike = eyes.lastIndexOf(false)
  const matched = unlike === -1 ? warm.matched + eyes.length : eyes.length - 1 - unlike
  return Math.max(0, WARM_UPS - matched)
}

/** The desk's role decides which rail its Enter moves on. */
const ownRail = ({ role }: DeskMemory): Rail => (role === 'clean' ? 'sheet' : 'plate')

/** Moves one rail on or back. */
function touch(
  memory: DeskMemory,
  rail: Rail,
  moment: number,
  change: (begun: number[]) => number[],
): DeskMemory {
  const begun = change(memory.rails[rail].begun)
  return { ...memory, rails: { ...memory.rails, [rail]: { begun, changedAt: moment } } }
}

const begin = (memory: DeskMemory, desk: Desk, rail: Rail, moment: number): DeskMemory =>
  touch(memory, rail, moment, (begun) => (begun.length < desk[rail].length ? [...begun, moment] : begun))

/** The last pull decided here comes back into the hand; what of it still waits is taken back. */
function goBackToLast(memory: DeskMemory): DeskMemory {
  const { last, queue } = memory
  if (!last) return memory
  return {
    ...memory,
    draft: last.draft,
    state: last.state,
    last: null,
    queue: queue.filter(({ id }) => id !== last.draft.id),
  }
}

/** The segment begun last is taken back, of either rail; before the first one, the last pull. */
function segmentBack(memory: DeskMemory, moment: number): DeskMemory {
  const { rails } = memory
  const [newest] = (['plate', 'sheet'] as const)
    .filter((rail) => rails[rail].begun.length > 0)
    .sort((a, b) => rails[b].begun.at(-1)! - rails[a].begun.at(-1)!)
  return newest ? touch(memory, newest, moment, (begun) => begun.slice(0, -1)) : goBackToLast(memory)
}

/** The pull goes under the roller: its draft, with how plate and sheet met, and empty rails for the next one. */
function pulled(memory: DeskMemory, desk: Desk, after: DeskState, now: DeskNow): DeskMemory {
  const { rails, queue } = memory
  const empty = { begun: [], changedAt: now.moment }
  const meeting = meetingAt(
    {
      plate: { planned: desk.plate, begun: rails.plate.begun },
      sheet: { planned: desk.sheet, begun: rails.sheet.begun },
    },
    now.moment,
  )
  return {
    ...memory,
    rails: { plate: empty, sheet: empty },
    state: after,
    draft: {
      id: now.makeId(),
      ...nextOf(desk, queue),
      at: now.moment,
      meeting,
      rails,
      isSent: false,
      isWarm: warmUpsLeft(desk, memory, now.today) > 0,
    },
  }
}

/** The pull in hand was none: what had begun of it stands again; one the server has already is withdrawn there. */
function unpulled(
  memory: DeskMemory,
  after: DeskState,
  { moment, inker, makeId }: Pick<DeskNow, 'moment' | 'inker' | 'makeId'>,
): DeskMemory {
  const { draft, queue } = memory
  const back = { ...memory, state: after, draft: null }
  if (!draft) return back
  if (draft.isSent) {
    const withdrawal: DeskEntry = {
      kind: 'withdrawal',
      id: makeId(),
      pullId: draft.id,
      pullKind: draft.isWarm ? 'warmup' : 'edition',
      by: inker,
      at: new Date(moment).toISOString(),
    }
    return { ...back, queue: [...queue, withdrawal] }
  }
  const { plate, sheet } = draft.rails
  return {
    ...back,
    rails: { plate: { ...plate, changedAt: moment }, sheet: { ...sheet, changedAt: moment } },
  }
}

/** What goes to the server of a pull that is decided: the whole of it, or only what is said anew. */
export function entryOf(
  draft: DeskDraft,
  { state, hands }: Pick<DeskMemory, 'state' | 'hands'>,
  act: Extract<DeskAct, { kind: 'decide' }>,
  desk: Desk,
  { moment, zone, inker, rollerSeconds, makeId }: DeskNow,
): DeskEntry {
  const seen: PullEvent[] = [
    ...(act.seen ? [{ kind: 'eye' as const, reading: act.seen }] : []),
    ...act.faults.map((fault) => ({ kind: 'fault' as const, ...fault })),
    { kind: 'decision', decision: act.decision, reason: act.reason, fate: act.fate },
  ]
  if (draft.isSent)
    return {
      kind: 'amendment',
      id: makeId(),
      pullId: draft.id,
      events: seen,
      by: inker,
      at: new Date(moment).toISOString(),
    }
  const named = (name: string) => name.trim() || inker
  return {
    kind: 'pull',
    id: draft.id,
    pullKind: draft.isWarm ? 'warmup' : 'edition',
    pulledAt: new Date(draft.at + state.shiftMinutes * 60_000).toISOString(),
    zone,
    estimated: state.shiftMinutes !== 0,
    hands: { inked: named(hands.inked), wiped: named(hands.wiped), laid: named(hands.laid) },
    settings: desk.settings!,
    runPosition: desk.runPosition,
    batVersion: desk.batVersion,
    by: inker,
    events: [
      ...(draft.meeting.length > 0 ? [{ kind: 'meeting' as const, starts: draft.meeting }] : []),
      ...(rollerSeconds === null ? [] : [{ kind: 'roller' as const, seconds: rollerSeconds }]),
      ...seen,
    ],
  }
}

/** What the desk's memory is after an act of its keys. @param after where the keys stand then */
export function deskStep(
  memory: DeskMemory,
  act: DeskAct,
  after: DeskState,
  desk: Desk,
  now: DeskNow,
): DeskMemory {
  const { draft } = memory
  switch (act.kind) {
    case 'next-segment':
      return begin(memory, desk, ownRail(memory), now.moment)
    case 'other-rail':
      return begin(memory, desk, ownRail(memory) === 'plate' ? 'sheet' : 'plate', now.moment)
    case 'segment-back':
      return segmentBack(memory, now.moment)
    case 'pull':
      return pulled(memory, desk, after, now)
    case 'unpull':
      return unpulled(memory, after, now)
    case 'stamp':
      return { ...memory, state: after }
    case 'decide':
      if (!draft) return memory
      return {
        ...memory,
        state: after,
        draft: null,
        queue: [...memory.queue, entryOf(draft, memory, act, desk, now)],
        last: { draft, state: memory.state },
      }
  }
}

/** Moments of the pulls that are known here, ms since 1970, oldest first. */
export const momentsOf = (desk: Pick<Desk, 'pulledAt'>, queue: readonly DeskEntry[]): number[] => [
  ...desk.pulledAt.map((at) => Date.parse(at)),
  ...queue.flatMap((entry) => (entry.kind === 'pull' ? [Date.parse(entry.pulledAt)] : [])),
]

/** Whether a pull may have been forgotten before the one in hand. */
export const isGapLong = (desk: Pick<Desk, 'pulledAt'>, { draft, state, queue }: DeskMemory): boolean =>
  draft !== null &&
  !draft.isSent &&
  state.phase === 'moment' &&
  mayBeForgotten(momentsOf(desk, queue), draft.at)

/** Enters a pull that was forgotten, half-way between the last one and the one in hand, set aside until somebody has looked. */
export function withForgotten(memory: DeskMemory, desk: Desk, now: DeskNow): DeskMemory {
  const { draft, queue } = memory
  const last = momentsOf(desk, queue).at(-1)
  if (!draft || last === undefined) return memory
  const forgotten: DeskEntry = {
    kind: 'pull',
    id: now.makeId(),
    pullKind: 'edition',
    pulledAt: new Date((last + draft.at) / 2).toISOString(),
    zone: now.zone,
    estimated: true,
    hands: { inked: now.inker, wiped: null, laid: null },
    settings: desk.settings!,
    runPosition: desk.runPosition,
    batVersion: desk.batVersion,
    by: now.inker,
    events: [{ kind: 'decision', decision: 'set-aside', reason: 'logged after the next', fate: null }],
  }
  return {
    ...memory,
    queue: [...queue, forgotten],
    draft: { ...draft, number: draft.number + 1, sheet: draft.sheet + 1 },
  }
}
