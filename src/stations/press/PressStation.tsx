'use client'

import dynamic from 'next/dynamic'
import { PLATE_KINDS } from '@/core/plate/plate'
import { laidWarnings } from '@/core/press/laidStack'
import { layerShares, nipProfile, stackWarnings } from '@/core/press/nip'
import { isHandKind } from '@/core/press/pressKind'
import {
  gapMm,
  middleReading,
  plateTooThick,
  tiltMm,
  type PressSetting,
  type SqueezeAt,
} from '@/core/press/pressSetting'
import { amountOnScale, tightened, type PressureScale } from '@/core/press/pressureScale'
import { learnPressure, type TriedPressure } from '@/core/press/pressureTrials'
import type { Worked } from '@/core/press/startingPressure'
import { formatNumber } from '@/core/units/length'
import { formatFine } from '@/core/units/quantity'
import type { StorePress } from '@/data/press/presses'
import type { StoreBlanket, StorePack } from '@/data/shop/store'
import { Figure } from '@/ui/Figure'
import { Panel } from '@/ui/Panel'
import { useBench, useJob } from '../across/bench/BenchContext'
import { PressCaution } from '../across/bench/cautions'
import { KeepLine } from '../across/bench/KeepLine'
import { problemAt } from '../across/bench/problemAt'
import { useAct } from '../across/bench/useAct'
import { usePressDoubt } from '../across/bench/usePressDoubt'
import { useStation } from '../across/bench/useStation'
import { Problems } from '../across/pull/Problems'
import { sendAct } from '../across/act/sendAct'
import { changePressAction } from './actions'
import { carriedReading, pressAnswer, refusedWords, startAnswer } from './answers'
import { UNSET_PRESS, wholePress } from './emptyPress'
import { detailsOf } from './pressDetails'
import { PressChoice } from './PressChoice'
import { PressReadings } from './PressReadings'
import { PressRooms } from './PressRooms'
import { usePressBench } from './usePressBench'
import { useScrewKeys, type Side } from './useScrewKeys'

/** Taking apart by hand needs its own script, which is fetched beside the rest. */
const PackBench = dynamic(() => import('./PackBench').then(({ PackBench: bench }) => bench), {
  ssr: false,
  loading: () => <p className="min-h-40 text-sm text-muted">Laying the blankets out…</p>,
})

/** What few look at comes once the page stands. */
const SideElevation = dynamic(() => import('./SideElevation').then(({ SideElevation: side }) => side), {
  ssr: false,
  loading: () => <span className="block aspect-3/2 w-full" />,
})
const NipProfile = dynamic(() => import('./NipProfile').then(({ NipProfile: profile }) => profile), {
  ssr: false,
  loading: () => <span className="mt-3 block aspect-10/3 w-full" />,
})
const PressureVerdict = dynamic(
  () => import('./PressureVerdict').then(({ PressureVerdict: verdict }) => verdict),
  {
    ssr: false,
    loading: () => <span className="block min-h-24" />,
  },
)
const CarryOver = dynamic(() => import('./CarryOver').then(({ CarryOver: carry }) => carry), { ssr: false })
const StartHere = dynamic(() => import('./StartHere').then(({ StartHere: start }) => start), { ssr: false })
const FrameTrial = dynamic(() => import('./FrameTrial').then(({ FrameTrial: trial }) => trial), {
  ssr: false,
})
const HandPrinting = dynamic(() => import('./HandPrinting').then(({ HandPrinting: hand }) => hand), {
  ssr: false,
})

/** Left and right further apart than so many steps are counted wrong rather than set so [common practice, no source]. */
const FAR_APART_STEPS = 4

/** Peak pressure as a percentage of the BAT's, or null where there is nothing to compare. */
function relative(now: SqueezeAt | null, held: SqueezeAt | null): number | null {
  return now?.contact === 'pressed' && held?.contact === 'pressed' ? (100 * now.peakMPa) / held.peakMPa : null
}

interface PressStationProps {
  presses: StorePress[]
  packs: StorePack[]
  shelf: StoreBlanket[]
  trials: ({ pressId: string } & TriedPressure)[]
  /** settings that printed well in every job */
  worked: Worked[]
}

