import type { BiteTimetable } from '@/core/plate/bitePlan'
import { CARRIERS, carrierTurn, MAKING_METHODS, type MakingMethod } from '@/core/plate/makingMethod'
import type { RolledPlate } from '@/core/plate/surfaceSetting'
import { PLATE_KINDS, type PlateSetting } from '@/core/plate/plate'
import { costOfAProof, describePlateLife, type PlateLife } from '@/core/plate/plateLife'
import { capital } from '@/core/units/capital'
import { counted, plural } from '@/core/units/counted'
import { formatMm, formatNumber } from '@/core/units/length'
import { formatArea } from '@/core/units/quantity'
import type { RoomAnswer } from '@/ui/Answer'
import type { Loose } from '../across/bench/useStation'
import { LIFE_BY } from './plateStates'

/** Fields of a plate that everything after it needs, in the order they are asked. */
const ASKED = [
  ['name', 'Name the plate', 'plate-name'],
  ['widthMm', 'Enter the plate’s width', 'plate-width'],
  ['heightMm', 'Enter the plate’s height', 'plate-height'],
  ['thicknessMm', 'Enter the plate’s thickness', 'plate-thickness'],
  ['bevelDegrees', 'Enter the plate’s bevel', 'plate-bevel'],
] as const

/** How much life the plate has, or what of it is not known yet. */
export function plateAnswer(plate: Loose<PlateSetting>, life: PlateLife | null): RoomAnswer {
  const missing = ASKED.find(([key]) => plate[key] === null || plate[key] === '')
  if (missing || !life || !plate.kind)
    return {
      says: missing?.[1] ?? 'Choose the kind of plate',
      because: 'Paper, ink, pressure and margins all follow from the plate.',
      asks: { words: 'Go to the field', anchor: missing?.[2] ?? 'plate-kind' },
    }
  return {
    says: capital(describePlateLife(life)),
    figure: 'plate-life',
    because: `${lifeReason(life)} ${PLATE_KINDS[plate.kind].label}, ${formatMm(plate.widthMm!)} × ${formatMm(plate.heightMm!)}.`,
  }
}

/** What a plate's life goes by, what it has printed, and what one more proof costs. */
export function lifeReason(life: PlateLife): string {
  const proof = costOfAProof(life)
  return `By ${LIFE_BY[life.by]}; ${life.spent} pulled, proofs too.${proof ? ` ${capital(proof)}.` : ''}`
}

/** What goes onto the plate, and which way round. */
export function artworkAnswer(
  plate: ({ widthMm: number; heightMm: number } & RolledPlate) | null,
  method: MakingMethod | null,
  platePage: string,
): RoomAnswer {
  if (!plate)
    return {
      says: 'Set the plate’s size first',
      because: 'The picture is cropped to it.',
      asks: { words: 'Go to the plate', page: platePage },
    }
  if (!method)
    return {
      says: 'Choose a picture for the plate',
      because: 'A drawing, a scan or a photograph: it is cropped, turned and printed at 1:1 from here.',
    }
  const { mirrored, inverted } = carrierTurn(method, plate)
  return {
    says: `Print the ${CARRIERS[MAKING_METHODS[method].use].toLowerCase()} ${mirrored ? 'mirrored' : 'as it reads'}, ${inverted ? 'negative' : 'positive'}`,
    because: `At 1:1, ${formatMm(plate.widthMm)} × ${formatMm(plate.heightMm)}: measure its check bar before it is used.`,
  }
}

/** How many plates like this one the bath still bites. @param left null: area or depth is missing */
export function bathAnswer(
  bath: { name: string } | undefined,
  left: number | null,
  plate: { openCm2: number | null; depth: number | null },
): RoomAnswer {
  if (!bath)
    return {
      says: 'Weigh out a bath',
      because: 'What it takes up is counted from then on, plate by plate.',
      asks: { words: 'Go to its recipe', anchor: 'bath-recipe' },
    }
  if (left === null)
    return {
      says: 'Enter the open area and the depth',
      because: `How many such plates ${bath.name} still bites follows from them.`,
      asks: { words: 'Go to the field', anchor: 'bath-open' },
    }
  return {
    says:
      left === 0
        ? 'The bath is spent for this plate: make a fresh one'
        : `The bath bites ${counted(left, 'more plate')} like this one`,
    because: `${bath.name}, with ${formatArea(plate.openCm2!, 0)} open and ${formatNumber(plate.depth!, 0)} µm deep.`,
  }
}

/** How long the plate is bitten, in how many immersions. */
export function biteAnswer(timetable: BiteTimetable | null, hasCurve: boolean): RoomAnswer {
  if (!hasCurve)
    return {
      says: 'Read a test strip first',
      because: 'At least three of its steps: the timetable follows from them.',
      asks: { words: 'Go to the strip', anchor: 'bite-strip' },
    }
  const last = timetable?.immersions.at(-1)
  if (!timetable || !last)
    return { says: 'Name the areas and their tones', because: 'Each tone gives its minutes in the bath.' }
  const out = timetable.outOfReach.map(({ name }) => name)
  const [first] = timetable.immersions
  return {
    says: `Bite ${formatNumber(last.cumulativeMinutes, 1)} min in ${counted(timetable.immersions.length, 'immersion')}`,
    because:
      out.length > 0
        ? `◆ ${out.join(', ')}: darker than this grain can give.`
        : `${timetable.immersions.length > 1 ? `After ${formatNumber(first.minutes, 1)} min stop out ${first.stopOut.join(', ')}. ` : ''}Look after every immersion.`,
  }
}

/** What is drawn on the plate, and what is wrong with it. @param refused zones that cannot be kept so */
export function zonesAnswer(
  zones: readonly { name: string; isWhite: boolean; ink: unknown }[],
  refused: number,
): RoomAnswer {
  if (zones.length === 0)
    return {
      says: 'Draw the first zone',
      because:
        'Each zone has its ink, its film and its area; the order of the inks follows from how they meet.',
    }
  const bare = zones.filter(({ isWhite, ink }) => !isWhite && !ink).map(({ name }) => name)
  const whites = zones.filter(({ isWhite }) => isWhite).length
  return {
    says:
      bare.length > 0
        ? `Choose an ink for ${bare[0]}${bare.length > 1 ? ` and ${bare.length - 1} more` : ''}`
        : `${counted(zones.length, 'zone')}${whites > 0 ? `, ${whites} kept white` : ''}`,
    because:
      refused > 0
        ? `◆ ${counted(refused, 'zone')} ${plural(refused, 'has', 'have')} to be mended before the map is saved.`
        : 'The order of the inks follows from how the zones meet.',
  }
}
