import { paperStanding } from '@/core/paper/stock'
import type { KnownBeside } from '@/core/record/jobNeed'
import { loadInkWeighings } from '../ink/calibrations'
import { loadFacings } from '../plate/plateWatch'
import { loadReservations } from './stock'
import { loadStore, type StorePaper } from './store'
import type { Reservation } from '@/core/paper/stock'

/** What is in the store, where it is read already. */
interface Stocked {
  papers: readonly StorePaper[]
  reservations: readonly Reservation[]
}

async function loadStocked(): Promise<Stocked> {
  const [{ papers }, reservations] = await Promise.all([loadStore(), loadReservations()])
  return { papers, reservations }
}

/** What the workshop knows of a job beside its record: ink weighed, facings, and sheets of its paper that no other job keeps back. */
export async function loadKnownBeside(
  jobId: string,
  paperId: string | null,
  stocked?: Stocked,
): Promise<KnownBeside> {
  const [weighings, facings, { papers, reservations }] = await Promise.all([
    loadInkWeighings(jobId),
    loadFacings(jobId),
    stocked ?? loadStocked(),
  ])
  const paper = papers.find(({ id }) => id === paperId)
  const others = reservations.filter((one) => one.paperId === paperId && one.jobId !== jobId)
  return {
    weighings,
    facings,
    inStock: paper ? Math.max(0, paperStanding(paper.sheetsLeft, others, null).free) : null,
  }
}
