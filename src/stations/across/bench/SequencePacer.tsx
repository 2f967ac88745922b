'use client'

import { useEffect, useRef, useState, type ReactNode } from 'react'
import {
  advancePace,
  paceDrift,
  paceSchema,
  retreatPace,
  takenSeconds,
  UNSTARTED,
  type Pace,
} from '@/core/wipe/pace'
import { clock } from '@/core/units/clock'
import { formatNumber } from '@/core/units/length'
import { Button } from '@/ui/Button'
import { Check } from '@/ui/Check'
import { useChime } from '@/ui/useChime'
import { Panel } from '@/ui/Panel'
import { useKey } from '@/ui/useKey'
import type { KeyNames } from '@/ui/viewKeys'
import { CautionAtAct, type CautionName } from './cautions'

const PACER_KEYS: KeyNames = [
  ['Enter', 'The next step'],
  ['Backspace', 'Back a step'],
  ['Escape', 'Leave the pacer'],
]

/** A knuckle on the same button twice within this time was one press, ms. */
const DEBOUNCE_MS = 400

/** Seconds off the plan from which it is said. */
const BEHIND = 5

export interface PacedStep {
  label: string
  seconds: number
  detail?: string
  /** what this step took where it is to be the same again; null: not known */
  before?: number | null
  /** what can hurt at it */
  caution?: CautionName
}

interface SequencePacerProps {
  title: string
  steps: readonly PacedStep[]
  /** what comes after the last step: "then the press" */
  after: string
  back: string
  onClose: () => void
  /** told once, when the last step ends, what each took in seconds */
  onEnded?: (taken: number[]) => void
  ended: (taken: number[], totalSeconds: number, driftSeconds: number) => ReactNode
  /** under this name the pace survives a reload of the page on this device */
  keepAs?: string
  /** what `before` was: "BAT" */
  beforeName?: string
}

function readPace(key: string | undefined): Pace {
  if (!key) return UNSTARTED
  try {
    const parsed = paceSchema.safeParse(JSON.parse(localStorage.getItem(key) ?? 'null'))
    return parsed.success ? parsed.data : UNSTARTED
  } catch {
    return UNSTARTED
  }
}

function keepPace(key: string | undefined, pace: Pace): void {
  if (!key) return
  try {
    if (pace.startedAt.length === 0 || pace.endedAt !== null) localStorage.removeItem(key)
    else localStorage.setItem(key, JSON.stringify(pace))
  } catch {
    // Without storage the clock lasts as long as the page.
  }
}

/** The step that runs, in letters to be read across the room. @param then what comes after it @param drift seconds off the plan so far */
function StepAtHand({
  step: { label, detail, caution, before },
  then,
  left,
  drift,
  beforeName,
}: {
  step: PacedStep
  then: string
  left: number
  drift: number
  beforeName: string
}) {
  return (
    <>
      <p className="far-number text-5xl">{label}</p>
      {detail && <p className="mt-2 text-2xl">{detail}</p>}
      {caution && <CautionAtAct name={caution} />}
      <p className="far-number mt-4 text-8xl" aria-hidden>
        {clock(left)}
      </p>
      {before !== undefined && before !== null && (
        <p className="mt-2 text-xl">
          {beforeName}: {formatNumber(before, 0)} s
        </p>
      )}
      <p className="mt-2 text-xl">
        {left >= 0 ? 'left' : 'over'}, then {then}
        {Math.abs(drift) >= BEHIND
          ? `; ${formatNumber(Math.abs(drift), 0)} s ${drift > 0 ? 'behind' : 'ahead'} in all`
          : ''}
      </p>
    </>
  )
}

