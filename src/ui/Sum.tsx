import type { ReactNode } from 'react'

/** A computed figure that opens to show how it came about, and with what assumption. */
export function Sum({
  children,
  rows,
}: {
  children: ReactNode
  rows: readonly { label: string; value: string }[]
}) {
  if (rows.length === 0) return <div className="py-2">{children}</div>
  return (
    <details className="group">
      <summary className="py-2">{children}</summary>
      <dl className="mb-2 ml-4 grid grid-cols-[auto_1fr] gap-x-6 border-l border-line pl-4 text-sm">
        {rows.map(({ label, value }) => (
          <div key={label} className="contents">
            <dt className="text-muted">{label}</dt>
            <dd>{value}</dd>
          </div>
        ))}
      </dl>
    </details>
  )
}
