'use client'

import { useState } from 'react'
import { faultsOf } from '@/core/edition/fault'
import { FATES, type Fate } from '@/core/edition/pullKinds'
import type { PullEvent } from '@/core/edition/pull'
import { Button } from '@/ui/Button'
import { SelectField } from '@/ui/Field'
import { useBench } from '../across/bench/BenchContext'

/** Rejects a pull: what is wrong with it, and what becomes of the sheet, so that the sheet count stays true. */
export function RejectForm({
  busy,
  open = false,
  onReject,
}: {
  busy: boolean
  /** laid open from the start */ open?: boolean
  onReject: (event: PullEvent) => void
}) {
  const hasPieces = (useBench().register?.colle.length ?? 0) > 0
  const [reason, setReason] = useState('')
  const [fate, setFate] = useState<Fate | ''>('')
  const [asked, setAsked] = useState(false)
  return (
    <details open={open || undefined} className="mt-3 border-t border-line pt-1">
      <summary className="min-h-11 py-2">Reject it…</summary>
      <div className="grid gap-3 sm:grid-cols-2">
        <SelectField
          label="What is wrong with it"
          value={reason}
          options={[['', 'choose…'], ...faultsOf(hasPieces)]}
          onPick={setReason}
          problem={asked && !reason ? 'Choose what is wrong with it.' : undefined}
        />
        <SelectField
          label="What becomes of the sheet"
          value={fate}
          options={[['', 'choose…'], ...Object.entries(FATES)]}
          onPick={(value) => setFate(value as Fate)}
          problem={asked && !fate ? 'Choose what becomes of the sheet.' : undefined}
        />
      </div>
      <Button
        className="mt-3"
        disabled={busy}
        onClick={() => {
          setAsked(true)
          if (reason && fate) onReject({ kind: 'decision', decision: 'rejected', reason, fate })
        }}
      >
        Reject this pull
      </Button>
    </details>
  )
}
