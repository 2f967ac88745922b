'use client'

import { useCallback, useEffect, useRef, useState } from 'react'
import type { InkSearchReport, InkSearchTask } from '@/workers/inkSearch.worker'

type Found = Exclude<InkSearchReport, { done: number }>

/** A search in a worker: how far it is, what it found, and a way to end it. */
export function useInkSearch(): {
  done: number | null
  found: Found | null
  failed: boolean
  search: (task: InkSearchTask) => void
  cancel: () => void
} {
  const worker = useRef<Worker | null>(null)
  const [done, setDone] = useState<number | null>(null)
  const [found, setFound] = useState<Found | null>(null)
  const [failed, setFailed] = useState(false)
  const end = useCallback(() => {
    worker.current?.terminate()
    worker.current = null
    setDone(null)
  }, [])
  useEffect(() => () => worker.current?.terminate(), [])
  const search = useCallback(
    (task: InkSearchTask) => {
      end()
      setFound(null)
      setFailed(false)
      setDone(0)
      const running = new Worker(new URL('../../workers/inkSearch.worker.ts', import.meta.url))
      worker.current = running
      // One that was ended while it came up still says so, when another is at work already: that one goes on.
      running.onerror = () => {
        if (worker.current !== running) return
        setFailed(true)
        end()
      }
      running.onmessage = ({ data }: MessageEvent<InkSearchReport>) => {
        if (worker.current !== running) return
        if ('done' in data) return setDone(data.done)
        setFound(data)
        end()
      }
      running.postMessage(task)
    },
    [end],
  )
  return { done, found, failed, search, cancel: end }
}
