import { pullEventSchema } from '@/core/edition/pull'
import { readPull } from '@/core/edition/readPull'
import type { Worked } from '@/core/press/startingPressure'
import { middleReading } from '@/core/press/pressSetting'
import { settingsSchema, type Settings } from '@/core/prove/settings'
import { batSchema } from '@/core/record/jobFile'
import { openDatabase } from '../database/database'
import { readReadable } from '../database/readRows'
import { loadPressureTrials } from './pressCards'

const underOf = ({ press, plate, paper }: Settings): Worked['under'] => ({
  press,
  plate: { widthMm: plate.widthMm, thicknessMm: plate.thicknessMm, kind: plate.kind },
  paper: { sheetWidthMm: paper.sheetWidthMm, caliperMm: paper.caliperMm },
})

/**
 * Settings that printed well in every job: its newest BAT, run by run; where it has none, the last proof whose lines and plate mark
 * somebody judged as wanted, or whose pressure somebody called right.
 */
export async function loadWorkedSettings(): Promise<Worked[]> {
  const { tables } = await openDatabase()
  const [jobs, bats, proofs, verdicts, trials] = await Promise.all([
    tables.jobs.findAll({ attributes: ['id', 'title'] }),
    readReadable(tables.bats, { order: ['jobId', 'version'] }),
    readReadable(tables.pulls, { where: { kind: 'proof' }, order: ['jobId', 'place'] }),
    readReadable(tables.pull_events, { where: { subject: 'verdict' }, order: ['id'] }),
    loadPressureTrials(),
  ])
  const isJudgedGood = ({ jobId, id }: { jobId: string; id: string }) => {
    const events = verdicts
      .filter((event) => event.jobId === jobId && event.pullId === id)
      .map(({ event, at, by, why }) => ({ event: pullEventSchema.parse(event), at, by, why }))
    const features = readPull({ events }).verdict?.features
    return features !== undefined && !features.line && !features.emboss && !features.plate
  }
  const isCalledRight = (jobId: string, { press }: Settings) =>
    trials.some(
      (trial) =>
        trial.jobId === jobId &&
        trial.pressId === press.pressId &&
        trial.verdict === 'right' &&
        Math.abs(trial.set - middleReading(press)) < 1e-9,
    )
  return jobs.flatMap((row) => {
    const { id: jobId, title: name } = row.get({ plain: true })
    const bat = bats.findLast((one) => one.jobId === jobId)
    if (bat)
      return batSchema.shape.runs
        .parse(bat.runs)
        .map(({ settings }) => ({ jobId, name, under: underOf(settings) }))
    const good = proofs
      .filter((one) => one.jobId === jobId)
      .map(({ id, settings }) => ({ id, jobId, settings: settingsSchema.parse(settings) }))
      .findLast((proof) => isJudgedGood(proof) || isCalledRight(jobId, proof.settings))
    return good ? [{ jobId, name, under: underOf(good.settings) }] : []
  })
}
