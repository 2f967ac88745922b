import { isSameName } from '../units/byName'
import { gapToSet } from './frame'
import {
  acrossOf,
  isSamePack,
  gapMm,
  middleReading,
  pressedGap,
  stackOf,
  type PressSetting,
} from './pressSetting'
import { closerMm, fromMm } from './pressureScale'
import type { Layer, PressStack } from './pressStack'
import { pressTransferInput, transferPressure } from './pressTransfer'

/** What a bench has under the roller; null where it is not set yet. */
export interface UnderRoller {
  press: PressSetting | null
  plate: { widthMm: number; thicknessMm: number } | null
  paper: { sheetWidthMm: number; caliperMm: number } | null
}

/** What the BAT's squeeze asks of the stack on the bench. */
export type CarriedOver =
  | {
      ok: true
      /** as this press is read, mean of both sides */
      reading: number
      gapMm: number
      /** steps from how the press stands; looser is below zero */
      tighterBy: number
      /** one standard deviation in steps, from what is estimated, and what most of it comes of */
      sd: number
      mostFrom: string
      changed: string[]
    }
  | { ok: false; message: string; makeReadyMm: number | null; changed: string[] }

/** What is known of layers by name: those measured are trusted further. */
export interface LayerTrust {
  measured: ReadonlySet<string>
}

/** One standard deviation of what goes into the model [from memory]: moduli as a share, thicknesses in mm. */
const DOUBT = { classModulus: 0.3, measuredModulus: 0.07, blanketMm: 0.05, sheetMm: 0.02, plateMm: 0.01 }

/** What is pressed differently from the BAT, in words. */
function changedLayers(bat: UnderRoller, now: UnderRoller): string[] {
  const words: [boolean, string][] = [
    [bat.press?.pressId !== now.press?.pressId, 'another press'],
    [!isSamePack(bat.press?.pack ?? [], now.press?.pack ?? []), 'other blankets'],
    [bat.press?.makeReadyMm !== now.press?.makeReadyMm, 'another make-ready'],
    [bat.plate?.thicknessMm !== now.plate?.thicknessMm, 'a plate of another thickness'],
    [
      bat.plate?.widthMm !== now.plate?.widthMm &&
        (bat.press?.frameNPerMm ?? now.press?.frameNPerMm ?? null) !== null,
      'a plate of another width',
    ],
    [bat.paper?.caliperMm !== now.paper?.caliperMm, 'a paper of another caliper'],
  ]
  return words.filter(([differs]) => differs).map(([, word]) => word)
}

/** Turns are not asked for here: the gap is what is carried. */
const ANY_LEAD = 1

/** Place of the sheet in a stack: it lies on the plate, and the blankets on it. */
const SHEET = 0
const nameOf = ({ name }: Layer) => name

type Pressed = { standard: PressStack; next: Omit<PressStack, 'gapMm'> }
interface Nudge {
  name: string
  apply: (pressed: Pressed) => Pressed
}

/** Every estimated figure moved by its doubt: where BAT and bench share a layer both move together, and most of it cancels. */
function nudges({ standard, next }: Pressed, { measured }: LayerTrust): Nudge[] {
  const blankets = new Set([standard, next].flatMap(({ layers }) => layers.slice(SHEET + 1)).map(nameOf))
  const change =
    (isMeant: (layer: Layer, at: number) => boolean, how: (layer: Layer) => Partial<Layer>) =>
    (pressed: Pressed): Pressed => {
      const of = <S extends Omit<PressStack, 'gapMm'>>(stack: S): S => ({
        ...stack,
        layers: stack.layers.map((one, at) => (isMeant(one, at) ? { ...one, ...how(one) } : one)),
      })
      return { standard: of(pressed.standard), next: of(pressed.next) }
    }
  const stiffer =
    (share: number) =>
    ({ modulusMPa }: Layer) => ({ modulusMPa: modulusMPa * (1 + share) })
  return [
    {
      name: 'how stiff the sheet is',
      apply: change((_, at) => at === SHEET, stiffer(DOUBT.classModulus)),
    },
    ...[...blankets].flatMap((name): Nudge[] => {
      const isIt = (layer: Layer, at: number) => at > SHEET && isSameName(layer, { name })
      return [
        {
          name: `how stiff “${name}” is`,
          apply: change(isIt, stiffer(measured.has(name) ? DOUBT.measuredModulus : DOUBT.classModulus)),
        },
        {
          name: `how thick “${name}” is`,
          apply: change(isIt, ({ thicknessMm }) => ({ thicknessMm: thicknessMm + DOUBT.blanketMm })),
        },
      ]
    }),
    {
      name: 'the sheet’s caliper',
      apply: (pressed) => ({
        ...pressed,
        next: {
          ...pressed.next,
          layers: pressed.next.layers.map((one, at) =>
            at === SHEET ? { ...one, thicknessMm: one.thicknessMm + DOUBT.sheetMm } : one,
          ),
        },
      }),
    },
    {
      name: 'the plate’s thickness',
      apply: (pressed) => ({
        ...pressed,
        next: { ...pressed.next, plateThicknessMm: pressed.next.plateThicknessMm + DOUBT.plateMm },
      }),
    },
  ]
}

