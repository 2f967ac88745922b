import { formatCelsius, formatCelsiusStep, formatFine, formatFines, formatGrams } from '../units/quantity'
import { counted, plural } from '../units/counted'
import { USUAL_TOLERANCES as U } from '../tolerance/usualTolerances'
import { FIRST_MIX, MODIFIERS, type RunMix } from '../ink/mix'
import { namedAsMixed } from '../wipe/namedAsMixed'
import { DAMPING_METHODS } from '../paper/dampPaper'
import { PLATE_KINDS, romanNumeral } from '../plate/plate'
import { surfaceWords } from '../plate/surfaceSetting'
import { amountOnScale, readingWords, sameWithin, sideNames, wayWords } from '../press/pressureScale'
import { DIRECTIONS, type PressSetting } from '../press/pressSetting'
import { LAYING_METHODS, TWO_PLATE_ROUTES, type RegisterSetting } from '../register/registerSetting'
import { laidWords, materialWords } from '../register/laidPiece'
import { formatMm, formatNumber } from '../units/length'
import { PLATE_TONES } from '../plate/plateTone'
import {
  describeInking,
  describeWipeStep,
  howToWipe,
  mannerCode,
  stepCode,
  wipingSeconds,
} from '../wipe/wipingOrder'
import type { Bench, SettingStation } from './settings'

/** One line of the Slip: a setting as it is read, compared, held to a tolerance and written. */
export interface SettingEntry {
  /** stable name, e.g. `press.turnsLeft` or `ink.part.Bone black` */
  key: string
  station: SettingStation
  /** where it stands in the settings, e.g. `press.readingLeft` */
  path: string
  label: string
  /** a number with its unit, or a code for what must be the same: never words */
  value: number | string
  /** the value in the shop's words */
  text: string
  /** usual tolerance on either side, in the value's own unit; null: must be the same (common practice, no source) */
  usualTolerance: number | null
  /** the unit it is kept in, where another may be read first: mm, g or °C; '': none is turned */
  unit: '' | 'mm' | 'g' | '°C'
  /** of a reading of the press: whether more of it presses harder (1) or less (−1), and what the two are called; left out: it is no such reading */
  presses?: { sign: 1 | -1; more: string; less: string }
  /** writes an amount of this setting: a tolerance or a difference */
  write: (amount: number) => string
}

type Code = string | readonly unknown[]
type Entry = Omit<SettingEntry, 'station' | 'key' | 'path'> & { key: string; path?: string }

const measured = (
  key: string,
  label: string,
  value: number,
  write: (value: number) => string,
  usualTolerance: number,
): Entry => ({ key, label, value, text: write(value), usualTolerance, unit: '', write })
/** A length, in whichever unit is read first. */
const length = (...said: Parameters<typeof measured>): Entry => ({ ...measured(...said), unit: 'mm' })
/** A temperature; how far it is off is a difference, which has no zero of its own. */
const warmth = (key: string, label: string, celsius: number, usualTolerance: number): Entry => ({
  ...measured(key, label, celsius, formatCelsius, usualTolerance),
  unit: '°C',
  write: formatCelsiusStep,
})
/** An entry that stands elsewhere in its station's setting than its name says. */
const at = (path: string, entry: Entry): Entry => ({ ...entry, path })
/** What must be the same. @param is what it is, as a code: two are the same when their codes are, whatever the words */
const named = (key: string, label: string, is: Code, text = String(is)): Entry => ({
  key,
  label,
  value: typeof is === 'string' ? is : JSON.stringify(is),
  text,
  usualTolerance: null,
  unit: '',
  write: String,
})
const percent = (value: number) => `${formatNumber(value, 1)} %`

/** What decides where the plate lies: of each way of laying it out, what that way asks. */
function marginsCode({ scheme, bottomToTop, leftMm, topMm }: RegisterSetting): Code {
  if (scheme === 'centred') return [scheme]
  return scheme === 'weighted' ? [scheme, bottomToTop] : [scheme, leftMm, topMm]
}

function writeMargins({ scheme, bottomToTop, leftMm, topMm }: RegisterSetting): string {
  if (scheme === 'centred') return 'Centred'
  return scheme === 'weighted'
    ? `Weighted, bottom ${formatNumber(bottomToTop, 2)} × top`
    : `Typed, left ${formatMm(leftMm ?? 0)}, top ${formatMm(topMm ?? 0)}`
}

