'use client'

import { impressionPicture } from '@/core/edition/impressionPicture'
import type { Pull, PullEvent } from '@/core/edition/pull'
import type { ZoneMap } from '@/core/plate/zoneMap'
import { couponSpots } from '@/core/prove/couponSpots'
import { useBench } from '../across/bench/BenchContext'
import { AddPicture } from '../across/print/AddPicture'
import { PictureCorners } from '../across/print/PictureCorners'
import { PrintCrops } from '../across/print/PrintCrops'

/** What a proof looks like at the spots that are read on every print; without a picture, one is asked for. */
export default function ProofPicture({
  proof,
  zoneMap,
  newest,
  busy,
  onAdd,
}: {
  proof: Pull
  zoneMap: ZoneMap | null
  /** corners are set on the last proof; on the others they stand as they were */
  newest: boolean
  busy: boolean
  onAdd: (events: PullEvent[], why?: string) => Promise<boolean>
}) {
  const { plate } = useBench()
  const picture = impressionPicture(proof)
  if (!picture)
    return (
      <details open={newest}>
        <summary className="min-h-11 py-2 text-sm text-muted">No picture of proof {proof.number} yet</summary>
        <AddPicture pull={proof} name={`proof ${proof.number}`} busy={busy} onAdd={onAdd} />
      </details>
    )
  const { scan } = picture
  return (
    <div>
      <PrintCrops picture={picture} name={`Proof ${proof.number}`} spots={couponSpots(zoneMap, plate)} />
      {newest && scan && (
        <PictureCorners
          picture={{ ...picture, scan }}
          name={`proof ${proof.number}`}
          busy={busy}
          onAdd={onAdd}
        />
      )}
    </div>
  )
}
