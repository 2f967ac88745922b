'use client'

import dynamic from 'next/dynamic'
import { useRouter } from 'next/navigation'
import { useEffect, useState } from 'react'
import type { Pull } from '@/core/edition/pull'
import { Button } from '@/ui/Button'
import { Dialog } from '@/ui/Dialog'
import { useJob } from '../across/bench/BenchContext'
import { useApproval } from './useApproval'

const load = () => import('./ApproveForm')
const ApproveForm = dynamic(() => load().then((module) => module.ApproveForm), { ssr: false })

/** Approves a proof as the BAT, with how far each setting may stray. */
export function ApproveDialog({ proof, others }: { proof: Pull; others: readonly Pull[] }) {
  const job = useJob()
  const [open, setOpen] = useState(false)
  const router = useRouter()
  // What was approved is what is printed next.
  const approval = useApproval(proof, () => {
    setOpen(false)
    router.push(`/jobs/${job.slug}/edition`)
  })
  // As the window itself: when the page has been read, not at the first press.
  useEffect(() => void load(), [])
  return (
    <Dialog
      title={`Approve proof ${proof.number} as the BAT`}
      open={open}
      onOpenChange={setOpen}
      trigger={<Button>{job.bat ? 'Approve as new BAT' : 'Approve as BAT'}</Button>}
    >
      <ApproveForm proof={proof} others={others} approval={approval} />
    </Dialog>
  )
}
