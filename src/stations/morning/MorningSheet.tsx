import Link from 'next/link'
import type { MorningLine } from '@/core/morning/morningSheet'
import { STATIONS } from '@/core/prove/settings'
import { Sum } from '@/ui/Sum'

/** The lines of one job, in working order; what asks for an act carries a mark. */
export function MorningSheet({ slug, title, lines }: { slug: string; title: string; lines: MorningLine[] }) {
  return (
    <section aria-label={`Morning sheet for ${title}`} className="mt-5">
      <h2 className="station-title text-lg">
        <Link href={`/jobs/${slug}`} className="underline-offset-4 hover:underline">{title}</Link>
      </h2>
      <ul>
        {lines.map((line) => (
          <li key={line.station + line.text} className="grid grid-cols-[6.5rem_minmax(0,1fr)] items-start border-t border-line">
            <Link href={`/jobs/${slug}/${line.station}`} className="condensed py-2 text-muted underline-offset-4 hover:underline">{STATIONS[line.station]}</Link>
            <Sum rows={line.sum}>
              <span className={line.act ? 'text-lg font-semibold' : 'text-lg'}>{line.text}</span>
            </Sum>
          </li>
        ))}
      </ul>
    </section>
  )
}
