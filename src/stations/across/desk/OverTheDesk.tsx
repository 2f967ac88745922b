import type { ReactNode } from 'react'

/** A line at the foot of the desk that opens over the work, one at a time: the desk itself never moves. */
export function OverTheDesk({
  line,
  name,
  isWarning = false,
  children,
}: {
  line: string
  /** of the region it is, for those who listen */
  name?: string
  isWarning?: boolean
  children: ReactNode
}) {
  const fold = (
    <details name="over-the-desk">
      <summary className={`min-h-11 py-2 ${isWarning ? 'font-semibold text-signal' : ''}`}>{line}</summary>
      <div className="absolute inset-x-0 bottom-full z-20 max-h-[60dvh] overflow-y-auto border-2 border-text bg-field p-3">
        {children}
      </div>
    </details>
  )
  return name ? <section aria-label={name}>{fold}</section> : fold
}
