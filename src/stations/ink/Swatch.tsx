/** A colour on neutral grey, or two that touch, so that the eye compares them. */
export function Swatch({
  colours,
  label,
  className = 'h-12 w-24',
}: {
  colours: readonly string[]
  label: string
  className?: string
}) {
  return (
    <span role="img" aria-label={label} className={`inline-flex bg-[#808080] p-1.5 ${className}`}>
      {colours.map((colour, i) => (
        <span key={i} className="flex-1" style={{ background: colour }} />
      ))}
    </span>
  )
}
