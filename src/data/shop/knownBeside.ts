import { paperStanding } from '@/core/paper/stock'
import { standsByKind, type PlateOfShop } from '@/core/plate/standsHere'
import type { Bench } from '@/core/prove/settings'
import type { KnownBeside } from '@/core/record/jobNeed'
import { loadInkWeighings } from '../ink/calibrations'
import { loadPlatesOfShop } from '../plate/platesOfShop'
import { loadFacings } from '../plate/plateWatch'
import { loadReservations } from './stock'
import { sheetsLeftOf } from './store'

/** What was weighed of a job's ink, the facings of its plate, and what plates of other jobs stood. @param plates of the workshop */
export async function loadOfInkAndPlate(
  jobId: string,
  plates: readonly PlateOfShop[],
): Promise<Omit<KnownBeside, 'stock'>> {
  const [weighings, facings] = await Promise.all([loadInkWeighings(jobId), loadFacings(jobId)])
  return { weighings, facings, standsHere: standsByKind(plates, jobId) }
}

/** What the workshop knows of a job beside its record: ink weighed, facings, what plates stood, and sheets of its paper that no other job keeps back. */
export async function loadKnownBeside(jobId: string, { paper }: Pick<Bench, 'paper'>): Promise<KnownBeside> {
  const [own, left, reservations] = await Promise.all([
    loadPlatesOfShop().then((plates) => loadOfInkAndPlate(jobId, plates)),
    sheetsLeftOf(paper?.paperId),
    loadReservations(),
  ])
  const others = reservations.filter((one) => one.paperId === paper?.paperId && one.jobId !== jobId)
  return {
    ...own,
    stock:
      paper && left !== null
        ? { paperId: paper.paperId, sheets: Math.max(0, paperStanding(left, others, null).free ?? 0) }
        : null,
  }
}
