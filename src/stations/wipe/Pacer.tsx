'use client'

import { useEffect, useState } from 'react'
import { formatNumber } from '@/core/units/length'
import { advancePace, paceDrift, retreatPace, takenSeconds, UNSTARTED, type Pace, type WipeTaken } from '@/core/wipe/pace'
import { describeWipeStep, type WipeStep } from '@/core/wipe/wipingOrder'
import { Button } from '@/ui/Button'
import { PlateMark } from '@/ui/PlateMark'
import { useKey } from '@/ui/useKey'
import { useBench } from '../bench/BenchContext'
import { keepWipe } from './keptWipe'

/** A knuckle on the same button twice within this time was one press, ms. */
const DEBOUNCE_MS = 400

const clock = (seconds: number) => `${seconds < 0 ? '+' : ''}${Math.floor(Math.abs(seconds) / 60)}:${String(Math.floor(Math.abs(seconds) % 60)).padStart(2, '0')}`

/** Runs through the wiping order with inked hands: Enter goes on, Backspace goes back; keeps what each step took for the next pull. */
export function Pacer({ steps, onClose }: { steps: WipeStep[]; onClose: () => void }) {
  const { job } = useBench()
  const [pace, setPace] = useState<Pace>(UNSTARTED)
  const [now, setNow] = useState(() => Date.now())
  const [pressed, setPressed] = useState(0)
  const running = pace.startedAt.length > 0 && pace.endedAt === null
  useEffect(() => {
    if (!running) return
    const tick = setInterval(() => setNow(Date.now()), 200)
    return () => clearInterval(tick)
  }, [running])

  const taken = takenSeconds(pace, now)
  const at = pace.startedAt.length - 1
  const ended = pace.endedAt !== null
  const advance = () => {
    const moment = Date.now()
    if (moment - pressed < DEBOUNCE_MS) return
    setPressed(moment)
    setNow(moment)
    const next = advancePace(pace, steps.length, moment)
    setPace(next)
    if (next.endedAt === null) return
    const seconds = takenSeconds(next, moment)
    const kept: WipeTaken = steps.map((step, i) => ({ step: describeWipeStep(step), plannedSeconds: step.seconds, takenSeconds: Number(seconds[i].toFixed(1)) }))
    keepWipe(job.id, kept)
  }
  useKey((event) => {
    if (event.code === 'Enter' || event.code === 'NumpadEnter') advance()
    else if (event.code === 'Backspace') setPace(retreatPace(pace))
    else if (event.code === 'Escape') onClose()
    else return false
    return true
  })
  const current = steps[at]
  const left = current ? current.seconds - taken[at] : 0
  const drift = paceDrift(pace, steps, now)

  return (
    <PlateMark title="Wipe by the pacer" aside={<Button look="quiet" onClick={onClose}>Back to the order</Button>}>
      <div className="grid gap-6 md:grid-cols-[1fr_16rem]">
        <div aria-live="polite">
          {at < 0 && <p className="far-number text-5xl">Ready: {describeWipeStep(steps[0])}</p>}
          {current && !ended && (
            <>
              <p className="far-number text-5xl">{describeWipeStep(current)}</p>
              {current.strokes > 0 && <p className="mt-2 text-2xl">{current.strokes} strokes</p>}
              <p className="far-number mt-4 text-8xl" aria-hidden>{clock(left)}</p>
              <p className="mt-2 text-xl">{left >= 0 ? 'left' : 'over'}{steps[at + 1] ? `, then ${describeWipeStep(steps[at + 1]).toLowerCase()}` : ', then the press'}</p>
            </>
          )}
          {ended && (
            <>
              <p className="far-number text-5xl">Wiped in {clock(taken.reduce((sum, s) => sum + s, 0))}</p>
              <p className="mt-3 text-xl">{Math.abs(drift) < 1 ? 'As planned.' : `${formatNumber(Math.abs(drift), 0)} s ${drift > 0 ? 'longer' : 'shorter'} than planned.`} Kept for the next pull of this job.</p>
            </>
          )}
        </div>
        <ol className="condensed self-start border-t border-line">
          {steps.map((step, i) => (
            <li key={i} className={`flex justify-between border-b border-line py-1 ${i === at && !ended ? 'font-bold' : ''}`}>
              <span>{describeWipeStep(step)}</span>
              <span>{taken[i] === undefined ? `${step.seconds} s` : `${formatNumber(taken[i], 0)} / ${step.seconds} s`}</span>
            </li>
          ))}
        </ol>
      </div>
      <div className="mt-6 flex flex-wrap gap-3">
        {!ended && (
          <Button look="main" className="min-h-22 flex-1 justify-center text-2xl" onClick={advance}>
            {at < 0 ? 'Begin' : at === steps.length - 1 ? 'Done' : 'Next step'}
          </Button>
        )}
        {at >= 0 && (
          <Button className="min-h-22 flex-1 justify-center text-2xl" onClick={() => setPace(retreatPace(pace))}>
            Go back one
          </Button>
        )}
      </div>
    </PlateMark>
  )
}
