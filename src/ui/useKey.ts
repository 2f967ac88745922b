'use client'

import { useEffect, useRef } from 'react'

const isTyping = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  (target.isContentEditable ||
    (/^(input|textarea|select)$/i.test(target.tagName) &&
      !(target instanceof HTMLInputElement && target.type === 'checkbox')))

/**
 * Listens to keys on the whole page, except while the person types in a field, a dialog is open, or the key repeats.
 *
 * @param handle gets the event; answers true when it used the key, which then does nothing else
 */
export function useKey(handle: (event: KeyboardEvent) => boolean): void {
  const latest = useRef(handle)
  useEffect(() => {
    latest.current = handle
  })
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      if (
        event.defaultPrevented ||
        event.repeat ||
        isTyping(event.target) ||
        document.querySelector('[role="dialog"]')
      )
        return
      if (latest.current(event)) event.preventDefault()
    }
    window.addEventListener('keydown', listen)
    return () => window.removeEventListener('keydown', listen)
  }, [])
}
