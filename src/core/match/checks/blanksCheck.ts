import { counted } from '../../units/counted'
import type { InkCells } from '../inkCells'
import { onSheet, placesOfCells } from './placesOf'
import type { CheckResult } from './matchCheck'

/** A cell with less than this share of its ink is starved; less than that, blank. */
const STARVED = 0.62
const BLANK = 0.25
/** Ink a cell must have in the reference, L*, and cells a place must have. */
const PRINTED = 8
const FEWEST = 4

/** Where ink is missing: starved parts, and blank patches where hardly any came over. */
export function checkBlanks(cells: InkCells, plate: { leftMm: number; topMm: number }): CheckResult {
  const places = placesOfCells(
    cells,
    ({ reference, impression }) => reference >= PRINTED && impression < STARVED * reference,
    FEWEST,
  ).map((place) => {
    const [ours, theirs] = [
      place.cells.reduce((sum, { reference }) => sum + reference, 0),
      place.cells.reduce((sum, { impression }) => sum + impression, 0),
    ]
    return onSheet('blanks', theirs < BLANK * ours ? 'blank patch' : 'starved', place, plate)
  })
  return {
    check: 'blanks',
    value: places.length,
    words:
      places.length === 0
        ? 'Ink everywhere the reference has it.'
        : `${counted(places.length, 'place')} with too little ink.`,
    places,
  }
}
