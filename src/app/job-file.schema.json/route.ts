import { z } from 'zod'
import { jobFileSchema } from '@/core/record/jobFile'

/** The JSON Schema of a job file, made from the schema that reads it. */
export function GET(): Response {
  return Response.json(z.toJSONSchema(jobFileSchema, { io: 'input', unrepresentable: 'any' }))
}
