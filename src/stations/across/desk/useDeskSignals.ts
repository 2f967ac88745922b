'use client'

import { useEffect, useRef, useState } from 'react'
import { runningStep, type MeetingCall, type PlannedSegment, type Rail } from '@/core/edition/meeting'
import { useChime } from '@/ui/useChime'
import type { OwnRails } from '@/core/edition/deskRails'

/** Keeps the screen on while something runs, where the browser lets it. */
function useScreenOn(isWanted: boolean): void {
  useEffect(() => {
    if (!isWanted || !('wakeLock' in navigator)) return
    let lock: WakeLockSentinel | null = null
    let isGone = false
    const ask = () => {
      if (document.visibilityState !== 'visible') return
      navigator.wakeLock.request('screen').then(
        (got) => {
          if (isGone) void got.release()
          else lock = got
        },
        // A low battery may refuse it; the desk goes on.
        () => undefined,
      )
    }
    ask()
    document.addEventListener('visibilitychange', ask)
    return () => {
      isGone = true
      document.removeEventListener('visibilitychange', ask)
      void lock?.release()
    }
  }, [isWanted])
}

async function notify(words: string): Promise<void> {
  if (Notification.permission !== 'granted') return
  const worker = await navigator.serviceWorker?.getRegistration('/desk')
  await worker?.showNotification(words, { tag: 'typothesis-desk', icon: '/icon.svg' })
}

export interface DeskSignals {
  /** what is due rings a bell */
  rings: boolean
  setRings: (rings: boolean) => void
  /** what is due is told over other windows: allowed, refused, not asked, or not possible here */
  notices: NotificationPermission | 'impossible'
  askForNotices: () => void
}

const permission = (): DeskSignals['notices'] =>
  typeof Notification === 'undefined' ? 'impossible' : Notification.permission

/**
 * Tells what is due to who does not look: the tab's title counts the running step, and when the moment comes a bell rings and a notice
 * goes over other windows, where that was asked for.
 */
export function useDeskSignals(
  title: string,
  planned: Record<Rail, readonly PlannedSegment[]>,
  rails: OwnRails,
  own: Rail,
  call: MeetingCall,
  now: number,
): DeskSignals {
  const { isOn, setOn, ring } = useChime()
  const [notices, setNotices] = useState(permission)
  const other = own === 'plate' ? 'sheet' : 'plate'
  const running =
    runningStep(planned[own], rails[own].begun, now) ?? runningStep(planned[other], rails[other].begun, now)
  useScreenOn(running !== null)
  const heading = running ? `${running} · ${title}` : `Pull desk: ${title}`
  useEffect(() => {
    document.title = heading
  }, [heading])
  const wasAhead = useRef(false)
  const isAhead = call.inSeconds !== null
  const { words } = call
  useEffect(() => {
    if (wasAhead.current && !isAhead) {
      ring()
      if (document.visibilityState !== 'visible') void notify(words)
    }
    wasAhead.current = isAhead
  }, [isAhead, words, ring])
  return {
    rings: isOn,
    setRings: setOn,
    notices,
    askForNotices: () => void Notification.requestPermission().then(setNotices),
  }
}
