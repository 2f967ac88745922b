'use client'

import { useKeptText } from './useKeptText'

const OFF = 'off'

/** A switch this device remembers under a key; on until somebody switches it off. */
export function useKeptSwitch(key: string): [isOn: boolean, set: (isOn: boolean) => void] {
  const [kept, keep] = useKeptText(key)
  return [kept !== OFF, (isOn) => keep(isOn ? '' : OFF)]
}
