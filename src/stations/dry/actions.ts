'use server'

import { revalidatePath } from 'next/cache'
import { z } from 'zod'
import { numberingInput } from '@/core/dry/numbering'
import { count, label } from '@/core/units/schemas'
import { cancelPlate, newCancellationSchema } from '@/data/cancellation'
import { declareEditionSize } from '@/data/jobs'
import { giveNumbers, layToDry, newDryingSchema } from '@/data/prints'
import { keepSorting } from '@/data/sortings'
import { unlockNumbers } from '@/data/unlocks'
import { answer, type Answer } from '../bench/answer'

const target = { jobId: label, revision: count }
const dryInput = z.strictObject({ ...target, drying: newDryingSchema })
const numberInput = z.strictObject({ ...target, numbering: numberingInput })
const sortingInput = z.strictObject({ jobId: label, numbering: numberingInput })
const cancelInput = z.strictObject({ ...target, cancellation: newCancellationSchema })
const sizeInput = z.strictObject({ ...target, editionSize: z.number() })
const unlockInput = z.strictObject({ ...target, why: z.string().max(500), by: z.string().max(200) })
type Done = Promise<Answer<{ revision: number }>>

/** Records that the prints were laid to dry. */
export async function layToDryAction(input: z.infer<typeof dryInput>): Done {
  return answer(async () => {
    const { jobId, revision, drying } = dryInput.parse(input)
    const next = await layToDry(jobId, revision, drying, new Date().toISOString())
    revalidatePath('/', 'layout')
    return { revision: next }
  })
}

/** Keeps how the impressions lie while they are being sorted. */
export async function keepSortingAction(input: z.infer<typeof sortingInput>): Promise<Answer> {
  return answer(async () => {
    const { jobId, numbering } = sortingInput.parse(input)
    await keepSorting(jobId, numbering, new Date().toISOString())
    return {}
  })
}

/** Gives the numbers of the sorted edition, and closes it. */
export async function giveNumbersAction(input: z.infer<typeof numberInput>): Done {
  return answer(async () => {
    const { jobId, revision, numbering } = numberInput.parse(input)
    const next = await giveNumbers(jobId, revision, numbering, new Date().toISOString())
    revalidatePath('/', 'layout')
    return { revision: next }
  })
}

/** Records that the plate was struck, with the proof that shows it. */
export async function cancelPlateAction(input: z.infer<typeof cancelInput>): Done {
  return answer(async () => {
    const { jobId, revision, cancellation } = cancelInput.parse(input)
    const next = await cancelPlate(jobId, revision, cancellation, new Date().toISOString())
    revalidatePath('/', 'layout')
    return { revision: next }
  })
}

/** Takes the numbers back, with who and why. */
export async function unlockNumbersAction(input: z.infer<typeof unlockInput>): Done {
  return answer(async () => {
    const { jobId, revision, why, by } = unlockInput.parse(input)
    const next = await unlockNumbers(jobId, revision, { why, by }, new Date().toISOString())
    revalidatePath('/', 'layout')
    return { revision: next }
  })
}

/** Declares the edition as large as what stands in it. */
export async function declareSizeAction(input: z.infer<typeof sizeInput>): Done {
  return answer(async () => {
    const { jobId, revision, editionSize } = sizeInput.parse(input)
    const next = await declareEditionSize(jobId, revision, editionSize)
    revalidatePath('/', 'layout')
    return { revision: next }
  })
}
