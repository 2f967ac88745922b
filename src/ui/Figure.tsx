import type { ReactNode } from 'react'

/** One number to be read from a metre away, with what it is beneath. */
export function Figure({ value, label, note }: { value: ReactNode; label: string; note?: ReactNode }) {
  return (
    <div>
      <p className="far-number text-3xl">{value}</p>
      <p className="mt-1 text-sm text-muted">{label}</p>
      {note && <p className="text-sm">{note}</p>}
    </div>
  )
}
