import type { PlateKind } from '../plate/plate'
import { WIPING_SCHOOLS } from './wipingSchools'
import type { WipingOrder } from './wipingOrder'

/** How a plate of a kind is usually wiped before anybody said otherwise [common practice, no source]: soft plates with paper, burrs with their tone left. */
const USUAL_SCHOOL: Record<PlateKind, keyof typeof WIPING_SCHOOLS> = {
  'plastic-drypoint': 'paper-only',
  'card-drypoint': 'paper-only',
  'carton-laminate': 'paper-only',
  'copper-drypoint': 'tarlatan-tone',
  'copper-etched': 'three-stage',
  'zinc-etched': 'three-stage',
  'aluminium-etched': 'three-stage',
  mezzotint: 'three-stage',
  photopolymer: 'three-stage',
  slab: 'surface-rolled',
}

/** The wiping a kind of plate begins with. @example usualWiping('copper-drypoint').plateTone // 'medium' */
export const usualWiping = (kind: PlateKind): WipingOrder => WIPING_SCHOOLS[USUAL_SCHOOL[kind]].order
