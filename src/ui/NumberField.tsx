'use client'

import { useState } from 'react'
import { formatInches, formatNumber, parseLength } from '@/core/units/length'
import { TextField } from './Field'

interface NumberFieldProps {
  label: string
  value: number | null
  onValue: (value: number | null) => void
  unit?: string
  problem?: string
  hint?: string
  className?: string
  /** shown before the person types */
  digits?: number
}

interface ReadFieldProps extends NumberFieldProps {
  read: (text: string) => number | null
  write: (value: number) => string
  unreadable: string
}

/** A field whose text is read as a number; text that cannot be read stays as typed and says so. */
function ReadField({
  label,
  value,
  onValue,
  problem,
  hint,
  className,
  read,
  write,
  unreadable,
}: ReadFieldProps) {
  const [typed, setTyped] = useState<string | null>(null)
  const shown = typed ?? (value === null ? '' : write(value))
  const wrong = typed !== null && typed.trim() !== '' && read(typed) === null
  return (
    <TextField
      label={label}
      value={shown}
      inputMode="decimal"
      problem={wrong ? unreadable : problem}
      hint={hint}
      className={className}
      onText={(text) => {
        setTyped(text)
        onValue(read(text))
      }}
      onBlur={() => {
        if (!wrong) setTyped(null)
      }}
    />
  )
}

/** Reads "12", "12.5" or "12,5". */
function readNumber(text: string): number | null {
  return /^\s*[−-]?\d+(?:[.,]\d+)?\s*$/.test(text)
    ? Number(text.trim().replace('−', '-').replace(',', '.'))
    : null
}

/** A number with its unit. */
export function NumberField({ unit, label, digits = 3, ...rest }: NumberFieldProps) {
  return (
    <ReadField
      {...rest}
      label={unit ? `${label}, ${unit}` : label}
      read={readNumber}
      write={(value) => formatNumber(value, digits).replace('−', '-')}
      unreadable="This is not a number."
    />
  )
}

/** A length, typed in mm, cm or inches (7 1/2 in); kept in millimetres, with the other unit beneath. */
export function LengthField({ value, hint, digits = 2, ...rest }: NumberFieldProps) {
  return (
    <ReadField
      {...rest}
      value={value}
      hint={hint ?? (value === null || value <= 0 ? undefined : formatInches(value))}
      read={parseLength}
      write={(mm) => `${formatNumber(mm, digits)} mm`}
      unreadable="This is not a length: write 190, 19 cm or 7 1/2 in."
    />
  )
}
