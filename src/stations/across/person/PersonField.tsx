'use client'

import { useEffect, useId, useState } from 'react'
import { TextField } from '@/ui/Field'
import { goToField } from '@/ui/goToField'
import { PEOPLE_LIST } from './People'
import { useNamedPerson } from './usePerson'

/** People offered by a tap. */
const OFFERED = 4

/**
 * Who does it. Named once, the person stands in a line and is asked no more that day; a device that several people use asks again
 * after an hour, and offers who was here.
 *
 * @param did what the person did, before the name: "Weighed by"
 */
export function PersonField({
  did = 'Entered by',
  problem,
  className,
}: {
  did?: string
  problem?: string
  className?: string
}) {
  const { person, offered, named, type, name } = useNamedPerson()
  const [isOpen, setOpen] = useState(false)
  const [isSought, seek] = useState(false)
  const field = useId()
  // Whoever is refused for want of a name finds the keys where it is entered: the act may stand elsewhere.
  useEffect(() => {
    if (problem) goToField(field)
  }, [field, problem])
  if (person !== '' && !isOpen && !problem)
    return (
      <p className={`flex min-h-11 flex-wrap items-center gap-x-2 ${className ?? ''}`}>
        <span>
          <span className="text-muted">{did}</span> <b>{person}</b>
        </span>
        <button
          type="button"
          onClick={() => {
            setOpen(true)
            seek(true)
          }}
          className="min-h-11 px-1 text-sm underline underline-offset-4"
        >
          Somebody else
        </button>
      </p>
    )
  const chips = [...new Set([offered, ...named])].filter((one) => one !== '' && one !== person)
  return (
    <TextField
      label="Your name"
      anchor={field}
      value={person === '' && !isOpen ? '' : person}
      list={PEOPLE_LIST}
      autoFocus={isSought}
      problem={problem}
      className={className}
      onFocus={() => setOpen(true)}
      onBlur={() => person !== '' && name(person)}
      onText={(text) => {
        setOpen(true)
        type(text)
      }}
      hint={
        chips.length > 0 && (
          <span className="flex flex-wrap gap-x-3">
            {chips.slice(0, OFFERED).map((one) => (
              <button
                key={one}
                type="button"
                onClick={() => {
                  name(one)
                  setOpen(false)
                }}
                className="min-h-11 underline underline-offset-4"
              >
                {one}
              </button>
            ))}
          </span>
        )
      }
    />
  )
}
