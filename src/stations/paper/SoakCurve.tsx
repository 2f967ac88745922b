'use client'

import { useMemo, useState } from 'react'
import { fitSoak, secondsFor, soakFitInput } from '@/core/paper/soakFit'
import type { Sizing } from '@/core/paper/substitutes'
import { formatNumber } from '@/core/units/length'
import type { FieldProblem } from '@/data/database/errors'
import type { WeighIn } from '@/data/paper/soaks'
import { seedOf } from '@/devices/noise'
import { simulateScale } from '@/devices/scale'
import { simulateSoakedSheet } from '@/devices/soakedSheet'
import { Button } from '@/ui/Button'
import { NumberField } from '@/ui/NumberField'
import { problemAt } from '../across/bench/problemAt'
import { Problems } from '../across/pull/Problems'
import { keepWeighInAction } from './actions'
import { sendAct } from '../across/act/sendAct'
import { CurveChart } from '@/ui/CurveChart'

const DRAWN = 50
/** Step of the simulated scale, grams. */
const SCALE_STEP = 0.1

const minutes = (seconds: number) =>
  `${Math.floor(seconds / 60)}:${String(Math.round(seconds % 60)).padStart(2, '0')}`

interface SoakCurveProps {
  paperId: string
  weighIns: readonly WeighIn[]
  dryGrams: number | null
  dampGrams: number | null
  targetPercent: number | null
  sizing: Sizing
  /** a sheet was laid on the simulated scale */
  onWeighed: (grams: number) => void
}

/** What this paper takes up and how fast, learned from its weigh-ins; how long for the water wanted. */
export function SoakCurve({
  paperId,
  weighIns,
  dryGrams,
  dampGrams,
  targetPercent,
  sizing,
  onWeighed,
}: SoakCurveProps) {
  const [inWater, setInWater] = useState<number | null>(null)
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const points = weighIns
    .filter((one) => one.paperId === paperId)
    .map(({ seconds, uptakePercent }) => ({ seconds, uptakePercent }))
  const input = soakFitInput.safeParse({ points })
  const curve = input.success ? fitSoak(input.data) : null
  const wanted = curve && targetPercent ? secondsFor(targetPercent, curve) : null
  const last = Math.max(60, ...points.map(({ seconds }) => seconds))
  const sheet = useMemo(
    () => (dryGrams ? simulateSoakedSheet(dryGrams, sizing, seedOf(paperId)) : null),
    [dryGrams, sizing, paperId],
  )
  const scale = useMemo(() => simulateScale(SCALE_STEP, seedOf(paperId)), [paperId])
  const keep = async () => {
    const answer = await sendAct(keepWeighInAction, {
      paperId,
      seconds: (inWater ?? Number.NaN) * 60,
      dryGrams: dryGrams ?? Number.NaN,
      dampGrams: dampGrams ?? Number.NaN,
    })
    setProblems(answer.ok ? [] : answer.problems)
    if (answer.ok) setInWater(null)
  }
  return (
    <div className="mt-4 border-t border-line pt-3">
      <h3 className="font-semibold">How this paper soaks</h3>
      {curve ? (
        <p>
          Takes up {formatNumber(curve.saturationPercent, 0)} % in the end, 63 % of that in{' '}
          {minutes(curve.tauSeconds)}
          {points.length > 2 &&
            `, the weigh-ins scatter by ${formatNumber(curve.rmsePercent, 1)} points`}.{' '}
          {targetPercent ? (
            wanted === null ? (
              <b>◆ It never takes up {formatNumber(targetPercent, 0)} %.</b>
            ) : (
              <b>
                For {formatNumber(targetPercent, 0)} %: {minutes(wanted)} in the water.
              </b>
            )
          ) : null}
        </p>
      ) : (
        <p className="text-sm text-muted">
          {points.length < 2
            ? 'Save two weigh-ins at different times, and the curve is fitted.'
            : `The weigh-ins ${input.error!.issues[0].message}.`}
        </p>
      )}
      {curve && (
        <CurveChart
          title="Moisture, %"
          unit="min"
          from={0}
          to={last / 60}
          ticks={4}
          curves={[
            {
              name: 'fitted',
              points: Array.from({ length: DRAWN + 1 }, (_, i) => ({
                x: (last * i) / DRAWN / 60,
                y: -curve.saturationPercent * Math.expm1(-(last * i) / DRAWN / curve.tauSeconds),
              })),
            },
            {
              name: 'weighed',
              dots: true,
              points: [...points]
                .sort((a, b) => a.seconds - b.seconds)
                .map(({ seconds, uptakePercent }) => ({ x: seconds / 60, y: uptakePercent })),
            },
          ]}
        />
      )}
      <div className="mt-2 grid grid-cols-2 items-end gap-3">
        <NumberField
          label="Was in the water"
          unit="minutes"
          digits={2}
          value={inWater}
          onValue={setInWater}
          problem={problemAt(problems, 'seconds')}
        />
        <Button disabled={!paperId || dampGrams === null} onClick={() => void keep()}>
          Save this weigh-in
        </Button>
      </div>
      <Button
        look="quiet"
        className="mt-2"
        disabled={!sheet || inWater === null || inWater <= 0}
        onClick={() => sheet && inWater !== null && onWeighed(scale.weigh(sheet.gramsAfter(inWater * 60)))}
      >
        Lay such a sheet on the scale (simulated)
      </Button>
      <Problems problems={problems} except={['seconds']} />
    </div>
  )
}
