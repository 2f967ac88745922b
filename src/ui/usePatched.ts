'use client'

import { useReducer } from 'react'

/** A state of several fields, changed field by field. @param open what it begins as, asked once */
export const usePatched = <State extends object>(
  open: () => State,
): [state: State, change: (patch: Partial<State>) => void] =>
  useReducer((state: State, patch: Partial<State>) => ({ ...state, ...patch }), null, open)
