'use client'

import { useCallback, useMemo, useSyncExternalStore } from 'react'
import { useKeptText } from '@/ui/useKeptText'
import { mayBeCredited, readNamed, withNamed } from './remembered'

/** Who was named at this device, who may still be credited, and how somebody is named. */
export interface PersonHandle {
  /** ''; nobody was named, or it is to be asked again */
  person: string
  /** who was named last, where it is to be asked again */
  offered: string
  /** everybody this device remembers, the latest first */
  named: readonly string[]
  /** letter by letter, as it is typed */
  type: (name: string) => void
  /** says that somebody works here now */
  name: (name: string) => void
}

/** The name that is being typed: it counts at once, and no longer than the page. */
let typing = ''
const listeners = new Set<() => void>()
const subscribe = (listener: () => void) => {
  listeners.add(listener)
  return () => void listeners.delete(listener)
}
function typeName(name: string) {
  typing = name
  for (const listener of listeners) listener()
}

/** Who works at this device: remembered here, and written beside everything that is recorded. */
export function useNamedPerson(): PersonHandle {
  const [last, setLast] = useKeptText('typothesis-hand')
  const typed = useSyncExternalStore(
    subscribe,
    () => typing,
    () => '',
  )
  const [kept, keep] = useKeptText('typothesis-people')
  const named = useMemo(() => readNamed(kept), [kept])
  // What is being typed counts at once, so that a form sent from the field is sent with it.
  const isTyped = typed !== '' && typed === last
  const person = isTyped || mayBeCredited(last, named, new Date()) ? last : ''
  const type = useCallback(
    (name: string) => {
      typeName(name)
      setLast(name)
    },
    [setLast],
  )
  const name = useCallback(
    (next: string) => {
      typeName('')
      setLast(next)
      if (next.trim() !== '') keep(JSON.stringify(withNamed(named, next, new Date())))
    },
    [keep, named, setLast],
  )
  return { person, offered: person === '' ? last : '', named: named.map((one) => one.name), type, name }
}

/** Who works at this device now; '': nobody said, or it is to be asked again. */
export const usePerson = (): string => useNamedPerson().person
