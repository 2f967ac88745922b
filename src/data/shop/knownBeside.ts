import { paperStanding } from '@/core/paper/stock'
import type { Bench } from '@/core/prove/settings'
import type { KnownBeside } from '@/core/record/jobNeed'
import { loadInkWeighings } from '../ink/calibrations'
import { loadFacings } from '../plate/plateWatch'
import { loadReservations } from './stock'
import { sheetsLeftOf } from './store'

/** What was weighed of a job's ink, and the facings of its plate. */
export async function loadWeighedAndFaced(
  jobId: string,
): Promise<Pick<KnownBeside, 'weighings' | 'facings'>> {
  const [weighings, facings] = await Promise.all([loadInkWeighings(jobId), loadFacings(jobId)])
  return { weighings, facings }
}

/** What the workshop knows of a job beside its record: ink weighed, facings, and sheets of its paper that no other job keeps back. */
export async function loadKnownBeside(jobId: string, { paper }: Pick<Bench, 'paper'>): Promise<KnownBeside> {
  const [own, left, reservations] = await Promise.all([
    loadWeighedAndFaced(jobId),
    sheetsLeftOf(paper?.paperId),
    loadReservations(),
  ])
  const others = reservations.filter((one) => one.paperId === paper?.paperId && one.jobId !== jobId)
  return {
    ...own,
    stock:
      paper && left !== null
        ? { paperId: paper.paperId, sheets: Math.max(0, paperStanding(left, others, null).free) }
        : null,
  }
}
