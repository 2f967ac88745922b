import { faultWords, type Ninth } from '@/core/edition/fault'
import { readPull } from '@/core/edition/readPull'
import type { Pull } from '@/core/edition/pull'
import { complaintsOf, featureWords } from '@/core/prove/features'
import { STANDINGS } from '../across/match/words'

/** Keypad rows from the top of the print down. */
const ROWS: readonly (readonly Ninth[])[] = [
  [7, 8, 9],
  [4, 5, 6],
  [1, 2, 3],
]
/** Ink on the plate in the drawing, as its share of black. */
const TONES = { lighter: 0.22, same: 0.4, darker: 0.6 } as const
const UNSEEN = 0.4

/** What was seen of an impression, in words. */
export function impressionWords(pull: Pull): string {
  const { eye, faults, features, match } = readPull(pull)
  return [
    eye === null ? 'not judged by eye' : eye === 'same' ? 'as the BAT' : eye,
    ...complaintsOf(features).map(([feature, value]) => featureWords(feature, value).toLowerCase()),
    ...faults.map(faultWords),
    ...(match ? [`${STANDINGS[match.outcome].word} by its scan`] : []),
  ].join('; ')
}

/** An impression in small: its scan where there is one; else drawn from what was seen of it: sheet, plate as light or dark as the eye found it, and a mark where a fault lies. */
export function ImpressionThumb({
  pull,
  widthMm,
  heightMm,
}: {
  pull: Pull
  widthMm: number
  heightMm: number
}) {
  const { eye, faults, scans } = readPull(pull)
  if (scans.dry)
    return (
      <img
        src={`/pictures/${scans.dry.imageId}/thumb`}
        alt=""
        width="64"
        height="64"
        className="size-16 object-contain"
      />
    )
  const scale = Math.min(44 / widthMm, 44 / heightMm)
  const [w, h] = [widthMm * scale, heightMm * scale]
  const [x, y] = [(64 - w) / 2, (60 - h) / 2]
  return (
    <svg viewBox="0 0 64 64" width="64" height="64" aria-hidden>
      <rect x="1" y="1" width="62" height="62" fill="#f4f4f2" stroke="#777" />
      <rect
        x={x}
        y={y}
        width={w}
        height={h}
        fill="#000"
        fillOpacity={eye === null ? UNSEEN : TONES[eye]}
        stroke="#333"
        strokeDasharray={eye === null ? '3 2' : undefined}
      />
      {faults.map(({ where, what }) => {
        const row = ROWS.findIndex((keys) => keys.includes(where))
        const column = ROWS[row].indexOf(where)
        const [cx, cy] = [x + (w * (column + 0.5)) / 3, y + (h * (row + 0.5)) / 3]
        return (
          <path
            key={`${where} ${what}`}
            d={`M${cx} ${cy - 6}L${cx + 6} ${cy}L${cx} ${cy + 6}L${cx - 6} ${cy}Z`}
            fill="#fff"
            stroke="#000"
            strokeWidth="1.5"
          />
        )
      })}
    </svg>
  )
}
