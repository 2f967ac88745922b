'use server'

import { revalidatePath } from 'next/cache'
import { z } from 'zod'
import { biteStripSchema } from '@/core/plate/biteCurve'
import { bitePlanSchema } from '@/core/plate/bitePlan'
import { label } from '@/core/units/schemas'
import { endBath, makeBathCard, recordBathUse, type NewBath, type NewBathUse } from '@/data/baths'
import { keepBitePlan, keepStrip } from '@/data/bites'
import { answer, type Answer } from '../bench/answer'

const now = () => new Date().toISOString()
const refresh = () => revalidatePath('/', 'layout')

/** Keeps a test strip. */
export async function keepStripAction(
  name: string,
  strip: z.infer<typeof biteStripSchema>,
): Promise<Answer<{ id: string }>> {
  return answer(async () => {
    const id = await keepStrip(name, strip, now())
    refresh()
    return { id }
  })
}

const planInput = z.strictObject({ jobId: label, stripId: label, plan: bitePlanSchema })

/** Keeps the bite planned for the plate of a job. */
export async function keepBitePlanAction(input: z.infer<typeof planInput>): Promise<Answer> {
  return answer(async () => {
    const { jobId, stripId, plan } = planInput.parse(input)
    await keepBitePlan(jobId, stripId, plan, now())
    refresh()
    return {}
  })
}

/** Records a bath that was made. */
export async function makeBathAction(bath: NewBath): Promise<Answer<{ id: string }>> {
  return answer(async () => {
    const id = await makeBathCard(bath, now())
    refresh()
    return { id }
  })
}

/** Records a plate bitten in a bath. */
export async function recordBathUseAction(bathId: string, use: Omit<NewBathUse, 'at'>): Promise<Answer> {
  return answer(async () => {
    await recordBathUse(bathId, use, now())
    refresh()
    return {}
  })
}

/** Ends a spent bath. */
export async function endBathAction(bathId: string): Promise<Answer> {
  return answer(async () => {
    await endBath(bathId, now())
    refresh()
    return {}
  })
}
