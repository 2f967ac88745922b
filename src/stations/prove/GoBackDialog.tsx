'use client'

import { useState } from 'react'
import type { Pull } from '@/core/edition/pull'
import { compareSettings } from '@/core/prove/compareSettings'
import { Button } from '@/ui/Button'
import { Dialog } from '@/ui/Dialog'
import { restoreBenchAction } from '../across/bench/actions'
import { useBench, useSend } from '../across/bench/BenchContext'
import { Problems } from '../across/pull/Problems'
import { sendAct } from '../across/act/sendAct'

/** Back to an earlier proof's settings: what that takes, and what cannot go back. */
export function GoBackDialog({ proof }: { proof: Pull }) {
  const bench = useBench()
  const { send, show } = useSend()
  const [open, setOpen] = useState(false)
  const [problems, setProblems] = useState<{ field: string; message: string }[]>([])
  const changes = compareSettings(proof.settings, bench)
  // The plate stays as it is: settings on paper do not restore it.
  const next = { ...proof.settings, plate: bench.plate }
  const stuck = changes.filter(({ wayBack }) => wayBack.cost === 'never')
  const goBack = async () => {
    const answer = await send((target) => sendAct(restoreBenchAction, { ...target, bench: next }))
    setProblems(answer.ok ? [] : answer.problems)
    if (!answer.ok) return
    show({ ...next, origins: next.origins }, true)
    setOpen(false)
  }
  if (changes.length === 0)
    return <p className="condensed text-sm text-muted">The bench stands as this proof.</p>
  return (
    <Dialog
      title={`Back to the settings of proof ${proof.number}`}
      open={open}
      onOpenChange={setOpen}
      trigger={<Button look="quiet">Go back to proof {proof.number}</Button>}
    >
      <ul>
        {changes.map((change) => (
          <li key={change.key} className="border-b border-line py-1.5">
            <b>{change.label}</b>: {change.after ?? 'not there'} back to {change.before ?? 'left out'}
            <span
              className={`block text-sm ${change.wayBack.cost === 'never' ? 'font-semibold text-signal' : 'text-muted'}`}
            >
              {change.wayBack.cost === 'never' ? '◆ ' : ''}
              {change.wayBack.text}
            </span>
          </li>
        ))}
      </ul>
      {stuck.length > 0 && (
        <p className="mt-3">What was done to the plate stays on the bench; everything else goes back.</p>
      )}
      <Problems problems={problems} />
      <Button look="main" className="mt-4" onClick={() => void goBack()}>
        Set the bench as proof {proof.number}
      </Button>
    </Dialog>
  )
}
