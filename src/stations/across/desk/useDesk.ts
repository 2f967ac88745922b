'use client'

import { dayOf } from '@/core/units/moment'
import { useRouter } from 'next/navigation'
import { useCallback, useEffect, useRef, useState } from 'react'
import { mergeRails, type DeskEntry, type DeskOutcome, type DeskRails } from '@/core/edition/deskEntry'
import { pressKey, type DeskAct, type DeskKey } from '@/core/edition/deskKeys'
import { mayBeForgotten, meetingAt, type Rail } from '@/core/edition/meeting'
import type { PullEvent } from '@/core/edition/pull'
import { useKeptText } from '@/ui/useKeptText'
import { deviceZone } from '@/ui/deviceZone'
import { usePerson } from '../bench/usePerson'
import { useRollerRun } from '../../press/keptRoller'
import { readMemory, type DeskMemory } from './deskMemory'
import type { Desk } from './readDesk'

/** A knuckle on the same key twice within this time was one press, ms. */
const DEBOUNCE_MS = 400
/** How often entries that wait are tried again, and the other device is asked, ms. */
const RETRY_MS = 4000
const SHARE_MS = 2000
/** Warm-ups in a row that must match on another day. */
const WARM_UPS = 2

export interface DeskHandle {
  memory: DeskMemory
  set: (patch: Partial<DeskMemory>) => void
  press: (key: DeskKey) => void
  /** what the server says, or that it does not answer */
  connection: 'there' | 'away'
  /** whether a pull may have been forgotten before the one in hand */
  isGapLong: boolean
  /** warm-ups that still have to match before pulls count; 0: they count */
  warmLeft: number
  /** who inks: named at the desk, or the hand this device knows */
  inker: string
  addForgotten: () => void
  problem: string | null
  now: number
}

const NAMELESS = 'Say who inks, under Hands: every pull is kept with its hand.'

