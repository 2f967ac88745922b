'use client'

import { inkLeftIn, type InkInPlate } from '@/core/wipe/inkLeftIn'
import { saidDayOf } from '@/core/units/moment'
import { capital } from '@/core/units/capital'
import { listed } from '@/core/units/listed'
import { Choice } from '@/ui/Choice'
import { useZone } from '@/ui/ViewerZone'
import { CleaningCaution } from '../across/bench/cautions'
import type { LastInked } from './lastInked'

const AS_SAID = ['clean', 'inked'] as const

/** Whether a plate that was put away still holds its ink, and what is done about it before it is inked again. */
export function LeftIn({
  last,
  now,
  isLeftIn,
  onAnswer,
}: {
  last: LastInked
  /** the inks it is to be inked with */
  now: readonly InkInPlate[]
  /** null: nobody said yet */
  isLeftIn: boolean | null
  onAnswer: (isLeftIn: boolean) => void
}) {
  const zone = useZone()
  const { because, step } = inkLeftIn(last.inks, now)
  return (
    <section aria-label="Ink left in the plate" className="mb-4 grid gap-2 border-b border-line pb-3">
      <p>
        Last printed {saidDayOf(last.at, zone)} in {listed(last.inks.map(({ name }) => name))}. Was the plate
        put away clean?
      </p>
      <Choice
        label="The plate was put away"
        value={isLeftIn === null ? null : AS_SAID[Number(isLeftIn)]}
        options={[
          ['clean', 'clean'],
          ['inked', 'with ink in its lines'],
        ]}
        onPick={(answer) => onAnswer(answer === 'inked')}
      />
      {isLeftIn && (
        <>
          <p data-said className="font-medium">
            {step ? `◆ ${because}` : because}
          </p>
          {step && (
            <>
              <p className="text-sm">{capital(step.detail)}. It is the first step of the timer now.</p>
              <CleaningCaution />
            </>
          )}
        </>
      )}
    </section>
  )
}
