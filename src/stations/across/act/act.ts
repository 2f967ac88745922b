import { revalidatePath } from 'next/cache'
import { z } from 'zod'
import type { Role } from '@/server/share/roles'
import { refusalFor } from '../device/asking'
import { doneBefore, noteAct } from '@/data/database/acts'
import { write } from '@/data/database/database'
import { FieldError } from '@/data/database/errors'
import { answer, type Answer } from './answer'
import { unkeepable } from './unkeepable'

/** Which pages show what an act changed. */
const SHOWN = {
  /** everything of the open job */
  job: [['/jobs/[job]', 'layout']],
  /** the first screen */
  today: [['/', 'page']],
  /** inks, papers, presses, blankets: jobs choose from them */
  store: [
    ['/store', 'layout'],
    ['/jobs/[job]', 'layout'],
  ],
  /** racks and boards */
  drying: [
    ['/drying', 'page'],
    ['/jobs/[job]', 'layout'],
  ],
  /** a shared press */
  queue: [['/queue', 'layout']],
  /** whatever writes a quantity */
  everywhere: [['/', 'layout']],
  /** a new job stands on the first screen */
  jobs: [
    ['/', 'page'],
    ['/jobs/[job]', 'layout'],
  ],
} as const satisfies Record<string, readonly (readonly [string, 'page' | 'layout'])[]>
export type Shown = keyof typeof SHOWN

/** A write the screens can ask for: what is said, and the key the device gave this act. */
export type Act<Input, Result extends object> = (input: Input, key: string) => Promise<Answer<Result>>

interface Manner {
  /** which pages show what it changed; left out: none, because the screen that asked shows it already */
  shows?: Shown
  /** true where the work is long or writes files: its writes are then transactions of their own, and its key is noted at the end */
  isLong?: boolean
}

const actKey = z
  .string({ error: 'an act needs a key' })
  .regex(/^[A-Za-z0-9-]{8,64}$/, { error: 'an act needs a key of letters, digits and hyphens' })

/** What who may not ask is answered. */
const notHere = (message: string): Answer<never> => ({
  ok: false,
  conflict: false,
  problems: [{ field: '', message }],
})

/** Acts under way, by their key: sent again before it is answered, an act is not begun again. */
const underWay = new Map<string, Promise<Answer>>()

/** What was sent, checked; a text no database could give back as it was is refused at its field. @throws FieldError, ZodError */
function parsed<S extends z.ZodType>(schema: S, input: unknown): z.output<S> {
  const problem = unkeepable(input)
  if (problem) throw new FieldError([problem])
  return schema.parse(input)
}

/**
 * Makes a write of the screens. In this order: whether who asks may do it; what was said is checked by its schema; an act whose key was
 * seen before is answered as it was then, and not done again; then it is done. The handler's writes and the note of its key are one
 * transaction, so that an act cut off by a power cut was either done and noted or neither.
 *
 * @param handler what is done, at which moment; throws what `answer` turns into words, and nothing is written then
 */
export function act<S extends z.ZodType, Result extends object>(
  schema: S,
  role: Role,
  handler: (input: z.output<S>, at: string) => Promise<Result>,
  { shows, isLong = false }: Manner = {},
): Act<z.input<S>, Result> {
  const once = async (input: unknown, given: unknown): Promise<Result> => {
    const said = parsed(schema, input)
    const key = actKey.parse(given)
    const at = new Date().toISOString()
    const work = async () => {
      const before = await doneBefore(key)
      if (before) return before as Result
      const done = await handler(said, at)
      await noteAct(key, done, at)
      return done
    }
    const result = await (isLong ? work() : write(work))
    if (shows) for (const [path, type] of SHOWN[shows]) revalidatePath(path, type)
    return result
  }
  return async (input, key) => {
    const refusal = await refusalFor(role)
    if (refusal !== null) return notHere(refusal)
    const known = typeof key === 'string' ? underWay.get(key) : undefined
    if (known) return known as Promise<Answer<Result>>
    const answered = answer(() => once(input, key))
    if (typeof key !== 'string') return answered
    underWay.set(key, answered)
    return answered.finally(() => underWay.delete(key))
  }
}

/** Makes a question of the screens: as an act, but nothing is written and nothing noted. */
export function ask<S extends z.ZodType, Result extends object>(
  schema: S,
  role: Role,
  handler: (input: z.output<S>) => Promise<Result>,
): Act<z.input<S>, Result> {
  return async (input) => {
    const refusal = await refusalFor(role)
    return refusal === null ? answer(async () => handler(parsed(schema, input))) : notHere(refusal)
  }
}
