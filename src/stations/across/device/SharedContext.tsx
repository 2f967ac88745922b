'use client'

import { createContext, useContext, type ReactNode } from 'react'

const Shared = createContext(false)

/** Tells what is within it whether other devices reach the workshop. */
export const SharedNow = ({ isShared, children }: { isShared: boolean; children: ReactNode }) => (
  <Shared value={isShared}>{children}</Shared>
)

/** Whether other devices reach the workshop. */
export const useIsShared = (): boolean => useContext(Shared)
