import type { CouponSpot } from '@/core/prove/couponSpots'

/** How many times wider than a crop the whole proof is. */
const TIMES = 6
/** A share of the picture as the position CSS wants it, so that the point stands in the middle of the crop. */
const position = (share: number) =>
  `${Math.min(100, Math.max(0, (100 * (share * TIMES - 0.5)) / (TIMES - 1)))}%`

/** A row of identical crops of a proof, so that the eye runs down one spot from proof to proof. */
export function ProofCoupons({
  imageId,
  number,
  spots,
}: {
  imageId: string
  number: number
  spots: readonly CouponSpot[]
}) {
  return (
    <div
      className="mt-1 flex gap-1"
      role="img"
      aria-label={`Proof ${number}: ${spots.map(({ name }) => name).join(', ')}`}
    >
      {spots.map(({ name, x, y }) => (
        <span
          key={name}
          className="block h-14 flex-1 bg-no-repeat"
          style={{
            backgroundImage: `url(/pictures/${imageId}/view)`,
            backgroundSize: `${100 * TIMES}%`,
            backgroundPosition: `${position(x)} ${position(y)}`,
          }}
        />
      ))}
    </div>
  )
}
