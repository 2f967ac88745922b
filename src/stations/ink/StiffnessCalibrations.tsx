'use client'

import { useState } from 'react'
import {
  coolingInput,
  coolingMinutes,
  dripTimesInput,
  halvingStep,
  viscosityFromDrip,
} from '@/core/ink/calibrateStiffness'
import type { InkCalibration } from '@/core/ink/stiffness'
import { formatNumber } from '@/core/units/length'
import { formatCelsius, formatCelsiusStep, formatGrams } from '@/core/units/quantity'
import type { FieldProblem } from '@/data/database/errors'
import { Button } from '@/ui/Button'
import { NumberField } from '@/ui/NumberField'
import { sendAct } from '../across/act/sendAct'
import { Problems } from '../across/pull/Problems'
import { keepCalibrationAction } from './actions'

/** What the workshop measures once of its own oil, drops and plate. */
export function StiffnessCalibrations({ calibration }: { calibration: InkCalibration }) {
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
            ? `Save: halves every ${formatCelsiusStep(halvingStep(dripTimes.data))}`
            : 'Save the halving step'}
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
          Save the drop
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
          {oilPas && oilPas > 0 ? `Save: light oil ${formatNumber(oilPas, 2)} Pa·s` : 'Save the oil'}
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
          Save how it cools
        </Button>
      </fieldset>
      <Problems problems={problems} />
    </section>
  )
}
