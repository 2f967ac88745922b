import type { DeskEntry } from '@/core/edition/deskEntry'
import { DESK_START, type DeskAct, type DeskState } from '@/core/edition/deskKeys'
import { movedRail } from '@/core/edition/deskRails'
import { mayBeForgotten, meetingAt, type Rail } from '@/core/edition/meeting'
import type { PullEvent } from '@/core/edition/pull'
import { unrefused, waiting, type DeskDraft, type DeskMemory, type Waiting } from './deskMemory'
import type { Desk } from './deskShape'

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
const more = (entries: readonly DeskEntry[], isCounted: (kind: 'edition' | 'warmup') => boolean): number =>
  entries.reduce((sum, entry) => {
    if (entry.kind === 'pull') return isCounted(entry.pullKind) ? sum + 1 : sum
    if (entry.kind === 'withdrawal') return isCounted(entry.pullKind) ? sum - 1 : sum
    return sum
  }, 0)

/** Number and sheet of the next pull: what waits here counts as much as what the server has. */
export function nextOf(
  desk: Pick<Desk, 'nextNumber' | 'nextSheet'>,
  queue: readonly Waiting[],
): { number: number; sheet: number } {
  const entries = unrefused(queue)
  return {
    number: desk.nextNumber + more(entries, (kind) => kind === 'edition'),
    sheet: desk.nextSheet + more(entries, () => true),
  }
}

const lastOf = <K extends PullEvent['kind']>(entry: DeskEntry, kind: K) =>
  'events' in entry
    ? entry.events.findLast((event): event is Extract<PullEvent, { kind: K }> => event.kind === kind)
    : undefined

/** Prints accepted, with what was decided here and the server does not have yet. */
export function acceptedAt(
  { pulls, accepted }: Pick<Desk, 'pulls' | 'accepted'>,
  queue: readonly Waiting[],
): number {
  const before = new Map(pulls.map(({ id, decision }) => [id, decision === 'accepted']))
  const after = new Map<string, boolean>()
  for (const entry of unrefused(queue)) {
    const decision = lastOf(entry, 'decision')
    const id = entry.kind === 'pull' ? entry.id : entry.pullId
    if (decision) after.set(id, decision.decision === 'accepted')
    if (entry.kind === 'withdrawal') after.set(id, false)
  }
  return [...after].reduce((sum, [id, is]) => sum + Number(is) - Number(before.get(id) ?? false), accepted)
}

/** Warm-ups that still have to match before pulls count; 0: they count. */
export function warmUpsLeft(
  { warm }: Pick<Desk, 'warm'>,
  { queue, warmEnded, draft }: Pick<DeskMemory, 'queue' | 'warmEnded' | 'draft'>,
  today: string,
): number {
  if (warm.lastDay === null || warm.lastDay >= today || warmEnded === today) return 0
  const eyes = new Map(warm.today === today ? warm.eyes.map(({ id, eye }) => [id, eye]) : [])
  for (const entry of unrefused(queue)) {
    const reading = lastOf(entry, 'eye')?.reading ?? null
    if (entry.kind === 'pull') {
      if (entry.pullKind === 'warmup') eyes.set(entry.id, reading)
    } else if (entry.kind === 'withdrawal') eyes.delete(entry.pullId)
    else if (eyes.has(entry.pullId) && reading) eyes.set(entry.pullId, reading)
  }
  if (draft) eyes.delete(draft.id)
  const seen = [...eyes.values()]
  const unlike = seen.findLastIndex((eye) => eye !== 'same')
  return Math.max(0, WARM_UPS - (seen.length - 1 - unlike))
}

/** The desk's role decides which rail its Enter moves on. */
const ownRail = ({ role }: DeskMemory): Rail => (role === 'clean' ? 'sheet' : 'plate')

/** Moves one rail on or back: a word the server has not heard yet. */
function touch(memory: DeskMemory, rail: Rail, change: (begun: number[]) => number[]): DeskMemory {
  const own = memory.rails[rail]
  return { ...memory, rails: { ...memory.rails, [rail]: movedRail(own, change(own.begun)) } }
}

const begin = (memory: DeskMemory, desk: Desk, rail: Rail, moment: number): DeskMemory =>
  memory.rails[rail].begun.length < desk[rail].length
    ? touch(memory, rail, (begun) => [...begun, moment])
    : memory

