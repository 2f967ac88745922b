'use client'

import { counted } from '@/core/units/counted'
import { formatFine } from '@/core/units/quantity'
import { useMemo } from 'react'
import dynamic from 'next/dynamic'
import Link from 'next/link'
import { PLATE_KINDS } from '@/core/plate/plate'
import { layerShares, nipProfile, stackWarnings } from '@/core/press/nip'
import { carryOver } from '@/core/press/carryOver'
import { learnPressure, type PressureTrial } from '@/core/press/pressureTrials'
import { mmToGauge } from '@/core/press/gauge'
import { pressStackInput } from '@/core/press/pressStack'
import {
  DIRECTIONS,
  formatTurns,
  gapMm,
  pressedGap,
  squeezeAtTurns,
  stackOf,
  tiltMm,
  type PressSetting,
  type SqueezeAt,
  TURNS,
} from '@/core/press/pressSetting'
import { formatNumber } from '@/core/units/length'
import type { Bench } from '@/core/prove/settings'
import type { StoreBlanket, StorePack, StorePress } from '@/data/shop/store'
import { SelectField } from '@/ui/Field'
import { Figure } from '@/ui/Figure'
import { Folded, FoldedLine } from '@/ui/Folded'
import { NumberField } from '@/ui/NumberField'
import { Panel } from '@/ui/Panel'
import { useBench, useJob } from '../across/bench/BenchContext'
import { PressCaution } from '../across/bench/cautions'
import { KeepLine } from '../across/bench/KeepLine'
import { problemAt } from '../across/bench/problemAt'
import { usePressDoubt } from '../across/bench/usePressDoubt'
import { useAct } from '../across/bench/useAct'
import { useStation, type Loose } from '../across/bench/useStation'
import { Problems } from '../across/pull/Problems'
import { changePressAction } from './actions'
import { carriedTurns, pressAnswer, refusedWords } from './answers'
import { CarryOver } from './CarryOver'
import { FrontElevation } from './FrontElevation'
import { FrameTrial } from './FrameTrial'
import { NipProfile } from './NipProfile'
import { PressRooms } from './PressRooms'
import { SideElevation } from './SideElevation'
import { useScrewKeys, type Screw } from './useScrewKeys'
import { ZeroLine } from './ZeroLine'
import { sendAct } from '../across/act/sendAct'

/** Taking apart by hand needs its own script, which is fetched beside the rest. */
const PackBench = dynamic(() => import('./PackBench').then(({ PackBench: bench }) => bench), {
  ssr: false,
  loading: () => <p className="min-h-40 text-sm text-muted">Laying the blankets out…</p>,
})
const UNSET: Loose<PressSetting> = {
  pressId: '',
  name: '',
  rollerRadiusMm: null,
  mmPerTurn: null,
  scale: TURNS,
  readingLeft: 4,
  readingRight: 4,
  packName: '',
  pack: [],
  makeReadyMm: 0,
  passes: 1,
  direction: 'one-way',
  secondsOnPlate: null,
  frameNPerMm: null,
}
/** Settings nobody has to say. */
const MAY_BE_EMPTY: ReadonlySet<string> = new Set(['secondsOnPlate', 'frameNPerMm'])
/** Left and right further apart than this are counted wrong rather than set so, turns [common practice, no source]. */
const FAR_APART = 1

const whole = (value: Loose<PressSetting>): PressSetting | null =>
  value.pack?.length === 0 ||
  Object.entries(value).some(([key, field]) => (field === null && !MAY_BE_EMPTY.has(key)) || field === '')
    ? null
    : (value as PressSetting)

/** Peak pressure as a percentage of the BAT's, or null where there is nothing to compare. */
function relative(now: SqueezeAt | null, held: SqueezeAt | null): number | null {
  return now?.contact === 'pressed' && held?.contact === 'pressed' ? (100 * now.peakMPa) / held.peakMPa : null
}

