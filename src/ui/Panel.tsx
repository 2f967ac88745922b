import type { ReactNode } from 'react'

/** The debossed field of the open instrument, like a plate's emboss in damp paper; nothing else is boxed. */
export function Panel({
  title,
  aside,
  children,
  className = '',
}: {
  title: string
  aside?: ReactNode
  children: ReactNode
  className?: string
}) {
  return (
    <section aria-label={title} className={`rounded-[3px] bg-field p-4 shadow-deboss sm:p-5 ${className}`}>
      <div className="mb-3 flex flex-wrap items-baseline justify-between gap-x-6 gap-y-1">
        <h1 className="station-title text-xl">{title}</h1>
        {aside}
      </div>
      {children}
    </section>
  )
}
