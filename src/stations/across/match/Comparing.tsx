'use client'

import { MATCH_STEPS } from '@/core/match/matchSteps'
import { Button } from '@/ui/Button'
import type { MatchRoomHandle } from './useMatchRoom'
import { mixedWords, modelWords } from './words'

/** How the comparison stands: what is reckoned, how far it is, or why it cannot be. */
export function Comparing({ room }: { room: MatchRoomHandle }) {
  const { view, step, cancel, compareAgain } = room
  const { ours, theirs, pull, pair, key, match, refusal } = view
  const notes = [modelWords(ours, theirs, pull), mixedWords(pair, ours)].filter((note) => note !== null)
  return (
    <>
      {notes.map((words) => (
        <p key={words} className="mb-2 text-sm">
          △ {words}
        </p>
      ))}
      {step !== null && (
        <div
          data-said
          className="my-3 flex flex-wrap items-center gap-4 border-l-4 border-text bg-raised p-3"
        >
          <p>
            {MATCH_STEPS[step]}…{' '}
            <progress max={MATCH_STEPS.length} value={step} aria-label="How far the comparison is" />
          </p>
          <Button onClick={cancel}>Cancel</Button>
        </div>
      )}
      {key && !match && !refusal && step === null && (
        <p className="my-3">
          <Button onClick={compareAgain}>Lay pull {pull?.number} over the BAT</Button>
        </p>
      )}
      {refusal && (
        <p role="alert" className="my-3 border-l-4 border-signal bg-raised p-3 font-semibold">
          ◆ {refusal}
        </p>
      )}
    </>
  )
}
