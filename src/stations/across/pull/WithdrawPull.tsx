'use client'

import { useRef, useState, type RefObject } from 'react'
import { nameOfPull } from '@/core/record/withdrawal'
import type { Pull } from '@/core/edition/pull'
import { Button } from '@/ui/Button'
import { Dialog } from '@/ui/Dialog'
import { TextField } from '@/ui/Field'
import type { FieldProblem } from '@/data/database/errors'
import { problemAt } from '../bench/problemAt'
import { Problems } from './Problems'

interface WithdrawPullProps {
  pull: Pick<Pull, 'id' | 'kind' | 'number'>
  /** another was pulled after it: say why */
  isFollowed: boolean
  busy: boolean
  /** gets the focus once it is withdrawn: what was pressed is gone then */
  next: RefObject<HTMLElement | null>
  /** answers what stands in the way; nothing: it was taken back */
  onWithdraw: (why: string) => Promise<FieldProblem[]>
}

/** Takes a pull back that was none: asked once more, and why, once another was pulled after it. */
export function WithdrawPull({ pull, isFollowed, busy, next, onWithdraw }: WithdrawPullProps) {
  const [open, setOpen] = useState(false)
  const [why, setWhy] = useState('')
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const isDone = useRef(false)
  const name = nameOfPull(pull)
  const withdraw = async () => {
    // Said before the answer: with it the pull goes from the page, and this window with it.
    isDone.current = true
    const found = await onWithdraw(why)
    isDone.current = found.length === 0
    setProblems(found)
    if (isDone.current) setOpen(false)
  }
  return (
    <Dialog
      title={`Withdraw ${name.toLowerCase()}`}
      open={open}
      onOpenChange={setOpen}
      focusAfter={() => (isDone.current ? next.current : null)}
      trigger={
        <Button look="quiet">
          Withdraw<span className="sr-only"> {name.toLowerCase()}</span>
        </Button>
      }
    >
      <p className="mb-3">
        For a pull that was entered by mistake.{' '}
        {isFollowed
          ? 'Its sheet counts as unused; its number stays empty, since others were pulled after it.'
          : 'Its number and its sheet are free again.'}{' '}
        It stays in the history. A print that failed is rejected instead.
      </p>
      {isFollowed && (
        <TextField label="Why" value={why} onText={setWhy} problem={problemAt(problems, 'why')} />
      )}
      <Problems problems={problems} except={['why']} />
      <Button className="mt-3" disabled={busy} onClick={() => void withdraw()}>
        It was no pull: withdraw it
      </Button>
    </Dialog>
  )
}
