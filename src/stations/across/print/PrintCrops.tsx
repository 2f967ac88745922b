import { cropAt, type ImpressionPicture } from '@/core/edition/impressionPicture'
import type { CouponSpot } from '@/core/prove/couponSpots'
import { CropOfPrint } from './CropOfPrint'

/** Crops side by side that are a print's width. */
const TIMES = 5

/** A row of identical crops of a print, so that the eye runs down one spot from print to print. */
export function PrintCrops({
  picture,
  name,
  spots,
}: {
  picture: ImpressionPicture
  /** of the print, as a sentence begins with it */
  name: string
  spots: readonly CouponSpot[]
}) {
  return (
    <div
      className="grid grid-cols-4 gap-1.5"
      role="img"
      aria-label={`${name}: ${spots.map((spot) => spot.name).join(', ')}`}
    >
      {spots.map(({ name: spot, x, y }) => (
        <CropOfPrint
          key={spot}
          imageId={picture.imageId}
          crop={cropAt(picture.plate, [x, y], TIMES)}
          aspect={3 / 2}
          words=""
        />
      ))}
    </div>
  )
}
