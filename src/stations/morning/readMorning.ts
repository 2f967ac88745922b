import { mixStiffness, THIN_PLATE_OIL_PAS, USUAL_DROP_GRAMS, USUAL_HALVING_C } from '@/core/ink/stiffness'
import { modifierAmount } from '@/core/ink/mix'
import { readPull } from '@/core/edition/pull'
import type { MorningJob } from '@/core/morning/morningSheet'
import type { ShelfInk } from '@/core/record/jobFile'
import type { Bench } from '@/core/prove/settings'
import type { JobRecord } from '@/data/jobRecord'

/** Stiffness of a mix with its oil at the reference temperature of the shelf, Pa·s; null when an ink is not on it. */
function stiffnessOf(mix: Bench['ink'], shelf: readonly ShelfInk[]): number | null {
  if (!mix) return null
  const total = mix.parts.reduce((sum, part) => sum + part.parts, 0)
  const inks = mix.parts.map(({ inkId, parts }) => ({ ink: shelf.find(({ id }) => id === inkId), grams: (parts / total) * mix.puddleGrams }))
  if (inks.some(({ ink }) => !ink)) return null
  const oil = { viscosityPas: THIN_PLATE_OIL_PAS, grams: modifierAmount(mix, 'thin-oil') * USUAL_DROP_GRAMS }
  const components = [...inks.map(({ ink, grams }) => ({ viscosityPas: ink!.viscosityPas, grams })), oil]
  return mixStiffness({ components, temperatureC: 20, referenceC: 20, halvingC: USUAL_HALVING_C }).viscosityPas
}

/** What the morning sheet needs of a job that is under way. */
export function readMorning(job: JobRecord, shelf: readonly ShelfInk[], now: string): MorningJob {
  const { bench } = job.runs[0]
  const decisions = job.pulls.filter(({ kind }) => kind === 'edition').map((pull) => readPull(pull).decision?.decision)
  const drying = job.dryings.at(-1)
  const today = now.slice(0, 10)
  return {
    id: job.id, title: job.title, bench, bat: job.bats.at(-1)?.runs[0].settings ?? null, mixPas: stiffnessOf(bench.ink, shelf),
    pullsFromPlate: job.pulls.length, pullsFromMix: job.pulls.filter((pull) => pull.settings.ink.name === bench.ink?.name).length,
    editionSize: job.editionSize, accepted: decisions.filter((decision) => decision === 'accepted').length, rejected: decisions.filter((decision) => decision === 'rejected').length,
    pulledToday: job.pulls.some(({ pulledAt }) => pulledAt.startsWith(today)),
    drying: drying ? { ready: drying.readyAt <= now, when: drying.readyAt.slice(0, 10) } : null,
  }
}
