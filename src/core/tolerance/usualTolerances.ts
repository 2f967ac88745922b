/**
 * How far a thing may stray from the approved proof on either side where nobody said otherwise [common practice, no source]. A setting and
 * the reading of the same thing at the press share their number.
 */
export const USUAL_TOLERANCES = {
  // what is set on the bench
  plateSizeMm: 0.1,
  plateThicknessMm: 0.02,
  bevelDegrees: 5,
  inkPartPercent: 1,
  modifierDrops: 1,
  modifierGrams: 0.2,
  plateC: 2,
  roomC: 2,
  wipingSeconds: 45,
  strokes: 10,
  paperGsm: 5,
  sheetSizeMm: 3,
  dampMinutes: 5,
  uptakePercent: 5,
  makeReadyMm: 0.05,
  passes: 0,
  secondsOnPlate: 3,
  // what is read at the press, beside the two above
  toneD: 0.06,
  // what two pictures are held to
  registerMm: 0.5,
  turnDegrees: 0.25,
  stretchPercent: 0.5,
  colourDeltaE: 3,
  toneLightness: 3,
  linesPercent: 12,
  breaksPercent: 3,
  newLinesMm: 40,
  filmLightness: 2.5,
  evennessLightness: 1.5,
  edgesLightness: 3,
  sidesPercent: 8,
  bandsLightness: 2.5,
  blankPlaces: 0,
  foreignMarks: 0,
  chineCm2: 0.5,
} as const
