import type { z } from 'zod'

/** What a computation finds wrong with its input only while it works: with a file, say. */
export class Refusal extends Error {
  constructor(
    readonly field: string,
    message: string,
  ) {
    super(message)
  }
}

/** One computation of the core as a command. */
export interface CalcEntry {
  name: string
  /** one line, shown by `--list` */
  about: string
  input: z.ZodType
  output: z.ZodType
  run: (input: never) => unknown
}

/** Ties a computation to its schemas, so that what it takes and gives is what they say. */
export function entry<I extends z.ZodType, O extends z.ZodType>(
  name: string,
  about: string,
  input: I,
  output: O,
  run: (input: z.infer<I>) => z.infer<O> | Promise<z.infer<O>>,
): CalcEntry {
  return { name, about, input, output, run: run as (input: never) => unknown }
}
