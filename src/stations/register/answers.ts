import { marginsOnTheBed } from '@/core/register/layOut'
import type { LayingMethod } from '@/core/register/registerSetting'
import type { Margins } from '@/core/register/margins'
import type { TwoPlateCost } from '@/core/register/twoPlates'
import type { ColleNest, ColleSetting, ColleTemplate } from '@/core/register/chineColle'
import { PASTE_AMOUNTS } from '@/core/register/pasteAmounts'
import { materialWords } from '@/core/register/laidPiece'
import { counted } from '@/core/units/counted'
import { formatMm } from '@/core/units/length'
import { formatFine, formatGrams } from '@/core/units/quantity'
import type { RoomAnswer } from '@/ui/Answer'

/** Where the plate lies on the sheet, or what is in the way. @param isKept whether the layout was saved */
export function registerAnswer(
  found: { margins: Margins } | { reason: string } | null,
  laying: LayingMethod,
  isKept: boolean,
  jobPage: string,
): RoomAnswer {
  if (!found)
    return {
      says: 'Set plate and paper first',
      because: 'The margins follow from both.',
      asks: { words: 'Go to the plate', page: `${jobPage}/plate` },
    }
  if ('reason' in found) return { says: 'The plate does not lie on this sheet', because: `◆ ${found.reason}` }
  const { leftMm, topMm } = marginsOnTheBed(found.margins, laying)
  const { margins } = found
  return {
    says: `Lay the plate ${formatMm(leftMm)} from the left, ${formatMm(topMm)} from the top`,
    because: `On the bed, from the printer’s side. On the print: left ${formatMm(margins.leftMm)}, right ${formatMm(margins.rightMm)}, bottom ${formatMm(margins.bottomMm)}.${isKept ? '' : ' Save the layout to hold every print to it.'}`,
  }
}

/** Which way of printing a second plate fits better. @param routes best first @param more plates beside the first */
export function platesAnswer(
  more: number,
  routes: readonly Pick<TwoPlateCost, 'route' | 'label' | 'misfitMm' | 'mostlyFrom'>[],
  route: TwoPlateCost['route'],
): RoomAnswer {
  if (more === 0)
    return {
      says: 'One plate: nothing to align',
      because: 'Add a plate where the sheet is printed from several.',
    }
  const [best] = routes
  const taken = routes.find((one) => one.route === route) ?? best
  return {
    says: `${counted(more + 1, 'plate')}: they fit to about ${formatFine(taken.misfitMm, 2)}`,
    because:
      taken === best
        ? `${taken.label}, the way that fits better; mostly from ${taken.mostlyFrom}.`
        : `${taken.label}. ${best.label} would fit to ${formatFine(best.misfitMm, 2)}.`,
  }
}

/** How many pieces of thin paper are cut, from how many sheets, with how much paste. */
export function colleAnswer(
  setting: Pick<ColleSetting, 'material' | 'pieces' | 'fitting' | 'paste'> | null,
  template: Pick<ColleTemplate, 'widthMm' | 'heightMm' | 'pasteGrams'> | null,
  nest: Pick<ColleNest, 'perSheet' | 'sheets'> | null,
): RoomAnswer {
  if (!setting || !template || !nest)
    return { says: 'Enter the piece and its sheet', because: 'Template, sheets and paste follow from them.' }
  if (nest.perSheet === 0)
    return {
      says: 'The piece is larger than the sheet',
      because: `◆ Cut dry it is ${formatMm(template.widthMm)} × ${formatMm(template.heightMm)}.`,
    }
  const { material, pieces, fitting, paste } = setting
  const size = `${formatMm(template.widthMm)} × ${formatMm(template.heightMm)}`
  const pasted = `${formatGrams(template.pasteGrams * pieces, 2)} of ${PASTE_AMOUNTS[paste].called} for all.`
  if (material?.from === 'print')
    return {
      says: `Cut ${counted(pieces, 'piece')} of ${size}`,
      because: `${materialWords(material)[0].toUpperCase()}${materialWords(material).slice(1)}, who is named in the documents; ${pasted}`,
    }
  return {
    says: `Cut ${counted(pieces, 'piece')} of ${size}${material ? `, ${material.name}` : ''}`,
    because: `From ${counted(nest.sheets, 'sheet')}, ${nest.perSheet} from each; ${pasted} ${
      fitting === 'trimmed'
        ? 'Paper to spare all round: it is trimmed on the plate.'
        : 'Cut them dry: they grow with the damp.'
    }`,
  }
}
