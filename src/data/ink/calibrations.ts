import { potWeighingSchema, type PotWeighing } from '@/core/ink/inkNeed'
import { inkCalibrationSchema, USUAL_CALIBRATION, type InkCalibration } from '@/core/ink/stiffness'
import { label } from '@/core/units/schemas'
import { openDatabase, write } from '../database/database'
import { readRows } from '../database/readRows'

/** Keeps what the workshop measured of its oil and plates, beside what it had before. */
export async function keepCalibration(input: InkCalibration, at: string): Promise<void> {
  const calibration = inkCalibrationSchema.parse(input)
  await write(
    async (tables, transaction) =>
      void (await tables.calibrations.create({ at, calibration }, { transaction })),
  )
}

/** The workshop's own values, or those from memory while it has none. */
export async function loadCalibration(): Promise<InkCalibration> {
  const { tables } = await openDatabase()
  const [newest] = await readRows(tables.calibrations, { order: [['id', 'DESC']], limit: 1 })
  return newest ? inkCalibrationSchema.parse(newest.calibration) : USUAL_CALIBRATION
}

/** Keeps what a weighed pot lost in a number of pulls of a job. */
export async function keepInkWeighing(
  jobId: string,
  input: PotWeighing,
  by: string,
  at: string,
): Promise<void> {
  const weighing = potWeighingSchema.parse(input)
  await write(
    async (tables, transaction) =>
      void (await tables.ink_weighings.create(
        { jobId, ...weighing, at, by: label.parse(by) },
        { transaction },
      )),
  )
}

/** What was weighed of a job's ink, oldest first. */
export async function loadInkWeighings(jobId: string): Promise<PotWeighing[]> {
  const { tables } = await openDatabase()
  return (await readRows(tables.ink_weighings, { where: { jobId }, order: ['id'] })).map(
    ({ grams, pulls, returnedGrams, mixId }) => ({ grams, pulls, returnedGrams, mixId }),
  )
}
