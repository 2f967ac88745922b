'use client'

import type { PicturePage } from '@/data/across/picturePages'

/** The pages of a file side by side, of which one is meant. */
export default function PageChoice({
  pages,
  disabled,
  onPick,
}: {
  pages: readonly PicturePage[]
  disabled: boolean
  onPick: (page: number) => void
}) {
  return (
    <fieldset className="mt-2" disabled={disabled}>
      <legend className="mb-1 text-sm text-muted">The page that is meant</legend>
      <div className="flex flex-wrap gap-2">
        {pages.map(({ page, thumb }) => (
          <button
            key={page}
            type="button"
            onClick={() => onPick(page)}
            className="grid min-h-11 min-w-11 justify-items-center gap-1 border border-edge bg-raised p-1 text-sm hover:border-text"
          >
            <img src={thumb} alt="" className="max-h-32 max-w-36" />
            Page {page}
          </button>
        ))}
      </div>
    </fieldset>
  )
}
