import { capital } from '../units/capital'
import { listed } from '../units/listed'
import { counted } from '../units/counted'
import { formatGrams, formatFine } from '../units/quantity'
import { clock } from '../units/clock'
import { originAt } from '../document/origins'
import { estimatePutOn } from '../ink/inkNeed'
import { firstMix } from '../ink/mix'
import { DAMPING_METHODS } from '../paper/dampPaper'
import { readingsWords } from '../press/pressureScale'
import { layOut } from '../register/layOut'
import { describeWipeStep, wipingSeconds } from '../wipe/wipingOrder'
import type { Bench, SettingStation } from './settings'

/** One act of a print, as it is done, with what the bench says of it. */
export interface PrintStep {
  station: SettingStation
  /** what is done, with its figure */
  act: string
  /** how, in a sentence or two */
  how: string
  /** the figure is what is usual: nobody set it */
  isUsual: boolean
}

/** Whether a value stands as it was laid out. */
const isUsual = ({ origins }: Pick<Bench, 'origins'>, path: string): boolean =>
  originAt(origins ?? {}, path) === 'default'

function dampStep({ paper, ...bench }: Bench): PrintStep | null {
  if (!paper) return null
  const { method, dampMinutes, sheetWidthMm, sheetHeightMm, name } = paper
  const sheet = `${formatFine(sheetWidthMm, 0)} × ${formatFine(sheetHeightMm, 0)} of ${name}`
  const how = `${DAMPING_METHODS[method].label}, ${dampMinutes === 1 ? '1 minute' : `${dampMinutes} minutes`}`
  return {
    station: 'paper',
    act: method === 'dry' ? 'Lay a dry sheet ready' : how,
    how:
      method === 'dry'
        ? `${capital(sheet)}; wash your hands before you touch it.`
        : `${capital(sheet)}. Begin with it: it takes longest. Blot it until no water shines on it.`,
    isUsual: isUsual(bench, 'paper.method') || isUsual(bench, 'paper.dampMinutes'),
  }
}

function inkStep({ ink, plate }: Bench): PrintStep | null {
  const mix = firstMix(ink)
  if (!mix) return null
  const putOn = plate ? estimatePutOn(plate.widthMm, plate.heightMm) : null
  return {
    station: 'ink',
    act: putOn === null ? `Work up ${mix.name}` : `Work up about ${formatGrams(putOn, 1)} of ${mix.name}`,
    how: 'On the slab, with the knife, until it drops from it slowly. About half comes back with the card.',
    isUsual: true,
  }
}

function wipeStep({ wipe, ...bench }: Bench): PrintStep | null {
  if (!wipe) return null
  const steps = wipe.steps.map((step) => describeWipeStep(step).toLowerCase())
  return {
    station: 'wipe',
    act: `Ink the plate and wipe it: about ${clock(wipingSeconds(wipe))}`,
    how: `${capital(steps.join('; '))}.`,
    isUsual: isUsual(bench, 'wipe.steps'),
  }
}

function layStep({ plate, paper, register, ...bench }: Bench): PrintStep | null {
  if (!plate || !paper || !register) return null
  const sheet = { widthMm: paper.sheetWidthMm, heightMm: paper.sheetHeightMm }
  const laid = layOut(register, sheet, { widthMm: plate.widthMm, heightMm: plate.heightMm })
  const act =
    register.laying === 'face-down'
      ? 'Lay the plate face down on the sheet'
      : 'Lay the plate face up, and the sheet over it'
  if (!laid.ok) return { station: 'register', act, how: `${capital(laid.message)}.`, isUsual: false }
  const { leftMm, rightMm, topMm, bottomMm } = laid.margins
  const pair = (a: number, b: number, both: string, [one, other]: readonly [string, string]) =>
    Math.abs(a - b) < 0.05
      ? `${formatFine(a, 0)} ${both}`
      : `${formatFine(a, 0)} ${one}, ${formatFine(b, 0)} ${other}`
  const sides = pair(leftMm, rightMm, 'left and right', ['left', 'right'])
  const ends = pair(topMm, bottomMm, 'above and below', ['above', 'below'])
  return {
    station: 'register',
    act,
    how: `Margins: ${sides}, ${ends}. Clean fingers: paper holders or folded card.`,
    isUsual: isUsual(bench, 'register.scheme'),
  }
}

function pressStep({ press, ...bench }: Bench): PrintStep | null {
  if (!press) return null
  const isHand = press.scale.id === 'hand'
  const at = readingsWords(press.scale, { left: press.readingLeft, right: press.readingRight })
  const over = press.pack.map(({ name }) => name.toLowerCase())
  const usual = isUsual(bench, 'press.readingLeft')
  return {
    station: 'press',
    act: isHand ? `Rub the back with ${at}` : `Set the press to ${at}`,
    how: [
      over.length > 0 ? `${capital(listed(over))} over it; ` : '',
      isHand ? 'from the middle outward, every place twice.' : `${counted(press.passes, 'pass', 'passes')}.`,
      usual
        ? ' Nobody set it: a guess to begin from. What the first proof shows says whether to go heavier or lighter.'
        : '',
    ].join(''),
    isUsual: usual,
  }
}

/**
 * A print from the sheet in the water to the pull, act by act, in the order it is done, with the figures the bench has. A station that is
 * not set has no act.
 *
 * @example firstPrint(EMPTY_BENCH) // []
 */
export const firstPrint = (bench: Bench): PrintStep[] =>
  [dampStep(bench), inkStep(bench), wipeStep(bench), pressStep(bench), layStep(bench)].filter(
    (step) => step !== null,
  )
