'use client'

import { useState, useSyncExternalStore } from 'react'
import { createPortal } from 'react-dom'
import { TriangleAlert } from 'lucide-react'
import { useCautionPlaces } from './CautionMarks'

const today = () => new Date().toDateString()
const listeners = new Set<() => void>()
const subscribe = (listener: () => void) => {
  listeners.add(listener)
  return () => void listeners.delete(listener)
}
const read = (key: string) => {
  try {
    return localStorage.getItem(key)
  } catch {
    return null
  }
}

/**
 * A short caution where the hazard is, over the foot of the work. Seen by one person it becomes a mark in the strip until tomorrow, which opens to it again, and
 * stands for everybody else; where nobody is named it comes back with the next page.
 *
 * @param title the hazard in a word or two @param who works at this device; '': nobody said
 */
export function Caution({
  name,
  title,
  who,
  children,
  pointer,
}: {
  name: string
  title: string
  who: string
  children: string
  pointer: string
}) {
  const { marks, over } = useCautionPlaces()
  const [isReopened, reopen] = useState(false)
  const person = who.trim()
  const key = `typothesis-caution-${name}-${person}`
  const [isGone, setGone] = useState(false)
  const seen = useSyncExternalStore(
    subscribe,
    () => person !== '' && read(key) === today(),
    () => true,
  )
  const mark = marks && (seen || isGone) && (
    <button
      type="button"
      aria-expanded={isReopened}
      aria-label={`Caution: ${title}`}
      onClick={() => reopen(!isReopened)}
      className="inline-flex min-h-11 items-center gap-1"
    >
      <TriangleAlert size={15} aria-hidden /> <span className="hidden xl:inline">{title}</span>
    </button>
  )
  if ((seen || isGone) && !isReopened) return mark ? createPortal(mark, marks) : null
  const dismissed = person === '' ? 'Seen' : 'Hide until tomorrow'
  const dismiss = () => {
    reopen(false)
    // In a class nobody is named at the device, and the next one has not seen it.
    if (person === '') return setGone(true)
    try {
      localStorage.setItem(key, today())
    } catch {
      // Without storage the caution comes back with the next page: better than not at all.
    }
    for (const listener of listeners) listener()
  }
  const sentence = (
    <aside
      aria-label={`Caution: ${title}`}
      data-caution
      className="mt-2 flex flex-wrap items-center gap-x-3 gap-y-1 border border-l-4 border-text bg-raised py-1 pl-3 text-sm"
    >
      <TriangleAlert size={18} aria-hidden className="shrink-0" />
      <p className="min-w-0 flex-1 basis-64">
        {children} <span className="text-muted">{pointer}</span>
      </p>
      <button type="button" onClick={dismiss} className="min-h-11 px-3 underline underline-offset-4">
        {isReopened ? 'Close' : dismissed}
      </button>
    </aside>
  )
  return (
    <>
      {mark && createPortal(mark, marks)}
      {over ? createPortal(sentence, over) : sentence}
    </>
  )
}
