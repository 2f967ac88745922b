'use client'

import { useState } from 'react'
import {
  evennessByHand,
  handDoubts,
  handSteps,
  PLACE_LOOKS,
  type HandKind,
  type PlaceLook,
} from '@/core/press/handPrinting'
import type { PressSetting } from '@/core/press/pressSetting'
import { capital } from '@/core/units/capital'
import { Choice } from '@/ui/Choice'
import { useBench } from '../across/bench/BenchContext'
import { PLACES } from './cardWords'

type Places = Record<(typeof PLACES)[number], PlaceLook | null>
const UNSEEN: Places = { left: null, middle: null, right: null }

/** Printing by hand: the strokes, what plate, paper and ink to expect of it, and what three places of the last print ask for. */
export function HandPrinting({
  kind,
  press,
}: {
  kind: HandKind
  press: Pick<PressSetting, 'passes' | 'readingLeft' | 'scale'>
}) {
  const { plate, paper } = useBench()
  const [places, setPlaces] = useState(UNSEEN)
  const { left, middle, right } = places
  const weight = press.scale.names[press.readingLeft] ?? 'medium'
  return (
    <div className="mt-3 grid gap-6 lg:grid-cols-2">
      <section aria-label="How it is pressed">
        <h2 className="station-title">{kind === 'baren' ? 'Rubbing' : 'Rolling'}</h2>
        <ol className="list-decimal pl-6">
          {handSteps(kind, { passes: press.passes, weight }).map((step) => (
            <li key={step} className="py-0.5">
              {step}
            </li>
          ))}
        </ol>
      </section>
      <div className="grid content-start gap-5">
        <section aria-label="What suits the hand">
          <h2 className="station-title">What suits the hand</h2>
          <ul>
            {handDoubts({
              plateKind: plate?.kind ?? null,
              paper: paper && { name: paper.name, gsm: paper.gsm, isDamp: paper.method !== 'dry' },
            }).map((words) => (
              <li key={words} className="border-t border-line py-1">
                {words}
              </li>
            ))}
          </ul>
        </section>
        <section aria-label="Three places" className="border-t border-line pt-3">
          <h2 className="station-title">Was the last print even?</h2>
          {PLACES.map((where) => (
            <div key={where} className="mt-2 flex flex-wrap items-center gap-3">
              <span className="w-16">{capital(where)}</span>
              <Choice
                label={`${where} of the print`}
                value={places[where]}
                options={Object.entries(PLACE_LOOKS).map(([key, words]) => [key as PlaceLook, words])}
                onPick={(look) => setPlaces({ ...places, [where]: look })}
              />
            </div>
          ))}
          <p data-said className="mt-2 font-medium">
            {left && middle && right
              ? evennessByHand({ left, middle, right })
              : 'Look at the same tone in three places of the print.'}
          </p>
        </section>
      </div>
    </div>
  )
}
