import type { LayingMethod } from '@/core/register/registerSetting'

/** One act as it looks from the printer's side of the bed: the roller is away from you, at the top. */
interface Act {
  words: string
  sheet: 'away' | 'flat' | 'tilted' | 'folded' | 'under'
  arrow?: [x1: number, y1: number, x2: number, y2: number]
}

const ACTS: Record<LayingMethod, Act[]> = {
  'corner-marks': [
    { words: 'Plate to its outline, image up.', sheet: 'away' },
    {
      words: 'Hold the sheet clear by two short edges; bring the near corners to their marks.',
      sheet: 'tilted',
      arrow: [18, 30, 18, 56],
    },
    { words: 'Let the far edge fall. Never slide it.', sheet: 'flat' },
  ],
  'long-edge': [
    { words: 'Plate to its outline, image up.', sheet: 'away' },
    {
      words: 'Set one long edge down on its line, the sheet held up behind it.',
      sheet: 'tilted',
      arrow: [60, 30, 60, 60],
    },
    { words: 'Let it roll down from that edge. Never slide it.', sheet: 'flat' },
  ],
  'trapped-edge': [
    {
      words: 'Lay the sheet first; run the roller on to its far edge, so that it holds.',
      sheet: 'flat',
      arrow: [106, 40, 106, 18],
    },
    {
      words: 'Fold the sheet back over the roller; plate to its outline.',
      sheet: 'folded',
      arrow: [60, 56, 60, 26],
    },
    { words: 'Fold the sheet down again: it cannot shift.', sheet: 'flat' },
  ],
  'face-down': [
    { words: 'Sheet to its outline, face up.', sheet: 'under' },
    {
      words: 'Plate face down into the plate’s outline; let it down flat.',
      sheet: 'under',
      arrow: [60, 26, 60, 44],
    },
    { words: 'Felt over the plate’s back; small rollers only.', sheet: 'under' },
  ],
}

/** How plate and sheet are laid, act by act, seen from the printer's side of the bed. */
export function LayingPicture({ laying }: { laying: LayingMethod }) {
  return (
    <section aria-label="How to lay it" className="mt-4 border-t border-line pt-3">
      <h2 className="station-title mb-2">How to lay it</h2>
      <ol className="grid gap-4 sm:grid-cols-3">
        {ACTS[laying].map((act, i) => (
          <li key={act.words}>
            <svg viewBox="0 0 120 90" className="w-full" aria-hidden>
              <rect x="8" y="12" width="104" height="74" fill="none" stroke="currentColor" strokeWidth="1" />
              <rect
                x="4"
                y="6"
                width="112"
                height="10"
                fill="var(--raised)"
                stroke="currentColor"
                strokeWidth="1.4"
              />
              {act.sheet === 'under' && (
                <rect
                  x="26"
                  y="24"
                  width="68"
                  height="56"
                  fill="var(--raised)"
                  stroke="currentColor"
                  strokeWidth="1"
                />
              )}
              <rect
                x="40"
                y="36"
                width="40"
                height="30"
                fill="var(--edge)"
                stroke="currentColor"
                strokeWidth="1"
              />
              {act.sheet === 'flat' && (
                <rect
                  x="26"
                  y="24"
                  width="68"
                  height="56"
                  fill="var(--raised)"
                  fillOpacity="0.85"
                  stroke="currentColor"
                  strokeWidth="1"
                />
              )}
              {act.sheet === 'tilted' && (
                <path
                  d="M26 80H94L88 48H32Z"
                  fill="var(--raised)"
                  fillOpacity="0.85"
                  stroke="currentColor"
                  strokeWidth="1"
                />
              )}
              {act.sheet === 'folded' && (
                <path
                  d="M26 26H94L98 4H22Z"
                  fill="var(--raised)"
                  fillOpacity="0.85"
                  stroke="currentColor"
                  strokeWidth="1"
                />
              )}
              {act.arrow && (
                <path
                  d={`M${act.arrow[0]} ${act.arrow[1]}L${act.arrow[2]} ${act.arrow[3]}m-4 ${act.arrow[3] > act.arrow[1] ? -5 : 5}l4 ${act.arrow[3] > act.arrow[1] ? 5 : -5}l4 ${act.arrow[3] > act.arrow[1] ? -5 : 5}`}
                  fill="none"
                  stroke="currentColor"
                  strokeWidth="1.6"
                />
              )}
            </svg>
            <p className="text-sm">
              <b>{i + 1}.</b> {act.words}
            </p>
          </li>
        ))}
      </ol>
      <p className="mt-1 text-xs text-muted">Seen from where you stand; the roller is at the top.</p>
    </section>
  )
}
