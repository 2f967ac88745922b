import { strayOfDrierRun, type PaperGrowth } from '../paper/growth'
import { TWO_PLATE_ROUTES, type RegisterMark, type TwoPlateRoute } from './registerSetting'

type Size = { widthMm: number; heightMm: number }

/** What the two ways of printing a second plate are reckoned from. */
export interface TwoPlatesInput {
  plate: Size
  sheet: Size
  grain: 'long' | 'short' | 'unknown'
  growth: PaperGrowth
  /** how long the sheet lies open while the plate is changed, minutes */
  changeMinutes: number
  /** how long prints dry before they are damped again, days */
  dryDays: number
  dampMinutes: number
}

/** How far a plate and a sheet are laid off their marks, mm, and how evenly a sheet is damped again, as a share of its growth [from memory]. */
const LAID = { againstStops: 0.2, sheetByMarks: 0.4, dampedAgain: 0.12 }
/** Share of its growth an open damp sheet loses in a minute [from memory]. */
const LOST_A_MINUTE = 0.01

/** What one way costs, and how well it is likely to fit. */
export interface TwoPlateCost {
  route: TwoPlateRoute
  label: string
  /** misfit to be expected at the plate's edge, one deviation, mm */ misfitMm: number
  mostlyFrom: string
  minutes: number
  days: number
  costs: string[]
  marks: RegisterMark[]
}

/** Both ways of bringing a second plate onto a sheet, the better fitting first. */
export function twoPlateRoutes({
  plate,
  sheet,
  grain,
  growth,
  changeMinutes,
  dryDays,
  dampMinutes,
}: TwoPlatesInput): TwoPlateCost[] {
  const stray = (share: number) => {
    const { xMm, yMm } = strayOfDrierRun(plate, sheet, grain, growth, share)
    return Math.hypot(xMm, yMm)
  }
  const drying = stray(Math.max(0, 1 - LOST_A_MINUTE * changeMinutes))
  const damping = stray(1 - LAID.dampedAgain)
  const routes: TwoPlateCost[] = [
    {
      route: 'trapped',
      label: TWO_PLATE_ROUTES.trapped,
      misfitMm: Math.hypot(LAID.againstStops, drying),
      mostlyFrom:
        drying > LAID.againstStops
          ? `the sheet drying in ${changeMinutes} min`
          : 'laying the plate to its stops',
      minutes: changeMinutes,
      days: 0,
      costs: [
        'The second plate must stand inked before the first goes under the roller.',
        'Wet on wet: the second ink takes some of the first with it; put the darker or stiffer ink first.',
        'Ties up the press: nobody else prints meanwhile.',
      ],
      marks: ['corners', 'stops'],
    },
    {
      route: 'dried',
      label: TWO_PLATE_ROUTES.dried,
      misfitMm: Math.hypot(LAID.sheetByMarks, damping),
      mostlyFrom:
        damping > LAID.sheetByMarks
          ? 'damping the sheet not quite as the first time'
          : 'laying the sheet to its marks',
      minutes: dampMinutes,
      days: dryDays,
      costs: [
        'Damp again to the weight of the first time, not by the clock.',
        'The first ink must be dry enough to stand water and pressure.',
        'Send one blank sheet through all of it: it shows what the paper does.',
      ],
      marks: ['corners', 'tee-and-bar', 'pins'],
    },
  ]
  return routes.sort((a, b) => a.misfitMm - b.misfitMm)
}
