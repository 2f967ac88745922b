/** A job's plate as it prints, which is mirrored; without a picture an empty frame keeps its place. @param className its width and greatest height */
export function PlateThumb({
  imageId,
  className,
  empty,
}: {
  imageId: string | null
  className: string
  /** the frame's height */
  empty: string
}) {
  return imageId ? (
    <img
      src={`/pictures/${imageId}/thumb`}
      alt=""
      className={`w-full -scale-x-100 object-contain ${className}`}
    />
  ) : (
    <span className={`block border border-line ${empty}`} aria-hidden />
  )
}
