import { NextResponse, type NextRequest } from 'next/server'
import { z } from 'zod'
import { NotFoundError } from '@/data/database/errors'
import type { Role } from '@/server/share/roles'
import { refusalFor } from '../device/asking'
import { answer } from './answer'
import { unkeepable } from './unkeepable'

const refused = (message: string, status: number) => NextResponse.json({ message }, { status })

/**
 * Makes a POST route for what devices send by themselves: JSON in, JSON out, checked in the same order as an act. What is sent carries ids
 * of its own, so that the handler does it once however often it comes.
 *
 * @param handler what is done with it; throws what `answer` turns into words
 */
export function actRoute<S extends z.ZodType, Params extends object>(
  schema: S,
  role: Role,
  handler: (input: z.output<S>, params: Params, at: string) => Promise<object>,
) {
  return async (request: NextRequest, { params }: { params: Promise<Params> }): Promise<NextResponse> => {
    const refusal = await refusalFor(role)
    if (refusal !== null) return refused(refusal, 403)
    let input: unknown
    try {
      input = await request.json()
    } catch {
      return refused('This is not JSON.', 400)
    }
    const problem = unkeepable(input)
    if (problem) return refused(`${problem.field}: ${problem.message}`, 400)
    let isMissing = false
    const answered = await answer(async () => {
      try {
        return { result: await handler(schema.parse(input), await params, new Date().toISOString()) }
      } catch (error) {
        isMissing = error instanceof NotFoundError
        throw error
      }
    })
    if (answered.ok) return NextResponse.json(answered.result)
    const [{ field, message }] = answered.problems
    return refused(field ? `${field}: ${message}` : message, isMissing ? 404 : 400)
  }
}
