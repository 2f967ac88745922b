'use client'

import { useEffect, useRef, useState } from 'react'
import type { Settings } from '@/core/prove/settings'
import type { Picture } from '@/devices/plateRelief'
import type { PrintGround, PrintReport, PrintTask } from '@/workers/print.worker'

/** Prints settings by the model, in a worker; while the hand still moves only the newest of each name is made. */
export function useModelPrint(
  ground: PrintGround,
  wanted: Record<string, Settings>,
  held: Settings,
): { pictures: Record<string, Picture>; problem: string | null } {
  const [pictures, setPictures] = useState<Record<string, Picture>>({})
  const [problem, setProblem] = useState<string | null>(null)
  const worker = useRef<Worker | null>(null)
  const busy = useRef(new Set<string>())
  const next = useRef(new Map<string, PrintTask>())
  const asked = useRef(new Map<string, string>())
  useEffect(() => {
    const running = new Worker(new URL('../../workers/print.worker.ts', import.meta.url))
    const [atWork, waiting, known] = [busy.current, next.current, asked.current]
    worker.current = running
    running.onerror = () => setProblem('The model could not be printed.')
    running.onmessage = ({ data }: MessageEvent<PrintReport>) => {
      if ('problem' in data) return setProblem(data.problem)
      setPictures((now) => ({ ...now, [data.id]: data.picture }))
      const later = waiting.get(data.id)
      waiting.delete(data.id)
      if (later) running.postMessage(later)
      else atWork.delete(data.id)
    }
    running.postMessage({ ground } satisfies PrintTask)
    return () => {
      // Ended while it came up it would still say so, of a model nobody waits for any more.
      running.onerror = null
      running.terminate()
      atWork.clear()
      waiting.clear()
      known.clear()
    }
  }, [ground])
  useEffect(() => {
    for (const [id, settings] of Object.entries(wanted)) {
      const key = JSON.stringify([settings, held])
      if (asked.current.get(id) === key) continue
      asked.current.set(id, key)
      const task: PrintTask = { id, settings, held }
      if (busy.current.has(id)) next.current.set(id, task)
      else {
        busy.current.add(id)
        worker.current?.postMessage(task)
      }
    }
  })
  return { pictures, problem }
}
