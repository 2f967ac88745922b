'use client'

import { createContext, useContext, type ReactNode } from 'react'

/** The list every field for a name offers from. */
export const PEOPLE_LIST = 'people'

const Names = createContext<readonly string[]>([])

/** Everybody who was ever named in this workshop. */
export const usePeople = (): readonly string[] => useContext(Names)

/** Tells everything within it who works in this workshop. */
export function People({ names, children }: { names: readonly string[]; children: ReactNode }) {
  return (
    <Names.Provider value={names}>
      {children}
      <datalist id={PEOPLE_LIST}>
        {names.map((name) => (
          <option key={name} value={name} />
        ))}
      </datalist>
    </Names.Provider>
  )
}
