'use client'

import { useSyncExternalStore, type ReactNode } from 'react'

const never = () => () => undefined

/** Whether the page stands on the device: false on the server and while its page is taken over. */
export const useOnDevice = (): boolean =>
  useSyncExternalStore(
    never,
    () => true,
    () => false,
  )

/** What reads the device's clock and zone is drawn there and never on the server, where day and hour may be others. */
export function OnDevice({ children }: { children: ReactNode }) {
  return useOnDevice() ? children : null
}
