import Link from 'next/link'
import type { WeekDay } from '@/core/morning/week'
import { timeOf } from '@/core/units/moment'
import type { JobSummary } from '@/data/shop/jobs'
import { buttonClass } from '@/ui/Button'
import { Panel } from '@/ui/Panel'
import { PlateThumb } from '../workshop/PlateThumb'
import { jobAsks, weekAnswer } from './answers'

/** The next seven days of the workshop: printing days, queues and drying prints by the clock, and what each job asks for any day. */
export function WeekSheet({
  week,
  jobs,
  zone,
}: {
  week: readonly WeekDay[]
  /** under way */
  jobs: readonly JobSummary[]
  zone: string
}) {
  return (
    <Panel
      title="The week"
      answer={weekAnswer(week, zone)}
      aside={
        <a href="/week/week.ics" download className={buttonClass('quiet', 'print:hidden')}>
          Calendar file
        </a>
      }
    >
      <ol aria-label="Days">
        {week.map(({ day, weekday, entries }, i) => (
          <li key={day} className="grid grid-cols-[5.5rem_minmax(0,1fr)] gap-x-4 border-t border-line py-2">
            <h2 className="station-title">
              {i === 0 ? 'Today' : weekday}
              <span className="condensed block text-sm font-normal text-muted">{day.slice(8)}.</span>
            </h2>
            {entries.length === 0 ? (
              <p className="text-muted">—</p>
            ) : (
              <ul>
                {entries.map(({ id, at, endAt, title, words, page, isDue, clash }) => (
                  <li key={id} className="grid grid-cols-[7.5rem_minmax(0,1fr)] gap-x-3 py-0.5">
                    <span className="tabular-nums">
                      {isDue ? <b>◆ now</b> : timeOf(at, zone)}
                      {endAt && `–${timeOf(endAt, zone)}`}
                    </span>
                    <span>
                      <Link href={page} className="font-semibold underline-offset-4 hover:underline">
                        {title}
                      </Link>
                      : {words}
                      {clash && <b className="block text-signal">◆ {clash}</b>}
                    </span>
                  </li>
                ))}
              </ul>
            )}
          </li>
        ))}
      </ol>
      <section aria-label="Any day" className="border-t-2 border-text pt-2">
        <h2 className="station-title">Any day</h2>
        {jobs.length === 0 && <p>No job is under way.</p>}
        <ul className="grid gap-x-6 md:grid-cols-2">
          {jobs.map((job) => {
            const { words, station } = jobAsks(job)
            return (
              <li key={job.id} className="border-t border-line">
                <Link
                  href={`/jobs/${job.slug}/${station}`}
                  className="grid grid-cols-[4.5rem_1fr] items-center gap-3 py-2 hover:bg-raised"
                >
                  <PlateThumb imageId={job.imageId} className="max-h-14" empty="h-10" />
                  <span>
                    <b className="font-semibold">{job.title}</b>: {words}
                  </span>
                </Link>
              </li>
            )
          })}
        </ul>
      </section>
    </Panel>
  )
}
