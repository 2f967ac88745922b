import Link from 'next/link'
import type { MorningLine } from '@/core/morning/morningSheet'
import { STATIONS } from '@/core/prove/settings'
import { SheetLine } from './SheetLine'

/** The lines of one job, in working order; what asks for an act carries a mark. */
export function MorningSheet({ slug, title, lines }: { slug: string; title: string; lines: MorningLine[] }) {
  return (
    <section aria-label={`Today’s advice for ${title}`} className="mt-5">
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
    </section>
  )
}
