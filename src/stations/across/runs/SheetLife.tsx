import type { SheetLine, SheetStep } from '@/core/edition/runs'

const WORDS: Record<SheetStep, string> = {
  through: 'through',
  open: 'open or set aside',
  rejected: 'rejected',
  lost: 'lost',
  waiting: 'waits',
  'not-yet': 'not yet',
}
const STEP = 40
const MIDDLE = 12

/** A sheet's life on one line: a full square where it is through, a ring where it waits, a cross where it ended. */
export function SheetLife({ line, names }: { line: SheetLine; names: readonly string[] }) {
  const width = STEP * line.steps.length
  return (
    <svg
      width={width}
      height={2 * MIDDLE}
      viewBox={`0 0 ${width} ${2 * MIDDLE}`}
      role="img"
      aria-label={`Sheet ${line.sheet}: ${line.steps.map((step, i) => `${names[i]} ${WORDS[step]}`).join(', ')}`}
      className="shrink-0"
    >
      {line.steps.map((step, i) => {
        const x = STEP * (i + 0.5)
        const isOver = i > 0 && (line.steps[i - 1] === 'rejected' || line.steps[i - 1] === 'lost')
        return (
          <g key={names[i]} stroke="currentColor" fill="none" strokeWidth="1.6">
            {i > 0 && !isOver && (
              <path
                d={`M${x - STEP + 7} ${MIDDLE}H${x - 7}`}
                strokeDasharray={line.steps[i - 1] === 'through' ? undefined : '2 3'}
              />
            )}
            {step === 'through' && (
              <rect x={x - 6} y={MIDDLE - 6} width="12" height="12" fill="currentColor" />
            )}
            {(step === 'waiting' || step === 'open') && (
              <circle cx={x} cy={MIDDLE} r="5.5" strokeDasharray={step === 'open' ? '3 2' : undefined} />
            )}
            {!isOver && (step === 'rejected' || step === 'lost') && (
              <path
                d={`M${x - 6} ${MIDDLE - 6}L${x + 6} ${MIDDLE + 6}M${x + 6} ${MIDDLE - 6}L${x - 6} ${MIDDLE + 6}`}
              />
            )}
          </g>
        )
      })}
    </svg>
  )
}
