'use client'

import { Button } from '@/ui/Button'

export default function ErrorPage({ reset }: { error: Error; reset: () => void }) {
  return (
    <main id="work" tabIndex={-1} className="p-8">
      <h1 className="station-title text-2xl">Something went wrong here</h1>
      <p className="my-3">What was confirmed is kept. Try once more; if it stays, restart the application.</p>
      <Button look="main" onClick={reset}>
        Try again
      </Button>
    </main>
  )
}
