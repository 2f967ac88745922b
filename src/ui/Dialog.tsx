'use client'

import dynamic from 'next/dynamic'
import {
  cloneElement,
  useEffect,
  useState,
  type ButtonHTMLAttributes,
  type ReactElement,
  type ReactNode,
} from 'react'

const load = () => import('./DialogWindow')
const DialogWindow = dynamic(() => load().then((module) => module.DialogWindow), { ssr: false })

interface DialogProps {
  title: string
  /** the button that opens it; leave out when `open` is steered from outside */
  trigger?: ReactElement<ButtonHTMLAttributes<HTMLButtonElement>>
  open?: boolean
  onOpenChange?: (open: boolean) => void
  /** what gets the focus when it closes, instead of what had it before; null: that */
  focusAfter?: () => HTMLElement | null
  children: ReactNode
}

/** A window over the page that keeps the focus and closes with Escape. What makes it a window is fetched when the page has been read. */
export function Dialog({ title, trigger, open, onOpenChange, focusAfter, children }: DialogProps) {
  const [opened, setOpened] = useState(false)
  const isOpen = open ?? opened
  const change = (next: boolean) => {
    setOpened(next)
    onOpenChange?.(next)
  }
  // At once and not at the first press: by then the server may be away.
  useEffect(() => void load(), [])
  return (
    <>
      {trigger &&
        cloneElement(trigger, {
          onClick: () => change(true),
          'aria-haspopup': 'dialog',
          'aria-expanded': isOpen,
        })}
      {isOpen && (
        <DialogWindow title={title} onClose={() => change(false)} focusAfter={focusAfter}>
          {children}
        </DialogWindow>
      )}
    </>
  )
}
