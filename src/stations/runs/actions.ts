'use server'

import { revalidatePath } from 'next/cache'
import { z } from 'zod'
import { newSheetMarkSchema, runWishSchema } from '@/core/edition/runs'
import { count, label } from '@/core/units/schemas'
import { addRun, changeRun, markSheet, openRun, removeRun, setVariation } from '@/data/runs'
import { answer, type Answer } from '../bench/answer'

const target = { jobId: label, revision: count }
const addInput = z.strictObject({ ...target, run: runWishSchema })
const changeInput = z.strictObject({ ...target, position: count, run: runWishSchema })
const runInput = z.strictObject({ ...target, position: count })
const markInput = z.strictObject({ ...target, mark: newSheetMarkSchema })
const variationInput = z.strictObject({ ...target, variation: z.string() })
type Done = Promise<Answer<{ revision: number }>>

const done = (act: () => Promise<number>): Done =>
  answer(async () => {
    const revision = await act()
    revalidatePath('/', 'layout')
    return { revision }
  })

/** Adds a run after the last. */
export async function addRunAction(input: z.infer<typeof addInput>): Done {
  return done(() => {
    const { jobId, revision, run } = addInput.parse(input)
    return addRun(jobId, revision, run)
  })
}

/** Changes what a run is called and what comes before it. */
export async function changeRunAction(input: z.infer<typeof changeInput>): Done {
  return done(() => {
    const { jobId, revision, position, run } = changeInput.parse(input)
    return changeRun(jobId, revision, position, run)
  })
}

/** Takes the last run away while nothing went through it. */
export async function removeRunAction(input: z.infer<typeof runInput>): Done {
  return done(() => {
    const { jobId, revision, position } = runInput.parse(input)
    return removeRun(jobId, revision, position)
  })
}

/** Puts another run on the bench. */
export async function openRunAction(input: z.infer<typeof runInput>): Done {
  return done(() => {
    const { jobId, revision, position } = runInput.parse(input)
    return openRun(jobId, revision, position)
  })
}

/** Marks a sheet done by hand, or lost on its way. */
export async function markSheetAction(input: z.infer<typeof markInput>): Done {
  return done(() => {
    const { jobId, revision, mark } = markInput.parse(input)
    return markSheet(jobId, revision, mark, new Date().toISOString())
  })
}

/** Says whether the prints are to be alike. */
export async function setVariationAction(input: z.infer<typeof variationInput>): Done {
  return done(() => {
    const { jobId, revision, variation } = variationInput.parse(input)
    return setVariation(jobId, revision, variation)
  })
}
