'use client'

import { useState } from 'react'
import { formatInches, formatNumber, MM_PER_INCH, parseLength } from '@/core/units/length'
import { readQuantity } from '@/core/units/typedNumber'
import { Button } from './Button'
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

/** A number with its unit; another unit of its kind, a fraction or a mixed number is read too. */
export function NumberField({ unit, label, digits = 3, ...rest }: NumberFieldProps) {
  return (
    <ReadField
      {...rest}
      label={unit ? `${label}, ${unit}` : label}
      read={(text) => readQuantity(text, unit)}
      write={(value) => formatNumber(value, digits).replace('−', '-')}
      unreadable={unit ? `This is not a number in ${unit}.` : 'This is not a number.'}
    />
  )
}

/** A side shorter than this was likely meant in inches, mm. */
const LIKELY_INCHES = 25

interface LengthFieldProps extends NumberFieldProps {
  /** a side of a plate or a sheet: one that is very short is asked after */
  isSide?: boolean
}

/** A length, typed in mm, cm or inches (7 1/2 in); kept in millimetres, with the other unit beneath. */
export function LengthField({ value, hint, digits = 2, isSide = false, ...rest }: LengthFieldProps) {
  const isShort = isSide && value !== null && value > 0 && value < LIKELY_INCHES
  return (
    <div className={rest.className}>
      <ReadField
        {...rest}
        className={undefined}
        value={value}
        hint={hint ?? (value === null || value <= 0 ? undefined : formatInches(value))}
        read={parseLength}
        write={(mm) => `${formatNumber(mm, digits)} mm`}
        unreadable="This is not a length: write 190, 19 cm or 7 1/2 in."
      />
      {isShort && (
        <p className="mt-1 text-sm">
          ◆ {formatNumber(value, digits)} millimetres or inches?{' '}
          <Button look="quiet" onClick={() => rest.onValue(value * MM_PER_INCH)}>
            {formatNumber(value, digits)} in
          </Button>
        </p>
      )}
    </div>
  )
}
