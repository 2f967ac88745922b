import type { ReactNode } from 'react'

/** A figure's parts, each with its value. */
export type SumRows = readonly { label: string; value: string }[]

/** The parts of a sum, line by line. */
export const SumList = ({ rows, className = '' }: { rows: SumRows; className?: string }) => (
  <dl className={`grid grid-cols-[auto_1fr] gap-x-6 border-l border-line pl-4 text-sm ${className}`}>
    {rows.map(({ label, value }) => (
      <div key={label} className="contents">
        <dt className="text-muted">{label}</dt>
        <dd>{value}</dd>
      </div>
    ))}
  </dl>
)

/** A computed figure that opens to show how it came about, and with what assumption. */
export function Sum({ children, rows }: { children: ReactNode; rows: SumRows }) {
  if (rows.length === 0) return <div className="py-2">{children}</div>
  return (
    <details className="group">
      <summary className="min-h-11 py-2">{children}</summary>
      <SumList rows={rows} className="mb-2 ml-4" />
    </details>
  )
}
