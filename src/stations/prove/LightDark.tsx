import type { EyeReading } from '@/core/edition/pull'

const PLACE: Record<EyeReading, number> = { lighter: 22, same: 70, darker: 118 }

/** A hairline from lighter to darker: an open arrowhead where it was expected, a filled one where it was seen. */
export function LightDark({ expected, seen }: { expected: EyeReading | null; seen: EyeReading | null }) {
  const words = [expected && `expected ${expected}`, seen && `seen ${seen}`].filter(Boolean).join(', ') || 'not judged yet'
  return (
    <figure>
      <svg viewBox="0 0 140 44" className="w-full max-w-44" role="img" aria-label={words}>
        <path d="M6 22H134M70 17V27" stroke="currentColor" strokeWidth="0.8" />
        <text x="4" y="40" fontSize="10" fill="currentColor">lighter</text>
        <text x="136" y="40" fontSize="10" textAnchor="end" fill="currentColor">darker</text>
        {expected && <path d={`M${PLACE[expected] - 6} 4h12l-6 14Z`} fill="none" stroke="currentColor" strokeWidth="1.5" />}
        {seen && <path d={`M${PLACE[seen] - 6} 36h12l-6 -12Z`} fill="currentColor" />}
      </svg>
      <figcaption className="condensed text-sm">{words}</figcaption>
    </figure>
  )
}
