'use client'

import { useState, type ReactNode } from 'react'
import { Keyboard } from 'lucide-react'
import { Dialog } from './Dialog'
import { Check } from './Check'
import { useKey, useKeysAct } from './useKey'
import { useViewKeys, type KeyNames } from './viewKeys'

const KEYS: KeyNames = [['?', 'This list']]

/** Shows the keys that act on this view; opens with "?". @param lead what is said before them */
export function ShortcutList({ lead }: { lead?: ReactNode }) {
  const shortcuts = useViewKeys()
  const [open, setOpen] = useState(false)
  const [act, setAct] = useKeysAct()
  useKey(KEYS, (event) => {
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
      {lead}
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
