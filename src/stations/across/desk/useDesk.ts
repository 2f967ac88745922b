'use client'

import { useNow } from '@/ui/useNow'
import { useCallback, useRef, useState } from 'react'
import { pressKey, type DeskAct, type DeskKey } from '@/core/edition/deskKeys'
import { dayOf } from '@/core/units/moment'
import { deviceZone } from '@/ui/deviceZone'
import { usePerson } from '../person/usePerson'
import { useRollerRun } from '../../press/keptRoller'
import { unrefused, type DeskMemory } from './deskMemory'
import { keepJob } from './deskStore'
import { deskStep, isGapLong, nextOf, warmUpsLeft, withForgotten, type DeskNow } from './deskSteps'
import type { Desk } from './deskShape'
import type { Connection } from './deskTalk'
import { useDeskMemory } from './useDeskMemory'
import { useDeskQueue } from './useDeskQueue'
import { useDeskRails } from './useDeskRails'

/** A knuckle on the same key twice within this time was one press, ms. */
const DEBOUNCE_MS = 400

export interface DeskHandle {
  desk: Desk
  memory: DeskMemory
  set: (patch: Partial<DeskMemory>) => void
  press: (key: DeskKey) => void
  /** what the server says, or that it does not answer */
  connection: Connection
  /** all that was done is on the disk of this device */
  isKept: boolean
  /** why this device keeps nothing; null: it does */
  alarm: string | null
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
const SIGNED: ReadonlySet<DeskAct['kind']> = new Set<DeskAct['kind']>(['pull', 'decide', 'unpull', 'stamp'])

const NAMELESS = 'Enter who inks, under Hands: every pull is saved with it.'
const NOWHERE =
  'Nothing can be pulled now: this device keeps nothing and the server does not answer. Write on paper what you pull.'

const dayAt = (moment: number) => dayOf(new Date(moment).toISOString(), deviceZone())

/**
 * A pull desk: keys in, a memory on this device that outlives it, and a queue that empties as the server answers.
 *
 * @param first the desk as it was read last @param held what this device remembers of it @param trouble why the device keeps nothing, as far as was tried before
 */
export function useDesk(first: Desk, held: DeskMemory, trouble: string | null): DeskHandle {
  const [desk, setDesk] = useState(first)
  const { memory, latest, put, isKept, alarm: failed } = useDeskMemory(first, held)
  const alarm = failed ?? (isKept ? null : trouble)
  const [connection, setConnection] = useState<DeskHandle['connection']>('there')
  const [problem, setProblem] = useState<string | null>(null)
  const [now, tellNow] = useNow(250)
  const pressed = useRef<{ key: DeskKey | null; at: number }>({ key: null, at: 0 })
  const roller = useRollerRun(desk.id)
  const person = usePerson()
  const inker = memory.hands.inked.trim() || person.trim()

  const tell = useCallback((said: DeskHandle['connection'], said_problem?: string | null) => {
    setConnection(said)
    if (said_problem !== undefined) setProblem(said_problem)
  }, [])
  const onDesk = useCallback((read: Desk) => {
    setDesk(read)
    // Without it the desk only cannot be opened anew while the server is away, which is said already when storage fails.
    keepJob(read).catch(() => undefined)
  }, [])
  const { slug } = desk
  const sync = useDeskQueue({ slug, latest, put, tell, onDesk }, unrefused(memory.queue).length)
  const onStamp = (stamp: string) => {
    if (stamp !== desk.stamp || desk.warm.today !== dayAt(Date.now())) void sync()
  }
  const share = useDeskRails({ slug, latest, put, tell, onStamp })

  const at = (moment: number): DeskNow => ({
    moment,
    today: dayAt(moment),
    zone: deviceZone(),
    inker,
    rollerSeconds: roller.run.seconds,
    makeId: () => crypto.randomUUID(),
  })
  const hasPieces = (desk.settings?.register.colle.length ?? 0) > 0
  const press = (key: DeskKey) => {
    const moment = tellNow()
    if (pressed.current.key === key && moment - pressed.current.at < DEBOUNCE_MS) return
    pressed.current = { key, at: moment }
    const before = latest.current
    const isMeeting = before.state.phase === 'meeting'
    if (desk.stop && isMeeting) return
    if (connection === 'out') return
    const { state, act } = pressKey(before.state, key, hasPieces)
    if (act && SIGNED.has(act.kind) && !inker) return setProblem(NAMELESS)
    if (act?.kind === 'pull' && alarm && connection === 'away') return setProblem(NOWHERE)
    setProblem((said) => (said === NAMELESS || said === NOWHERE ? null : said))
    const after = act ? deskStep(before, act, state, desk, at(moment)) : { ...before, state }
    put(after)
    if (after.rails !== before.rails) void share()
    if (act?.kind === 'decide' && before.draft) roller.forget()
  }

  const { draft, queue } = memory
  return {
    desk,
    memory,
    set: (patch) => put({ ...latest.current, ...patch }),
    press,
    connection,
    isKept,
    alarm,
    problem,
    now,
    warmLeft: warmUpsLeft(desk, memory, dayAt(now)),
    next: draft ?? nextOf(desk, queue),
    inker,
    isGapLong: isGapLong(desk, memory),
    addForgotten: () => put(withForgotten(latest.current, desk, at(Date.now()))),
  }
}
