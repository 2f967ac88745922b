import { formatGrams } from '@/core/units/quantity'
import { formatNumber } from '@/core/units/length'

/** Percent at the right end of the scale: beyond it a rag sheet drips. */
const FULL_PERCENT = 120

/** A weighing scale in grams: where the sheet should come to rest, and where it lies now. */
export function WaterScale({
  dryGrams,
  targetPercent,
  uptake,
}: {
  dryGrams: number
  targetPercent: number
  uptake: number | null
}) {
  const at = (percent: number) => 10 + 280 * Math.min(1, Math.max(0, percent / FULL_PERCENT))
  const wanted = dryGrams * (1 + targetPercent / 100)
  return (
    <svg
      viewBox="0 0 300 84"
      className="mt-4 w-full"
      role="img"
      aria-label={`Wanted weight ${formatNumber(wanted, 1)} grams${uptake === null ? '' : `, now ${formatNumber(dryGrams * (1 + uptake / 100), 1)} grams`}`}
    >
      <path d="M10 46H290" stroke="currentColor" strokeWidth="0.8" />
      {Array.from({ length: 13 }, (_, i) => (
        <path
          key={i}
          d={`M${at(i * 10)} 46v${i % 5 === 0 ? 8 : 4}`}
          stroke="currentColor"
          strokeWidth="0.6"
        />
      ))}
      <rect
        x={at(targetPercent - 5)}
        y="38"
        width={at(targetPercent + 5) - at(targetPercent - 5)}
        height="8"
        fill="none"
        stroke="currentColor"
        strokeWidth="1"
      />
      <text
        x={at(targetPercent)}
        y="30"
        fontSize="13"
        textAnchor="middle"
        fill="currentColor"
        fontWeight="700"
      >
        <tspan data-figure="damp-weight">{formatGrams(wanted, 1)}</tspan>
      </text>
      {uptake !== null && <path d={`M${at(uptake)} 47l6 12h-12Z`} fill="currentColor" />}
      <text x="10" y="72" fontSize="11" fill="currentColor">
        {formatGrams(dryGrams, 1)} dry
      </text>
    </svg>
  )
}