const queued = (memory: DeskMemory, ...entries: DeskEntry[]): DeskMemory => ({
  ...memory,
  queue: [...memory.queue, ...entries.map(waiting)],
})

/** The last pull decided here comes back into the hand. What was said of it stays said until something else is. */
function goBackToLast(memory: DeskMemory): DeskMemory {
  const { last } = memory
  return last ? { ...memory, draft: last.draft, state: last.state, last: null } : memory
}

/** The segment begun last is taken back, of either rail; before the first one, the last pull. */
function segmentBack(memory: DeskMemory): DeskMemory {
  const { rails } = memory
  const [newest] = (['plate', 'sheet'] as const)
    .filter((rail) => rails[rail].begun.length > 0)
    .sort((a, b) => rails[b].begun.at(-1)! - rails[a].begun.at(-1)!)
  return newest ? touch(memory, newest, (begun) => begun.slice(0, -1)) : goBackToLast(memory)
}

/** A pull as it goes to the server the moment it is made. What is seen of it follows. */
function pullEntry(
  { id, at, meeting, isWarm }: Pick<DeskDraft, 'id' | 'at' | 'meeting' | 'isWarm'>,
  { hands, state }: Pick<DeskMemory, 'hands' | 'state'>,
  desk: Desk,
  { zone, inker }: Pick<DeskNow, 'zone' | 'inker'>,
): DeskEntry {
  const named = (name: string) => name.trim() || inker
  return {
    kind: 'pull',
    id,
    pullKind: isWarm ? 'warmup' : 'edition',
    pulledAt: new Date(at + state.shiftMinutes * 60_000).toISOString(),
    zone,
    estimated: state.shiftMinutes !== 0,
    hands: { inked: named(hands.inked), wiped: named(hands.wiped), laid: named(hands.laid) },
    settings: desk.settings!,
    runPosition: desk.runPosition,
    batVersion: desk.batVersion,
    by: inker,
    events: meeting.length > 0 ? [{ kind: 'meeting', starts: meeting }] : [],
  }
}

/** The pull goes under the roller: it is told to the server with how plate and sheet met, and the rails are empty for the next one. */
function pulled(memory: DeskMemory, desk: Desk, after: DeskState, now: DeskNow): DeskMemory {
  const { plate, sheet } = memory.rails
  const meeting = meetingAt(
    {
      plate: { planned: desk.plate, begun: plate.begun },
      sheet: { planned: desk.sheet, begun: sheet.begun },
    },
    now.moment,
  )
  const draft: DeskDraft = {
    id: now.makeId(),
    ...nextOf(desk, memory.queue),
    at: now.moment,
    meeting,
    begun: { plate: plate.begun, sheet: sheet.begun },
    shiftSaid: after.shiftMinutes,
    isJudged: false,
    isWarm: warmUpsLeft(desk, memory, now.today) > 0,
  }
  const emptied = touch(
    touch(memory, 'plate', () => []),
    'sheet',
    () => [],
  )
  const begun = { ...emptied, state: after, draft }
  return queued(begun, pullEntry(draft, begun, desk, now))
}

const withdrawalOf = ({ id, isWarm }: DeskDraft, { moment, inker, makeId }: DeskNow): DeskEntry => ({
  kind: 'withdrawal',
  id: makeId(),
  pullId: id,
  pullKind: isWarm ? 'warmup' : 'edition',
  by: inker,
  at: new Date(moment).toISOString(),
})

/** The pull in hand was none: it is withdrawn, and what had begun of it stands again. */
function unpulled(memory: DeskMemory, after: DeskState, now: DeskNow): DeskMemory {
  const { draft } = memory
  const back = { ...memory, state: after, draft: null }
  if (!draft) return back
  const withdrawn = queued(back, withdrawalOf(draft, now))
  if (draft.isJudged) return withdrawn
  return touch(
    touch(withdrawn, 'plate', () => draft.begun.plate),
    'sheet',
    () => draft.begun.sheet,
  )
}

