import { useState } from 'react'
import type { PressEvent, PressStanding } from '@/core/press/pressCard'
import type { PressureScale } from '@/core/press/pressureScale'
import { Button } from '@/ui/Button'
import { NumberField } from '@/ui/NumberField'
import { allPulled, NOT_PULLED } from './cardWords'
import { ThreeStrips } from './ThreeStrips'

/** Whether roller and bed are parallel: by three strips of paper, or, where both sides are read, by a print that came even. */
export function ParallelCheck({
  busy,
  scale,
  last,
  onCheck,
}: {
  busy: boolean
  scale: PressureScale
  last: PressStanding['strips']
  onCheck: (event: PressEvent) => Promise<boolean>
}) {
  const [strips, setStrips] = useState(NOT_PULLED)
  const [tighter, setTighter] = useState<number | null>(null)
  const read = allPulled(strips)
  return (
    <section aria-label="Parallel" className="border-t border-line pt-3">
      <h2 className="station-title">Is it parallel?</h2>
      <ThreeStrips strips={strips} last={last} onStrips={setStrips} />
      <Button
        className="mt-2"
        disabled={busy || !read}
        onClick={() => read && void onCheck({ kind: 'strips', ...read })}
      >
        Save the strips
      </Button>
      {scale.sides === 2 && (
        <div className="mt-3 flex flex-wrap items-end gap-3">
          <NumberField
            label="Or a test print came even with the right tighter by"
            unit={scale.id === 'turns' ? 'turns' : scale.unit || undefined}
            value={tighter}
            onValue={setTighter}
            hint="below zero: the left"
            className="max-w-72"
          />
          <Button
            disabled={busy || tighter === null}
            onClick={() =>
              void onCheck({ kind: 'even-print', rightTighterTurns: tighter! }).then(
                (kept) => kept && setTighter(null),
              )
            }
          >
            Save the difference
          </Button>
        </div>
      )}
    </section>
  )
}