/** The press in its own language, and from the side, where the stack is pressed. */
export function PressStation({ presses, packs, shelf, trials, worked }: PressStationProps) {
  const bench = useBench()
  const job = useJob()
  const { value, change, ...kept } = useStation('press', UNSET_PRESS)
  const press = wholePress(value)
  const { plate, paper } = bench
  const { left, right, held, stack, carried, start } = usePressBench(press, shelf, worked)
  const scale = value.pressId ? value.scale : null
  const turn = (sides: Side[], by: number) => {
    if (!scale) return
    const steps = ((scale.heavier === 'up' ? 1 : -1) * by) / scale.step
    change(Object.fromEntries(sides.map((side) => [side, tightened(scale, value[side] ?? 0, steps)])))
  }
  useScrewKeys(scale, turn)
  const card = useAct()
  const warnings =
    stack && plate
      ? stackWarnings(stack, { bevelDegrees: plate.bevelDegrees, isHard: PLATE_KINDS[plate.kind].isHard })
      : []
  const laid = press ? laidWarnings(press, paper?.gsm ?? null) : []
  const tooThick = press && plate ? plateTooThick({ press, plate }) : null
  const target = job.bat?.settings.press ?? null
  const stock = presses.find(({ id }) => id === value.pressId)
  const doubt = usePressDoubt()
  const own = trials.filter(({ pressId }) => pressId === value.pressId)
  const learned = scale && learnPressure(own, scale)
  const unfit =
    stock && plate && plate.widthMm > (stock.rollerLengthMm ?? stock.bedWidthMm)
      ? `The plate is ${formatFine(plate.widthMm, 0)} wide; ${stock.name.toLowerCase()} takes ${formatFine(stock.rollerLengthMm ?? stock.bedWidthMm, 0)}.`
      : null
  const handKind = stock && isHandKind(stock.kind) ? stock.kind : null
  const setBoth = (reading: number, origin?: 'carried') =>
    change({ readingLeft: reading, readingRight: reading }, origin)
  const layUnder = (makeReadyMm: number) => change({ makeReadyMm })
  const isStart = press !== null && start !== null && (job.bat ? start.apart.length > 0 : job.proofs === 0)

  const begun = isStart ? start.reading : null
  const named = carried?.ok ? carried.reading : begun

  return (
    <Panel
      rooms={<PressRooms />}
      title="Press"
      aside={<KeepLine {...kept} />}
      answer={
        (isStart && startAnswer(press, start)) ||
        pressAnswer(value, {
          handKind,
          share: { left: relative(left, held), right: relative(right, held) },
          carried: scale && carriedReading(carried, scale, learned),
          doubt: tooThick ?? refusedWords(carried) ?? doubt,
          gapMm: press && gapMm(press, middleReading(press)),
          isHeld: held !== null,
        })
      }
    >
      <PressCaution kind={stock?.kind} />
      <PressChoice value={value} presses={presses} problems={kept.problems} onChange={change} />
      {unfit && !handKind && (
        <p role="alert" className="font-medium">
          ◆ {unfit}
        </p>
      )}
      <CarryOver
        press={press}
        carried={carried}
        trials={own}
        onSet={(reading) => setBoth(reading, 'carried')}
        onMakeReady={layUnder}
      />
      {isStart && (
        <StartHere
          press={press}
          start={start}
          onSet={(reading) => setBoth(reading, 'carried')}
          onMakeReady={layUnder}
        />
      )}
      <div className="mt-3 grid gap-6 border-t border-line pt-3 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
        <div>
          {scale && (
            <PressReadings
              scale={scale}
              value={value}
              target={target && target.scale.id === scale.id ? target : null}
              left={relative(left, held)}
              right={relative(right, held)}
              problems={kept.problems}
              onTurn={turn}
              onChange={change}
            />
          )}
          {press && <Lean press={press} />}
          {press && (job.proofs > 0 || job.bat) && (
            <PressureVerdict
              press={press}
              suggested={named}
              trials={own}
              onSet={setBoth}
              onMakeReady={layUnder}
            />
          )}
          <div id="press-pack" tabIndex={-1} className="mt-5 border-t border-line pt-3">
            <PackBench
              pack={value.pack ?? []}
              packName={value.packName ?? ''}
              plateAt={value.plateAt ?? 0}
              isFaceDown={value.isFaceDown ?? false}
              isByHand={handKind !== null}
              packs={packs}
              shelf={shelf}
              shares={new Map(stack ? layerShares(stack).map(({ layer, share }) => [layer.name, share]) : [])}
              problem={problemAt(kept.problems, 'packName') && 'Choose a pack, or put blankets on.'}
              onLay={change}
            />
          </div>
        </div>
        <div>
          {handKind !== 'baren' && (
            <SideElevation
              press={press}
              plateMm={plate?.thicknessMm ?? null}
              caliperMm={paper?.caliperMm ?? null}
            />
          )}
          {stack && <NipProfile profile={nipProfile(stack)} />}
          {[...laid, ...warnings].map((words) => (
            <p data-said key={words} className="mt-2 font-medium">
              ◆ {words}
            </p>
          ))}
          {(left || right) && (
            <div className="mt-3 flex flex-wrap gap-x-8 gap-y-3">
              <Figure
                name="squeeze-left"
                value={squeezeWord(left, held)}
                label={held ? 'pressure at left, BAT = 100 %' : 'contact, left'}
                note={press && gapNote(press, press.readingLeft)}
              />
              <Figure
                name="squeeze-right"
                value={squeezeWord(right, held)}
                label={held ? 'pressure at right' : 'contact, right'}
                note={press && gapNote(press, press.readingRight)}
              />
            </div>
          )}
          {scale && !handKind && (
            <p className="mt-2 text-xs text-muted">
              {pressureNote(scale, stack !== null, plate !== null && paper !== null)}
            </p>
          )}
          {press && plate && paper && gapMm(press, press.readingLeft) !== null && (
            <FrameTrial
              press={press}
              plateMm={plate.thicknessMm}
              caliperMm={paper.caliperMm}
              sheetMm={paper.sheetWidthMm}
              onLearned={(frameNPerMm) => {
                change({ frameNPerMm }, 'measured')
                if (stock)
                  void card.act(() =>
                    sendAct(changePressAction, {
                      pressId: stock.id,
                      details: { ...detailsOf(stock), frameNPerMm },
                    }),
                  )
              }}
            />
          )}
          <Problems problems={card.problems} />
        </div>
      </div>
      {handKind && press && <HandPrinting kind={handKind} press={press} />}
    </Panel>
  )
}