/** The moment is copied onto the sheet: if it was shifted, the server is told. */
function stamped(memory: DeskMemory, after: DeskState, { moment, inker, makeId }: DeskNow): DeskMemory {
  const { draft } = memory
  const next = { ...memory, state: after }
  if (!draft || draft.shiftSaid === after.shiftMinutes) return next
  return queued(
    { ...next, draft: { ...draft, shiftSaid: after.shiftMinutes } },
    {
      kind: 'moment',
      id: makeId(),
      pullId: draft.id,
      pulledAt: new Date(draft.at + after.shiftMinutes * 60_000).toISOString(),
      by: inker,
      at: new Date(moment).toISOString(),
    },
  )
}

/** What is said of the pull in hand, to be added to it at the server. */
export function judgement(
  { id }: Pick<DeskDraft, 'id'>,
  act: Extract<DeskAct, { kind: 'decide' }>,
  { moment, inker, rollerSeconds, makeId }: DeskNow,
): DeskEntry {
  return {
    kind: 'amendment',
    id: makeId(),
    pullId: id,
    events: [
      ...(rollerSeconds === null ? [] : [{ kind: 'roller' as const, seconds: rollerSeconds }]),
      ...(act.seen ? [{ kind: 'eye' as const, reading: act.seen }] : []),
      ...act.faults.map((fault) => ({ kind: 'fault' as const, ...fault })),
      { kind: 'decision', decision: act.decision, reason: act.reason, fate: act.fate },
    ],
    by: inker,
    at: new Date(moment).toISOString(),
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
      return segmentBack(memory)
    case 'pull':
      return pulled(memory, desk, after, now)
    case 'unpull':
      return unpulled(memory, after, now)
    case 'stamp':
      return stamped(memory, after, now)
    case 'decide':
      if (!draft) return memory
      return queued(
        {
          ...memory,
          state: after,
          draft: null,
          last: { draft: { ...draft, isJudged: true }, state: memory.state },
        },
        judgement(draft, act, now),
      )
  }
}

/** Moments of the numbered pulls that are known here but for the one in hand, ms since 1970, oldest first. */
export function momentsOf(
  { pulls }: Pick<Desk, 'pulls'>,
  { queue, draft }: Pick<DeskMemory, 'queue' | 'draft'>,
): number[] {
  const moments = new Map(pulls.map(({ id, at }) => [id, Date.parse(at)]))
  for (const entry of unrefused(queue)) {
    if (entry.kind === 'withdrawal') moments.delete(entry.pullId)
    if (entry.kind === 'pull' && entry.pullKind === 'edition')
      moments.set(entry.id, Date.parse(entry.pulledAt))
    if (entry.kind === 'moment' && moments.has(entry.pullId))
      moments.set(entry.pullId, Date.parse(entry.pulledAt))
  }
  if (draft) moments.delete(draft.id)
  return [...moments.values()]
}

/** Whether a pull may have been forgotten before the one in hand. */
export function isGapLong(desk: Pick<Desk, 'pulls'>, memory: DeskMemory): boolean {
  const { draft, state } = memory
  return (
    draft !== null &&
    !draft.isJudged &&
    state.phase === 'moment' &&
    mayBeForgotten(momentsOf(desk, memory), draft.at)
  )
}

/**
 * Enters a pull that was forgotten, half-way between the last one and the one in hand, set aside until somebody has looked. The one in
 * hand is told anew behind it, so that numbers follow the order in which was pulled.
 */
export function withForgotten(memory: DeskMemory, desk: Desk, now: DeskNow): DeskMemory {
  const { draft } = memory
  const last = momentsOf(desk, memory).at(-1)
  if (!draft || last === undefined) return memory
  const at = (last + draft.at) / 2
  const forgotten: DeskEntry = {
    ...(pullEntry(
      { id: now.makeId(), at, meeting: [], isWarm: false },
      { ...memory, state: DESK_START },
      desk,
      now,
    ) as Extract<DeskEntry, { kind: 'pull' }>),
    estimated: true,
    hands: { inked: now.inker, wiped: null, laid: null },
    events: [{ kind: 'decision', decision: 'set-aside', reason: 'logged after the next', fate: null }],
  }
  const moved = { ...draft, id: now.makeId(), number: draft.number + 1, sheet: draft.sheet + 1 }
  return queued(
    { ...memory, draft: { ...moved, shiftSaid: memory.state.shiftMinutes } },
    withdrawalOf(draft, now),
    forgotten,
    pullEntry(moved, memory, desk, now),
  )
}
