import { counted } from '../../units/counted'
import type { InkCells } from '../inkCells'
import { formatNumber } from '../../units/length'
import { palerPlaces } from './palerPlaces'
import { onSheet, overlap, placesOfCells } from './placesOf'
import type { CheckResult } from './matchCheck'

/** A cell with less than this share of its ink is starved; less than that, blank. */
const STARVED = 0.62
const BLANK = 0.25
/** Ink a cell must have in the reference, L*, and cells a place must have. */
const PRINTED = 8
const FEWEST = 4

/** Where ink is missing: starved parts, blank patches where hardly any came over, and larger places that are only paler than the print round them. */
export function checkBlanks(cells: InkCells, plate: { leftMm: number; topMm: number }): CheckResult {
  const starved = placesOfCells(
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
  const paler = palerPlaces(cells, plate).filter(({ place }) => !starved.some((one) => overlap(one, place)))
  const places = [...starved, ...paler.map(({ place }) => place)]
  const most = Math.max(0, ...paler.map(({ percent }) => percent))
  return {
    check: 'blanks',
    value: places.length,
    words:
      places.length === 0
        ? 'Ink everywhere the reference has it.'
        : `${counted(places.length, 'place')} with too little ink${most > 0 ? `, up to ${formatNumber(most, 0)} % paler than the print round it` : ''}.`,
    places,
  }
}