/** What a press reads at each side, pass by pass. The keys are those of the first presses, which were read in turns. */
function pressReadings({ scale, readingLeft, readingRight, laterPasses }: PressSetting): Entry[] {
  const { left, right } = sideNames(scale)
  const read = (path: string, key: string, label: string, value: number): Entry =>
    at(path, {
      ...measured(key, label, value, (reading) => readingWords(scale, reading), sameWithin(scale)),
      write: (amount) => amountOnScale(scale, amount),
      presses: { sign: scale.heavier === 'up' ? 1 : -1, ...wayWords(scale) },
    })
  const pass = (
    [leftPath, rightPath]: readonly [string, string],
    key: string,
    label: string,
    sides: { left: number; right: number },
  ): Entry[] => [
    read(leftPath, `${key}Left`, `${left}${label}`, sides.left),
    ...(right === null ? [] : [read(rightPath, `${key}Right`, `${right}${label}`, sides.right)]),
  ]
  return [
    ...pass(['readingLeft', 'readingRight'], 'turns', '', { left: readingLeft, right: readingRight }),
    ...laterPasses.flatMap((sides, i) =>
      pass([`laterPasses.${i}.left`, `laterPasses.${i}.right`], `pass${i + 2}`, `, pass ${i + 2}`, sides),
    ),
  ]
}

/** What tells a setting of a later ink from the first one's, after its name. */
const ofMix = ({ id }: Pick<RunMix, 'id'>): string => (id === FIRST_MIX ? '' : `#${id}`)

/** What a mix is made of. With several on the plate, each setting says by its ink's number whose it is. @param place among the run's mixes */
function readMix(mix: RunMix, place: number, several: boolean): Entry[] {
  const total = mix.parts.reduce((sum, part) => sum + part.parts, 0)
  const own = several ? `Ink ${mix.rag}, ` : ''
  return [
    named(
      'name',
      several ? `Ink ${mix.rag}` : 'Mix',
      [mix.name, mix.card?.version, mix.card?.isChanged],
      mix.card ? `${mix.name}, card ${mix.card.version}${mix.card.isChanged ? ', changed' : ''}` : mix.name,
    ),
    ...mix.parts.map(({ name, parts }) =>
      at('parts', measured(`part.${name}`, own + name, (100 * parts) / total, percent, U.inkPartPercent)),
    ),
    ...mix.modifiers.map(({ modifier, amount }) => {
      const { label, unit } = MODIFIERS[modifier]
      const called = several ? own + label.toLowerCase() : label
      if (unit === 'drops')
        return at(
          'modifiers',
          measured(
            `modifier.${modifier}`,
            called,
            amount,
            (value) => `${formatNumber(value, 1)} ${plural(value, 'drop', 'drops')}`,
            U.modifierDrops,
          ),
        )
      return at('modifiers', {
        ...measured(
          `modifier.${modifier}`,
          called,
          amount,
          (grams) => formatGrams(grams, 2),
          U.modifierGrams,
        ),
        unit: 'g',
      })
    }),
  ].map((entry) => ({
    ...entry,
    key: entry.key + ofMix(mix),
    path: `mixes.${place}.${entry.path ?? entry.key}`,
  }))
}

