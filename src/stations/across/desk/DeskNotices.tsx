'use client'

import { useState, type ReactNode } from 'react'

/** Something to be told at the desk. @property act what can be done about it */
export interface DeskNotice {
  key: string
  words: string
  isWarning?: boolean
  act?: ReactNode
}

/** One line for whatever there is to be told, the first of it in words; the rest is a number that opens over the work. */
export function DeskNotices({ notices }: { notices: readonly DeskNotice[] }) {
  const [isOpen, open] = useState(false)
  if (notices.length === 0) return null
  // A warning is never behind a number: whatever it came after, it is the line that is read.
  const ordered = notices.toSorted((a, b) => Number(b.isWarning ?? false) - Number(a.isWarning ?? false))
  const shown = isOpen ? ordered : ordered.slice(0, 1)
  return (
    <div className="relative min-h-12">
      <div
        className={
          isOpen
            ? 'absolute inset-x-0 top-0 z-20 grid max-h-[60dvh] gap-1 overflow-y-auto border-2 border-text bg-field p-2'
            : ''
        }
      >
        {shown.map(({ key, words, isWarning, act }, i) => (
          <div key={key} className="flex min-h-12 items-center gap-3 border-l-4 border-text bg-raised px-2">
            <p
              {...(isWarning ? { role: 'alert' } : { 'data-said': true })}
              className={`min-w-0 flex-1 ${isOpen ? '' : 'truncate'} ${isWarning ? 'font-semibold text-signal' : ''}`}
            >
              {isWarning && '◆ '}
              {words}
            </p>
            {act}
            {i === 0 && (notices.length > 1 || isOpen) && (
              <button
                type="button"
                aria-expanded={isOpen}
                onClick={() => open(!isOpen)}
                className="min-h-11 shrink-0 px-2 underline underline-offset-4"
              >
                {isOpen ? 'Close' : `${notices.length - 1} more`}
              </button>
            )}
          </div>
        ))}
        {/* What is not shown is heard all the same. */}
        {!isOpen && notices.length > 1 && (
          <p data-said className="sr-only">
            {ordered
              .slice(1)
              .map(({ words }) => words)
              .join(' ')}
          </p>
        )}
      </div>
    </div>
  )
}
