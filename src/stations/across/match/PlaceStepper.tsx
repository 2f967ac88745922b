'use client'

import { formatFine, formatFines } from '@/core/units/quantity'
import { useState } from 'react'
import { MATCH_CHECKS, placeKey, type FoundPlace } from '@/core/match/checks/matchCheck'
import { Button } from '@/ui/Button'
import { TextField } from '@/ui/Field'
import { useKey } from '@/ui/useKey'
import type { KeyNames } from '@/ui/viewKeys'

const PLACE_KEYS: KeyNames = [
  ['N and P', 'The next place that differs, the one before'],
  ['A', 'Let this place pass, or no longer'],
]

interface PlaceStepperProps {
  places: readonly FoundPlace[]
  accepted: ReadonlyMap<string, string>
  current: number
  onCurrent: (index: number) => void
  onAccept: (place: FoundPlace, why: string | null) => void
}

/** The places that differ, one after the other: N and P step, A lets one pass with its reason. */
export function PlaceStepper({ places, accepted, current, onCurrent, onAccept }: PlaceStepperProps) {
  const [why, setWhy] = useState('')
  const place = places[current]
  const step = (by: number) => onCurrent((current + by + places.length) % places.length)
  const accept = () => {
    if (!place) return
    onAccept(place, accepted.has(placeKey(place)) ? null : why.trim())
    setWhy('')
  }
  useKey(PLACE_KEYS, ({ key }) => {
    if (places.length === 0 || !/^[npa]$/i.test(key)) return false
    if (/n/i.test(key)) step(1)
    else if (/p/i.test(key)) step(-1)
    else accept()
    return true
  })
  if (!place) return null
  const isAccepted = accepted.has(placeKey(place))
  return (
    <section aria-label="Places that differ" className="border-t border-line py-3">
      <h2 className="station-title">
        {places.length === 1 ? 'One place to look at' : `${places.length} places to look at`}
      </h2>
      <p data-said>
        <b>
          {current + 1}. {place.what}
        </b>
        , {MATCH_CHECKS[place.check].label.toLowerCase()}:{' '}
        {formatFines([place.widthMm, place.heightMm], ' × ', 1)},{' '}
        {formatFine(place.xMm + place.widthMm / 2, 0)} from the left,{' '}
        {formatFine(place.yMm + place.heightMm / 2, 0)} from the top
        {isAccepted
          ? `. Accepted${accepted.get(placeKey(place)) ? `: ${accepted.get(placeKey(place))}` : ''}`
          : ''}
        .
      </p>
      <div className="mt-2 flex flex-wrap items-end gap-2">
        {places.length > 1 && (
          <>
            <Button onClick={() => step(-1)}>Previous (P)</Button>
            <Button onClick={() => step(1)}>Next (N)</Button>
          </>
        )}
        {!isAccepted && (
          <TextField label="Why it may pass" value={why} onText={setWhy} className="min-w-40 flex-1" />
        )}
        <Button onClick={accept}>
          {isAccepted ? 'Take the acceptance back (A)' : 'Accept this place (A)'}
        </Button>
      </div>
    </section>
  )
}
