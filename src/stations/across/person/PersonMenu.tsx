'use client'

import { useState } from 'react'
import { Button } from '@/ui/Button'
import { TextField } from '@/ui/Field'
import { PEOPLE_LIST, usePeople } from './People'
import { useNamedPerson } from './usePerson'

/** Names offered at once; the rest come as they are typed. */
const MOST = 8

/** Everybody known here, those of this device first, and a name nobody knows yet. */
export function PersonMenu({ onDone }: { onDone: () => void }) {
  const { person, named, name } = useNamedPerson()
  const people = usePeople()
  const [typed, setTyped] = useState('')
  const offered = [...new Set([...named, ...people])].slice(0, MOST)
  const choose = (next: string) => {
    if (next.trim() === '') return
    name(next.trim())
    onDone()
  }
  return (
    <section
      aria-label="Who works here"
      className="absolute top-full right-0 z-20 w-64 border border-edge bg-raised p-3 shadow-lg"
    >
      <ul>
        {offered.map((one) => (
          <li key={one}>
            <button
              type="button"
              aria-pressed={one === person}
              onClick={() => choose(one)}
              className={`min-h-11 w-full text-left ${one === person ? 'font-bold' : ''}`}
            >
              {one}
              {one === person ? ' ✓' : ''}
            </button>
          </li>
        ))}
      </ul>
      <form
        className="mt-1 grid gap-2 border-t border-line pt-2"
        onSubmit={(event) => {
          event.preventDefault()
          choose(typed)
        }}
      >
        <TextField label="Somebody else" value={typed} onText={setTyped} list={PEOPLE_LIST} />
        <Button type="submit" disabled={typed.trim() === ''}>
          Works here now
        </Button>
      </form>
    </section>
  )
}
