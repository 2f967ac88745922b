import { z } from 'zod'
import { usualTolerances, tolerancesSchema } from '@/core/prove/tolerance'
import { batSchema, pullId } from '@/core/record/jobFile'
import { label, remark } from '@/core/units/schemas'
import { benchOf, changeJob, setBench } from './changeJob'
import { FieldError } from './errors'
import { greatest } from './greatest'
import { refuseWhenNumbered } from './jobs'

/** What an approval is made of; a reason is needed from the second version on. */
export const newBatSchema = z.strictObject({ proofPullId: pullId, tolerances: tolerancesSchema, approvedBy: label, reason: remark, otherProofPullId: batSchema.shape.otherProofPullId, wetMinutes: batSchema.shape.wetMinutes })
export type NewBat = z.input<typeof newBatSchema>

/** Approves a proof as the BAT and sets the bench to it. A later approval is a new version, and the earlier ones stay. */
export async function approveBat(jobId: string, revision: number, input: NewBat, at: string): Promise<number> {
  const { proofPullId, tolerances, approvedBy, reason, otherProofPullId, wetMinutes } = newBatSchema.parse(input)
  return changeJob(jobId, revision, async (change) => {
    const { tables, transaction } = change
    await refuseWhenNumbered(change)
    const proof = (await tables.pulls.findOne({ where: { jobId, id: proofPullId, kind: 'proof' }, transaction }))?.get({ plain: true })
    if (!proof) throw new FieldError([{ field: 'proofPullId', message: 'This is no proof of this job.' }])
    if (otherProofPullId === proofPullId || (otherProofPullId && (await tables.pulls.count({ where: { jobId, id: otherProofPullId, kind: 'proof' }, transaction })) === 0)) throw new FieldError([{ field: 'otherProofPullId', message: 'The other end is another proof of this job.' }])
    const { plate } = await benchOf(change)
    if (plate && plate.state !== proof.settings.plate.state) throw new FieldError([{ field: '', message: `This proof is of state ${proof.settings.plate.state}, and the plate is in state ${plate.state} now: pull a proof of it and approve that.` }])
    const known = usualTolerances(proof.settings)
    const unknown = Object.keys(tolerances).filter((key) => !(key in known))
    if (unknown.length > 0) throw new FieldError(unknown.map((key) => ({ field: `tolerances.${key}`, message: 'is no setting of this proof' })))
    const version = (await greatest(tables.bats, 'version', { jobId }, transaction)) + 1
    if (version > 1 && !reason) throw new FieldError([{ field: 'reason', message: 'Say why: the earlier version stays, and this one takes its place.' }])
    await tables.bats.create({ jobId, version, proofPullId, runs: [{ position: 0, settings: proof.settings, tolerances: { ...known, ...tolerances } }], approvedBy, approvedAt: at, reason, otherProofPullId, wetMinutes }, { transaction })
    await setBench(change, proof.settings)
  })
}
