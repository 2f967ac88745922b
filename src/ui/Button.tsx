import type { ButtonHTMLAttributes } from 'react'

const LOOKS = {
  /** the one act a screen is for */
  main: 'bg-text text-ground font-semibold hover:opacity-90 disabled:opacity-50',
  plain: 'border border-edge bg-raised hover:border-text disabled:text-muted',
  quiet: 'underline underline-offset-4 hover:decoration-2 disabled:text-muted disabled:no-underline',
} as const

/** Classes of a button, also for links that look like one. */
export function buttonClass(look: keyof typeof LOOKS = 'plain', more = ''): string {
  return `inline-flex min-h-11 items-center justify-center gap-2 px-4 py-2 text-left ${LOOKS[look]} ${more}`
}

/** A button at least 44 px high that says what happens. */
export function Button({
  look = 'plain',
  className = '',
  type = 'button',
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { look?: keyof typeof LOOKS }) {
  return (
    <button
      type={type}
      data-main-act={look === 'main' || undefined}
      className={buttonClass(look, className)}
      {...rest}
    />
  )
}
