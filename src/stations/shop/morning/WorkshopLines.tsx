import type { WorkshopLine } from '@/core/morning/workshopLines'
import { SheetLine } from './SheetLine'

/** The lines of the morning that are about the whole workshop. */
export function WorkshopLines({ lines }: { lines: readonly WorkshopLine[] }) {
  return (
    <section aria-label="Today’s advice for the workshop" className="mt-5">
      <h2 className="station-title text-lg">The workshop</h2>
      <ul>
        {lines.map((line) => (
          <SheetLine key={line.text} heading={line.heading} href={line.href} line={line} />
        ))}
      </ul>
    </section>
  )
}
