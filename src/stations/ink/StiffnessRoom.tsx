'use client'

import { formatCelsius, formatCelsiusStep, formatGrams } from '@/core/units/quantity'
import Link from 'next/link'
import { useState } from 'react'
import { minutesUntil } from '@/core/ink/calibrateStiffness'
import { modifierAmount } from '@/core/ink/mix'
import { mixOfId } from '@/core/ink/severalMixes'
import { mixViscosity } from '@/core/ink/mixViscosity'
import {
  correctStiffness,
  inkTemperature,
  PLATE_SHARE_OF_INK_TEMPERATURE,
  type InkCalibration,
  type StiffnessCorrection,
} from '@/core/ink/stiffness'
import { dropsWanted } from '@/core/ink/stiffnessWords'
import { onItsWayToTheRoller, warmthAtRoller, type WarmthAtRoller } from '@/core/prove/warmthAtRoller'
import { isWarmedAgain } from '@/core/wipe/offTheHeat'
import type { WipingOrder } from '@/core/wipe/wipingOrder'
import { plural } from '@/core/units/counted'
import { formatNumber } from '@/core/units/length'
import type { StoreInk } from '@/data/shop/inks'
import { Figure } from '@/ui/Figure'
import { NumberField } from '@/ui/NumberField'
import { Panel } from '@/ui/Panel'
import { Sum } from '@/ui/Sum'
import { useBench, useJob } from '../across/bench/BenchContext'
import { HotplateCaution } from '../across/bench/cautions'
import { stiffnessAnswer } from './answers'
import { InkRooms } from './InkRooms'
import { MixStrip } from './MixStrip'
import { openMix, useOpenMix } from './openMix'
import { StiffnessCalibrations } from './StiffnessCalibrations'

/** Stiffer by this much, a wipe goes noticeably harder (common practice, no source). */
const NOTICED = 1.25

/** Why no warmth of the plate helps. */
const NO_PLATE = {
  'too-hot': '◆ too hot to hold: use oil',
  'below-room': '◆ no plate is colder than its room',
} as const

function oilNote({ ratio, isOilCapped }: StiffnessCorrection): string | undefined {
  if (ratio < 1) return 'oil cannot come out'
  return isOilCapped ? '◆ half the mix, and still too stiff: take a softer one' : undefined
}

