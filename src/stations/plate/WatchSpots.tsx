import { formatFines } from '@/core/units/quantity'
import { romanNumeral } from '@/core/plate/plate'
import type { KeptWatchSpot } from '@/data/plate/plateWatch'
import { Button } from '@/ui/Button'
import { TextField } from '@/ui/Field'
import { NumberField } from '@/ui/NumberField'
import { usePatched } from '@/ui/usePatched'
import { useJob } from '../across/bench/BenchContext'
import { problemAt } from '../across/bench/problemAt'
import { useAct } from '../across/bench/useAct'
import { PersonField } from '../across/person/PersonField'
import { usePerson } from '../across/person/usePerson'
import { Problems } from '../across/pull/Problems'
import { sendAct } from '../across/act/sendAct'
import { NO_SPOT, placeOf } from './plateStates'
import { addWatchSpotAction, endWatchSpotAction } from './roomActions'

/** The known flaws of a plate: looked at on every pull until they are gone. */
export function WatchSpots({ spots, state }: { spots: KeptWatchSpot[]; state: number }) {
  const job = useJob()
  const person = usePerson()
  const [spot, change] = usePatched(() => NO_SPOT)
  const { busy, problems, act, setProblems } = useAct()
  const { x, y, note } = spot
  const add = async () => {
    const place = placeOf(spot)
    if ('problems' in place) return setProblems(place.problems)
    const isKept = await act(() =>
      sendAct(addWatchSpotAction, { jobId: job.id, state, at: place.at, note, by: person }),
    )
    if (isKept) change(NO_SPOT)
  }
  return (
    <section aria-label="Watch spots" className="grid gap-3 border-t border-line pt-3">
      <h2 className="station-title">Watch spots</h2>
      {spots.length === 0 && (
        <p className="text-sm text-muted">
          No known flaw. A foul bite, a scratch, a peeling edge: put it here, and it is looked at on every
          pull.
        </p>
      )}
      <ul>
        {spots.map(({ id, at: [sx, sy], note: said, state: seen, goneAt }) => (
          <li
            key={id}
            className="flex flex-wrap items-center justify-between gap-x-3 border-b border-line py-1 text-sm"
          >
            <span className={goneAt ? 'text-muted line-through' : ''}>
              {said} ({formatFines([sx, sy], ', ', 0)}; state {romanNumeral(seen)})
            </span>
            {!goneAt && (
              <Button
                look="quiet"
                onClick={() => void sendAct(endWatchSpotAction, { jobId: job.id, id })}
                aria-label={`${said} is gone`}
              >
                Resolved
              </Button>
            )}
          </li>
        ))}
      </ul>
      <div className="grid grid-cols-2 gap-3">
        <NumberField
          label="From the left"
          unit="mm"
          value={x}
          onValue={(mm) => change({ x: mm })}
          problem={problemAt(problems, 'x') ?? problemAt(problems, 'at')}
        />
        <NumberField
          label="From the top"
          unit="mm"
          value={y}
          onValue={(mm) => change({ y: mm })}
          problem={problemAt(problems, 'y')}
        />
        <TextField
          label="What is there"
          value={note}
          onText={(text) => change({ note: text })}
          problem={problemAt(problems, 'note')}
          className="col-span-2"
        />
        <PersonField did="Seen by" problem={problemAt(problems, 'by')} className="col-span-2" />
      </div>
      <Problems problems={problems} except={['x', 'y', 'at', 'note', 'by']} />
      <Button disabled={busy} onClick={() => void add()}>
        Add this spot
      </Button>
    </section>
  )
}
