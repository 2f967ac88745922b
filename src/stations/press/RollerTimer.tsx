'use client'

import { formatFine } from '@/core/units/quantity'
import { formatNumber } from '@/core/units/length'
import { Button } from '@/ui/Button'
import { useBench, useJob } from '../across/bench/BenchContext'
import { useRollerRun } from './keptRoller'

/** One tap as the plate meets the roller, one as it is off: how fast the bed went, kept with the pull that follows. */
export function RollerTimer() {
  const job = useJob()
  const bench = useBench()
  return (
    <RollerTap
      jobId={job.id}
      plateMm={bench.plate?.heightMm ?? null}
      wanted={bench.press?.secondsOnPlate ?? job.bat?.settings.press?.secondsOnPlate ?? null}
    />
  )
}

/** The two taps by themselves. @param plateMm the plate along the travel; @param wanted seconds it is to take */
export function RollerTap({
  jobId,
  plateMm,
  wanted,
}: {
  jobId: string
  plateMm: number | null
  wanted: number | null
}) {
  const { run, tap, forget } = useRollerRun(jobId)
  const speed = run.seconds !== null && plateMm !== null ? plateMm / run.seconds : null
  return (
    <div role="group" aria-label="Time under the roller" className="my-2 flex flex-wrap items-center gap-3">
      <Button className="min-h-14" onClick={() => tap(Date.now())}>
        {run.startedAt === null ? 'Start the roller timer' : 'Plate is off the roller'}
      </Button>
      <p data-said className="flex-1 basis-40 text-sm empty:hidden">
        {run.startedAt !== null ? (
          'Slowly and evenly: do not stop on the plate.'
        ) : run.seconds !== null ? (
          <>
            <b>{formatNumber(run.seconds, 1)} s</b>
            {speed === null ? '' : `, ${formatFine(speed, 0)} a second`}
            {wanted === null ? '' : `; wanted ${formatNumber(wanted, 1)} s`}: saved with the next pull.{' '}
            <button type="button" className="min-h-11 underline underline-offset-4" onClick={forget}>
              Leave it out
            </button>
          </>
        ) : null}
      </p>
    </div>
  )
}
