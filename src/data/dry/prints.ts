import { z } from 'zod'
import { dryReadyAt, DRYING_METHOD_KEYS } from '@/core/dry/drying'
import {
  checkMoments,
  checkNumbering,
  checkSigner,
  numberImpressions,
  numberingInput,
} from '@/core/dry/numbering'
import { sheetLines } from '@/core/edition/runs'
import { sizeDeclared } from '@/core/prove/purpose'
import { writeMoment } from '@/core/units/moment'
import { count, finite, label } from '@/core/units/schemas'
import { changeJob } from '../across/changeJob'
import { layInto } from '../shop/dryingPlaces'
import { FieldError } from '../database/errors'
import { readJobRecord } from '../record/jobRecord'
import { refuseWhenNumbered } from '../shop/jobs'

/** How and for how long the prints are laid to dry. */
export const newDryingSchema = z.strictObject({
  method: z.enum(DRYING_METHOD_KEYS),
  days: finite.min(0, { error: 'must be within 0 and 60' }).max(60, { error: 'must be within 0 and 60' }),
  by: label,
  /** the place of the workshop they lie in, and how many; left out: nowhere that is kept account of */
  place: z.strictObject({ placeId: label, sheets: count.min(1, { error: 'must be 1 or more' }) }).optional(),
})
export type NewDrying = z.infer<typeof newDryingSchema>

/** Records that the prints were laid to dry, and when they will be ready. */
export async function layToDry(
  jobId: string,
  revision: number,
  input: NewDrying,
  at: string,
): Promise<number> {
  const { method, days, by, place } = newDryingSchema.parse(input)
  const readyAt = dryReadyAt(at, days)
  return changeJob(jobId, revision, async ({ tables, transaction }) => {
    await tables.dryings.create({ jobId, method, laidAt: at, readyAt, by }, { transaction })
    if (place)
      await layInto(tables, transaction, { ...place, jobId, laidAt: at, readyAt, by }, 'drying.place')
  })
}

/** Gives the numbers of a sorted edition and closes it: every accepted impression and the BAT proof, each once. */
export async function giveNumbers(
  jobId: string,
  revision: number,
  input: z.input<typeof numberingInput>,
  at: string,
): Promise<number> {
  const numbering = numberingInput.parse(input)
  const { sorted, marking } = numbering
  return changeJob(jobId, revision, async (change) => {
    const { job, tables, transaction } = change
    await refuseWhenNumbered(change)
    const record = await readJobRecord(job, tables, transaction)
    const { pulls, bats } = record
    const batPullId = bats.at(-1)?.proofPullId ?? null
    const accepted = sheetLines(record)
      .filter(({ isThrough }) => isThrough)
      .flatMap(({ lastPullId }) => lastPullId ?? [])
    const known = new Map(pulls.map((pull) => [pull.id, pull]))
    const momentOf = (id: string) => {
      const pull = known.get(id)
      return pull ? writeMoment(pull.pulledAt, pull.zone) : ''
    }
    const numbered = numberImpressions(sorted, numbering, momentOf)
    const problems = [
      ...checkNumbering(
        sorted,
        sizeDeclared(job),
        new Set([...accepted, ...(batPullId ? [batPullId] : [])]),
        batPullId,
      ),
      ...checkMoments(numbered, marking),
      ...checkSigner(numbering),
    ]
    if (problems.length > 0) throw new FieldError(problems)
    await tables.prints.bulkCreate(
      numbered.map(({ pullId, kind, number, mark }, i) => ({
        jobId,
        pullId,
        place: i + 1,
        kind,
        number,
        mark,
        numberedAt: at,
      })),
      { transaction },
    )
    await tables.sortings.upsert({ jobId, numbering, at }, { transaction })
  })
}
