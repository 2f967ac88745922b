'use client'

import { useLayoutEffect, useRef } from 'react'
import { controlUses } from './keyUse'
import { useKeptSwitch } from './useKeptSwitch'
import { useNamedKeys, type KeyNames } from './viewKeys'

/** Whether keys alone act on this device; a person who speaks to it or strays onto keys switches them off. */
export const useKeysAct = () => useKeptSwitch('typothesis-keys')

type Handle = (event: KeyboardEvent) => boolean

/** Letters that are typed with the third level of a keyboard, as brackets are on many, come with both modifiers set. */
const hasModifier = (event: KeyboardEvent) =>
  !event.getModifierState('AltGraph') && (event.ctrlKey || event.metaKey || event.altKey)

function useListener(handle: Handle): void {
  const latest = useRef(handle)
  // With what is on the screen and not after it: a key pressed at a word just shown is heard.
  useLayoutEffect(() => {
    latest.current = handle
  })
  useLayoutEffect(() => {
    const listen = (event: KeyboardEvent) => {
      if (event.defaultPrevented || event.repeat || document.querySelector('[role="dialog"]')) return
      if (event.target instanceof Element && controlUses(event.target, event.key)) return
      if (latest.current(event)) event.preventDefault()
    }
    window.addEventListener('keydown', listen)
    return () => window.removeEventListener('keydown', listen)
  }, [])
}

/**
 * A key of the whole page. It acts by itself only: with no modifier but Shift, while no field is typed into, no control that would use it
 * has the focus, no dialog is open, and it does not repeat; and only where keys act on this device.
 *
 * @param names which keys and what they do, for the list of the view
 * @param handle gets the event; answers true when it used the key, which then does nothing else
 */
export function useKey(names: KeyNames, handle: Handle): void {
  useNamedKeys(names)
  const [act] = useKeysAct()
  useListener((event) => act && !hasModifier(event) && handle(event))
}

/** A key pressed together with Ctrl or Command. Parameters are those of `useKey`. */
export function useChord(names: KeyNames, handle: Handle): void {
  useNamedKeys(names)
  useListener((event) => (event.ctrlKey || event.metaKey) && !event.altKey && handle(event))
}
