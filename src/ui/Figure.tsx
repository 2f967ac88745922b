import type { ReactNode } from 'react'

/** A computed number, large enough to be read across the room. @param name the figure by its name, the same on every screen that shows it */
export function Figure({
  value,
  label,
  note,
  name,
}: {
  value: ReactNode
  label: string
  note?: ReactNode
  name?: string
}) {
  return (
    <div>
      <p className="far-number text-3xl" data-figure={name}>
        {value}
      </p>
      <p className="mt-1 text-sm text-muted">{label}</p>
      {note && <p className="text-sm">{note}</p>}
    </div>
  )
}
