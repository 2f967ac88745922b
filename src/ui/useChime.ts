'use client'

import { useCallback, useRef, useSyncExternalStore } from 'react'

const KEY = 'typothesis-sound'
const listeners = new Set<() => void>()
const read = () => {
  try {
    return localStorage.getItem(KEY) === 'on'
  } catch {
    return false
  }
}

/** A short bell for hands that cannot look: off until asked for, remembered on this device. */
export function useChime(): { isOn: boolean; setOn: (on: boolean) => void; ring: () => void } {
  const isOn = useSyncExternalStore(
    (listener) => {
      listeners.add(listener)
      return () => void listeners.delete(listener)
    },
    read,
    () => false,
  )
  const context = useRef<AudioContext | null>(null)
  const setOn = useCallback((on: boolean) => {
    try {
      localStorage.setItem(KEY, on ? 'on' : 'off')
    } catch {
      // Without storage the sound has to be asked for again on the next page.
    }
    for (const listener of listeners) listener()
  }, [])
  const ring = useCallback(() => {
    if (!read()) return
    context.current ??= new AudioContext()
    const { current: audio } = context
    const [tone, loudness] = [audio.createOscillator(), audio.createGain()]
    tone.frequency.value = 880
    loudness.gain.setValueAtTime(0.25, audio.currentTime)
    loudness.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + 0.6)
    tone.connect(loudness).connect(audio.destination)
    tone.start()
    tone.stop(audio.currentTime + 0.6)
  }, [])
  return { isOn, setOn, ring }
}
