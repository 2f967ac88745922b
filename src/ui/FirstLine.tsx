'use client'

/** What a room is for, over the foot of the work, the first time somebody is there. A caution is read before it. */
export function FirstLine({ text, onClose }: { text: string; onClose: () => void }) {
  return (
    <aside
      aria-label="First time here"
      className="screen-only mt-2 flex items-center gap-x-3 border border-line bg-raised py-1 pl-3 text-sm [[data-cautions]:has([data-caution])_&]:hidden"
    >
      <p className="min-w-0 flex-1">
        <span className="text-muted">First time here:</span> {text}
      </p>
      <button type="button" onClick={onClose} className="min-h-11 px-3 underline underline-offset-4">
        Close
      </button>
    </aside>
  )
}
