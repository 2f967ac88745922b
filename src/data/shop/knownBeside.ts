import { paperStanding } from '@/core/paper/stock'
import type { KnownBeside } from '@/core/record/jobNeed'
import { loadInkWeighings } from '../ink/calibrations'
import { loadFacings } from '../plate/plateWatch'
import { loadReservations } from './stock'
import { loadStore, type StorePaper, type StorePress } from './store'
import type { Bench } from '@/core/prove/settings'
import type { Reservation } from '@/core/paper/stock'

/** What is in the store, where it is read already. */
interface Stocked {
  presses: readonly StorePress[]
  papers: readonly StorePaper[]
  reservations: readonly Reservation[]
}

async function loadStocked(): Promise<Stocked> {
  const [{ papers, presses }, reservations] = await Promise.all([loadStore(), loadReservations()])
  return { papers, presses, reservations }
}

/** What the workshop knows of a job beside its record: ink weighed, facings, sheets of its paper that no other job keeps back, and its press. */
export async function loadKnownBeside(
  jobId: string,
  { paper: onBench, press }: Pick<Bench, 'paper' | 'press'>,
  stocked?: Stocked,
): Promise<KnownBeside> {
  const [weighings, facings, { papers, presses, reservations }] = await Promise.all([
    loadInkWeighings(jobId),
    loadFacings(jobId),
    stocked ?? loadStocked(),
  ])
  const paper = papers.find(({ id }) => id === onBench?.paperId)
  const others = reservations.filter((one) => one.paperId === onBench?.paperId && one.jobId !== jobId)
  return {
    weighings,
    facings,
    inStock: paper ? Math.max(0, paperStanding(paper.sheetsLeft, others, null).free) : null,
    pressKind: presses.find(({ id }) => id === press?.pressId)?.kind ?? null,
  }
}
