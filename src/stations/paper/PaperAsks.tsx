import { paperAsks, type Treatment } from '@/core/paper/paperAsks'
import type { StorePaper } from '@/data/shop/store'
import { Button } from '@/ui/Button'

/** What the paper asks for by itself: said, and set at one tap where it is damped otherwise. */
export function PaperAsks({
  paper,
  stands,
  onTreat,
}: {
  paper: StorePaper
  /** how it is damped now */
  stands: string | null
  onTreat: (treatment: Treatment) => void
}) {
  return (
    <ul aria-label="What this paper asks for" className="sm:col-span-2">
      {paperAsks(paper).map(({ ask, says, treatment }) => (
        <li key={ask} className="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-line py-1">
          <span className="min-w-0 flex-1 basis-64">{says}</span>
          {treatment && treatment.method !== stands && (
            <Button onClick={() => onTreat(treatment)}>Do so</Button>
          )}
        </li>
      ))}
    </ul>
  )
}
