import { Button } from '@/ui/Button'

/** A search that runs: how far it is, and a way to end it. */
export function SearchProgress({ done, onCancel }: { done: number; onCancel: () => void }) {
  return (
    <div className="flex items-center gap-4">
      <progress value={done} max={1} className="h-3 grow" aria-label="Searching" />
      <Button onClick={onCancel}>Stop searching</Button>
    </div>
  )
}
