import { notFound } from 'next/navigation'
import { cache } from 'react'
import { NotFoundError, UnreadableJobError } from '@/data/database/errors'
import { runOnBench } from '@/core/edition/runs'
import { loadJob } from '@/data/shop/jobs'
import { loadKnownBeside } from '@/data/shop/knownBeside'
import { loadKnownPresses } from '@/data/press/presses'
import { readBench } from '@/stations/across/bench/readBench'

/** The job of an address, read once a request; an unknown one is the not-found page. */
export const openJob = cache(async (slug: string) => {
  try {
    return await loadJob(slug)
  } catch (error) {
    if (error instanceof NotFoundError) notFound()
    throw error
  }
})

/** A job that cannot be read is told of as such; any other failure is thrown on. */
export function onlyUnreadable(error: unknown): UnreadableJobError {
  if (error instanceof UnreadableJobError) return error
  throw error
}

/** The job of an address as its stations see it, with what the workshop knows beside it. */
export const openBench = cache(async (slug: string) => {
  const job = await openJob(slug)
  const [beside, presses] = await Promise.all([
    loadKnownBeside(job.id, runOnBench(job).bench),
    loadKnownPresses(),
  ])
  return readBench(job, beside, presses, new Date().toISOString())
})
