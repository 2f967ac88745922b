'use client'

import { useNow } from '@/ui/useNow'
import { useCallback, useEffect, useRef, useState } from 'react'
import { pressKey, type DeskAct, type DeskKey } from '@/core/edition/deskKeys'
import { dayOf } from '@/core/units/moment'
import { deviceZone } from '@/ui/deviceZone'
import { useKeptText } from '@/ui/useKeptText'
import { usePerson } from '../bench/usePerson'
import { useRollerRun } from '../../press/keptRoller'
import { readMemory, type DeskMemory } from './deskMemory'
import { deskStep, isGapLong, nextOf, warmUpsLeft, withForgotten, type DeskNow } from './deskSteps'
import type { Desk } from './readDesk'
import { useDeskQueue } from './useDeskQueue'
import { useDeskRails } from './useDeskRails'

/** A knuckle on the same key twice within this time was one press, ms. */
const DEBOUNCE_MS = 400

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
  /** number and sheet of the pull in hand, or else of the next */
  next: { number: number; sheet: number }
  /** who inks: named at the desk, or the person this device knows */
  inker: string
  addForgotten: () => void
  problem: string | null
  now: number
}

/** Acts that are kept with their hand. */
const SIGNED: ReadonlySet<DeskAct['kind']> = new Set<DeskAct['kind']>(['pull', 'decide', 'unpull'])

const NAMELESS = 'Say who inks, under Hands: every pull is kept with its hand.'

const dayAt = (moment: number) => dayOf(new Date(moment).toISOString(), deviceZone())

/** A pull desk: keys in, a memory on this device that outlives it, and a queue that empties as the server answers. */
export function useDesk(desk: Desk): DeskHandle {
  const [text, keep] = useKeptText(`typothesis-desk-${desk.id}`)
  const memory = readMemory(text)
  const latest = useRef(memory)
  useEffect(() => {
    latest.current = memory
  })
  const [connection, setConnection] = useState<DeskHandle['connection']>('there')
  const [problem, setProblem] = useState<string | null>(null)
  const [now, tellNow] = useNow(250)
  const pressed = useRef<{ key: DeskKey | null; at: number }>({ key: null, at: 0 })
  const roller = useRollerRun(desk.id)
  const [person] = usePerson()
  const inker = memory.hands.inked.trim() || person.trim()

  const put = useCallback(
    (next: DeskMemory) => {
      latest.current = next
      keep(JSON.stringify(next))
    },
    [keep],
  )
  const tell = useCallback((said: DeskHandle['connection'], trouble?: string | null) => {
    setConnection(said)
    if (trouble !== undefined) setProblem(trouble)
  }, [])
  useDeskQueue(desk.slug, latest, memory.queue.length, put, tell)
  const share = useDeskRails(desk.slug, latest, put, tell)

  const at = (moment: number): DeskNow => ({
    moment,
    today: dayAt(moment),
    zone: deviceZone(),
    inker,
    rollerSeconds: roller.run.seconds,
    makeId: () => crypto.randomUUID(),
  })
  const press = (key: DeskKey) => {
    const moment = tellNow()
    if (pressed.current.key === key && moment - pressed.current.at < DEBOUNCE_MS) return
    pressed.current = { key, at: moment }
    const before = latest.current
    const isMeeting = before.state.phase === 'meeting'
    if (desk.stop && isMeeting) return
    const { state, act } = pressKey(before.state, key)
    if (act && SIGNED.has(act.kind) && !inker) return setProblem(NAMELESS)
    if (problem === NAMELESS) setProblem(null)
    const after = act ? deskStep(before, act, state, desk, at(moment)) : { ...before, state }
    put(after)
    if (after.rails !== before.rails) void share(after.rails)
    if (act?.kind === 'decide' && before.draft) roller.forget()
  }

  const { draft, queue } = memory
  return {
    memory,
    set: (patch) => put({ ...latest.current, ...patch }),
    press,
    connection,
    problem,
    now,
    warmLeft: warmUpsLeft(desk, memory, dayAt(now)),
    next: draft ?? nextOf(desk, queue),
    inker,
    isGapLong: isGapLong(desk, memory),
    addForgotten: () => put(withForgotten(latest.current, desk, at(Date.now()))),
  }
}
