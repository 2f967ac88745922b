'use client'

import { useMemo } from 'react'
import { jobNeed, type JobNeed } from '@/core/record/jobNeed'
import { useBench, useJob } from './BenchContext'

/** What the rest of the job takes, by the bench as it stands: what is typed at one station counts at all of them at once. */
export function useNeed(): JobNeed {
  const bench = useBench()
  const { work, beside } = useJob()
  return useMemo(() => jobNeed(bench, work, beside), [bench, work, beside])
}
