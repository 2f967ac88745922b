import type { FieldProblem } from '@/data/database/errors'

/** What stands in the way of an act, said where the act is. */
export function Problems({
  problems,
  except = [],
}: {
  problems: readonly FieldProblem[]
  except?: readonly string[]
}) {
  const shown = problems.filter(({ field }) => !except.includes(field))
  if (shown.length === 0) return null
  return (
    <div role="alert" className="my-2 font-medium text-signal">
      {shown.map(({ field, message }) => (
        <p key={field + message}>◆ {message}</p>
      ))}
    </div>
  )
}
