import { checkBands } from './checks/bandsCheck'
import { checkBlanks } from './checks/blanksCheck'
import { checkBreaks } from './checks/breaksCheck'
import { checkChine } from './checks/chineCheck'
import { checkColour, type ColourFigures } from './checks/colourCheck'
import { checkEdges } from './checks/edgesCheck'
import { checkEvenness, checkFilm, checkLines, checkSides, checkTone } from './checks/inkChecks'
import { checkMarks } from './checks/marksCheck'
import { checkStanding, type CheckResult, type FoundPlace, type MatchCheck } from './checks/matchCheck'
import { overlap } from './checks/placesOf'
import { checkState } from './checks/stateCheck'
import type { InkCells } from './inkCells'
import type { JudgedPlate } from './judgedPlate'
import { lineInk } from './lineInk'
import { plateMarks } from './printMarks'

/** Checks that go by where the print lies, and not by what is printed. */
type BySheet = 'register' | 'turn' | 'stretch'

/**
 * Goes through the checks of what is printed.
 *
 * @param origin of what is judged, and of its plate, on the sheet, mm @param inMargin foreign marks beside the plate
 */
export function printChecks(
  judged: JudgedPlate,
  cells: InkCells,
  colour: ColourFigures,
  {
    origin,
    onSheet,
    inMargin,
  }: {
    origin: { leftMm: number; topMm: number }
    onSheet: { leftMm: number; topMm: number }
    inMargin: readonly FoundPlace[]
  },
): Record<Exclude<MatchCheck, BySheet>, CheckResult> {
  const marks = [...plateMarks(judged, origin), ...inMargin]
  const state = checkState(judged, origin)
  const isNewState = checkStanding(state, {}, new Set()) === 'differs'
  return {
    colour: checkColour(colour),
    tone: checkTone(cells),
    lines: checkLines(cells, lineInk(judged)),
    breaks: checkBreaks(judged, origin),
    state,
    film: checkFilm(cells),
    evenness: checkEvenness(cells),
    edges: checkEdges(cells, onSheet),
    sides: checkSides(cells, onSheet),
    bands: checkBands(cells, onSheet),
    blanks: checkBlanks(cells, onSheet),
    // Lines of another state are no dirt.
    marks: checkMarks(
      marks.filter((mark) => !isNewState || !state.places.some((place) => overlap(place, mark))),
    ),
    chine: checkChine(judged, cells, onSheet),
  }
}
