'use client'

import { useMemo } from 'react'
import Link from 'next/link'
import type { PlateKind } from '@/core/plate/plate'
import { nipProfile, stackWarnings } from '@/core/press/nip'
import { pressStackInput } from '@/core/press/pressStack'
import { formatTurns, gapMm, squeezeAt, stackOf, tiltMm, type PressSetting, type SqueezeAt } from '@/core/press/pressSetting'
import { formatNumber } from '@/core/units/length'
import type { Bench } from '@/core/prove/settings'
import type { StorePack, StorePress } from '@/data/store'
import { SelectField } from '@/ui/Field'
import { Figure } from '@/ui/Figure'
import { NumberField } from '@/ui/NumberField'
import { PlateMark } from '@/ui/PlateMark'
import { useKey } from '@/ui/useKey'
import { useBench } from '../bench/BenchContext'
import { PressCaution } from '../bench/cautions'
import { KeepLine } from '../bench/KeepLine'
import { problemAt } from '../bench/problemAt'
import { useStation, type Loose } from '../bench/useStation'
import { CarryOver } from './CarryOver'
import { FrontElevation } from './FrontElevation'
import { NipProfile } from './NipProfile'
import { PressRooms } from './PressRooms'
import { SideElevation } from './SideElevation'
import { ZeroLine } from './ZeroLine'

const UNSET: Loose<PressSetting> = { pressId: '', name: '', rollerRadiusMm: null, mmPerTurn: null, turnsLeft: 4, turnsRight: 4, packName: '', pack: [], makeReadyMm: 0, passes: 1 }
/** Kinds of plate whose edge cuts no felt. */
const SOFT_PLATES: ReadonlySet<PlateKind> = new Set<PlateKind>(['card-drypoint', 'carton-laminate'])
/** A quarter turn: what one key press moves a screw. */
const STEP = 0.25

const whole = (value: Loose<PressSetting>): PressSetting | null => (Object.values(value).some((field) => field === null || field === '') ? null : (value as PressSetting))

/** Peak pressure as a percentage of the BAT's, or null where there is nothing to compare. */
function relative(now: SqueezeAt | null, held: SqueezeAt | null): number | null {
  return now?.contact === 'pressed' && held?.contact === 'pressed' ? (100 * now.peakMPa) / held.peakMPa : null
}

function heldSqueeze(bat: Bench | undefined): SqueezeAt | null {
  if (!bat?.press || !bat.plate || !bat.paper) return null
  return squeezeAt(bat.press, gapMm(bat.press, (bat.press.turnsLeft + bat.press.turnsRight) / 2), bat.plate.thicknessMm, bat.paper.caliperMm)
}

