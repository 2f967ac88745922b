'use client'

import { ToggleGroup } from 'radix-ui'

interface ChoiceProps<T extends string> {
  label: string
  value: T | null
  options: readonly (readonly [value: T, text: string])[]
  onPick: (value: T) => void
}

/** A few words side by side, one of them chosen: reached with Tab, moved with arrows. */
export function Choice<T extends string>({ label, value, options, onPick }: ChoiceProps<T>) {
  return (
    <ToggleGroup.Root
      type="single"
      aria-label={label}
      value={value ?? ''}
      onValueChange={(next) => next && onPick(next as T)}
      className="inline-flex flex-wrap pt-px pl-px"
    >
      {options.map(([option, text]) => (
        <ToggleGroup.Item
          key={option}
          value={option}
          className="-mt-px -ml-px min-h-11 border border-edge px-3 py-1.5 data-[state=on]:bg-text data-[state=on]:font-semibold data-[state=on]:text-ground"
        >
          {text}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  )
}
