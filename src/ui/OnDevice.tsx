'use client'

import { useSyncExternalStore, type ReactNode } from 'react'

const never = () => () => undefined

/** What reads the device's clock and zone is drawn there and never on the server, where day and hour may be others. */
export function OnDevice({ children }: { children: ReactNode }) {
  return useSyncExternalStore(
    never,
    () => true,
    () => false,
  )
    ? children
    : null
}
