import { notFound } from 'next/navigation'
import { cache } from 'react'
import { NotFoundError, UnreadableJobError } from '@/data/database/errors'
import { loadJob } from '@/data/shop/jobs'

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
