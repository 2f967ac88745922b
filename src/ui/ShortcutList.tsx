'use client'

import { useState } from 'react'
import { Keyboard } from 'lucide-react'
import { Dialog } from './Dialog'
import { Check } from './Check'
import { useKey, useKeysAct } from './useKey'

/** Shows the keyboard shortcuts; opens with "?". */
export function ShortcutList({
  shortcuts,
}: {
  shortcuts: readonly (readonly [keys: string, what: string])[]
}) {
  const [open, setOpen] = useState(false)
  const [act, setAct] = useKeysAct()
  useKey((event) => {
    if (event.key !== '?') return false
    setOpen(true)
    return true
  })
  return (
    <Dialog
      title="Keys"
      open={open}
      onOpenChange={setOpen}
      trigger={
        <button type="button" className="grid size-11 place-items-center" aria-label="Keyboard shortcuts">
          <Keyboard size={18} aria-hidden />
        </button>
      }
    >
      <Check label="Keys alone act on this device" checked={act} onCheck={setAct} />
      <dl className="grid grid-cols-[auto_1fr] gap-x-6 gap-y-2">
        {shortcuts.map(([keys, what]) => (
          <div key={keys} className="contents">
            <dt className="font-semibold">{keys}</dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
    </Dialog>
  )
}
