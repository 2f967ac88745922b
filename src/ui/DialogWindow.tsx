'use client'

import { Dialog as Radix } from 'radix-ui'
import { X } from 'lucide-react'
import { useState, type ReactNode } from 'react'

/** The open window of a dialog: keeps the focus, closes with Escape, and gives the focus back to where it was. */
export function DialogWindow({
  title,
  onClose,
  focusAfter,
  children,
}: {
  title: string
  onClose: () => void
  /** what gets the focus after it instead of what had it before; null: that */
  focusAfter?: () => HTMLElement | null
  children: ReactNode
}) {
  const [before] = useState(() => document.activeElement)
  return (
    <Radix.Root open onOpenChange={(open) => !open && onClose()}>
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-10 bg-black/50" />
        <Radix.Content
          aria-describedby={undefined}
          onCloseAutoFocus={(event) => {
            event.preventDefault()
            const after = focusAfter?.() ?? before
            if (after instanceof HTMLElement) after.focus()
          }}
          className="fixed top-1/2 left-1/2 z-20 max-h-[92dvh] w-[min(36rem,94vw)] -translate-x-1/2 -translate-y-1/2 overflow-y-auto border border-edge bg-raised p-5"
        >
          <div className="mb-3 flex items-start justify-between gap-4">
            <Radix.Title className="station-title text-lg">{title}</Radix.Title>
            <Radix.Close className="-mt-2 -mr-2 grid size-11 place-items-center" aria-label="Close">
              <X size={20} aria-hidden />
            </Radix.Close>
          </div>
          {children}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  )
}