const gapNote = (press: PressSetting, reading: number): string | undefined => {
  const gap = gapMm(press, reading)
  return gap === null ? undefined : `gap ${formatFine(gap, 2)}`
}

/** What the pressure shown is worth, and how the press is brought to a reading. */
function pressureNote({ id }: PressureScale, isKnown: boolean, areSet: boolean): string {
  const unknown = areSet
    ? 'Nobody measured how far this press moves: its readings are compared with one another, and with what the prints said.'
    : 'Set plate and paper to see the pressure.'
  const known =
    'Pressure is our model of the blankets: good for comparing settings, not a calibrated pressure.'
  const approach =
    id === 'turns' || id === 'gauge'
      ? ' Always finish by tightening: if you must loosen, go past the mark, then tighten back.'
      : ''
  return `${isKnown ? known : unknown}${approach}`
}

/** That both sides are not set alike, and what the print will show. */
function Lean({ press }: { press: PressSetting }) {
  const { scale, readingLeft, readingRight } = press
  if (scale.sides === 1 || Math.abs(readingLeft - readingRight) < 1e-9) return null
  const isRightLooser = readingRight > readingLeft === (scale.heavier === 'down')
  const tilt = tiltMm(press)
  const apart = Math.abs(readingLeft - readingRight)
  return (
    <p data-said className="mt-2 font-medium">
      ◆ Left and right differ: the {isRightLooser ? 'right' : 'left'} is {amountOnScale(scale, apart)}
      {tilt === null ? '' : ` (${formatFine(Math.abs(tilt), 2)})`} looser and will print lighter there.
      {apart > FAR_APART_STEPS * scale.step
        ? ` More than ${amountOnScale(scale, FAR_APART_STEPS * scale.step)} apart: read both again.`
        : ''}
    </p>
  )
}

function squeezeWord(now: SqueezeAt | null, held: SqueezeAt | null): string {
  if (!now) return '—'
  if (now.contact === 'none') return 'no contact'
  if (now.contact === 'too-tight') return 'too tight'
  const share = relative(now, held)
  return share === null ? `${formatFine(now.contactWidthMm, 0)} wide` : `${formatNumber(share, 0)} %`
}
