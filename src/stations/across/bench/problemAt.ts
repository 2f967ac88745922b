import type { FieldProblem } from '@/data/database/errors'

/** The problem at one field, if there is one. */
export function problemAt(problems: readonly FieldProblem[], field: string): string | undefined {
  return problems.find((problem) => problem.field === field)?.message
}
