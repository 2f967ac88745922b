import { sharedBorders, visibleShapes, zoneAreas } from '../plate/zoneAreas'
import type { Zone } from '../plate/zoneMap'
import type { InkBorder, PoupeeInk, WhiteBorder } from './inkingOrder'
import { cycleFor, TINY_CM2 } from './cycleFor'
import type { InkingStep } from './wipingOrder'

/** An ink of a plate with the zones it goes on. */
export interface PlateInk extends PoupeeInk {
  key: string
  zones: string[]
  areaCm2: number
}

/** What a plate's zones say of its inks: each with its zones and area, and the borders between them. */
export interface Poupee {
  inks: PlateInk[]
  borders: InkBorder[]
  /** where an ink meets places kept white, and which */
  whiteBorders: (WhiteBorder & { zones: string[] })[]
  /** zones kept white: cleaned last */
  whites: string[]
  /** zones without an ink that are not kept white */
  bare: string[]
}

type Look = { lightness: number; cover: number; strength: number }

/**
 * Gathers a zone map's inks: zones of one ink belong together, borders add up, a border counts as feathered where either
 * zone says so; an ink is a filler when all its zones are.
 *
 * @param look how an ink looks on the paper; an unknown one is taken as middling
 */
export function gatherInks(
  zones: readonly Zone[],
  plate: { widthMm: number; heightMm: number },
  look: (ink: { source: string; id: string }) => Look | null,
): Poupee {
  const shapes = visibleShapes(zones)
  const areas = zoneAreas(shapes, plate)
  const keyOf = ({ ink }: Zone) => ink && `${ink.source}:${ink.id}`
  const inks: PlateInk[] = []
  zones.forEach((zone, i) => {
    const key = keyOf(zone)
    if (!key || zone.isWhite) return
    const known = inks.find((ink) => ink.key === key)
    if (known) {
      known.zones.push(zone.name)
      known.areaCm2 += areas[i].areaCm2
      known.isFiller &&= zone.isFiller
    } else
      inks.push({
        key,
        name: zone.ink!.name,
        zones: [zone.name],
        areaCm2: areas[i].areaCm2,
        isFiller: zone.isFiller,
        ...(look(zone.ink!) ?? { lightness: 50, cover: 0.5, strength: 0.5 }),
      })
  })
  const at = (zone: Zone) => (zone.isWhite ? -1 : inks.findIndex(({ key }) => key === keyOf(zone)))
  const borders: (InkBorder & { soft: number })[] = []
  const whiteBorders: (WhiteBorder & { zones: string[]; soft: number })[] = []
  const besideWhite = (ink: number, white: string, lengthMm: number, soft: number) => {
    const known = whiteBorders.find((border) => border.ink === ink)
    if (!known) return whiteBorders.push({ ink, zones: [white], lengthMm, soft, feathered: 0 })
    known.lengthMm += lengthMm
    known.soft += soft
    if (!known.zones.includes(white)) known.zones.push(white)
  }
  for (const { a, b, lengthMm } of sharedBorders(shapes)) {
    const soft = zones[a].border === 'feathered' || zones[b].border === 'feathered' ? lengthMm : 0
    const [[x, first], [y]] = [a, b]
      .map((zone) => [at(zones[zone]), zones[zone]] as const)
      .sort(([m], [n]) => m - n)
    if (x < 0 && y >= 0 && first.isWhite) besideWhite(y, first.name, lengthMm, soft)
    if (x < 0 || x === y) continue
    const known = borders.find((border) => border.a === x && border.b === y)
    if (known) {
      known.lengthMm += lengthMm
      known.soft += soft
    } else borders.push({ a: x, b: y, lengthMm, soft, feathered: 0 })
  }
  return {
    inks,
    borders: borders.map(({ soft, ...border }) => ({ ...border, feathered: soft / border.lengthMm })),
    whiteBorders: whiteBorders.map(({ soft, ...border }) => ({
      ...border,
      feathered: soft / border.lengthMm,
    })),
    whites: zones.filter(({ isWhite }) => isWhite).map(({ name }) => name),
    bare: zones.filter(({ ink, isWhite }) => !ink && !isWhite).map(({ name }) => name),
  }
}

/** Seconds to bring an ink on: a usual time and so much for every square centimetre [common practice, no source]. */
const SECONDS = { base: 25, perCm2: 0.8 }

/**
 * The inking as steps of the wiping order: tiny areas by fingertip, the rest by dolly; of several inks each goes through its own cycle.
 *
 * @param mixOf the run's mix that an ink is; null: it is only named
 */
export function inkingFrom(
  order: readonly number[],
  { inks, borders, whiteBorders }: Pick<Poupee, 'inks' | 'borders' | 'whiteBorders'>,
  mixOf: (ink: PlateInk) => string | null = () => null,
): InkingStep[] {
  const isHard = ({ feathered }: { feathered: number }) => feathered < 1
  return order.map((i) => ({
    ink: inks[i].name,
    mixId: mixOf(inks[i]),
    cycle:
      inks.length < 2
        ? []
        : cycleFor({
            areaCm2: inks[i].areaCm2,
            strength: inks[i].strength,
            isBesideWhite: whiteBorders.some(({ ink }) => ink === i),
            hasHardBorder:
              borders.some((border) => (border.a === i || border.b === i) && isHard(border)) ||
              whiteBorders.some((border) => border.ink === i && isHard(border)),
          }),
    tool: inks[i].areaCm2 < TINY_CM2 ? 'fingertip' : 'dolly',
    where: 'lines',
    zones: inks[i].zones,
    seconds: Math.round(SECONDS.base + SECONDS.perCm2 * inks[i].areaCm2),
  }))
}

/**
 * Which way the plate is turned for an ink, so that the hand pulls away from its neighbours: from the middle of the
 * neighbours' side to the ink's own, in words of the printer's side of the table.
 */
export function pullAway(own: readonly [number, number], others: readonly [number, number]): string {
  const [dx, dy] = [own[0] - others[0], own[1] - others[1]]
  if (Math.hypot(dx, dy) < 1) return 'from the border inward'
  if (Math.abs(dx) >= Math.abs(dy)) return dx > 0 ? 'toward the right edge' : 'toward the left edge'
  if (dy > 0) return 'toward the lower edge'
  return 'toward the upper edge'
}
