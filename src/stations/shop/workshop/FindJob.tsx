'use client'

import { useState } from 'react'
import { Button } from '@/ui/Button'
import { TextField } from '@/ui/Field'

/** Looks for a job by a part of its title or of the artist's name. @param find what was looked for before */
export function FindJob({ find }: { find: string }) {
  const [text, setText] = useState(find)
  return (
    <form role="search" action="/" className="mb-3 flex items-end gap-2">
      <TextField
        label="Find by title or artist"
        name="find"
        maxLength={120}
        value={text}
        onText={setText}
        className="flex-1"
      />
      <Button type="submit">Find</Button>
    </form>
  )
}
