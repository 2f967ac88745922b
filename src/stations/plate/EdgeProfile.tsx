/** The plate's edge from the side, to scale: what the bevel leaves of it. */
export function EdgeProfile({ thicknessMm, bevelDegrees }: { thicknessMm: number; bevelDegrees: number }) {
  const scale = 18
  const height = Math.min(60, thicknessMm * scale)
  const run = bevelDegrees > 0 ? Math.min(90, height / Math.tan((bevelDegrees * Math.PI) / 180)) : 0
  return (
    <figure className="self-end">
      <svg
        viewBox="0 0 150 74"
        className="w-full max-w-44"
        role="img"
        aria-label={`Edge of the plate, ${thicknessMm} mm thick, bevelled at ${bevelDegrees} degrees`}
      >
        <path
          d={`M4 68 L${4 + run} ${68 - height} H148 V68 Z`}
          fill="none"
          stroke="currentColor"
          strokeWidth="1.4"
        />
        <path d="M0 68.7H150" stroke="currentColor" strokeWidth="0.6" />
      </svg>
      <figcaption className="text-xs text-muted">Edge from the side</figcaption>
    </figure>
  )
}
