'use server'

import { revalidatePath } from 'next/cache'
import { z } from 'zod'
import { reflectanceSpectrum } from '@/core/colour/spectrum'
import { potWeighingSchema } from '@/core/ink/inkNeed'
import { inkCalibrationSchema } from '@/core/ink/stiffness'
import { label } from '@/core/units/schemas'
import { keepCalibration, keepInkWeighing } from '@/data/calibrations'
import {
  additionSchema,
  addToBatch,
  keepCard,
  makeBatch,
  measureBatch,
  type KeepCard,
  type NewBatch,
} from '@/data/cards'
import { answer, type Answer } from '../bench/answer'

const now = () => new Date().toISOString()
const refresh = () => revalidatePath('/', 'layout')

/** Puts a mix on a card, or on the next version of one. */
export async function keepCardAction(
  input: KeepCard,
): Promise<Answer<{ card: { id: string; version: number } }>> {
  return answer(async () => {
    const card = await keepCard(input, now())
    refresh()
    return { card }
  })
}

/** Records a batch mixed from a card. */
export async function makeBatchAction(input: NewBatch): Promise<Answer> {
  return answer(async () => {
    await makeBatch(input, now())
    refresh()
    return {}
  })
}

const measuredInput = z.strictObject({ batchId: label, measured: reflectanceSpectrum })

/** Keeps how a batch reads. */
export async function measureBatchAction(input: z.infer<typeof measuredInput>): Promise<Answer> {
  return answer(async () => {
    const { batchId, measured } = measuredInput.parse(input)
    await measureBatch(batchId, measured)
    refresh()
    return {}
  })
}

const additionInput = z.strictObject({ batchId: label, addition: additionSchema })

/** Records what was added to a batch. */
export async function addToBatchAction(input: z.infer<typeof additionInput>): Promise<Answer> {
  return answer(async () => {
    const { batchId, addition } = additionInput.parse(input)
    await addToBatch(batchId, addition, now())
    refresh()
    return {}
  })
}

/** Keeps what the workshop measured of its oil and plates. */
export async function keepCalibrationAction(input: z.infer<typeof inkCalibrationSchema>): Promise<Answer> {
  return answer(async () => {
    await keepCalibration(input, now())
    refresh()
    return {}
  })
}

const weighingInput = z.strictObject({ jobId: label, weighing: potWeighingSchema, by: label })

/** Keeps what a weighed pot lost. */
export async function keepInkWeighingAction(input: z.infer<typeof weighingInput>): Promise<Answer> {
  return answer(async () => {
    const { jobId, weighing, by } = weighingInput.parse(input)
    await keepInkWeighing(jobId, weighing, by, now())
    refresh()
    return {}
  })
}