/** Runs through steps with wet or inked hands: Enter goes on, Backspace goes back; big type, the rest of the way at the side. */
export function SequencePacer({
  title,
  steps,
  after,
  back,
  onClose,
  onEnded,
  ended: endedWords,
  keepAs,
  beforeName = 'before',
}: SequencePacerProps) {
  const [pace, setPace] = useState<Pace>(() => readPace(keepAs))
  const [now, setNow] = useState(() => Date.now())
  const [pressed, setPressed] = useState(0)
  const running = pace.startedAt.length > 0 && pace.endedAt === null
  const [byItself, setByItself] = useState(false)
  const chime = useChime()
  const rung = useRef(-1)
  const onTick = useRef<() => void>(() => undefined)
  useEffect(() => {
    if (!running) return
    const tick = setInterval(() => onTick.current(), 200)
    return () => clearInterval(tick)
  }, [running])

  const taken = takenSeconds(pace, now)
  const at = pace.startedAt.length - 1
  const ended = pace.endedAt !== null
  const move = (next: Pace) => {
    setPace(next)
    keepPace(keepAs, next)
  }
  const goOn = (moment: number) => {
    setNow(moment)
    const next = advancePace(pace, steps.length, moment)
    move(next)
    if (next.endedAt !== null && !ended) onEnded?.(takenSeconds(next, moment))
  }
  const advance = () => {
    const moment = Date.now()
    if (moment - pressed < DEBOUNCE_MS) return
    setPressed(moment)
    goOn(moment)
  }
  useEffect(() => {
    onTick.current = () => {
      const moment = Date.now()
      setNow(moment)
      const over = at >= 0 && takenSeconds(pace, moment)[at] >= steps[at].seconds
      if (!over) return
      if (rung.current !== at) {
        rung.current = at
        chime.ring()
      }
      if (byItself) goOn(moment)
    }
  })
  useKey(PACER_KEYS, (event) => {
    if (event.code === 'Enter' || event.code === 'NumpadEnter') advance()
    else if (event.code === 'Backspace') move(retreatPace(pace))
    else if (event.code === 'Escape') onClose()
    else return false
    return true
  })
  const current = steps[at]
  const left = current ? current.seconds - taken[at] : 0
  const drift = paceDrift(pace, steps, now)

  const last = at === steps.length - 1 ? 'Done' : 'Next step'
  const onward = at < 0 ? 'Begin' : last
  return (
    <Panel
      title={title}
      aside={
        <Button look="quiet" onClick={onClose}>
          {back}
        </Button>
      }
    >
      <div className="grid gap-6 md:grid-cols-[1fr_16rem]">
        <div data-said data-occasion={`${at} ${ended} ${left < 0}`}>
          {at < 0 && (
            <>
              <p className="far-number text-5xl">Ready: {steps[0].label}</p>
              {steps[0].caution && <CautionAtAct name={steps[0].caution} />}
            </>
          )}
          {current && !ended && (
            <StepAtHand
              step={current}
              then={steps[at + 1]?.label.toLowerCase() ?? after}
              left={left}
              drift={drift}
              beforeName={beforeName}
            />
          )}
          {ended &&
            endedWords(
              taken,
              taken.reduce((sum, seconds) => sum + seconds, 0),
              drift,
            )}
        </div>
        <ol className="condensed self-start border-t border-line">
          {steps.map(({ label, seconds, before }, i) => (
            <li
              key={i}
              className={`flex justify-between gap-3 border-b border-line py-1 ${i === at && !ended ? 'font-bold' : ''}`}
            >
              <span>{label}</span>
              <span>
                {taken[i] === undefined
                  ? `${formatNumber(seconds, 0)} s`
                  : `${formatNumber(taken[i], 0)} / ${formatNumber(seconds, 0)} s`}
                {before !== undefined && before !== null && (
                  <span className="text-muted">
                    {' '}
                    ({beforeName} {formatNumber(before, 0)})
                  </span>
                )}
              </span>
            </li>
          ))}
        </ol>
      </div>
      {!ended && (
        <div className="mt-4 flex flex-wrap gap-x-6">
          <Check label="Sound at the end of a step" checked={chime.isOn} onCheck={chime.setOn} />
          <Check label="Go on by itself when the time is over" checked={byItself} onCheck={setByItself} />
        </div>
      )}
      <div className="mt-6 flex flex-wrap gap-3">
        {!ended && (
          <Button look="main" className="min-h-22 flex-1 justify-center text-2xl" onClick={advance}>
            {onward}
          </Button>
        )}
        {at >= 0 && (
          <Button className="min-h-22 flex-1 justify-center text-2xl" onClick={() => move(retreatPace(pace))}>
            Go back one
          </Button>
        )}
      </div>
    </Panel>
  )
}