/** A pull desk: keys in, a memory on this device that outlives it, and a queue that empties as the server answers. */
export function useDesk(desk: Desk): DeskHandle {
  const router = useRouter()
  const [text, keep] = useKeptText(`typothesis-desk-${desk.id}`)
  const memory = readMemory(text)
  const latest = useRef(memory)
  useEffect(() => {
    latest.current = memory
  })
  const [connection, setConnection] = useState<DeskHandle['connection']>('there')
  const [problem, setProblem] = useState<string | null>(null)
  const [now, setNow] = useState(() => Date.now())
  const pressed = useRef<{ key: DeskKey | null; at: number }>({ key: null, at: 0 })
  const roller = useRollerRun(desk.id)
  const [person] = usePerson()
  const inker = memory.hands.inked.trim() || person.trim()

  useEffect(() => {
    const tick = setInterval(() => setNow(Date.now()), 250)
    return () => clearInterval(tick)
  }, [])

  const set = useCallback(
    (patch: Partial<DeskMemory>) => {
      latest.current = { ...latest.current, ...patch }
      keep(JSON.stringify(latest.current))
    },
    [keep],
  )

  // The queue empties by itself: at once, on coming back, and every few seconds while something waits.
  const sending = useRef(false)
  const sync = useCallback(async () => {
    const { queue } = latest.current
    if (queue.length === 0 || sending.current) return
    sending.current = true
    try {
      const reply = await fetch(`/desk/${desk.slug}/sync`, {
        method: 'POST',
        body: JSON.stringify({ entries: queue }),
      })
      const said = (await reply.json()) as { outcomes?: DeskOutcome[]; message?: string }
      setConnection('there')
      if (!said.outcomes)
        setProblem(
          `The server does not take what waits here: ${said.message ?? reply.status}. Nothing is lost; it stays on this device.`,
        )
      else {
        setProblem(null)
        const done = new Set(said.outcomes.map(({ id }) => id))
        const notes = said.outcomes.flatMap(({ message }) => (message ? [message] : []))
        const { last } = latest.current
        set({
          queue: latest.current.queue.filter(({ id }) => !done.has(id)),
          notes: [...latest.current.notes, ...notes].slice(-20),
          last: last && done.has(last.draft.id) ? { ...last, draft: { ...last.draft, isSent: true } } : last,
        })
        router.refresh()
      }
    } catch {
      setConnection('away')
    }
    sending.current = false
  }, [desk.slug, router, set])
  const waiting = memory.queue.length
  useEffect(() => {
    if (waiting === 0) return
    const soon = setTimeout(() => void sync())
    const again = setInterval(() => void sync(), RETRY_MS)
    const back = () => void sync()
    window.addEventListener('online', back)
    return () => {
      clearTimeout(soon)
      clearInterval(again)
      window.removeEventListener('online', back)
    }
  }, [waiting, sync])

  const share = useCallback(
    async (rails: DeskRails) => {
      try {
        const reply = await fetch(`/desk/${desk.slug}/rails`, { method: 'POST', body: JSON.stringify(rails) })
        if (!reply.ok) return
        const merged = mergeRails((await reply.json()) as DeskRails, latest.current.rails)
        setConnection('there')
        if (JSON.stringify(merged) !== JSON.stringify(latest.current.rails)) set({ rails: merged })
      } catch {
        setConnection('away')
      }
    },
    [desk.slug, set],
  )
  useEffect(() => {
    const poll = setInterval(() => void share(latest.current.rails), SHARE_MS)
    return () => clearInterval(poll)
  }, [share])

  const setRails = (rails: DeskRails, patch: Partial<DeskMemory> = {}) => {
    set({ rails, ...patch })
    void share(rails)
  }
  const touch = (rail: Rail, change: (begun: number[]) => number[]) =>
    setRails({
      ...latest.current.rails,
      [rail]: { begun: change(latest.current.rails[rail].begun), changedAt: Date.now() },
    })
  const begin = (rail: Rail) =>
    touch(rail, (begun) => (begun.length < desk[rail].length ? [...begun, Date.now()] : begun))

  const ownRail: Rail = memory.role === 'clean' ? 'sheet' : 'plate'
  const nextNumber =
    desk.nextNumber +
    memory.queue.filter((entry) => entry.kind === 'pull' && entry.pullKind === 'edition').length
  const nextSheet = desk.nextSheet + memory.queue.filter(({ kind }) => kind === 'pull').length

  // What waits here counts as much as what the server knows of today's warm-ups.
  const today = dayOf(new Date(now).toISOString(), deviceZone())
  const eyes = memory.queue.flatMap((entry) =>
    entry.kind === 'pull' && entry.pullKind === 'warmup'
      ? [entry.events.some((event) => event.kind === 'eye' && event.reading === 'same')]
      : [],
  )
  const unlike = eyes.lastIndexOf(false)
  const matched = unlike === -1 ? desk.warm.matched + eyes.length : eyes.length - 1 - unlike
  const warmLeft = desk.warm.isNewDay && memory.warmEnded !== today ? Math.max(0, WARM_UPS - matched) : 0

  const entryOf = (
    draft: DeskMemory['draft'] & object,
    state: DeskMemory['state'],
    act: Extract<DeskAct, { kind: 'decide' }>,
  ): DeskEntry => {
    const { hands } = latest.current
    const by = inker
    const events: PullEvent[] = [
      ...(act.seen ? [{ kind: 'eye' as const, reading: act.seen }] : []),
      ...act.faults.map((fault) => ({ kind: 'fault' as const, ...fault })),
      { kind: 'decision', decision: act.decision, reason: act.reason, fate: act.fate },
    ]
    if (draft.isSent)
      return {
        kind: 'amendment',
        id: crypto.randomUUID(),
        pullId: draft.id,
        events,
        by,
        at: new Date().toISOString(),
      }
    const { seconds } = roller.run
    const name = (person: string) => person.trim() || inker
    return {
      kind: 'pull',
      id: draft.id,
      pullKind: draft.isWarm ? 'warmup' : 'edition',
      pulledAt: new Date(draft.at + state.shiftMinutes * 60_000).toISOString(),
      zone: deviceZone(),
      estimated: state.shiftMinutes !== 0,
      hands: { inked: name(hands.inked), wiped: name(hands.wiped), laid: name(hands.laid) },
      settings: desk.settings!,
      runPosition: desk.runPosition,
      batVersion: desk.batVersion,
      by,
      events: [
        ...(draft.meeting.length > 0 ? [{ kind: 'meeting' as const, starts: draft.meeting }] : []),
        ...(seconds === null ? [] : [{ kind: 'roller' as const, seconds }]),
        ...events,
      ],
    }
  }

  const goBackToLast = () => {
    const { last, queue } = latest.current
    if (!last) return
    set({
      draft: last.draft,
      state: last.state,
      last: null,
      queue: queue.filter((entry) => entry.id !== last.draft.id),
    })
  }

  const act = (next: DeskAct, after: DeskMemory['state']) => {
    const moment = Date.now()
    const { rails, draft, state, queue } = latest.current
    if (next.kind === 'next-segment') begin(ownRail)
    else if (next.kind === 'other-rail') begin(ownRail === 'plate' ? 'sheet' : 'plate')
    else if (next.kind === 'segment-back') {
      const newest = (['plate', 'sheet'] as const)
        .filter((rail) => rails[rail].begun.length > 0)
        .sort((a, b) => rails[b].begun.at(-1)! - rails[a].begun.at(-1)!)[0]
      if (newest) touch(newest, (begun) => begun.slice(0, -1))
      else goBackToLast()
    } else if (next.kind === 'pull') {
      const meeting = meetingAt(
        {
          plate: { planned: desk.plate, begun: rails.plate.begun },
          sheet: { planned: desk.sheet, begun: rails.sheet.begun },
        },
        moment,
      )
      const empty = { begun: [], changedAt: moment }
      setRails(
        { plate: empty, sheet: empty },
        {
          state: after,
          draft: {
            id: crypto.randomUUID(),
            number: nextNumber,
            sheet: nextSheet,
            at: moment,
            meeting,
            rails,
            isSent: false,
            isWarm: warmLeft > 0,
          },
        },
      )
    } else if (next.kind === 'unpull') {
      if (draft && !draft.isSent)
        setRails(
          {
            plate: { ...draft.rails.plate, changedAt: moment },
            sheet: { ...draft.rails.sheet, changedAt: moment },
          },
          { state: after, draft: null },
        )
      else set({ state: after, draft: null })
    } else if (next.kind === 'stamp') set({ state: after })
    else if (draft) {
      const entry = entryOf(draft, state, next)
      set({ state: after, draft: null, queue: [...queue, entry], last: { draft, state } })
      roller.forget()
    }
  }

  const press = (key: DeskKey) => {
    const moment = Date.now()
    if (pressed.current.key === key && moment - pressed.current.at < DEBOUNCE_MS) return
    pressed.current = { key, at: moment }
    setNow(moment)
    if (desk.stop && latest.current.state.phase === 'meeting') return
    if (key === '0' && latest.current.state.phase === 'meeting' && !inker) {
      setProblem(NAMELESS)
      return
    }
    if (problem === NAMELESS) setProblem(null)
    const { state, act: next } = pressKey(latest.current.state, key)
    if (next) act(next, state)
    else set({ state })
  }

  const history = [
    ...desk.pulledAt.map((at) => Date.parse(at)),
    ...memory.queue.flatMap((entry) => (entry.kind === 'pull' ? [Date.parse(entry.pulledAt)] : [])),
  ]
  const addForgotten = () => {
    const { draft, queue } = latest.current
    if (!draft || history.length === 0) return
    const middle = (history.at(-1)! + draft.at) / 2
    const forgotten: DeskEntry = {
      kind: 'pull',
      id: crypto.randomUUID(),
      pullKind: 'edition',
      pulledAt: new Date(middle).toISOString(),
      zone: deviceZone(),
      estimated: true,
      hands: { inked: inker, wiped: null, laid: null },
      settings: desk.settings!,
      runPosition: desk.runPosition,
      batVersion: desk.batVersion,
      by: inker,
      events: [{ kind: 'decision', decision: 'set-aside', reason: 'logged after the next', fate: null }],
    }
    set({
      queue: [...queue, forgotten],
      draft: { ...draft, number: draft.number + 1, sheet: draft.sheet + 1 },
    })
  }

  return {
    memory,
    set,
    press,
    connection,
    problem,
    now,
    warmLeft,
    inker,
    isGapLong:
      memory.draft !== null &&
      !memory.draft.isSent &&
      memory.state.phase === 'moment' &&
      mayBeForgotten(history, memory.draft.at),
    addForgotten,
  }
}
