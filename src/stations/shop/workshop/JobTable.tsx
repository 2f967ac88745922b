'use client'

import Link from 'next/link'
import { goesAt, type PlaceOfJob } from '@/core/prove/placeOfJob'
import { purposeWords } from '@/core/prove/purpose'
import { saidDayOf } from '@/core/units/moment'
import type { JobSummary } from '@/data/shop/jobs'
import { Button } from '@/ui/Button'
import { useZone } from '@/ui/ViewerZone'
import { sendAct } from '../../across/act/sendAct'
import { useAct } from '../../across/bench/useAct'
import { Problems } from '../../across/pull/Problems'
import { layJobAction } from './actions'
import { PlateThumb } from './PlateThumb'
import { standingWords } from './words'

const HEADS = ['Print', 'What it is', 'Begun', 'Last worked on', '']

/** Jobs in a table, each with its print and its days, so that two of one title are told apart; and where each can be laid. */
export function JobTable({ jobs, place }: { jobs: readonly JobSummary[]; place: PlaceOfJob }) {
  return (
    <div className="relative overflow-x-auto" role="region" aria-label="Jobs in a table" tabIndex={0}>
      <table className="w-full text-sm">
        <thead className="text-left text-muted max-sm:sr-only">
          <tr>
            {HEADS.map((head) => (
              <th key={head} scope="col" className="pr-3 font-normal">
                {head || <span className="sr-only">Where it lies</span>}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {jobs.map((job) => (
            <JobRow key={job.id} job={job} place={place} />
          ))}
        </tbody>
      </table>
    </div>
  )
}

function JobRow({ job, place }: { job: JobSummary; place: PlaceOfJob }) {
  const zone = useZone()
  const { busy, problems, act } = useAct()
  const lay = (next: PlaceOfJob, words: string) => (
    <Button
      look="quiet"
      disabled={busy}
      aria-label={`${job.title}: ${words.toLowerCase()}`}
      onClick={() => void act(() => sendAct(layJobAction, { jobId: job.id, place: next }))}
    >
      {words}
    </Button>
  )
  return (
    <tr className="border-t border-line max-sm:grid max-sm:py-2">
      <th scope="row" className="py-1.5 pr-3 text-left font-normal">
        <Link
          href={`/jobs/${job.slug}`}
          className="flex min-h-11 min-w-44 items-center gap-3 underline-offset-4 hover:underline"
        >
          <span className="block w-14 shrink-0">
            <PlateThumb imageId={job.imageId} className="max-h-12" empty="h-8" />
          </span>
          <span>
            <b className="block">{job.title}</b>
            <span className="text-muted">{job.artist}</span>
          </span>
        </Link>
      </th>
      <td className="pr-3">
        {purposeWords(job)}
        <span className="block text-muted">{standingWords(job)}</span>
      </td>
      <td className="pr-3 whitespace-nowrap max-sm:hidden">{saidDayOf(job.createdAt, zone)}</td>
      <td className="pr-3 whitespace-nowrap max-sm:text-muted">
        {saidDayOf(job.lastAt, zone)}
        {job.putAway === 'bin' && job.putAwayAt && (
          <span className="block text-muted">
            {job.proofs + job.accepted + job.rejected > 0
              ? `put away on ${saidDayOf(goesAt(job.putAwayAt), zone)}: it was pulled from`
              : `goes for good on ${saidDayOf(goesAt(job.putAwayAt), zone)}`}
          </span>
        )}
      </td>
      <td>
        <span className="flex flex-wrap sm:justify-end">
          {place === 'shelf' && lay('archive', 'Put away')}
          {place !== 'bin' && lay('bin', 'Into the bin')}
          {place !== 'shelf' && lay('shelf', 'Back on the shelf')}
        </span>
        <Problems problems={problems} />
      </td>
    </tr>
  )
}
