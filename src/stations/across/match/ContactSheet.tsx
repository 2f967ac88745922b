'use client'

import { byCloseness, closenessTo } from '@/core/dry/closeness'
import { readPull } from '@/core/edition/readPull'
import type { Pull } from '@/core/edition/pull'
import { MATCH_CHECKS } from '@/core/match/checks/matchCheck'
import { scanDistance } from '@/core/match/scan'
import { formatNumber } from '@/core/units/length'
import { Button } from '@/ui/Button'
import type { EditionCheckState } from './editionCheck'
import { outcomeWords, withoutPicture } from './words'

interface ContactSheetProps {
  pulls: readonly Pull[]
  bat: Pull
  dry: boolean
  chosen: string
  unchecked: number
  busy: boolean
  /** how far the server is with all of them */
  check: EditionCheckState | null
  problem: string | null
  onChoose: (id: string) => void
  onCheckAll: () => void
  onStop: () => void
}

/** How far an impression is from the BAT, by its picture where it was compared, else by what was seen. */
function distanceWords(pull: Pull, bat: Pull): string {
  const { match } = readPull(pull)
  const far = match && scanDistance(match)
  if (match && !far) return 'its picture tells nothing'
  if (match && far) {
    const colour = match.values.colour === null ? [] : [`ΔE00 ${formatNumber(match.deltaE00.mean, 1)}`]
    const farthest = far.distance > 0 ? [`farthest: ${MATCH_CHECKS[far.check].label.toLowerCase()}`] : []
    return [...colour, ...farthest].join('; ')
  }
  const closeness = closenessTo(pull, bat)
  return closeness ? closeness.by.join(', ') || 'as the BAT to the eye' : 'nothing known'
}

/** Every impression that has a picture, the closest to the BAT first. */
export function ContactSheet({
  pulls,
  bat,
  dry,
  chosen,
  unchecked,
  busy,
  check,
  problem,
  onChoose,
  onCheckAll,
  onStop,
}: ContactSheetProps) {
  const picturesOf = (pull: Pull) => readPull(pull).scans[dry ? 'dry' : 'wet']
  const ordered = byCloseness(pulls.filter(picturesOf), bat)
  const pictureless = withoutPicture(pulls.length - ordered.length, pulls.length, dry)
  return (
    <section aria-label="Contact sheet" className="border-t-2 border-text pt-3">
      <div className="mb-2 flex flex-wrap items-center gap-x-6 gap-y-2">
        <h2 className="station-title">The edition by closeness</h2>
        {check?.isRunning ? (
          <p data-said data-occasion="checking" className="flex flex-wrap items-center gap-3">
            <progress max={Math.max(1, check.of)} value={check.done} aria-label="Impressions checked" />{' '}
            {check.of === 0 ? 'Beginning' : `${check.done} of ${check.of} checked`}; it goes on when this page
            is closed. <Button onClick={onStop}>Stop after what is done</Button>
          </p>
        ) : (
          unchecked > 0 && (
            <Button disabled={busy} onClick={onCheckAll}>
              Check {unchecked === 1 ? 'the one' : `the ${unchecked}`} not checked yet
            </Button>
          )
        )}
      </div>
      {problem && (
        <p role="alert" className="mb-2 border-l-4 border-signal bg-raised p-3">
          ◆ {problem}
        </p>
      )}
      {check && check.refused.length > 0 && (
        <ul aria-label="Not compared" className="mb-2 text-sm">
          {check.refused.map((words) => (
            <li key={words}>◆ {words}</li>
          ))}
        </ul>
      )}
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(9.5rem,1fr))] gap-3">
        {ordered.map((pull) => {
          const { match } = readPull(pull)
          return (
            <li key={pull.id}>
              <button
                type="button"
                aria-pressed={pull.id === chosen}
                onClick={() => onChoose(pull.id)}
                className={`grid w-full gap-1 border p-1.5 text-left ${pull.id === chosen ? 'border-2 border-text' : 'border-line'}`}
              >
                <img
                  src={`/pictures/${picturesOf(pull)!.imageId}/thumb`}
                  alt=""
                  loading="lazy"
                  className="aspect-[6/5] w-full object-contain"
                />
                <span className="flex flex-wrap justify-between gap-x-2">
                  <b className="whitespace-nowrap">Pull {pull.number}</b>
                  <span className={match?.outcome === 'differs' ? 'font-semibold text-signal' : ''}>
                    {outcomeWords(match)}
                  </span>
                </span>
                <span className="condensed text-sm text-muted">{distanceWords(pull, bat)}</span>
              </button>
            </li>
          )
        })}
      </ul>
      {pictureless && <p className="mt-2 text-sm text-muted">{pictureless}</p>}
    </section>
  )
}
