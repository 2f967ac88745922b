'use client'

import { useId } from 'react'

/** A yes or no, with a target as high as a finger. */
export function Check({
  label,
  checked,
  onCheck,
  className = '',
}: {
  label: string
  checked: boolean
  onCheck: (checked: boolean) => void
  className?: string
}) {
  const id = useId()
  return (
    <div className={`flex min-h-11 items-center gap-2 ${className}`}>
      <input
        id={id}
        type="checkbox"
        checked={checked}
        onChange={(event) => onCheck(event.target.checked)}
        className="size-6 accent-[var(--text)]"
      />
      <label htmlFor={id} className="cursor-pointer py-2">
        {label}
      </label>
    </div>
  )
}
