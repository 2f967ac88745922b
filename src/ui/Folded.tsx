'use client'

import { useState, type ReactNode } from 'react'

/**
 * What is rarely touched, folded under one line that shows its value. It opens by itself where something in it is missing or wrong, and
 * closes only by whoever closes it: no field goes away under the fingers.
 */
export function Folded({
  summary,
  isOpen = false,
  group,
  className = '',
  children,
}: {
  /** what is set within */
  summary: ReactNode
  isOpen?: boolean
  /** of those with the same group one is open at a time */
  group?: string
  className?: string
  children: ReactNode
}) {
  const [opened, open] = useState(isOpen)
  return (
    <details
      open={opened || isOpen}
      name={group}
      onToggle={({ currentTarget }) => open(currentTarget.open)}
      className={className}
    >
      <summary className="min-h-11 py-2">{summary}</summary>
      {children}
    </details>
  )
}

/** The line of a fold: what it is, and its value. */
export const FoldedLine = ({ title, value }: { title: string; value: string }) => (
  <>
    <span className="text-muted">{title}:</span> {value}
  </>
)
