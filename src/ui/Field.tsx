'use client'

import { useEffect, useId, type InputHTMLAttributes, type ReactNode, type SelectHTMLAttributes } from 'react'
import { goToField } from './goToField'

interface FieldProps {
  label: string
  /** a name that a link can lead to; whoever comes by it finds the keys there */
  anchor?: string
  /** what is wrong with it and what to do; shown beneath with a mark, not by colour alone */
  problem?: string
  hint?: ReactNode
  className?: string
}

const CONTROL =
  'block min-h-11 w-full border bg-raised px-2.5 py-1.5 text-text aria-[invalid=true]:border-signal aria-[invalid=true]:border-2 border-edge'

/** What is wrong, with the field's name where the words are only what is said of it: "Days needs a number". A unit is not part of the name. */
const named = (label: string, problem: string): string =>
  /^\p{Ll}/u.test(problem) ? `${label.split(', ')[0]} ${problem}` : problem

/** Label, control, hint and error of one field, tied together for those who listen. */
export function Field({
  label,
  anchor,
  problem,
  hint,
  className = '',
  children,
}: FieldProps & {
  children: (ids: {
    id: string
    'aria-describedby'?: string
    'aria-invalid': boolean
    className: string
  }) => ReactNode
}) {
  const own = useId()
  const id = anchor ?? own
  useEffect(() => {
    if (anchor && location.hash === `#${anchor}`) goToField(anchor)
  }, [anchor])
  const described = [problem && `${id}-problem`, hint && `${id}-hint`].filter(Boolean).join(' ') || undefined
  return (
    <div className={`min-w-0 ${className}`}>
      <label htmlFor={id} className="mb-0.5 block text-sm text-muted">
        {label}
      </label>
      {children({ id, 'aria-describedby': described, 'aria-invalid': Boolean(problem), className: CONTROL })}
      {problem && (
        <p id={`${id}-problem`} className="mt-0.5 text-sm font-medium text-signal" role="alert">
          ◆ {named(label, problem)}
        </p>
      )}
      {hint && (
        <p id={`${id}-hint`} className="mt-0.5 text-sm text-muted">
          {hint}
        </p>
      )}
    </div>
  )
}

/** A line of text. */
export function TextField({
  label,
  anchor,
  problem,
  hint,
  className,
  onText,
  ...rest
}: FieldProps &
  Omit<InputHTMLAttributes<HTMLInputElement>, 'className' | 'onChange'> & {
    onText: (text: string) => void
  }) {
  return (
    <Field label={label} anchor={anchor} problem={problem} hint={hint} className={className}>
      {(ids) => (
        <input {...ids} {...rest} onChange={(event) => onText(event.target.value)} autoComplete="off" />
      )}
    </Field>
  )
}

/** One of a few. */
export function SelectField({
  label,
  anchor,
  problem,
  hint,
  className,
  options,
  onPick,
  ...rest
}: FieldProps &
  Omit<SelectHTMLAttributes<HTMLSelectElement>, 'className' | 'onChange'> & {
    options: readonly (readonly [value: string, text: string])[]
    onPick: (value: string) => void
  }) {
  return (
    <Field label={label} anchor={anchor} problem={problem} hint={hint} className={className}>
      {(ids) => (
        <select {...ids} {...rest} onChange={(event) => onPick(event.target.value)}>
          {options.map(([value, text]) => (
            <option key={value} value={value}>
              {text}
            </option>
          ))}
        </select>
      )}
    </Field>
  )
}
