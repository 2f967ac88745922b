import { Swatch } from '../../ink/Swatch'
import type { PlaceLook } from './nextLayDown'

/** Each place of the print as it lies, and as the next lay-down leaves it. */
export function PlaceLooks({ looks, isNext }: { looks: readonly PlaceLook[]; isNext: boolean }) {
  const missing = looks.some(({ before, after }) => before === null || after === null)
  return (
    <div>
      <ul aria-label={isNext ? 'What it will look like' : 'What it looks like'} className="grid gap-1">
        {looks.map(({ at, before, after }) => (
          <li key={at ?? ''} className="flex items-center gap-3">
            {before !== null && after !== null && (
              <Swatch
                colours={isNext ? [before, after] : [before]}
                label={isNext ? 'As it lies, and after' : 'As it lies'}
                className="h-12 w-32"
              />
            )}
            <span>{at ?? (looks.length > 1 ? 'everywhere else' : 'all over')}</span>
          </li>
        ))}
      </ul>
      {missing && <p className="text-sm">◆ An ink that lies there is no longer on the shelf: no forecast.</p>}
      <p className="mt-1 text-sm text-muted">
        A forecast by film over film on the bare sheet; what an existing print carries shows through beside
        it.
      </p>
    </div>
  )
}