function heldSqueeze(bat: Bench | undefined): SqueezeAt | null {
  if (!bat?.press || !bat.plate || !bat.paper) return null
  return squeezeAtTurns(bat.press, (bat.press.readingLeft + bat.press.readingRight) / 2, bat.plate, bat.paper)
}

interface PressStationProps {
  presses: StorePress[]
  packs: StorePack[]
  shelf: StoreBlanket[]
  trials: ({ pressId: string } & PressureTrial)[]
}

/** The press from the front, where the screws are set, and from the side, where the stack is pressed. */
export function PressStation({ presses, packs, shelf, trials }: PressStationProps) {
  const bench = useBench()
  const job = useJob()
  const { value, change, ...kept } = useStation('press', UNSET)
  const press = whole(value)
  const { plate, paper } = bench
  const held = useMemo(() => heldSqueeze(job.bat?.settings), [job.bat])
  const [left, right] = useMemo(
    () =>
      press && plate && paper
        ? [press.readingLeft, press.readingRight].map((turns) => squeezeAtTurns(press, turns, plate, paper))
        : [null, null],
    [press, plate, paper],
  )
  const turn = (screws: Screw[], by: number) =>
    change(
      Object.fromEntries(
        screws.map((screw) => [screw, Math.max(0, Number(((value[screw] ?? 0) + by).toFixed(4)))]),
      ),
    )
  useScrewKeys(turn)
  const card = useAct()
  const tilt = press ? tiltMm(press) : 0
  const stack = useMemo(() => {
    if (!press || !plate || !paper) return null
    const parsed = pressStackInput.safeParse({
      ...stackOf(press, plate.thicknessMm, paper.caliperMm),
      gapMm: pressedGap(press, (press.readingLeft + press.readingRight) / 2, plate, paper),
    })
    return parsed.success ? parsed.data : null
  }, [press, plate, paper])
  const warnings =
    stack && plate
      ? stackWarnings(stack, { bevelDegrees: plate.bevelDegrees, isHard: PLATE_KINDS[plate.kind].isHard })
      : []
  const target = job.bat?.settings.press ?? null
  const stock = presses.find(({ id }) => id === value.pressId)
  const measured = useMemo(
    () => new Set(shelf.filter(({ modulusMPa }) => modulusMPa !== null).map(({ name }) => name)),
    [shelf],
  )
  const carried = useMemo(
    () => (job.bat ? carryOver(job.bat.settings, bench, { measured }) : null),
    [job.bat, bench, measured],
  )
  const doubt = usePressDoubt()
  const own = trials.filter(({ pressId }) => pressId === value.pressId)
  const learned = learnPressure(own, value.mmPerTurn ?? 2)
  const unfit =
    stock && plate && plate.widthMm > (stock.rollerLengthMm ?? stock.bedWidthMm)
      ? `The plate is ${formatFine(plate.widthMm, 0)} wide; ${stock.name.toLowerCase()} takes ${formatFine(stock.rollerLengthMm ?? stock.bedWidthMm, 0)}.`
      : null
  const isByHand = stock?.kind === 'hand'
  const apart = Math.abs((value.readingLeft ?? 0) - (value.readingRight ?? 0))

  return (
    <Panel
      rooms={<PressRooms />}
      title="Press"
      aside={<KeepLine {...kept} />}
      answer={pressAnswer(value, {
        isByHand,
        share: { left: relative(left, held), right: relative(right, held) },
        carried: carriedTurns(carried, learned.trials > 0 ? learned.correctionTurns : 0),
        doubt: refusedWords(carried) ?? doubt,
        gapMm: press && gapMm(press, (press.readingLeft + press.readingRight) / 2),
        isHeld: held !== null,
      })}
    >
      <PressCaution kind={stock?.kind} />
      <Folded
        summary={<FoldedLine title="Press" value={press ? pressWords(press) : 'not chosen yet'} />}
        isOpen={!press || kept.problems.length > 0}
      >
        <div className="grid gap-3 sm:grid-cols-2 xl:grid-cols-5">
          <SelectField
            label="Press"
            anchor="press-choice"
            value={value.pressId ?? ''}
            options={[
              ['', 'choose…'],
              ...presses.map(({ id, name, thread }) => [id, `${name} (${thread})`] as const),
            ]}
            problem={problemAt(kept.problems, 'pressId') && 'Choose a press.'}
            onPick={(id) => {
              const chosen = presses.find((candidate) => candidate.id === id)
              if (chosen)
                change({
                  pressId: id,
                  name: chosen.name,
                  rollerRadiusMm: chosen.rollerRadiusMm,
                  mmPerTurn: chosen.mmPerTurn,
                  frameNPerMm: chosen.frameNPerMm,
                })
            }}
          />
          <NumberField
            label="Make-ready under the plate"
            unit="mm"
            digits={2}
            value={value.makeReadyMm}
            onValue={(makeReadyMm) => change({ makeReadyMm })}
            problem={problemAt(kept.problems, 'makeReadyMm')}
          />
          <NumberField
            label="Passes"
            digits={0}
            value={value.passes}
            onValue={(passes) => change({ passes })}
            problem={problemAt(kept.problems, 'passes')}
          />
          <SelectField
            label="Direction of travel"
            value={value.direction ?? 'one-way'}
            options={Object.entries(DIRECTIONS)}
            onPick={(direction) => change({ direction: direction as PressSetting['direction'] })}
          />
          <NumberField
            label="Time under the roller"
            unit="s"
            value={value.secondsOnPlate}
            onValue={(secondsOnPlate) => change({ secondsOnPlate })}
            problem={problemAt(kept.problems, 'secondsOnPlate')}
            hint={value.secondsOnPlate === null ? 'may stay empty' : undefined}
          />
        </div>
        <p className="mt-1 text-sm">
          {stock ? (
            <ZeroLine press={stock} />
          ) : (
            <>
              Not in the list?{' '}
              <Link href="/store" className="underline underline-offset-4">
                Add the press to the stockroom
              </Link>
              .
            </>
          )}
        </p>
      </Folded>
      {unfit && (
        <p role="alert" className="font-medium">
          ◆ {unfit}
        </p>
      )}
      <CarryOver
        carried={carried}
        trials={own}
        onSet={(turns) => change({ readingLeft: turns, readingRight: turns }, 'carried')}
        onMakeReady={(makeReadyMm) => change({ makeReadyMm })}
      />
      <div className="mt-3 grid gap-6 border-t border-line pt-3 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
        <div>
          {!isByHand && (
            <FrontElevation
              readingLeft={value.readingLeft ?? 0}
              readingRight={value.readingRight ?? 0}
              mmPerTurn={value.mmPerTurn ?? 2}
              target={target}
              left={relative(left, held)}
              right={relative(right, held)}
              onTurn={turn}
            />
          )}
          {!isByHand && (
            <div className="mt-2 grid grid-cols-2 gap-3">
              <NumberField
                label="Left screw"
                unit="turns from zero"
                value={value.readingLeft}
                onValue={(readingLeft) => change({ readingLeft })}
                problem={problemAt(kept.problems, 'readingLeft')}
              />
              <NumberField
                label="Right screw"
                unit="turns from zero"
                value={value.readingRight}
                onValue={(readingRight) => change({ readingRight })}
                problem={problemAt(kept.problems, 'readingRight')}
              />
            </div>
          )}
          {Math.abs(tilt) > 1e-9 && (
            <p role="status" className="mt-2 font-medium">
              ◆ Left and right differ: the {tilt > 0 ? 'right' : 'left'} is{' '}
              {formatTurns(Math.abs((value.readingLeft ?? 0) - (value.readingRight ?? 0)))} (
              {formatFine(Math.abs(tilt), 2)}) looser and will print lighter there.
              {apart > FAR_APART ? ` More than ${FAR_APART} turn apart: count both again from zero.` : ''}
            </p>
          )}
          {stock && stock.gauge.length > 1 && press && (
            <p className="mt-2">
              On the gauge: left{' '}
              <b>{formatNumber(mmToGauge(stock.gauge, gapMm(press, press.readingLeft)), 2)}</b>, right{' '}
              <b>{formatNumber(mmToGauge(stock.gauge, gapMm(press, press.readingRight)), 2)}</b>
            </p>
          )}
          <div id="press-pack" tabIndex={-1} className="mt-5 border-t border-line pt-3">
            <PackBench
              pack={value.pack ?? []}
              packName={value.packName ?? ''}
              packs={packs}
              shelf={shelf}
              shares={new Map(stack ? layerShares(stack).map(({ layer, share }) => [layer.name, share]) : [])}
              problem={problemAt(kept.problems, 'packName') && 'Choose a pack, or put blankets on.'}
              onLay={change}
            />
          </div>
        </div>
        <div>
          {!isByHand && (
            <SideElevation
              press={press}
              plateMm={plate?.thicknessMm ?? null}
              caliperMm={paper?.caliperMm ?? null}
            />
          )}
          {stack && !isByHand && <NipProfile profile={nipProfile(stack)} />}
          {warnings.map((words) => (
            <p key={words} role="status" className="mt-2 font-medium">
              ◆ {words}
            </p>
          ))}
          {!isByHand && (
            <div className="mt-3 flex flex-wrap gap-x-8 gap-y-3">
              <Figure
                name="squeeze-left"
                value={squeezeWord(left, held)}
                label={held ? 'pressure at left, BAT = 100 %' : 'contact, left'}
                note={press && `gap ${formatFine(gapMm(press, press.readingLeft), 2)}`}
              />
              <Figure
                name="squeeze-right"
                value={squeezeWord(right, held)}
                label={held ? 'pressure at right' : 'contact, right'}
                note={press && `gap ${formatFine(gapMm(press, press.readingRight), 2)}`}
              />
            </div>
          )}
          <p className="mt-2 text-xs text-muted">
            {plate && paper
              ? 'Pressure is our model of the blankets: good for comparing settings, not a calibrated pressure.'
              : 'Set plate and paper to see the pressure.'}{' '}
            Always finish by tightening: if you must loosen, go half a turn past, then tighten back.
          </p>
          {press && plate && paper && (
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
                      details: {
                        kind: stock.kind,
                        rollerLengthMm: stock.rollerLengthMm,
                        bedLengthMm: stock.bedLengthMm,
                        serial: stock.serial,
                        gauge: stock.gauge,
                        frameNPerMm,
                        note: stock.note,
                      },
                    }),
                  )
              }}
            />
          )}
          <Problems problems={card.problems} />
        </div>
      </div>
    </Panel>
  )
}

/** What is set at the press beside its screws, in a line. */
const pressWords = ({ name, makeReadyMm, passes, direction, secondsOnPlate }: PressSetting): string =>
  [
    name,
    makeReadyMm > 0 ? `${formatFine(makeReadyMm, 2)} under the plate` : 'no make-ready',
    counted(passes, 'pass', 'passes'),
    DIRECTIONS[direction].toLowerCase(),
    ...(secondsOnPlate === null ? [] : [`${formatNumber(secondsOnPlate, 1)} s under the roller`]),
  ].join(', ')

function squeezeWord(now: SqueezeAt | null, held: SqueezeAt | null): string {
  if (!now) return '—'
  if (now.contact === 'none') return 'no contact'
  if (now.contact === 'too-tight') return 'too tight'
  const share = relative(now, held)
  return share === null ? `${formatFine(now.contactWidthMm, 0)} wide` : `${formatNumber(share, 0)} %`
}
