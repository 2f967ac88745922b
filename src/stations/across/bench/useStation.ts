'use client'

import { useCallback, useEffect, useRef, useState } from 'react'
import type { ZodError } from 'zod'
import type { Origin } from '@/core/document/origins'
import { putBack } from '@/core/document/putBack'
import { checkBench, STATION_SETTINGS, type Bench, type SettingStation } from '@/core/prove/settings'
import type { FieldProblem } from '@/data/database/errors'
import { useChord } from '@/ui/useKey'
import type { KeyNames } from '@/ui/viewKeys'
import { saveStationAction } from './actions'
import { useBench, useSend } from './BenchContext'
import { sendAct } from '../act/sendAct'

const UNDO_KEYS: KeyNames = [['Ctrl + Z', 'Take back the last change of this station']]

/** How long the hand may rest before a change is sent, ms. */
const REST_MS = 350

/** A setting while it is being typed: any field may still be missing. */
export type Loose<T> = { [K in keyof T]: T[K] | null }

export type KeepState = 'kept' | 'waiting' | 'keeping' | 'not-kept'

interface StationHandle<S extends SettingStation> {
  value: Loose<NonNullable<Bench[S]>>
  /** @param origin where what changed comes from; @param paths its paths within the station, where they are finer than the patch's keys */
  change: (patch: Partial<Loose<NonNullable<Bench[S]>>>, origin?: Origin, paths?: readonly string[]) => void
  problems: FieldProblem[]
  state: KeepState
  undo: () => void
  canUndo: boolean
}

/**
 * A setting with its wrong fields as they were kept before; null where that is no setting either, or nothing else was changed.
 *
 * @param bench as it is kept
 */
function withoutWrong<S extends SettingStation>(
  station: S,
  next: Loose<NonNullable<Bench[S]>>,
  bench: Bench,
  { issues }: ZodError,
): NonNullable<Bench[S]> | null {
  const before = bench[station]
  if (!before) return null
  const mended = issues.reduce<unknown>((value, { path }) => putBack(value, before, path), next)
  const parsed = STATION_SETTINGS[station].safeParse(mended)
  if (!parsed.success || JSON.stringify(parsed.data) === JSON.stringify(before)) return null
  const isWhole = checkBench({ ...bench, [station]: parsed.data }).length === 0
  return isWhole ? (parsed.data as NonNullable<Bench[S]>) : null
}

/**
 * One station's setting on the screen: shown at once, checked by its schema, kept after a short rest, and taken back with
 * Ctrl + Z. What cannot be kept stays on the screen with the reason at its field.
 *
 * @param initial what to start from where nobody has set the station yet
 * @param laidOut paths of what it lays out, where they are finer than its keys
 */
export function useStation<S extends SettingStation>(
  station: S,
  initial: Loose<NonNullable<Bench[S]>>,
  laidOut: readonly string[] = Object.keys(initial),
): StationHandle<S> {
  const bench = useBench()
  const { show, send } = useSend()
  const set = bench[station] as Loose<NonNullable<Bench[S]>> | null
  const [loose, setLoose] = useState<Loose<NonNullable<Bench[S]>> | null>(null)
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const [state, setState] = useState<KeepState>('kept')
  const [history, setHistory] = useState<Loose<NonNullable<Bench[S]>>[]>([])
  const timer = useRef<ReturnType<typeof setTimeout> | null>(null)
  const latest = useRef(bench)
  const changes = useRef(0)
  const isResting = useRef(false)
  const origins = useRef<Record<string, Origin>>({})
  useEffect(() => {
    latest.current = bench
  })
  const value = loose ?? set ?? initial

  const keep = useCallback(
    async (setting: unknown, left: FieldProblem[] = []) => {
      isResting.current = false
      setState('keeping')
      const sent = changes.current
      const answer = await send((target) =>
        sendAct(saveStationAction, { ...target, station, value: setting, origins: origins.current }),
      )
      // An answer to what was sent before says nothing of what has been typed since.
      if (changes.current !== sent) return
      setProblems(answer.ok ? left : answer.problems)
      setState(answer.ok && left.length === 0 ? 'kept' : 'not-kept')
    },
    [send, station],
  )

  const apply = useCallback(
    (next: Loose<NonNullable<Bench[S]>>) => {
      if (timer.current) clearTimeout(timer.current)
      isResting.current = false
      changes.current += 1
      const parsed = STATION_SETTINGS[station].safeParse(next)
      const found: FieldProblem[] = parsed.success
        ? checkBench({ ...latest.current, [station]: parsed.data }).filter(
            (problem) => problem.station === station,
          )
        : parsed.error.issues.map(({ path, message }) => ({ field: path.join('.'), message }))
      setProblems(found)
      if (!parsed.success || found.length > 0) {
        setLoose(next)
        setState('not-kept')
        // What is wrong stays on the screen; what was typed beside it is kept, so that leaving takes nothing else along.
        const rest = parsed.success ? null : withoutWrong(station, next, latest.current, parsed.error)
        if (!rest) return
        show({ [station]: rest })
        isResting.current = true
        timer.current = setTimeout(() => void keep(rest, found), REST_MS)
        return
      }
      setLoose(null)
      show({ [station]: parsed.data })
      setState('waiting')
      isResting.current = true
      timer.current = setTimeout(() => void keep(parsed.data), REST_MS)
    },
    [keep, show, station],
  )

  const change: StationHandle<S>['change'] = (patch, origin = 'typed', paths = Object.keys(patch)) => {
    // What nobody touched of a station that was never set stands as it was laid out.
    const untouched = set ? {} : Object.fromEntries(laidOut.map((path) => [path, 'default' as const]))
    origins.current = {
      ...untouched,
      ...origins.current,
      ...Object.fromEntries(paths.map((path) => [path, origin])),
    }
    setHistory((before) => [...before.slice(-49), value])
    apply({ ...value, ...patch })
  }
  const undo = () => {
    const before = history.at(-1)
    if (!before) return
    setHistory(history.slice(0, -1))
    origins.current = {}
    apply(before)
  }
  useChord(UNDO_KEYS, (event) => {
    if (event.key !== 'z' || history.length === 0) return false
    undo()
    return true
  })

  // Leaving with a change that still rests would lose it: ask, and send it when the station closes.
  useEffect(() => {
    const warn = (event: BeforeUnloadEvent) => {
      if (state === 'waiting' || state === 'keeping') event.preventDefault()
    }
    window.addEventListener('beforeunload', warn)
    return () => window.removeEventListener('beforeunload', warn)
  }, [state])
  const waiting = useRef<() => void>(() => undefined)
  useEffect(() => {
    waiting.current = () => {
      if (!isResting.current || !timer.current) return
      clearTimeout(timer.current)
      void keep(latest.current[station])
    }
  })
  useEffect(() => () => waiting.current(), [])

  return { value, change, problems, state, undo, canUndo: history.length > 0 }
}
