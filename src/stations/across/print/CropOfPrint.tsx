import type { Crop } from '@/core/edition/impressionPicture'

const percent = (share: number) => `${(100 * share).toFixed(2)}%`
/** Corners that lie on one another leave no width: the whole picture is shown then. */
const LEAST_WIDTH = 0.01

/** A crop of a picture with its middle in the middle, whatever shape the picture has. @param aspect width over height @param words '': it is told elsewhere */
export function CropOfPrint({
  imageId,
  crop,
  aspect,
  words,
}: {
  imageId: string
  crop: Crop
  aspect: number
  words: string
}) {
  return (
    <span className="relative block overflow-hidden bg-ground" style={{ aspectRatio: aspect }}>
      <img
        src={`/pictures/${imageId}/view`}
        alt={words}
        className="absolute top-1/2 left-1/2 max-w-none"
        style={{
          width: percent(1 / (crop.width < LEAST_WIDTH ? 1 : crop.width)),
          transform: `translate(-${percent(crop.x)}, -${percent(crop.y)})`,
        }}
      />
    </span>
  )
}
