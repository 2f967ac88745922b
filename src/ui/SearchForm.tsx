'use client'

import { useState } from 'react'
import { Button } from './Button'
import { SelectField, TextField } from './Field'

/** One more thing that is asked of a list, beside the text that is looked for. */
export interface SearchChoice {
  name: string
  label: string
  value: string
  options: [key: string, words: string][]
}

/**
 * What is looked for in a list, where, and in what order; it goes into the address, so that it can be gone back to. Give it a key of what is
 * asked, so that it begins anew with the address.
 *
 * @param page address of the list
 */
export function SearchForm({
  page,
  label,
  find,
  choices = [],
}: {
  page: string
  label: string
  find: string
  choices?: readonly SearchChoice[]
}) {
  const [text, setText] = useState(find)
  const [picked, setPicked] = useState(() =>
    Object.fromEntries(choices.map(({ name, value }) => [name, value])),
  )
  return (
    <form role="search" action={page} className="mb-3 flex flex-wrap items-end gap-3">
      <TextField
        label={label}
        name="find"
        maxLength={120}
        value={text}
        onText={setText}
        className="min-w-48 flex-1"
      />
      {choices.map((choice) => (
        <SelectField
          key={choice.name}
          label={choice.label}
          name={choice.name}
          value={picked[choice.name]}
          options={choice.options}
          onPick={(value) => setPicked({ ...picked, [choice.name]: value })}
        />
      ))}
      <Button type="submit">{choices.length > 0 ? 'Show' : 'Find'}</Button>
    </form>
  )
}
