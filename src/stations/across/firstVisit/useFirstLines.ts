'use client'

import { useKeptText } from '@/ui/useKeptText'

const KEPT = 'typothesis-first-lines'
const OFF = 'off'

/** Whether this device says what a room is for the first time somebody is there, and a way to say so. */
export function useFirstLines(): [says: boolean, setSays: (says: boolean) => void] {
  const [kept, keep] = useKeptText(KEPT)
  return [kept !== OFF, (says) => keep(says ? '' : OFF)]
}
