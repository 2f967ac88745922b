import type { ZoneProblem } from '@/core/plate/zoneMap'
import { Button } from '@/ui/Button'

/** What is wrong with a map, each with its way out. */
export function ZoneFaults({
  faults,
  onRepair,
}: {
  faults: ZoneProblem[]
  onRepair: (zoneId: string) => void
}) {
  if (faults.length === 0) return null
  return (
    <ul className="mt-2" aria-label="What is wrong with the map">
      {faults.map(({ zoneId, fault, message, weight, at }) => (
        <li
          key={zoneId + message}
          className={`flex flex-wrap items-center gap-x-3 ${weight === 'refused' ? 'font-medium text-signal' : ''}`}
        >
          <span>◆ {message}</span>
          {at && weight === 'refused' && (
            <Button look="quiet" onClick={() => onRepair(zoneId)}>
              {fault === 'crosses-itself' ? 'Untangle it' : 'Cut it to the plate'}
            </Button>
          )}
        </li>
      ))}
    </ul>
  )
}