/** The mix as stiff as it was at the BAT, in today's room: drops, or plate, and how long the plate holds it. */
export function StiffnessRoom({
  inks,
  calibration,
  room,
}: {
  inks: StoreInk[]
  calibration: InkCalibration
  room: number | null
}) {
  const bench = useBench()
  const job = useJob()
  const open = useOpenMix(job.id)
  const mix = bench.ink ? mixOfId(bench.ink, open) : null
  const held = job.bat?.settings.ink?.mixes.find(({ id }) => id === mix?.id) ?? mix
  const [roomC, setRoom] = useState<number | null>(room ?? mix?.roomC ?? 20)
  const mixPas = mix ? mixViscosity(mix, inks, calibration) : null
  const heldPas = held ? mixViscosity(held, inks, calibration) : null
  const reference = job.bat ? 'the BAT' : 'the last setting'

  if (!mix || !held || mixPas === null || heldPas === null) {
    return (
      <Panel
        rooms={<InkRooms />}
        title="Ink"
        answer={{
          says: 'Put a mix together first',
          because: 'Its stiffness follows from its inks and oils.',
          asks: { words: 'Go to the mix', page: `/jobs/${job.slug}/ink` },
        }}
      />
    )
  }
  const onItsWay = warmthAtRoller(bench, calibration)
  const left = {
    before: warmthAtRoller(job.bat?.settings ?? bench, calibration)?.left ?? 1,
    today: onItsWay?.left ?? 1,
  }
  const correction = correctStiffness({
    mixGrams: mix.puddleGrams,
    mixPas,
    wantedPas: heldPas,
    before: held,
    todayRoomC: roomC ?? held.roomC,
    calibration,
    warmthLeft: left,
  })
  const { ratio } = correction
  const warmer = (calibration.halvingC * Math.log2(NOTICED)) / PLATE_SHARE_OF_INK_TEMPERATURE
  const startC = correction.plateC ?? correction.plateTodayC
  const holds =
    onItsWay && roomC !== null
      ? minutesUntil({
          roomC,
          fromC: startC,
          toC: startC - warmer,
          coolingTauMinutes: onItsWay.coolingTauMinutes,
        })
      : null
  return (
    <Panel
      rooms={<InkRooms />}
      title="Ink"
      answer={stiffnessAnswer(correction, {
        reference,
        oilGrams: mix.puddleGrams,
        roomC: roomC ?? held.roomC,
      })}
    >
      <HotplateCaution />
      <MixStrip mixes={bench.ink?.mixes ?? []} open={mix.id} onPick={(id) => openMix(job.id, id)} />
      <div className="grid gap-8 xl:grid-cols-2">
        <section aria-label="Same stiffness today">
          <h2 className="station-title mb-2">As stiff as at {reference}, today</h2>
          <NumberField
            label="Room now"
            unit="°C"
            digits={1}
            value={roomC}
            onValue={setRoom}
            className="max-w-40"
            problem={
              roomC !== null && (roomC < -10 || roomC > 50)
                ? `must be within ${formatCelsius(-10, 0)} and ${formatCelsius(50, 0)}`
                : undefined
            }
          />
          <div className="my-4 flex flex-wrap gap-x-10 gap-y-4">
            <Figure
              name="stiffness-ratio"
              value={`${formatNumber(ratio, 2)} ×`}
              label={`stiffness of ${reference}`}
            />
            <Figure
              name="oil-drops"
              value={dropsWanted(correction)}
              label={`${plural(dropsWanted(correction), 'drop', 'drops')} of light oil into ${formatGrams(mix.puddleGrams, 1)}`}
              note={oilNote(correction)}
            />
            <Figure
              name="plate-warmth"
              value={correction.plateC === null ? '—' : formatCelsius(correction.plateC, 0)}
              label="or the plate at"
              note={correction.noPlate ? NO_PLATE[correction.noPlate] : undefined}
            />
            <Figure
              value={holds === null ? '—' : `${formatNumber(holds, holds < 2 ? 1 : 0)} min`}
              label="before the plate is too cool"
              note={onItsWay && !onItsWay.isTimed ? 'by metal and thickness: time your own' : undefined}
            />
          </div>
          {onItsWay && bench.wipe && roomC !== null && startC > roomC && (
            <AtTheRoller
              {...onItsWay}
              roomC={roomC}
              startC={startC}
              halvingC={calibration.halvingC}
              wipe={bench.wipe}
              slug={job.slug}
            />
          )}
          <Sum
            rows={[
              {
                label: `Ink under the roller at ${reference}`,
                value: formatCelsius(inkTemperature(held.roomC, held.plateC, left.before), 1),
              },
              {
                label: `Ink under the roller today, plate off the heat at ${formatCelsius(correction.plateTodayC, 0)}`,
                value: formatCelsius(
                  inkTemperature(roomC ?? held.roomC, correction.plateTodayC, left.today),
                  1,
                ),
              },
              {
                label: `Mix at ${reference}, ${formatCelsius(20, 0)}`,
                value: `${formatNumber(heldPas, 1)} Pa·s, ${formatNumber(modifierAmount(held, 'thin-oil'), 1)} drops`,
              },
              {
                label: `Mix on the slab, ${formatCelsius(20, 0)}`,
                value: `${formatNumber(mixPas, 1)} Pa·s, ${formatNumber(modifierAmount(mix, 'thin-oil'), 1)} drops`,
              },
              {
                label: 'Halves every',
                value: `${formatCelsiusStep(calibration.halvingC)}, good for about ±${formatCelsiusStep(15, 0)}`,
              },
            ]}
          >
            How this came about
          </Sum>
          <p className="text-sm text-muted">
            Viscosity is not tack, and solids such as magnesium do not follow the rule. Measure worked-up ink.
          </p>
        </section>
        <StiffnessCalibrations calibration={calibration} />
      </div>
    </Panel>
  )
}

/** How warm the plate still is under the roller, what that does to the ink, and what warming it again would. */
function AtTheRoller({
  minutes,
  coolingTauMinutes,
  left,
  roomC,
  startC,
  halvingC,
  wipe,
  slug,
}: WarmthAtRoller & { roomC: number; startC: number; halvingC: number; wipe: WipingOrder; slug: string }) {
  const { thereC, stiffer, againC } = onItsWayToTheRoller(
    { left, coolingTauMinutes },
    { roomC, startC, halvingC, wipe },
  )
  return (
    <p>
      {formatNumber(minutes, 0)} min from the heat to the roller: the plate is at{' '}
      <b>{formatCelsius(thereC, 0)}</b> there, the ink {formatNumber(stiffer, 2)} × as stiff as off the heat.
      {stiffer > NOTICED && !isWarmedAgain(wipe) && (
        <>
          {' '}
          ◆ Warmed again after the edges it would come in at {formatCelsius(againC, 0)}:{' '}
          <Link href={`/jobs/${slug}/wipe`} className="underline underline-offset-4">
            add the step “Warm again”
          </Link>
          .
        </>
      )}
    </p>
  )
}
