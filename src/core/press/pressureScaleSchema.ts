import { isNamedBefore } from '../units/byName'
import { gaugeLine } from './gauge'
import { z } from 'zod'
import { NAMED, scaleShape } from './pressureScale'

/** What a press reads, and the gap between roller and bed measured there: readings rise, and the gap goes one way all along. */
export const gaugeSchema = z
  .array(gaugeLine)
  .max(40, { error: 'takes at most 40 readings' })
  .superRefine((table, context) => {
    const way = Math.sign((table[1]?.mm ?? 0) - (table[0]?.mm ?? 0))
    table.forEach(({ reading, mm }, i) => {
      const before = table[i - 1]
      if (!before) return
      if (reading === before.reading)
        context.addIssue({
          code: 'custom',
          path: [i, 'reading'],
          message: `is ${reading} as the one before: measure at another reading`,
        })
      else if (reading < before.reading)
        context.addIssue({
          code: 'custom',
          path: [i, 'reading'],
          message: 'jumps back: must be more than the one before',
        })
      else if (mm === before.mm)
        context.addIssue({
          code: 'custom',
          path: [i, 'mm'],
          message: 'is the same gap as the one before: two equal gaps say nothing of what a step moves',
        })
      else if (Math.sign(mm - before.mm) !== way)
        context.addIssue({
          code: 'custom',
          path: [i, 'mm'],
          message: `jumps back: the gap ${way > 0 ? 'grew' : 'shrank'} with the reading until here`,
        })
    })
  })

/** A scale as it is entered on a press's card: what in it contradicts itself is said at its field. */
export const pressureScaleSchema = scaleShape
  .extend({ table: gaugeSchema.default([]) })
  .superRefine((scale, context) => {
    const say = (path: string, message: string) => context.addIssue({ code: 'custom', path: [path], message })
    if (scale.most < scale.least) say('most', `must not be below the lowest reading, ${scale.least}`)
    if (scale.id === 'fixed' ? scale.names.length !== 1 : NAMED.has(scale.id) && scale.names.length < 2)
      say('names', 'needs two names or more, the lightest first')
    const names = scale.names.map((name) => ({ name }))
    if (names.some((_, at) => isNamedBefore(names, at))) say('names', 'holds the same name twice')
    const [first, second] = scale.table
    if (second && (second.mm < first.mm ? 'up' : 'down') !== scale.heavier)
      say(
        'table',
        `goes the other way: here a higher reading is ${scale.heavier === 'up' ? 'tighter, so the gap must shrink' : 'looser, so the gap must grow'}`,
      )
  })
