import { ghostInks } from '@/core/edition/laidPlaces'
import type { LayDown } from '@/core/edition/layDown'
import { GHOST_STEPS } from '@/core/ink/ghost'
import { Swatch } from '../../ink/Swatch'
import { lookAt, type LayDownBench } from './nextLayDown'

/** How much of the first a ghost kept: picked by eye from a row of what it would look like, and learned from. */
export function GhostJudge({
  ghost,
  beneath,
  bench,
  busy,
  onJudge,
}: {
  ghost: LayDown
  /** what lay there before it */
  beneath: readonly LayDown[]
  bench: LayDownBench
  busy: boolean
  onJudge: (judged: LayDown) => Promise<boolean>
}) {
  const first = bench.onSlab!
  const place = first[0].place === 'within' ? first[0].area : null
  return (
    <section aria-label="How much the ghost kept" className="border-t border-line pt-3">
      <h2 className="station-title mb-2">Which of these is it?</h2>
      <div
        className="grid grid-cols-3 gap-2 sm:grid-cols-6"
        role="group"
        aria-label="What it kept of the first"
      >
        {GHOST_STEPS.map((share) => {
          const inks = ghostInks(first, share)
          const look = lookAt([...beneath, { inks }], place, bench)
          return (
            <button
              key={share}
              type="button"
              disabled={busy}
              aria-pressed={ghost.kept === share}
              onClick={() => void onJudge({ ...ghost, inks, kept: share })}
              className="grid min-h-14 place-items-center gap-1 border border-edge bg-raised p-1 aria-pressed:border-2 aria-pressed:border-text"
            >
              <span aria-hidden className="w-full">
                {look && <Swatch colours={[look]} label="" className="h-12 w-full" />}
              </span>
              {Math.round(100 * share)} %
            </button>
          )
        })}
      </div>
    </section>
  )
}
