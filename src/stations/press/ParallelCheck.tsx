import { capital } from '@/core/units/capital'
import { useState } from 'react'
import type { PressEvent, PressStanding } from '@/core/press/pressCard'
import { STRIPS, type Strip } from '@/core/press/settingRoute'
import { Button } from '@/ui/Button'
import { Choice } from '@/ui/Choice'
import { NumberField } from '@/ui/NumberField'
import { allPulled, PLACES, stripsWords, type PulledStrips } from './cardWords'

/** Whether roller and bed are parallel: by three strips of paper, or by a print that came even. */
export function ParallelCheck({
  busy,
  last,
  onCheck,
}: {
  busy: boolean
  last: PressStanding['strips']
  onCheck: (event: PressEvent) => Promise<boolean>
}) {
  const [strips, setStrips] = useState<PulledStrips>({ left: null, middle: null, right: null })
  const [turns, setTurns] = useState<number | null>(null)
  const read = allPulled(strips)
  return (
    <section aria-label="Parallel" className="border-t border-line pt-3">
      <h2 className="station-title">Is it parallel?</h2>
      {PLACES.map((where) => (
        <div key={where} className="mt-2 flex flex-wrap items-center gap-3">
          <span className="w-16">{capital(where)}</span>
          <Choice
            label={`${where} strip`}
            value={strips[where]}
            options={Object.entries(STRIPS).map(([key, words]) => [key as Strip, words])}
            onPick={(strip) => setStrips({ ...strips, [where]: strip })}
          />
        </div>
      ))}
      <p role="status" className="mt-2 font-medium">
        {stripsWords(strips, last)}
      </p>
      <Button
        className="mt-2"
        disabled={busy || !read}
        onClick={() => read && void onCheck({ kind: 'strips', ...read })}
      >
        Write the strips down
      </Button>
      <div className="mt-3 flex flex-wrap items-end gap-3">
        <NumberField
          label="Or a test print came even with the right tighter by"
          unit="turns"
          value={turns}
          onValue={setTurns}
          hint="below zero: the left"
          className="max-w-72"
        />
        <Button
          disabled={busy || turns === null}
          onClick={() =>
            void onCheck({ kind: 'even-print', rightTighterTurns: turns! }).then(
              (kept) => kept && setTurns(null),
            )
          }
        >
          Write it down
        </Button>
      </div>
    </section>
  )
}
