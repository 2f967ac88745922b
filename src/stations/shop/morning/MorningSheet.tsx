import Link from 'next/link'
import type { MorningLine } from '@/core/morning/morningSheet'
import { STATIONS } from '@/core/prove/settings'
import { PlateThumb } from '../workshop/PlateThumb'
import { SheetLine } from './SheetLine'

/** The lines of one job, in working order; what asks for an act carries a mark. */
export function MorningSheet({
  slug,
  title,
  imageId,
  lines,
}: {
  slug: string
  title: string
  /** picture of the plate; null: it has none */
  imageId: string | null
  lines: readonly MorningLine[]
}) {
  return (
    <section
      aria-label={`Today’s advice for ${title}`}
      className="mt-5 grid gap-x-5 sm:grid-cols-[9rem_minmax(0,1fr)]"
    >
      <PlateThumb
        imageId={imageId}
        className="mt-1 max-h-36 object-top max-sm:hidden"
        empty="mt-1 h-24 max-sm:hidden"
      />
      <div className="min-w-0">
        <h2 className="station-title text-lg">
          <Link href={`/jobs/${slug}`} className="underline-offset-4 hover:underline">
            {title}
          </Link>
        </h2>
        <ul>
          {lines.map((line) => (
            <SheetLine
              key={line.station + line.text}
              heading={STATIONS[line.station]}
              href={`/jobs/${slug}/${line.station}`}
              line={line}
            />
          ))}
        </ul>
      </div>
    </section>
  )
}
