'use client'

import { useState } from 'react'
import { formatNumber, MM_PER_INCH, parseLength } from '@/core/units/length'
import { bothLengths, shownUnit } from '@/core/units/quantity'
import { shownUnits } from '@/core/units/shownUnits'
import { readQuantity } from '@/core/units/typedNumber'
import { Button } from './Button'
import { TextField } from './Field'

interface NumberFieldProps {
  label: string
  /** a name that a link can lead to */
  anchor?: string
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
  anchor,
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
      anchor={anchor}
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
export function NumberField({
  unit: own,
  label,
  digits = 3,
  isDifference = false,
  ...rest
}: NumberFieldProps & {
  /** a tolerance or another difference: degrees then have no zero of their own */
  isDifference?: boolean
}) {
  const { unit, toShown, toKept, finer } = shownUnit(own, isDifference)
  return (
    <ReadField
      {...rest}
      label={unit ? `${label}, ${unit}` : label}
      read={(text) => {
        const read = readQuantity(text, unit, isDifference)
        return read === null ? null : toKept(read)
      }}
      write={(value) => formatNumber(toShown(value), digits + finer).replace('−', '-')}
      unreadable={unit ? `This is not a number in ${unit}.` : 'This is not a number.'}
    />
  )
}

/** A side shorter than this was likely meant in inches, mm. */
const LIKELY_INCHES = 25
/** A side longer than this, in inches, was likely meant in millimetres: no press takes five feet. */
const LIKELY_MM = 60 * MM_PER_INCH

interface LengthFieldProps extends NumberFieldProps {
  /** a side of a plate or a sheet: one that is very short is asked after */
  isSide?: boolean
}

/** A length, typed in mm, cm or inches (7 1/2 in); kept in millimetres, with the other unit beneath. */
export function LengthField({ value, hint, digits = 2, isSide = false, ...rest }: LengthFieldProps) {
  const inMm = shownUnits() === 'metric'
  const isShort = isSide && inMm && value !== null && value > 0 && value < LIKELY_INCHES
  const isLong = isSide && !inMm && value !== null && value > LIKELY_MM
  return (
    <div className={rest.className}>
      <ReadField
        {...rest}
        className={undefined}
        value={value}
        hint={hint ?? (value === null || value <= 0 ? undefined : bothLengths(value, digits).second)}
        read={parseLength}
        write={(mm) => bothLengths(mm, digits).first}
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
      {isLong && (
        <p className="mt-1 text-sm">
          ◆ {formatNumber(value / MM_PER_INCH, digits)} inches or millimetres?{' '}
          <Button look="quiet" onClick={() => rest.onValue(value / MM_PER_INCH)}>
            {formatNumber(value / MM_PER_INCH, digits)} mm
          </Button>
        </p>
      )}
    </div>
  )
}
