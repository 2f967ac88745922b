'use client'

import type { ImpressionPicture } from '@/core/edition/impressionPicture'
import type { PullEvent } from '@/core/edition/pull'
import { cornersOf, type Corners } from '@/core/match/homography'
import type { Scan } from '@/core/match/scan'
import { CornersDialog } from '../match/CornersDialog'

/** Says how the places of a print were found in its picture, and lets the sheet's corners be set. */
export function PictureCorners({
  picture,
  name,
  busy,
  onAdd,
}: {
  picture: ImpressionPicture & { scan: Scan }
  /** of the print, within a sentence */
  name: string
  busy: boolean
  onAdd: (events: PullEvent[], why: string) => Promise<boolean>
}) {
  const { scan, isSet } = picture
  const keep = (corners: Corners | null) =>
    void onAdd(
      [{ kind: 'scan', scan: { ...scan, corners: corners as Scan['corners'] } }],
      'corners of the sheet set by hand',
    )
  return (
    <div className="flex flex-wrap items-center gap-x-3 text-sm text-muted">
      {isSet ? 'Cut by the corners that were set.' : 'Cut by the picture’s own frame.'}
      <CornersDialog
        what={`the picture of ${name}`}
        imageId={scan.imageId}
        corners={(scan.corners as Corners | null) ?? cornersOf(1, 1)}
        busy={busy}
        onKeep={keep}
      />
    </div>
  )
}
