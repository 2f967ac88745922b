import { formatFine } from '@/core/units/quantity'
import { openSpots, type WatchSpot } from '@/core/plate/plateState'

/** The plate's known flaws, where a pull is looked at. */
export function WatchLine({ spots }: { spots: readonly WatchSpot[] }) {
  const open = openSpots(spots)
  if (open.length === 0) return null
  return (
    <p className="my-2 border-l-4 border-text pl-3 text-sm">
      <b>Watch on every pull:</b>{' '}
      {open
        .map(
          ({ note, at: [x, y] }) =>
            `${note} (${formatFine(x, 0)} from the left, ${formatFine(y, 0)} from the top of the plate; reversed on the print)`,
        )
        .join('; ')}
      .
    </p>
  )
}
