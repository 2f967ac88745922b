import type { SettingDifference } from '../../prove/compareSettings'
import type { SettingStation } from '../../prove/settings'
import type { CheckResult, MatchCheck } from './matchCheck'

/** Where to look for what a check found: the settings that bear on it, and what it usually is [common practice, no source]. */
interface Usual {
  keys: readonly string[]
  station: SettingStation
  less: string
  more: string
}
const same = (words: string) => ({ less: words, more: words })

const USUAL: Record<MatchCheck, Usual> = {
  register: {
    keys: ['register.', 'paper.sheet'],
    station: 'register',
    ...same('sheet or plate laid beside its marks'),
  },
  turn: {
    keys: ['register.'],
    station: 'register',
    ...same('one corner of the sheet laid before the other'),
  },
  stretch: {
    keys: ['paper.targetUptakePercent', 'paper.dampMinutes', 'paper.method', 'paper.name', 'paper.grain'],
    station: 'paper',
    less: 'a drier sheet, or its grain the other way',
    more: 'a damper sheet, or its grain the other way',
  },
  colour: {
    keys: ['ink.part.', 'ink.name', 'paper.name'],
    station: 'ink',
    ...same('another batch of the mix, or a film of another thickness'),
  },
  tone: {
    keys: ['wipe.', 'ink.modifier.', 'ink.plateC', 'press.turns', 'paper.targetUptakePercent'],
    station: 'wipe',
    less: 'wiped longer or harder, a drier sheet, or less squeeze',
    more: 'wiped shorter, or softer ink',
  },
  lines: {
    keys: [
      'press.turns',
      'press.makeReadyMm',
      'press.pack',
      'paper.targetUptakePercent',
      'paper.dampMinutes',
      'ink.modifier.',
      'ink.plateC',
    ],
    station: 'press',
    less: 'less squeeze, a drier sheet, or a worn plate',
    more: 'more squeeze, or lines not wiped as long',
  },
  breaks: {
    keys: ['plate.state', 'press.turns', 'paper.targetUptakePercent', 'wipe.', 'ink.modifier.'],
    station: 'wipe',
    ...same('ink not rubbed in all ways, lines emptied by hard wiping, or an earlier state of the plate'),
  },
  state: {
    keys: ['plate.state', 'plate.name'],
    station: 'plate',
    ...same('a later state of the plate, or scratches in it'),
  },
  film: {
    keys: ['wipe.', 'ink.modifier.', 'ink.plateC'],
    station: 'wipe',
    less: 'wiped longer or harder, or softer ink',
    more: 'wiped shorter or with a fuller cloth, or stiffer ink',
  },
  evenness: {
    keys: ['wipe.'],
    station: 'wipe',
    ...same('rag turned too seldom, or ink stiffening on the plate'),
  },
  edges: {
    keys: ['wipe.', 'plate.bevelDegrees'],
    station: 'wipe',
    less: 'wiped out over the edge',
    more: 'bevels not wiped',
  },
  sides: {
    keys: ['press.turnsLeft', 'press.turnsRight', 'press.makeReadyMm'],
    station: 'press',
    less: 'left side tighter than the right',
    more: 'right side tighter than the left',
  },
  bands: {
    keys: ['press.secondsOnPlate', 'press.direction', 'press.passes'],
    station: 'press',
    ...same('the plate stood under the roller'),
  },
  blanks: {
    keys: [
      'press.turns',
      'press.makeReadyMm',
      'press.pack',
      'paper.targetUptakePercent',
      'ink.modifier.',
      'wipe.',
    ],
    station: 'press',
    ...same('ink not rubbed in there, the sheet dry there, or a hollow in the pack'),
  },
  marks: {
    keys: [],
    station: 'paper',
    ...same('a hand that was not clean, grit or a hair on plate or blanket, ink from the board'),
  },
  chine: {
    keys: ['register.colle', 'paper.name'],
    station: 'register',
    ...same('a piece that slipped as it was laid, came off with the plate, or was left out'),
  },
}

/** What may be behind a check that differs: what was set otherwise first, since it is evidence, what it usually is after. */
export interface LikelyCause {
  words: string
  isEvidence: boolean
  station: SettingStation
}

/** Causes in the order of evidence. @param differences settings of the two prints that are not the same */
export function likelyCauses(
  { check, value }: CheckResult,
  differences: readonly SettingDifference[],
): LikelyCause[] {
  const { keys, station, less, more } = USUAL[check]
  const set = differences
    .filter(({ key }) => keys.some((start) => key.startsWith(start)))
    .map((difference): LikelyCause => ({
      words: difference.words,
      isEvidence: true,
      station: difference.station,
    }))
  return [...set, { words: (value ?? 0) < 0 ? less : more, isEvidence: false, station }]
}
