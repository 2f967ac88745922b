'use client'

import { formatCelsius, formatCelsiusStep, formatGrams } from '@/core/units/quantity'
import Link from 'next/link'
import { useState } from 'react'
import {
  coolingInput,
  coolingMinutes,
  dripTimesInput,
  halvingStep,
  minutesUntil,
  viscosityFromDrip,
} from '@/core/ink/calibrateStiffness'
import { firstMix, modifierAmount } from '@/core/ink/mix'
import { mixViscosity } from '@/core/ink/mixViscosity'
import {
  correctStiffness,
  inkTemperature,
  PLATE_SHARE_OF_INK_TEMPERATURE,
  type InkCalibration,
  type StiffnessCorrection,
} from '@/core/ink/stiffness'
import { dropsWanted, isFelt } from '@/core/ink/stiffnessWords'
import { warmthLeft } from '@/core/ink/plateCooling'
import { warmthAtRoller, type WarmthAtRoller } from '@/core/prove/warmthAtRoller'
import { isWarmedAgain, minutesIfWarmedAgain } from '@/core/wipe/offTheHeat'
import type { WipingOrder } from '@/core/wipe/wipingOrder'
import { plural } from '@/core/units/counted'
import { formatNumber } from '@/core/units/length'
import type { FieldProblem } from '@/data/database/errors'
import type { StoreInk } from '@/data/shop/inks'
import { Button } from '@/ui/Button'
import { Figure } from '@/ui/Figure'
import { NumberField } from '@/ui/NumberField'
import { Panel } from '@/ui/Panel'
import { Sum } from '@/ui/Sum'
import { useBench, useJob } from '../across/bench/BenchContext'
import { HotplateCaution } from '../across/bench/cautions'
import { Problems } from '../across/pull/Problems'
import { keepCalibrationAction } from './actions'
import { InkRooms } from './InkRooms'
import { sendAct } from '../across/act/sendAct'

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
  const mix = firstMix(bench.ink)
  const held = firstMix(job.bat?.settings.ink) ?? mix
  const [roomC, setRoom] = useState<number | null>(room ?? mix?.roomC ?? 20)
  const mixPas = mix ? mixViscosity(mix, inks, calibration) : null
  const heldPas = held ? mixViscosity(held, inks, calibration) : null
  const reference = job.bat ? 'the BAT' : 'the last setting'

  if (!mix || !held || mixPas === null || heldPas === null) {
    return (
      <Panel rooms={<InkRooms />} title="Ink">
        <p className="border border-line bg-ground p-4">First put a mix together from inks of the shelf.</p>
      </Panel>
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
  let way = `As stiff as at ${reference}.`
  if (isFelt(correction) && ratio > 1)
    way = 'Stiffer: it wipes cleaner and harder, less plate tone, a denser line.'
  if (isFelt(correction) && ratio < 1)
    way = 'Softer: it wipes easier and leaves more plate tone, a weaker line.'
  return (
    <Panel rooms={<InkRooms />} title="Ink">
      <HotplateCaution />
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
              value={holds === null ? '—' : `${formatNumber(holds, 0)} min`}
              label="holds it off the heat"
              note={onItsWay && !onItsWay.isTimed ? 'by metal and thickness: time your own' : undefined}
            />
          </div>
          <p className="font-medium">{way}</p>
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
            ln η = Σ w ln η. Viscosity is not tack, and solids such as magnesium do not follow the rule.
            Measure worked-up ink.
          </p>
        </section>
        <Calibrations calibration={calibration} />
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
  const thereC = roomC + left * (startC - roomC)
  const stiffer = 2 ** ((PLATE_SHARE_OF_INK_TEMPERATURE * (startC - thereC)) / halvingC)
  const againC = roomC + warmthLeft(minutesIfWarmedAgain(wipe), coolingTauMinutes) * (startC - roomC)
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

/** What the workshop measures once of its own oil, drops and plate. */
function Calibrations({ calibration }: { calibration: InkCalibration }) {
  const [drip, setDrip] = useState<Record<'t1' | 's1' | 't2' | 's2', number | null>>({
    t1: null,
    s1: null,
    t2: null,
    s2: null,
  })
  const [drops, setDrops] = useState<number | null>(null)
  const [oil, setOil] = useState<Record<'known' | 'knownSeconds' | 'seconds', number | null>>({
    known: null,
    knownSeconds: null,
    seconds: null,
  })
  const [cool, setCool] = useState<Record<'room' | 'start' | 'minutes' | 'later', number | null>>({
    room: null,
    start: null,
    minutes: null,
    later: null,
  })
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const dripTimes = dripTimesInput.safeParse({
    first: { temperatureC: drip.t1, seconds: drip.s1 },
    second: { temperatureC: drip.t2, seconds: drip.s2 },
  })
  const cooling = coolingInput.safeParse({
    roomC: cool.room,
    startC: cool.start,
    later: { minutes: cool.minutes, plateC: cool.later },
  })
  const oilPas =
    oil.known && oil.knownSeconds && oil.seconds
      ? viscosityFromDrip(oil.seconds, { seconds: oil.knownSeconds, viscosityPas: oil.known })
      : null
  const isFull = (values: Record<string, number | null>) =>
    Object.values(values).every((value) => value !== null)
  const keep = async (patch: Partial<InkCalibration>) => {
    const answer = await sendAct(keepCalibrationAction, { ...calibration, ...patch })
    setProblems(answer.ok ? [] : answer.problems)
  }
  return (
    <section aria-label="Calibration" className="grid content-start gap-4">
      <h2 className="station-title">Your own oil and plate</h2>
      <fieldset className="grid grid-cols-2 gap-3 border-t border-line pt-2 sm:grid-cols-4">
        <legend className="text-sm text-muted">
          The same drip or slump, at two temperatures: now halves every{' '}
          {formatCelsiusStep(calibration.halvingC)}
        </legend>
        <NumberField label="First" unit="°C" value={drip.t1} onValue={(t1) => setDrip({ ...drip, t1 })} />
        <NumberField label="took" unit="s" value={drip.s1} onValue={(s1) => setDrip({ ...drip, s1 })} />
        <NumberField
          label="Second"
          unit="°C"
          value={drip.t2}
          onValue={(t2) => setDrip({ ...drip, t2 })}
          problem={isFull(drip) && !dripTimes.success ? dripTimes.error.issues[0].message : undefined}
        />
        <NumberField label="took then" unit="s" value={drip.s2} onValue={(s2) => setDrip({ ...drip, s2 })} />
        <Button
          className="col-span-2 sm:col-span-4"
          disabled={!dripTimes.success}
          onClick={() => dripTimes.success && void keep({ halvingC: halvingStep(dripTimes.data) })}
        >
          {dripTimes.success
            ? `Keep: halves every ${formatCelsiusStep(halvingStep(dripTimes.data))}`
            : 'Keep the halving step'}
        </Button>
      </fieldset>
      <fieldset className="grid grid-cols-2 items-end gap-3 border-t border-line pt-2">
        <legend className="text-sm text-muted">
          Weigh 20 drops: a drop is now {formatGrams(calibration.dropGrams, 3)}
        </legend>
        <NumberField
          label="20 drops weigh"
          unit="g"
          value={drops}
          onValue={setDrops}
          problem={drops !== null && (drops <= 0 || drops > 20) ? 'must be within 0 and 20 g' : undefined}
        />
        <Button
          disabled={drops === null || drops <= 0 || drops > 20}
          onClick={() => void keep({ dropGrams: drops! / 20 })}
        >
          Keep the drop
        </Button>
      </fieldset>
      <fieldset className="grid grid-cols-2 gap-3 border-t border-line pt-2 sm:grid-cols-3">
        <legend className="text-sm text-muted">
          Drip your light oil beside a liquid you know, both at {formatCelsius(20, 0)}: now{' '}
          {formatNumber(calibration.thinOilPas, 2)} Pa·s
        </legend>
        <NumberField
          label="Known"
          unit="Pa·s"
          value={oil.known}
          onValue={(known) => setOil({ ...oil, known })}
        />
        <NumberField
          label="Known drips in"
          unit="s"
          value={oil.knownSeconds}
          onValue={(knownSeconds) => setOil({ ...oil, knownSeconds })}
        />
        <NumberField
          label="Oil drips in"
          unit="s"
          value={oil.seconds}
          onValue={(seconds) => setOil({ ...oil, seconds })}
        />
        <Button
          className="col-span-2 sm:col-span-3"
          disabled={!oilPas || oilPas <= 0}
          onClick={() => void keep({ thinOilPas: oilPas! })}
        >
          {oilPas && oilPas > 0 ? `Keep: light oil ${formatNumber(oilPas, 2)} Pa·s` : 'Keep the oil'}
        </Button>
      </fieldset>
      <fieldset className="grid grid-cols-2 gap-3 border-t border-line pt-2 sm:grid-cols-4">
        <legend className="text-sm text-muted">
          How the plate cools off the heat:{' '}
          {calibration.coolingTauMinutes
            ? `loses 63 % in ${formatNumber(calibration.coolingTauMinutes, 1)} min`
            : 'not learned yet'}
        </legend>
        <NumberField
          label="Room"
          unit="°C"
          value={cool.room}
          onValue={(next) => setCool({ ...cool, room: next })}
        />
        <NumberField
          label="Off the heat"
          unit="°C"
          value={cool.start}
          onValue={(start) => setCool({ ...cool, start })}
        />
        <NumberField
          label="Minutes later"
          value={cool.minutes}
          onValue={(minutes) => setCool({ ...cool, minutes })}
        />
        <NumberField
          label="Plate then"
          unit="°C"
          value={cool.later}
          onValue={(later) => setCool({ ...cool, later })}
          problem={isFull(cool) && !cooling.success ? cooling.error.issues[0].message : undefined}
        />
        <Button
          className="col-span-2 sm:col-span-4"
          disabled={!cooling.success}
          onClick={() => cooling.success && void keep({ coolingTauMinutes: coolingMinutes(cooling.data) })}
        >
          Keep how it cools
        </Button>
      </fieldset>
      <Problems problems={problems} />
    </section>
  )
}