const READ: { [S in SettingStation]: (setting: NonNullable<Bench[S]>, bench: Bench) => Entry[] } = {
  plate: (plate) => [
    named('name', 'Plate', plate.name),
    named('kind', 'Kind', plate.kind, PLATE_KINDS[plate.kind].label),
    named('state', 'State', [plate.state], romanNumeral(plate.state)),
    length('widthMm', 'Width', plate.widthMm, formatMm, U.plateSizeMm),
    length('heightMm', 'Height', plate.heightMm, formatMm, U.plateSizeMm),
    length('thicknessMm', 'Thickness', plate.thicknessMm, (mm) => formatFine(mm, 3), U.plateThicknessMm),
    measured(
      'bevelDegrees',
      'Bevel',
      plate.bevelDegrees,
      (value) => `${formatNumber(value, 0)}°`,
      U.bevelDegrees,
    ),
    ...(plate.surface
      ? [
          named(
            'surface',
            'Printed from',
            [plate.surface.isAlone, plate.surface.rollerMm],
            surfaceWords(plate.surface),
          ),
        ]
      : []),
  ],
  ink: ({ mixes }) => [
    ...mixes.flatMap((mix, i) => readMix(mix, i, mixes.length > 1)),
    // The plate and the room are as warm for one ink as for the others.
    ...[
      warmth('plateC', 'Plate', mixes[0].plateC, U.plateC),
      warmth('roomC', 'Room', mixes[0].roomC, U.roomC),
    ].map((entry) => at(`mixes.0.${entry.key}`, entry)),
  ],
  wipe: (order, { ink }) => [
    ...namedAsMixed(order.inking, ink?.mixes ?? []).map((one, i) =>
      at(
        'inking',
        named(
          `inking.${i + 1}`,
          order.inking.length > 1 ? `Inked ${i + 1}` : 'Inked with',
          [one.ink, one.tool, one.where, one.zones, ...one.cycle.map(({ does }) => does)],
          describeInking(one),
        ),
      ),
    ),
    ...(order.zoneMapVersion === null
      ? []
      : [
          at(
            'zoneMapVersion',
            named('zoneMap', 'Zone map', [order.zoneMapVersion], `version ${order.zoneMapVersion}`),
          ),
        ]),
    ...[
      named('order', 'Order', order.steps.map(stepCode), order.steps.map(describeWipeStep).join(' → ')),
      measured(
        'seconds',
        'Wiping time',
        wipingSeconds(order),
        (value) => `${formatNumber(value, 0)} s`,
        U.wipingSeconds,
      ),
      measured(
        'strokes',
        'Strokes',
        order.steps.reduce((sum, step) => sum + step.strokes, 0),
        (value) => formatNumber(value, 0),
        U.strokes,
      ),
      named(
        'manner',
        'Manner',
        order.steps.map(mannerCode),
        order.steps.map(howToWipe).filter(Boolean).join(' → '),
      ),
    ].map((entry) => at('steps', entry)),
    named('plateTone', 'Plate tone', order.plateTone, PLATE_TONES[order.plateTone]),
  ],
  paper: (paper) => [
    named('name', 'Paper', paper.name),
    measured('gsm', 'Weight', paper.gsm, (value) => `${formatNumber(value, 0)} g/m²`, U.paperGsm),
    length('sheetWidthMm', 'Sheet width', paper.sheetWidthMm, formatMm, U.sheetSizeMm),
    length('sheetHeightMm', 'Sheet height', paper.sheetHeightMm, formatMm, U.sheetSizeMm),
    named('method', 'Damping', paper.method, DAMPING_METHODS[paper.method].label),
    measured(
      'dampMinutes',
      'Damp for',
      paper.dampMinutes,
      (value) => `${formatNumber(value, 2)} min`,
      U.dampMinutes,
    ),
    measured('targetUptakePercent', 'Moisture', paper.targetUptakePercent, percent, U.uptakePercent),
  ],
  press: (press) => [
    named('name', 'Press', press.name),
    ...pressReadings(press),
    named('packName', 'Blankets', press.packName),
    ...(press.plateAt === 0 && !press.isFaceDown
      ? []
      : [
          at(
            'plateAt',
            named(
              'plateLies',
              'Plate lies',
              [press.plateAt, press.isFaceDown],
              `face ${press.isFaceDown ? 'down' : 'up'}, ${counted(press.plateAt, 'layer')} under it`,
            ),
          ),
        ]),
    length('makeReadyMm', 'Make-ready', press.makeReadyMm, (mm) => formatFine(mm, 2), U.makeReadyMm),
    measured('passes', 'Passes', press.passes, (value) => formatNumber(value, 0), U.passes),
    ...(press.direction === 'one-way'
      ? []
      : [named('direction', 'Under the roller', press.direction, DIRECTIONS[press.direction])]),
    ...(press.secondsOnPlate === null
      ? []
      : [
          measured(
            'secondsOnPlate',
            'On the plate',
            press.secondsOnPlate,
            (value) => `${formatNumber(value, 1)} s`,
            U.secondsOnPlate,
          ),
        ]),
  ],
  register: (register) => [
    named('scheme', 'Margins', marginsCode(register), writeMargins(register)),
    named('laying', 'Laying', register.laying, LAYING_METHODS[register.laying]),
    ...register.plates.map(({ name, widthMm, heightMm, rightMm, upMm }, i) =>
      at(
        'plates',
        named(
          `plate.${i + 2}`,
          `Plate ${i + 2}`,
          [name, widthMm, heightMm, rightMm, upMm],
          `${name}, ${formatMm(widthMm)} × ${formatMm(heightMm)}${rightMm || upMm ? `, off ${formatFines([rightMm, upMm], ' / ', 1)}` : ''}`,
        ),
      ),
    ),
    ...(register.plates.length > 0
      ? [named('route', 'Between plates', register.route, TWO_PLATE_ROUTES[register.route])]
      : []),
    ...register.colle.flatMap(({ name, material, ...laid }) =>
      [
        named(`colle.${name}`, `Piece ${name}`, Object.values(material), materialWords(material)),
        named(`colleLaid.${name}`, `${name}, laid`, Object.values(laid), laidWords(laid)),
      ].map((entry) => at('colle', entry)),
    ),
  ],
}

/** Reads every setting of a bench as one list, in working order; unset stations give nothing. */
export function settingEntries(bench: Bench): SettingEntry[] {
  const read = <S extends SettingStation>(station: S): SettingEntry[] => {
    const setting = bench[station]
    return setting === null
      ? []
      : READ[station](setting, bench).map((entry) => ({
          ...entry,
          station,
          key: `${station}.${entry.key}`,
          path: `${station}.${entry.path ?? entry.key}`,
        }))
  }
  return (Object.keys(READ) as SettingStation[]).flatMap(read)
}
