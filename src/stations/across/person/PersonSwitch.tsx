'use client'

import dynamic from 'next/dynamic'
import { useRef, useState } from 'react'
import { UserRound } from 'lucide-react'
import { initials } from './remembered'
import { usePerson } from './usePerson'

const PersonMenu = dynamic(() => import('./PersonMenu').then((module) => module.PersonMenu), { ssr: false })

/** Who works at this device, in the bar: one tap, and somebody else does. */
export function PersonSwitch() {
  const person = usePerson()
  const [isOpen, setOpen] = useState(false)
  const button = useRef<HTMLButtonElement>(null)
  return (
    <span
      className="relative"
      onKeyDown={(event) => {
        if (event.key === 'Escape') setOpen(false)
      }}
      onBlur={({ currentTarget, relatedTarget }) => {
        if (!currentTarget.contains(relatedTarget)) setOpen(false)
      }}
    >
      <button
        ref={button}
        type="button"
        aria-expanded={isOpen}
        aria-label={person === '' ? 'Who works here? Nobody named yet' : `${person} works here`}
        title={person || 'Who works here?'}
        onClick={() => setOpen(!isOpen)}
        className="grid size-11 place-items-center"
      >
        {person === '' ? (
          <UserRound size={18} aria-hidden />
        ) : (
          <span className="grid size-8 place-items-center rounded-full border border-text text-[0.8125rem] font-semibold">
            {initials(person)}
          </span>
        )}
      </button>
      {isOpen && (
        <PersonMenu
          onDone={() => {
            setOpen(false)
            button.current?.focus()
          }}
        />
      )}
    </span>
  )
}
