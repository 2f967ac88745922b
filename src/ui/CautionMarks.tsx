'use client'

import { createContext, useContext, type ReactNode } from 'react'

/** Where the cautions within a panel stand. @property marks in the strip, once seen @property over over the foot of the work, until then */
export interface CautionPlaces {
  marks: HTMLElement | null
  over: HTMLElement | null
}

const Places = createContext<CautionPlaces>({ marks: null, over: null })

/** The places for cautions about this part; null where there is none. */
export const useCautionPlaces = (): CautionPlaces => useContext(Places)

/** Gives the cautions within it their places. */
export function CautionMarks({ marks, over, children }: CautionPlaces & { children: ReactNode }) {
  return <Places.Provider value={{ marks, over }}>{children}</Places.Provider>
}
