import { WIPING_SCHOOLS } from '../wipe/wipingSchools'
import { inkOf, type MixSetting } from '../ink/mix'
import { turnsScale } from '../press/usualScales'
import { SETTINGS_VERSION, type Settings } from './settings'

/** An invented mix. */
export const sampleMix: MixSetting = {
  name: 'Low water black',
  basis: 'volume',
  parts: [
    { inkId: 'bone-black', name: 'Bone black', parts: 8 },
    { inkId: 'dusk-blue', name: 'Dusk blue', parts: 1 },
  ],
  modifiers: [{ modifier: 'thin-oil', amount: 3 }],
  puddleGrams: 5,
  batchGrams: 60,
  gramsPerPull: 2.6,
  roomC: 20,
  plateC: 37,
}

/** Complete, invented settings for tests. */
export const sampleSettings: Settings = {
  version: SETTINGS_VERSION,
  plate: {
    name: 'Mooring posts',
    kind: 'zinc-etched',
    widthMm: 180,
    heightMm: 120,
    thicknessMm: 1.2,
    bevelDegrees: 45,
    state: 1,
  },
  ink: inkOf(sampleMix),
  wipe: WIPING_SCHOOLS['three-stage'].order,
  paper: {
    paperId: 'heron',
    name: 'Heron white',
    gsm: 300,
    caliperMm: 0.55,
    sheetWidthMm: 300,
    sheetHeightMm: 250,
    grain: 'long',
    method: 'soak',
    dampMinutes: 30,
    targetUptakePercent: 55,
  },
  press: {
    pressId: 'little',
    name: 'The little press',
    rollerRadiusMm: 45,
    scale: turnsScale(2),
    laterPasses: [],
    plateAt: 0,
    isFaceDown: false,
    makeReadyOf: 'card',
    readingLeft: 3,
    readingRight: 3,
    packName: 'Three felts',
    pack: [
      { name: 'Catcher', thicknessMm: 1.5, modulusMPa: 1.2, densificationStrain: 0.6 },
      { name: 'Cushion', thicknessMm: 3, modulusMPa: 0.5, densificationStrain: 0.65 },
      { name: 'Pusher', thicknessMm: 2.5, modulusMPa: 1, densificationStrain: 0.6 },
    ],
    makeReadyMm: 0,
    passes: 1,
    direction: 'one-way',
    secondsOnPlate: null,
    frameNPerMm: null,
  },
  register: {
    scheme: 'weighted',
    bottomToTop: 1.2,
    laying: 'corner-marks',
    leftMm: null,
    topMm: null,
    marks: ['corners', 'centres'],
    plates: [],
    route: 'dried',
    trapMm: 30,
    colle: [],
  },
}
