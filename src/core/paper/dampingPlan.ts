import { DAMPING_METHODS, type DampingMethod } from './dampPaper'

interface Keeping {
  /** hours until an even dampness is reached; 0: at once */
  evenAfterHours: number
  /** hours it stays good, covered */
  goodForHours: number
  /** sheets lie between damp interleaves, one more than there are sheets */
  isInterleaved: boolean
}

/** How each school keeps its sheets [common practice, no source; hours from memory]. */
const KEEPING: Record<DampingMethod, Keeping> = {
  dip: { evenAfterHours: 0, goodForHours: 0.75, isInterleaved: false },
  soak: { evenAfterHours: 0, goodForHours: 1, isInterleaved: false },
  'rinse-bag': { evenAfterHours: 1, goodForHours: 12, isInterleaved: false },
  'damp-pack': { evenAfterHours: 4, goodForHours: 48, isInterleaved: true },
  blotters: { evenAfterHours: 1, goodForHours: 24, isInterleaved: true },
  spray: { evenAfterHours: 0.25, goodForHours: 2, isInterleaved: false },
  dry: { evenAfterHours: 0, goodForHours: 0, isInterleaved: false },
}

/** What lies between the sheets, and how much water it holds when it is damp, percent of its dry weight [from memory: weigh one]. */
const INTERLEAVES: Partial<Record<DampingMethod, { called: string; gsm: number; uptakePercent: number }>> = {
  'damp-pack': { called: 'newsprint', gsm: 48, uptakePercent: 100 },
  blotters: { called: 'blotters', gsm: 250, uptakePercent: 80 },
}

/** Water one squeeze of a hand sprayer gives, ml [from memory: count twenty into a glass and weigh]. */
export const SPRAY_ML = 1.2
/** Days from which damp paper must be looked at for mould, in a room and in the cold [common practice, no source]. */
export const MOULD_DAYS = { room: 3, cold: 10 } as const

/** What damping a number of sheets takes, and how long it holds. */
export interface DampingPlan {
  /** water the sheets take up in all, ml */
  waterMl: number
  sprays: number
  /** damp interleaves; 0: none */
  interleaves: number
  /** what they are, and the water they hold beside the sheets', ml; null: none, or the sheet's weight a square metre is not known */
  interleaved: { called: string; waterMl: number } | null
  /** moments as ISO 8601 */
  goodFrom: string
  goodUntil: string
  /** null where the sheets are used long before */
  lookForMouldFrom: string | null
}

/**
 * Plans the damping. What is wanted counts fibre, not the moisture of the air: a sheet is to weigh its mass at standard air (23 °C, 50 %,
 * ISO 187) and the uptake more, so that it is added what it lacks of that today (1 ml weighs 1 g). With the window in which the sheets
 * are good and the day from which mould is looked for.
 *
 * @param standardGrams of one sheet at standard air
 * @param todayGrams of one sheet as it is today; left out: as at standard air
 * @param minutes how long they are damped, as was set; left out: as is usual for the method
 */
export function planDamping({
  method,
  sheets,
  standardGrams,
  todayGrams = standardGrams,
  targetUptakePercent,
  gsm = null,
  minutes = DAMPING_METHODS[method].usualMinutes,
  at,
}: {
  method: DampingMethod
  sheets: number
  standardGrams: number
  todayGrams?: number
  targetUptakePercent: number
  /** of the sheet: its interleaves are as large as it is; null: not known */
  gsm?: number | null
  minutes?: number
  at: string
}): DampingPlan {
  const { evenAfterHours, goodForHours, isInterleaved } = KEEPING[method]
  const between = INTERLEAVES[method]
  const later = (hours: number) => new Date(Date.parse(at) + hours * 3_600_000).toISOString()
  const waterMl = sheets * Math.max(0, dampGrams(standardGrams, targetUptakePercent) - todayGrams)
  const evenAfter = Math.max(evenAfterHours, minutes / 60)
  return {
    waterMl,
    sprays: Math.ceil(waterMl / SPRAY_ML),
    interleaves: isInterleaved ? sheets + 1 : 0,
    interleaved:
      between && gsm
        ? {
            called: between.called,
            waterMl: ((sheets + 1) * (standardGrams / gsm) * between.gsm * between.uptakePercent) / 100,
          }
        : null,
    goodFrom: later(evenAfter),
    goodUntil: later(evenAfter + goodForHours),
    lookForMouldFrom: goodForHours >= 24 ? later(24 * MOULD_DAYS.room) : null,
  }
}

/** Change of a sheet's mass for each point of humidity away from 50, as a share [from memory; weigh a sheet instead]. */
const MASS_PER_HUMIDITY_POINT = 0.0007

/** Mass of an air-dry sheet in a room of another humidity than the 50 % of ISO 187, g. */
export const dryGramsAt = (grams: number, humidityPercent: number): number =>
  grams * (1 + MASS_PER_HUMIDITY_POINT * (humidityPercent - 50))

/** Mass that a sheet weighed in a room has at standard air, g. */
export const standardGramsOf = (grams: number, humidityPercent: number): number =>
  grams / dryGramsAt(1, humidityPercent)

/** What a sheet damped as wanted weighs, g: the same on a humid morning as on a dry one. @param standardGrams its mass at standard air */
export const dampGrams = (standardGrams: number, targetUptakePercent: number): number =>
  standardGrams * (1 + targetUptakePercent / 100)

/**
 * Mean uptake of a whole pack that was weighed, percent.
 *
 * @param interleavesGrams weight of the damp interleaves alone @param dryGrams of one sheet at standard air
 * @returns null where the pack weighs less than its dry sheets and interleaves
 */
export function packUptake({
  packGrams,
  interleavesGrams,
  sheets,
  dryGrams,
}: {
  packGrams: number
  interleavesGrams: number
  sheets: number
  dryGrams: number
}): number | null {
  const dry = sheets * dryGrams
  const water = packGrams - interleavesGrams - dry
  return water < 0 || dry <= 0 ? null : (100 * water) / dry
}

/** How a sheet stands against the BAT's own uptake: "6 points wetter than the BAT’s: blot again". */
export function besideBat(uptakePercent: number, batUptakePercent: number, tolerance: number): string {
  const off = uptakePercent - batUptakePercent
  if (Math.abs(off) <= tolerance) return 'as the BAT’s sheet'
  return `${Math.round(Math.abs(off))} points ${off > 0 ? 'wetter than the BAT’s: blot again' : 'drier than the BAT’s: back to the water'}`
}
