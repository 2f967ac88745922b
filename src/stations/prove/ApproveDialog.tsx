'use client'

import { useState } from 'react'
import type { Pull } from '@/core/edition/pull'
import { settingEntries } from '@/core/prove/settingEntries'
import { STATIONS } from '@/core/prove/settings'
import { usualTolerances, type Tolerances } from '@/core/prove/tolerance'
import { Button } from '@/ui/Button'
import { Dialog } from '@/ui/Dialog'
import { TextField } from '@/ui/Field'
import { NumberField } from '@/ui/NumberField'
import { UNREACHABLE, useBench } from '../bench/BenchContext'
import { problemAt } from '../bench/problemAt'
import { useHand } from '../bench/useHand'
import { approveBatAction } from '../pull/actions'
import { Problems } from '../pull/Problems'

/** Approves a proof as the BAT, with how far each setting may stray. */
export function ApproveDialog({ proof }: { proof: Pull }) {
  const { job, send, show } = useBench()
  const [hand, setHand] = useHand()
  const [open, setOpen] = useState(false)
  const [tolerances, setTolerances] = useState<Tolerances>(() => usualTolerances(proof.settings))
  const [reason, setReason] = useState('')
  const [problems, setProblems] = useState<{ field: string; message: string }[]>([])
  const measured = settingEntries(proof.settings).filter((entry) => entry.usualTolerance !== null)
  const approve = async () => {
    const answer = await send((target) => approveBatAction({ ...target, bat: { proofPullId: proof.id, tolerances, approvedBy: hand, reason } })).catch(() => ({ ok: false as const, problems: [UNREACHABLE] }))
    setProblems(answer.ok ? [] : answer.problems.map(({ field, message }) => ({ field: field.replace('bat.', ''), message })))
    if (!answer.ok) return
    show(proof.settings, true)
    setOpen(false)
  }
  return (
    <Dialog title={`Approve proof ${proof.number} as the BAT`} open={open} onOpenChange={setOpen} trigger={<Button>{job.bat ? 'Approve as new BAT' : 'Approve as BAT'}</Button>}>
      <p className="mb-3">From here on every print is held to this proof. Numbers may stray by as much as you allow; words must be the same.</p>
      <TextField label="Approved by" value={hand} onText={setHand} problem={problemAt(problems, 'approvedBy')} />
      {job.bat && <TextField label="Why a new version" value={reason} onText={setReason} problem={problemAt(problems, 'reason')} />}
      <details className="mt-3" open>
        <summary className="min-h-11 py-2 font-semibold">Tolerances</summary>
        <div className="grid max-h-[40dvh] grid-cols-2 gap-x-4 gap-y-2 overflow-y-auto pr-2">
          {measured.map((entry) => (
            <NumberField
              key={entry.key} label={`${STATIONS[entry.station]}: ${entry.label} ±`} value={tolerances[entry.key]} hint={`${entry.text} ± ${entry.write(tolerances[entry.key] ?? 0)}`}
              problem={problemAt(problems, `tolerances.${entry.key}`)} onValue={(value) => value !== null && value >= 0 && setTolerances({ ...tolerances, [entry.key]: value })}
            />
          ))}
        </div>
      </details>
      <Problems problems={problems} except={['approvedBy', 'reason']} />
      <Button look="main" className="mt-4" onClick={() => void approve()}>
        Approve proof {proof.number} as BAT
      </Button>
    </Dialog>
  )
}
