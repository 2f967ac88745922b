'use client'

import { readPull } from '@/core/edition/readPull'
import type { Pull, PullEvent } from '@/core/edition/pull'
import { purposeFacts } from '@/core/prove/purpose'
import { writeMoment } from '@/core/units/moment'
import { Button } from '@/ui/Button'
import { useJob } from '../across/bench/BenchContext'

const KEPT: PullEvent = { kind: 'decision', decision: 'accepted', reason: '', fate: null }

/** A proof as one of the prints, where proofs may be: the moment to copy onto its sheet, and whether it is kept. */
export function KeptProof({
  proof,
  newest,
  busy,
  onAdd,
}: {
  proof: Pull
  newest: boolean
  busy: boolean
  onAdd: (events: PullEvent[]) => Promise<boolean>
}) {
  const job = useJob()
  const { keepsProofs, marking } = purposeFacts(job.purpose)
  const { decision } = readPull(proof)
  const isKept = decision?.decision === 'accepted'
  if (!keepsProofs && !isKept) return null
  return (
    <>
      {newest && marking === 'moment' && (
        <p className="my-1">
          <span className="block text-sm text-muted">Pencil this on the sheet before the peel:</span>
          <span className="far-number text-2xl leading-tight">{writeMoment(proof.pulledAt, proof.zone)}</span>
        </p>
      )}
      {isKept && <p className="font-semibold">Kept as a print</p>}
      {decision === null && !job.numbered && (
        <Button className="my-1" disabled={busy} onClick={() => void onAdd([KEPT])}>
          Keep it as a print
        </Button>
      )}
    </>
  )
}
