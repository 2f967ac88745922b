'use client'

import type { KeyboardEvent } from 'react'

interface ChoiceProps<T extends string> {
  label: string
  value: T | null
  options: readonly (readonly [value: T, text: string])[]
  onPick: (value: T) => void
}

/** How far each key goes along the words. */
const STEPS: Record<string, 1 | -1> = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }

/** Arrows move the focus round the words and pick nothing: many a pick is kept at once. */
function moveAlong(event: KeyboardEvent<HTMLDivElement>) {
  const by = STEPS[event.key]
  if (!by || event.ctrlKey || event.altKey || event.metaKey) return
  const words = [...event.currentTarget.querySelectorAll<HTMLButtonElement>('[role=radio]')]
  const at = words.indexOf(document.activeElement as HTMLButtonElement)
  if (at < 0) return
  event.preventDefault()
  words[(at + by + words.length) % words.length].focus()
}

/** A few words side by side, one of them chosen: reached with Tab, moved along with arrows, picked with Space or Enter. */
export function Choice<T extends string>({ label, value, options, onPick }: ChoiceProps<T>) {
  const isAnyPicked = options.some(([option]) => option === value)
  return (
    <div
      role="radiogroup"
      aria-label={label}
      onKeyDown={moveAlong}
      className="inline-flex flex-wrap pt-px pl-px"
    >
      {options.map(([option, text], i) => {
        const isPicked = option === value
        return (
          <button
            key={option}
            type="button"
            role="radio"
            aria-checked={isPicked}
            tabIndex={isPicked || (!isAnyPicked && i === 0) ? 0 : -1}
            onClick={() => !isPicked && onPick(option)}
            className="-mt-px -ml-px min-h-11 border border-edge px-3 py-1.5 aria-checked:bg-text aria-checked:font-semibold aria-checked:text-ground"
          >
            {text}
          </button>
        )
      })}
    </div>
  )
}