/** The press from the front, where the screws are set, and from the side, where the stack is pressed. */
export function PressStation({ presses, packs }: { presses: StorePress[]; packs: StorePack[] }) {
  const { bench, job } = useBench()
  const { value, change, ...kept } = useStation('press', UNSET)
  const press = whole(value)
  const { plate, paper } = bench
  const held = useMemo(() => heldSqueeze(job.bat?.settings), [job.bat])
  const [left, right] = useMemo(
    () => (press && plate && paper ? [press.turnsLeft, press.turnsRight].map((turns) => squeezeAt(press, gapMm(press, turns), plate.thicknessMm, paper.caliperMm)) : [null, null]),
    [press, plate, paper],
  )
  const turn = (screws: ('turnsLeft' | 'turnsRight')[], by: number) => change(Object.fromEntries(screws.map((screw) => [screw, Math.max(0, Number(((value[screw] ?? 0) + by).toFixed(4)))])))
  useKey(({ code }) => {
    const keys: Record<string, [('turnsLeft' | 'turnsRight')[], number]> = {
      Numpad7: [['turnsLeft'], -STEP], Numpad1: [['turnsLeft'], STEP], Numpad9: [['turnsRight'], -STEP], Numpad3: [['turnsRight'], STEP], Numpad8: [['turnsLeft', 'turnsRight'], -STEP], Numpad2: [['turnsLeft', 'turnsRight'], STEP],
    }
    const act = keys[code] ?? keys[code.replace('Digit', 'Numpad')]
    if (!act) return false
    turn(...act)
    return true
  })
  const tilt = press ? tiltMm(press) : 0
  const stack = useMemo(() => {
    if (!press || !plate || !paper) return null
    const parsed = pressStackInput.safeParse({ ...stackOf(press, plate.thicknessMm, paper.caliperMm), gapMm: gapMm(press, (press.turnsLeft + press.turnsRight) / 2) })
    return parsed.success ? parsed.data : null
  }, [press, plate, paper])
  const warnings = stack && plate ? stackWarnings(stack, { bevelDegrees: plate.bevelDegrees, isHard: !SOFT_PLATES.has(plate.kind) }) : []
  const target = job.bat?.settings.press ?? null
  const stock = presses.find(({ id }) => id === value.pressId)

  return (
    <PlateMark title="Press" aside={<KeepLine {...kept} />}>
      <PressRooms />
      <PressCaution />
      <div className="grid gap-3 sm:grid-cols-2 xl:grid-cols-4">
        <SelectField
          label="Press" value={value.pressId ?? ''} options={[['', 'choose…'], ...presses.map(({ id, name, thread }) => [id, `${name} (${thread})`] as const)]} problem={problemAt(kept.problems, 'pressId') && 'Choose a press.'}
          onPick={(id) => {
            const chosen = presses.find((candidate) => candidate.id === id)
            if (chosen) change({ pressId: id, name: chosen.name, rollerRadiusMm: chosen.rollerRadiusMm, mmPerTurn: chosen.mmPerTurn })
          }}
        />
        <SelectField
          label="Blankets" value={packs.find(({ name }) => name === value.packName)?.id ?? ''} options={[['', 'choose…'], ...packs.map(({ id, name }) => [id, name] as const)]} problem={problemAt(kept.problems, 'packName') && 'Choose a pack.'}
          onPick={(id) => {
            const pack = packs.find((candidate) => candidate.id === id)
            if (pack) change({ packName: pack.name, pack: pack.layers })
          }}
        />
        <NumberField label="Make-ready under the plate" unit="mm" digits={2} value={value.makeReadyMm} onValue={(makeReadyMm) => change({ makeReadyMm })} problem={problemAt(kept.problems, 'makeReadyMm')} />
        <NumberField label="Passes" digits={0} value={value.passes} onValue={(passes) => change({ passes })} problem={problemAt(kept.problems, 'passes')} />
      </div>
      <p className="mt-1 text-sm">
        {stock ? <ZeroLine press={stock} /> : <>Not in the list? <Link href="/store" className="underline underline-offset-4">Add the press to the store</Link>.</>}
      </p>
      <CarryOver onSet={(turns) => change({ turnsLeft: turns, turnsRight: turns })} />
      <div className="mt-3 grid gap-6 border-t border-line pt-3 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
        <div>
          <FrontElevation turnsLeft={value.turnsLeft ?? 0} turnsRight={value.turnsRight ?? 0} mmPerTurn={value.mmPerTurn ?? 2} target={target} left={relative(left, held)} right={relative(right, held)} onTurn={turn} />
          <div className="mt-2 grid grid-cols-2 gap-3">
            <NumberField label="Left screw" unit="turns from zero" value={value.turnsLeft} onValue={(turnsLeft) => change({ turnsLeft })} problem={problemAt(kept.problems, 'turnsLeft')} />
            <NumberField label="Right screw" unit="turns from zero" value={value.turnsRight} onValue={(turnsRight) => change({ turnsRight })} problem={problemAt(kept.problems, 'turnsRight')} />
          </div>
          {Math.abs(tilt) > 1e-9 && <p role="status" className="mt-2 font-medium">◆ Left and right differ: the {tilt > 0 ? 'right' : 'left'} is {formatTurns(Math.abs((value.turnsLeft ?? 0) - (value.turnsRight ?? 0)))} ({formatNumber(Math.abs(tilt), 2)} mm) looser and will print lighter there.</p>}
        </div>
        <div>
          <SideElevation press={press} plateMm={plate?.thicknessMm ?? null} caliperMm={paper?.caliperMm ?? null} />
          {stack && <NipProfile profile={nipProfile(stack)} />}
          {warnings.map((words) => <p key={words} role="status" className="mt-2 font-medium">◆ {words}</p>)}
          <div className="mt-3 flex flex-wrap gap-x-8 gap-y-3">
            <Figure value={squeezeWord(left, held)} label={held ? 'squeeze left, BAT = 100 %' : 'contact, left'} note={press && `gap ${formatNumber(gapMm(press, press.turnsLeft), 2)} mm`} />
            <Figure value={squeezeWord(right, held)} label={held ? 'squeeze right' : 'contact, right'} note={press && `gap ${formatNumber(gapMm(press, press.turnsRight), 2)} mm`} />
          </div>
          <p className="mt-2 text-xs text-muted">{plate && paper ? 'Squeeze is our model of the stack: good for comparing settings, no promise in MPa.' : 'Set plate and paper, and the squeeze is reckoned here.'} Always finish by tightening: loosen one past, come back.</p>
        </div>
      </div>
    </PlateMark>
  )
}

function squeezeWord(now: SqueezeAt | null, held: SqueezeAt | null): string {
  if (!now) return '—'
  if (now.contact === 'none') return 'no contact'
  if (now.contact === 'too-tight') return 'too tight'
  const share = relative(now, held)
  return share === null ? `${formatNumber(now.contactWidthMm, 0)} mm wide` : `${formatNumber(share, 0)} %`
}
