import { z } from 'zod'
import { finite, label, nonNegative } from '../units/schemas'

const taskSchema = z.strictObject({ name: label, prepMinutes: nonNegative, pressMinutes: nonNegative })
export type FlowTask = z.infer<typeof taskSchema>

export const flowOrderInput = z
  .strictObject({
    tasks: z
      .array(taskSchema)
      .min(1, { error: 'needs at least one task' })
      .max(10_000, { error: 'takes at most 10000 tasks' }),
  })
  .superRefine(({ tasks }, context) => {
    const seen = new Set<string>()
    tasks.forEach(({ name }, i) => {
      if (seen.has(name))
        context.addIssue({ code: 'custom', path: ['tasks', i, 'name'], message: `${name} is there twice` })
      seen.add(name)
    })
  })
export const flowOrderOutput = z.strictObject({ order: z.array(z.string()), makespanMinutes: finite })

/** When the last plate leaves the press if all are taken in this order: each is prepared, then pressed; press and bench take one at a time. */
export function makespan(tasks: readonly FlowTask[]): number {
  let [prepared, pressed] = [0, 0]
  for (const { prepMinutes, pressMinutes } of tasks) {
    prepared += prepMinutes
    pressed = Math.max(pressed, prepared) + pressMinutes
  }
  return pressed
}

/**
 * Order in which one preparing bench and one press are through soonest: Johnson's rule (Johnson 1954), exact. Those quicker to
 * prepare than to press come first, quickest to prepare leading; the others follow, quickest to press last.
 */
export function orderFlow({ tasks }: z.infer<typeof flowOrderInput>): z.infer<typeof flowOrderOutput> {
  const first = tasks
    .filter(({ prepMinutes, pressMinutes }) => prepMinutes < pressMinutes)
    .sort((a, b) => a.prepMinutes - b.prepMinutes)
  const last = tasks
    .filter(({ prepMinutes, pressMinutes }) => prepMinutes >= pressMinutes)
    .sort((a, b) => b.pressMinutes - a.pressMinutes)
  const ordered = [...first, ...last]
  return { order: ordered.map(({ name }) => name), makespanMinutes: makespan(ordered) }
}
