import type { Coefficients } from './characteriseInk'
import { estimateInk, estimateInkInput, type Covering } from './estimateInk'
import type { Lab } from '../colour/convertXyzToLab'
import { USUAL_SURFACE } from './surface'

/** What is written beside such an ink: what of it nobody measured. */
export const TAKEN_BY_EYE = 'Colour by eye; stiffness taken as usual, not measured.'

/** Film that a colour by eye is taken for, micrometres: a middle tone, as it stands printed solid. */
const FILM_MICROMETRES = 7

/**
 * k and s of an ink of which only its colour printed solid is known, by eye.
 *
 * @param paper reflectance of what it is printed on
 * @returns null where no ink on paper can have this colour
 */
export function inkByEye(lab: Lab, covering: Covering, paper: readonly number[]): Coefficients | null {
  const input = estimateInkInput.safeParse({
    lab,
    filmMicrometres: FILM_MICROMETRES,
    paper: [...paper],
    covering,
    surface: USUAL_SURFACE,
    geometry: '45:0',
  })
  return input.success ? estimateInk(input.data) : null
}
