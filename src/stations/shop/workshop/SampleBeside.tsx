'use client'

import { useState } from 'react'
import { Button, buttonClass } from '@/ui/Button'
import { sendAct } from '../../across/act/sendAct'
import { useAct } from '../../across/bench/useAct'
import { Problems } from '../../across/pull/Problems'
import { closeSampleAction, openSampleAction } from './actions'

/** An invented workshop to look round in, beside one's own and never in it: opened by a tap, closed without a trace. @param at where it is open; null: it is not */
export function SampleBeside({ at }: { at: string | null }) {
  const { busy, problems, setProblems, act } = useAct()
  const [url, setUrl] = useState(at)
  const open = () =>
    act(async () => {
      const answer = await sendAct(openSampleAction, {})
      if (answer.ok) setUrl(answer.url)
      return answer
    })
  const close = () =>
    act(async () => {
      const answer = await sendAct(closeSampleAction, {})
      if (answer.ok) setUrl(null)
      return answer
    }).then(() => setProblems([]))
  return (
    <section aria-label="Sample" className="mt-4 border-t border-line pt-2 text-sm">
      {url === null ? (
        <>
          <Button look="quiet" className="-ml-4" disabled={busy} onClick={() => void open()}>
            {busy ? 'Laying the sample out…' : 'Look at the sample: an invented workshop'}
          </Button>
          <p className="text-muted">It opens beside yours and leaves nothing in it.</p>
        </>
      ) : (
        <>
          <p data-said>The sample is open, in a workshop of its own.</p>
          <p className="flex flex-wrap gap-2">
            <a href={url} target="_blank" rel="noreferrer" className={buttonClass()}>
              Go to the sample
            </a>
            <Button look="quiet" disabled={busy} onClick={() => void close()}>
              Close it: it leaves no trace
            </Button>
          </p>
        </>
      )}
      <Problems problems={problems} />
    </section>
  )
}
