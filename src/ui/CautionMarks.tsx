'use client'

import { createContext, useContext, type ReactNode } from 'react'

const Marks = createContext<HTMLElement | null>(null)

/** The place in the strip where cautions that were seen stand as marks; null: there is none. */
export const useCautionMarks = (): HTMLElement | null => useContext(Marks)

/** Gives the cautions within it a place in the strip. @param place null: not there yet */
export function CautionMarks({ place, children }: { place: HTMLElement | null; children: ReactNode }) {
  return <Marks.Provider value={place}>{children}</Marks.Provider>
}
