import { papersTried } from '@/core/edition/papersTried'
import { readPull } from '@/core/edition/readPull'
import type { Pull } from '@/core/edition/pull'

/** The newest proof on each paper that was tried, side by side: what the choice of a paper is made from. */
export function PapersInARow({ proofs }: { proofs: readonly Pull[] }) {
  const tried = papersTried(proofs)
  if (tried.length < 2) return null
  return (
    <section aria-label="The papers tried" className="border-b border-line py-3">
      <h2 className="station-title mb-2">The papers tried</h2>
      <ul className="grid grid-cols-2 gap-3 sm:grid-cols-3 xl:grid-cols-4">
        {tried.map(({ words, pull, imageId }) => (
          <li key={words} className="grid content-start gap-1">
            {imageId ? (
              <img
                src={`/pictures/${imageId}/view`}
                alt={`Proof ${pull.number}`}
                className="aspect-4/3 w-full bg-ground object-contain"
              />
            ) : (
              <span className="grid aspect-4/3 place-items-center bg-ground text-sm text-muted">
                no picture of proof {pull.number}
              </span>
            )}
            <b>{words}</b>
            <span className="text-sm text-muted">
              Proof {pull.number}: {readPull(pull).verdict?.note || 'no note'}
            </span>
          </li>
        ))}
      </ul>
    </section>
  )
}
