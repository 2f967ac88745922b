/** What can go wrong with one impression; places are mm of the print's face from the sheet's top left corner. */
export interface PrintFaults {
  /** the plate laid beside its place, and turned clockwise */
  moved: { xMm: number; yMm: number; degrees: number }
  /** parts that got too little of their ink, fading out to the radius; `left` is the share at the middle */
  starved: { xMm: number; yMm: number; radiusMm: number; left: number }[]
  /** the plate stood under the roller: a strip across the sheet with so much more ink */
  bands: { xMm: number; widthMm: number; more: number }[]
  /** ink on the bevels (more than 0) or wiped away beside them (less than 0), µm at the plate’s edge */
  edgeMicrometres: number
  /** fingertips of ink: their strength 0 to 1 */
  fingerprints: { xMm: number; yMm: number; strength: number }[]
  /** round spots: ink, or bare paper where `micrometres` is 0 */
  spots: { xMm: number; yMm: number; radiusMm: number; micrometres: number }[]
  /** hairs: arcs of dark from one end to the other */
  hairs: { xMm: number; yMm: number; lengthMm: number; degrees: number }[]
  /** share of the lines' depth that is worn away */
  wear: number
  /** light and dark cloudiness of the wiped surface, as a share of it */
  patchy: number
}

export const NO_FAULTS: PrintFaults = {
  moved: { xMm: 0, yMm: 0, degrees: 0 },
  starved: [],
  bands: [],
  edgeMicrometres: 0,
  fingerprints: [],
  spots: [],
  hairs: [],
  wear: 0,
  patchy: 0,
}

/** Half the width of a hair, and of a fingertip's ellipse, mm. */
const HAIR_MM = 0.12
const FINGER = { across: 5.5, along: 8 }
const RIDGE_MM = 0.55

/** Film a fault lays at a place of the sheet, µm; null where bare paper is left whatever is printed. */
export function dirtAt({ fingerprints, spots, hairs }: PrintFaults, x: number, y: number): number | null {
  let film = 0
  for (const { xMm, yMm, strength } of fingerprints) {
    const [u, v] = [(x - xMm) / FINGER.across, (y - yMm) / FINGER.along]
    const from = Math.hypot(u, v)
    if (from < 1)
      film +=
        strength *
        2.2 *
        Math.min(1, 3 * (1 - from)) *
        (0.5 +
          0.5 *
            Math.cos(
              (2 *
                Math.PI *
                (Math.hypot(x - xMm, y - yMm - 3) +
                  0.4 * Math.sin(1.3 * (x - xMm)) +
                  0.3 * Math.sin(0.9 * (y - yMm)))) /
                RIDGE_MM,
            )) *
        (0.75 + 0.25 * Math.sin(0.8 * x + 1.1 * y))
  }
  for (const { xMm, yMm, radiusMm, micrometres } of spots) {
    if ((x - xMm) ** 2 + (y - yMm) ** 2 > radiusMm ** 2) continue
    if (micrometres === 0) return null
    film += micrometres
  }
  for (const { xMm, yMm, lengthMm, degrees } of hairs) {
    const turn = (degrees * Math.PI) / 180
    const along = (x - xMm) * Math.cos(turn) + (y - yMm) * Math.sin(turn)
    if (along < 0 || along > lengthMm) continue
    const across =
      (y - yMm) * Math.cos(turn) -
      (x - xMm) * Math.sin(turn) -
      lengthMm * 0.12 * Math.sin((Math.PI * along) / lengthMm)
    if (Math.abs(across) < HAIR_MM) film += 12
  }
  return film
}

/** Share of its ink a place gets in spite of starved parts and bands. */
export function inkShareAt({ starved, bands }: PrintFaults, x: number, y: number): number {
  let share = 1
  for (const { xMm, yMm, radiusMm, left } of starved) {
    const from = Math.hypot(x - xMm, y - yMm) / radiusMm
    if (from < 1) share *= left + (1 - left) * from ** 4
  }
  for (const { xMm, widthMm, more } of bands) if (Math.abs(x - xMm) < widthMm / 2) share *= 1 + more
  return share
}
