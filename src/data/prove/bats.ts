import { z } from 'zod'
import { passesSchema } from '@/core/prove/features'
import { usualTolerances, tolerancesSchema } from '@/core/prove/tolerance'
import { batSchema, fromPictureSchema } from '@/core/record/jobFile'
import { pullId } from '@/core/edition/pullId'
import { label, remark } from '@/core/units/schemas'
import { benchOf, changeJob, setBench } from '../across/changeJob'
import { FieldError } from '../database/errors'
import { refuseWhenNumbered } from '../shop/jobs'
import { readRows } from '../database/readRows'

/** What an approval is made of; a reason is needed from the second version on. */
export const newBatSchema = z.strictObject({
  proofPullId: pullId,
  tolerances: tolerancesSchema,
  passes: passesSchema.default({}),
  approvedBy: label,
  reason: remark,
  otherProofPullId: batSchema.shape.otherProofPullId,
  wetMinutes: batSchema.shape.wetMinutes,
  /** approved from a picture: what was asked, and what was answered; left out: the print itself was looked at */
  fromPicture: fromPictureSchema.nullable().default(null),
})
export type NewBat = z.input<typeof newBatSchema>

/** Approves a proof as the BAT and sets the bench to it. A later approval is a new version, and the earlier ones stay. */
export async function approveBat(
  jobId: string,
  revision: number,
  input: NewBat,
  at: string,
): Promise<number> {
  const { proofPullId, tolerances, passes, approvedBy, reason, otherProofPullId, wetMinutes, fromPicture } =
    newBatSchema.parse(input)
  return changeJob(jobId, revision, async (change) => {
    const { tables, transaction } = change
    await refuseWhenNumbered(change)
    const position = change.job.openRun
    const ofRun = { jobId, kind: 'proof', runPosition: position } as const
    const proof = (await tables.pulls.findOne({ where: { ...ofRun, id: proofPullId }, transaction }))?.get({
      plain: true,
    })
    if (!proof) throw new FieldError([{ field: 'proofPullId', message: 'This is no proof of this job.' }])
    if (
      otherProofPullId === proofPullId ||
      (otherProofPullId &&
        (await tables.pulls.count({ where: { ...ofRun, id: otherProofPullId }, transaction })) === 0)
    )
      throw new FieldError([
        { field: 'otherProofPullId', message: 'The other end is another proof of this job.' },
      ])
    const { plate } = await benchOf(change)
    if (plate && plate.state !== proof.settings.plate.state)
      throw new FieldError([
        {
          field: '',
          message: `This proof is of state ${proof.settings.plate.state}, and the plate is in state ${plate.state} now: pull a proof of it and approve that.`,
        },
      ])
    const known = usualTolerances(proof.settings)
    const unknown = Object.keys(tolerances).filter((key) => !(key in known))
    if (unknown.length > 0)
      throw new FieldError(
        unknown.map((key) => ({ field: `tolerances.${key}`, message: 'is no setting of this proof' })),
      )
    const [before] = await readRows(tables.bats, {
      where: { jobId },
      order: [['version', 'DESC']],
      limit: 1,
      transaction,
    })
    const version = (before?.version ?? 0) + 1
    const runsBefore = before
      ? batSchema.shape.runs
          .parse(before.runs)
          .map((run) => ({ ...run, proofPullId: run.proofPullId ?? before.proofPullId }))
      : []
    if (runsBefore.some((run) => run.position === position) && !reason)
      throw new FieldError([{ field: 'reason', message: 'Enter a reason. The earlier version is kept.' }])
    await tables.bats.create(
      {
        jobId,
        version,
        proofPullId,
        runs: [
          ...runsBefore.filter((run) => run.position !== position),
          {
            position,
            settings: proof.settings,
            tolerances: { ...known, ...tolerances },
            proofPullId,
            passes,
            fromPicture: fromPicture && { ...fromPicture, seen: null },
          },
        ].sort((a, b) => a.position - b.position),
        approvedBy,
        approvedAt: at,
        reason,
        otherProofPullId,
        wetMinutes,
      },
      { transaction },
    )
    await setBench(change, proof.settings)
  })
}

/** What is said once a print was seen of a proof that was approved from a picture. */
export const printSeenSchema = z.strictObject({ by: label })

/** Notes that whoever approved the run on the bench from a picture has seen a print since; the approval stays as it is. */
export async function notePrintSeen(
  jobId: string,
  revision: number,
  input: z.input<typeof printSeenSchema>,
  at: string,
): Promise<number> {
  const { by } = printSeenSchema.parse(input)
  return changeJob(jobId, revision, async ({ job, tables, transaction }) => {
    const [bat] = await readRows(tables.bats, {
      where: { jobId },
      order: [['version', 'DESC']],
      limit: 1,
      transaction,
    })
    const runs = bat ? batSchema.shape.runs.parse(bat.runs) : []
    const open = runs.find(({ position }) => position === job.openRun)?.fromPicture
    if (!bat || !open || open.seen)
      throw new FieldError([{ field: '', message: 'No BAT of this run waits for a print to be seen.' }])
    await tables.bats.update(
      {
        runs: runs.map((run) =>
          run.position === job.openRun ? { ...run, fromPicture: { ...open, seen: { at, by } } } : run,
        ),
      },
      { where: { jobId, version: bat.version }, transaction },
    )
  })
}
