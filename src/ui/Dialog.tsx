'use client'

import { Dialog as Radix } from 'radix-ui'
import { X } from 'lucide-react'
import type { ReactNode } from 'react'

interface DialogProps {
  title: string
  /** what opens it; leave out when `open` is steered from outside */
  trigger?: ReactNode
  open?: boolean
  onOpenChange?: (open: boolean) => void
  children: ReactNode
}

/** A window over the page that keeps the focus and closes with Escape. */
export function Dialog({ title, trigger, open, onOpenChange, children }: DialogProps) {
  return (
    <Radix.Root open={open} onOpenChange={onOpenChange}>
      {trigger && <Radix.Trigger asChild>{trigger}</Radix.Trigger>}
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-10 bg-black/50" />
        <Radix.Content
          aria-describedby={undefined}
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
