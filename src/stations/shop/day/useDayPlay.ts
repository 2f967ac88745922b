'use client'

import { useEffect, useRef, useState } from 'react'
import type { DayEnds } from '@/core/day/chanceOfFinishing'
import type { DayPlayReport, DayPlayTask } from '@/workers/dayPlay.worker'

/** Plays a day many times in a worker whenever what it is made of changes; answers how far it is, and the ends. */
export function useDayPlay(task: DayPlayTask | null): {
  done: number | null
  ends: DayEnds | null
  cancel: () => void
} {
  const worker = useRef<Worker | null>(null)
  const [state, setState] = useState<{ key: string; done: number | null; ends: DayEnds | null }>({
    key: '',
    done: null,
    ends: null,
  })
  const key = task ? JSON.stringify(task) : ''
  useEffect(() => {
    if (!key) return
    const running = new Worker(new URL('../../../workers/dayPlay.worker.ts', import.meta.url))
    worker.current = running
    running.onmessage = ({ data }: MessageEvent<DayPlayReport>) =>
      setState('done' in data ? { key, done: data.done, ends: null } : { key, done: null, ends: data.ends })
    running.postMessage(JSON.parse(key) as DayPlayTask)
    return () => running.terminate()
  }, [key])
  const isOld = state.key !== key
  const begun = key ? 0 : null
  return {
    done: isOld ? begun : state.done,
    ends: isOld ? null : state.ends,
    cancel: () => {
      worker.current?.terminate()
      setState({ key, done: null, ends: null })
    },
  }
}