/**
 * Carries the BAT's peak squeeze over to the stack on the bench; null while something is unset, nothing under the roller has
 * changed, or nobody measured how one of the presses reads. The doubt of each estimated figure is carried through one by one and added in squares.
 *
 * @param trust which layers were measured
 */
export function carryOver(
  bat: UnderRoller,
  now: UnderRoller,
  trust: LayerTrust = { measured: new Set() },
): CarriedOver | null {
  if (!bat.press || !bat.plate || !bat.paper || !now.press || !now.plate || !now.paper) return null
  const changed = changedLayers(bat, now)
  if (changed.length === 0) return null
  const standard = pressedGap(bat.press, middleReading(bat.press), bat.plate, bat.paper)
  const { scale, frameNPerMm } = now.press
  const stands = gapMm(now.press, middleReading(now.press))
  if (standard === null || stands === null) return null
  const pressed: Pressed = {
    standard: { ...stackOf(bat.press, bat.plate.thicknessMm, bat.paper.caliperMm), gapMm: standard },
    next: stackOf(now.press, now.plate.thicknessMm, now.paper.caliperMm),
  }
  const across = acrossOf(now.plate, now.paper)
  const input = pressTransferInput.safeParse({ ...pressed, mmPerTurn: ANY_LEAD, match: 'peak' })
  if (!input.success) {
    const [issue] = input.error.issues
    const missingMm: number | undefined = issue.code === 'custom' ? issue.params?.makeReadyMm : undefined
    return {
      ok: false,
      message: issue.message,
      makeReadyMm: missingMm === undefined ? null : now.press.makeReadyMm + missingMm,
      changed,
    }
  }
  const setFor = ({ standard, next }: Pressed) => {
    const { gapMm: heldMm } = transferPressure({ standard, next, mmPerTurn: ANY_LEAD, match: 'peak' })
    return { gapMm: heldMm, setMm: gapToSet({ ...next, gapMm: heldMm }, across, frameNPerMm) }
  }
  const { gapMm: loadedMm, setMm } = setFor(pressed)
  if (setMm < 0)
    return {
      ok: false,
      message: `cannot be reached: the frame gives way by ${(loadedMm - setMm).toFixed(2)} mm under this width; lay make-ready under the plate`,
      makeReadyMm: now.press.makeReadyMm + Math.ceil(-setMm * 20) / 20,
      changed,
    }
  const shifts = nudges(pressed, trust).map(({ name, apply }) => ({
    name,
    mm: setFor(apply(pressed)).setMm - setMm,
  }))
  const most = shifts.reduce((best, shift) => (Math.abs(shift.mm) > Math.abs(best.mm) ? shift : best))
  const reading = fromMm(scale, setMm)!
  const stepMm = Math.abs(closerMm(scale, reading, reading + scale.step)!)
  return {
    ok: true,
    reading,
    gapMm: setMm,
    tighterBy: (stands - setMm) / stepMm,
    sd: Math.sqrt(shifts.reduce((sum, { mm }) => sum + mm * mm, 0)) / stepMm,
    mostFrom: most.name,
    changed,
  }
}
