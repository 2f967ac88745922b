import type { EyeReading } from '@/core/edition/pull'

const PLACE: Record<EyeReading, number> = { lighter: 62, same: 100, darker: 138 }

/** A hairline from lighter to darker: an open arrowhead where it was expected, a filled one where it was seen. */
export function LightDark({ expected, seen }: { expected: EyeReading | null; seen: EyeReading | null }) {
  const words =
    [expected && `expected ${expected}`, seen && `seen ${seen}`].filter(Boolean).join(', ') ||
    'not judged yet'
  return (
    <figure>
      <svg viewBox="0 0 200 44" className="w-full max-w-52" role="img" aria-label={words}>
        <path d="M48 22H152M100 17V27" stroke="currentColor" strokeWidth="0.8" />
        <text x="2" y="26" fontSize="12" fill="currentColor">
          lighter
        </text>
        <text x="198" y="26" fontSize="12" textAnchor="end" fill="currentColor">
          darker
        </text>
        {expected && (
          <path
            d={`M${PLACE[expected] - 6} 4h12l-6 14Z`}
            fill="none"
            stroke="currentColor"
            strokeWidth="1.5"
          />
        )}
        {seen && <path d={`M${PLACE[seen] - 6} 40h12l-6 -14Z`} fill="currentColor" />}
      </svg>
      <figcaption className="condensed text-sm">{words}</figcaption>
    </figure>
  )
}
