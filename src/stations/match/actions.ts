'use server'

import { z } from 'zod'
import { label } from '@/core/units/schemas'
import { answer, type Answer } from '../bench/answer'
import { modelScan } from './modelScan'

const input = z.strictObject({ slug: label, pullId: label })

/** Prints and scans an impression by our model; the picture is kept, and what it is of is said by whoever asked. */
export async function modelScanAction(asked: z.input<typeof input>): Promise<Answer<{ id: string }>> {
  return answer(async () => {
    const { slug, pullId } = input.parse(asked)
    return { id: await modelScan(slug, pullId, new Date().toISOString()) }
  })
}
