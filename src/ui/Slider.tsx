'use client'

/** A value moved by hand, with a target as high as a finger. */
export function Slider({
  label,
  min,
  max,
  step,
  value,
  onValue,
}: {
  label: string
  min: number
  max: number
  step: number
  value: number
  onValue: (value: number) => void
}) {
  return (
    <label className="grid min-h-11 grid-cols-[7rem_1fr] items-center gap-2 text-sm">
      {label}
      <input
        type="range"
        min={min}
        max={max}
        step={step}
        value={value}
        onChange={(event) => onValue(Number(event.target.value))}
        className="min-h-11 w-full accent-[var(--text)]"
      />
    </label>
  )
}
