import { ArrowDown, ArrowUp, X } from 'lucide-react'

const KEY = 'grid size-11 place-items-center disabled:opacity-50'

/** Moves one thing of a list earlier or later, or leaves it out. */
export function OrderButtons({
  name,
  at,
  of,
  onMove,
  out,
  className = '',
}: {
  /** of the thing, as a sentence begins with it */
  name: string
  /** its place, from 0 */
  at: number
  /** how many there are */
  of: number
  onMove: (to: number) => void
  /** left out: it cannot be taken away */
  out?: { label: string; disabled?: boolean; onOut: () => void }
  className?: string
}) {
  return (
    <span className={`flex ${className}`}>
      <button
        type="button"
        aria-label={`${name} earlier`}
        disabled={at === 0}
        onClick={() => onMove(at - 1)}
        className={KEY}
      >
        <ArrowUp size={18} aria-hidden />
      </button>
      <button
        type="button"
        aria-label={`${name} later`}
        disabled={at === of - 1}
        onClick={() => onMove(at + 1)}
        className={KEY}
      >
        <ArrowDown size={18} aria-hidden />
      </button>
      {out && (
        <button
          type="button"
          aria-label={out.label}
          disabled={out.disabled}
          onClick={out.onOut}
          className={KEY}
        >
          <X size={18} aria-hidden />
        </button>
      )}
    </span>
  )
}
