'use client'

import { createContext, useContext, useMemo, useState, type ReactNode } from 'react'
import { createPortal } from 'react-dom'
import { useOnDevice } from './OnDevice'

interface Place {
  at: HTMLElement | null
  /** told by the answer where acts stand beside it */
  give: (at: HTMLElement | null) => void
  /** whether the page stands, so that what has no answer to stand beside stands where it is written */
  isStanding: boolean
}

const ActPlace = createContext<Place | null>(null)

/** What the answer of a room gives its place to; undefined outside a room. */
export const useActPlace = (): Place['give'] | undefined => useContext(ActPlace)?.give

/** A room whose main act stands beside its answer, wherever in the room the two are written. */
export function MainActRoom({ children }: { children: ReactNode }) {
  const [at, give] = useState<HTMLElement | null>(null)
  const isStanding = useOnDevice()
  const place = useMemo(() => ({ at, give, isStanding }), [at, isStanding])
  return <ActPlace.Provider value={place}>{children}</ActPlace.Provider>
}

/** The one act a room is for, beside its answer and so above the fold; where there is no answer, where it is written. */
export function MainAct({ children }: { children: ReactNode }) {
  const place = useContext(ActPlace)
  if (place?.at) return createPortal(children, place.at)
  return place === null || place.isStanding ? children : null
}
