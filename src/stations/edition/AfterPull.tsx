'use client'

import { counted } from '@/core/units/counted'
import { useEffect, useRef, useState } from 'react'
import { QUANTITIES, QUANTITY_KEYS, type Quantity, writeReading } from '@/core/edition/quantities'
import { readPull } from '@/core/edition/readPull'
import type { EyeReading, Pull, PullEvent } from '@/core/edition/pull'
import { featureWords, outsidePasses, type Features, type Passes } from '@/core/prove/features'
import { writeMoment } from '@/core/units/moment'
import type { FieldProblem } from '@/data/database/errors'
import { Button } from '@/ui/Button'
import { NumberField } from '@/ui/NumberField'
import { useKey } from '@/ui/useKey'
import type { KeyNames } from '@/ui/viewKeys'
import { FeatureVerdict } from '../prove/FeatureVerdict'
import { Problems } from '../across/pull/Problems'
import { RejectForm } from './RejectForm'

const JUDGE_KEYS: KeyNames = [
  ['Enter', 'It Match: accepted'],
  ['− and +', 'It is lighter, darker'],
]

const isTone = (quantity: Quantity) => QUANTITIES[quantity].unit === 'D'
/** The three spots are read on the print itself, the others beside it. */
const READ_FIRST = [...QUANTITY_KEYS].sort((a, b) => Number(isTone(b)) - Number(isTone(a)))

interface AfterPullProps {
  pull: Pull
  /** what may differ to the eye and still pass; null: there is no BAT to hold it to */
  passes: Passes | null
  busy: boolean
  problems: readonly FieldProblem[]
  onAdd: (events: PullEvent[], why?: string) => Promise<boolean>
}

/** After the pull: its moment large, one tap for the eye, readings if there are any, and what becomes of it. */
export function AfterPull({ pull, passes, busy, problems, onAdd }: AfterPullProps) {
  const { eye } = readPull(pull)
  const heading = useRef<HTMLHeadingElement>(null)
  // What was pressed to come here is done with: keys, and whoever listens, go on from the new pull.
  useEffect(() => heading.current?.focus({ preventScroll: true }), [pull.id, eye])
  const [readings, setReadings] = useState<Partial<Record<Quantity, number | null>>>({})
  const [features, setFeatures] = useState<Features>({})
  const outside = outsidePasses(features, passes ?? {})
  const judged: PullEvent[] = Object.keys(features).length > 0 ? [{ kind: 'features', features }] : []
  const read = QUANTITY_KEYS.flatMap((quantity): PullEvent[] => {
    const value = readings[quantity]
    return typeof value === 'number' ? [{ kind: 'reading', quantity, value }] : []
  })
  const decide = (decision: 'accepted' | 'set-aside', seen?: EyeReading) =>
    void onAdd([
      ...(seen ? [{ kind: 'eye' as const, reading: seen }] : []),
      ...read,
      ...judged,
      { kind: 'decision', decision, reason: '', fate: null },
    ])
  const judge = (seen: EyeReading) => void onAdd([{ kind: 'eye', reading: seen }])
  useKey(JUDGE_KEYS, ({ code }) => {
    if (busy) return false
    if (eye) return false
    if (code === 'Enter' || code === 'NumpadEnter') decide('accepted', passes ? 'same' : undefined)
    else if (!passes) return false
    else if (code === 'Minus' || code === 'NumpadSubtract') judge('lighter')
    else if (code === 'Equal' || code === 'NumpadAdd') judge('darker')
    else return false
    return true
  })
  const big = 'min-h-22 flex-1 justify-center px-2 text-xl'
  return (
    <section aria-label={`Pull ${pull.number}`}>
      <h2 ref={heading} tabIndex={-1} className="station-title outline-none">
        Pull {pull.number}: pencil this time on the back, outside the plate
      </h2>
      <p className="far-number my-3 text-4xl">{writeMoment(pull.pulledAt, pull.zone)}</p>
      {eye === null && passes ? (
        <>
          <p className="mb-1 text-sm text-muted">Beside the BAT it</p>
          <div className="flex flex-wrap gap-2">
            <Button className={big} disabled={busy} onClick={() => judge('lighter')}>
              is lighter
            </Button>
            <Button look="main" className={big} disabled={busy} onClick={() => decide('accepted', 'same')}>
              Match: accept
            </Button>
            <Button className={big} disabled={busy} onClick={() => judge('darker')}>
              is darker
            </Button>
          </div>
        </>
      ) : (
        <>
          <p className="mb-1">{eye && `Seen ${eye === 'same' ? 'the same' : eye}. `}What becomes of it?</p>
          <div className="flex flex-wrap gap-2">
            <Button look="main" className={big} disabled={busy} onClick={() => decide('accepted')}>
              {passes ? 'Accept' : 'Keep it'}
            </Button>
            <Button className={big} disabled={busy} onClick={() => decide('set-aside')}>
              Set aside
            </Button>
          </div>
        </>
      )}
      <Problems problems={problems} except={['person']} />
      <fieldset className="mt-3 grid grid-cols-2 gap-3 sm:grid-cols-3">
        <legend className="sr-only">Readings</legend>
        {READ_FIRST.map((quantity) => {
          const { label, unit, min, max } = QUANTITIES[quantity]
          const value = readings[quantity] ?? null
          return (
            <NumberField
              key={quantity}
              label={label}
              unit={unit}
              value={value}
              onValue={(next) => setReadings({ ...readings, [quantity]: next })}
              problem={
                value !== null && (value < min || value > max)
                  ? `must be within ${writeReading(quantity, min, 0)} and ${writeReading(quantity, max, 0)}`
                  : undefined
              }
            />
          )
        })}
      </fieldset>
      {read.length > 0 && eye === null && (
        <p className="text-sm text-muted">Accepting also saves the readings, or:</p>
      )}
      {read.length > 0 && (
        <Button disabled={busy} onClick={() => void onAdd(read).then((kept) => kept && setReadings({}))}>
          Save {counted(read.length, 'reading')}
        </Button>
      )}
      <FeatureVerdict
        subject={`Pull ${pull.number}`}
        wanted={passes ? 'as the BAT' : 'as wanted'}
        value={features}
        onValue={setFeatures}
      />
      {judged.length > 0 && passes && (
        <p data-said className="text-sm">
          {outside.length > 0
            ? `◆ Does not pass: ${outside.map(([feature, value]) => featureWords(feature, value).toLowerCase()).join('; ')}.`
            : 'It differs, and still passes by what the BAT allows.'}
        </p>
      )}
      <RejectForm busy={busy} onReject={(event) => void onAdd([...read, ...judged, event])} />
    </section>
  )
}
