/** Where the small crops are taken on every proof: three spots and an edge, as shares of width and height. */
const SPOTS = [['dark spot', 25, 35], ['middle', 50, 50], ['bright spot', 75, 65], ['edge', 2, 50]] as const

/** A row of identical crops of a proof, so that the eye runs down one spot from proof to proof. */
export function ProofCoupons({ imageId, number }: { imageId: string; number: number }) {
  return (
    <div className="mt-1 flex gap-1" role="img" aria-label={`Proof ${number}: ${SPOTS.map(([name]) => name).join(', ')}`}>
      {SPOTS.map(([name, x, y]) => <span key={name} className="block h-14 flex-1 bg-no-repeat" style={{ backgroundImage: `url(/pictures/${imageId}/view)`, backgroundSize: '600%', backgroundPosition: `${x}% ${y}%` }} />)}
    </div>
  )
}
