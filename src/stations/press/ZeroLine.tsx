'use client'

import { useState, useTransition } from 'react'
import type { StorePress } from '@/data/store'
import { zeroPressAction } from './actions'

/** When the press was last zeroed, and the act of saying that it was now. */
export function ZeroLine({ press }: { press: StorePress }) {
  const [busy, start] = useTransition()
  const [problem, setProblem] = useState<string>()
  return (
    <>
      One turn is {press.mmPerTurn.toFixed(3)} mm ({press.thread}). Zero is both sides touching the bare bed
      {press.zeroedAt ? `, last set ${press.zeroedAt.slice(0, 10)}.` : ': not recorded yet.'}{' '}
      <button
        type="button" disabled={busy} className="min-h-11 underline underline-offset-4"
        onClick={() => start(async () => {
          const answer = await zeroPressAction({ pressId: press.id })
          setProblem(answer.ok ? undefined : answer.problems[0].message)
        })}
      >
        Zeroed now
      </button>
      {problem && <span role="alert"> ◆ {problem}</span>}
    </>
  )
}
