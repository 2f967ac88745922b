import { learnGrowth, sheetOnTheBed, type GrowthMarks } from '@/core/paper/growth'
import type { Bench } from '@/core/prove/settings'
import { layOut, marginsOnTheBed, type LaidOut } from '@/core/register/layOut'
import type { Margins } from '@/core/register/margins'
import { platesOnTheBed, registrationSheet } from '@/core/register/registrationSheet'
import type { SheetDrawing } from '@/core/sheet/sheetDrawing'
import type { StorePaper } from '@/data/shop/store'

/** What a registration sheet is wanted like. */
export interface RegistrationWish {
  sheet: 'dry' | 'damp'
  mirrored: boolean
  otherId: string | null
}

type Sheet = { sheetWidthMm: number; sheetHeightMm: number; grain: StorePaper['grain'] }

/** The registration sheet of a bench as it is wished, with the margins of the print; or what is wrong and at which field. */
export function registrationOf(
  { plate, paper, register }: Pick<Bench, 'plate' | 'paper' | 'register'>,
  title: string,
  wish: RegistrationWish,
  marks: readonly GrowthMarks[],
  papers: readonly (Sheet & Pick<StorePaper, 'id' | 'name'>)[],
):
  | { drawing: SheetDrawing; margins: Margins; lying: { widthMm: number; heightMm: number } }
  | { reason: string; field: string } {
  if (!plate || !paper || !register) return { reason: 'Set plate, paper and register first.', field: '' }
  const size = { widthMm: plate.widthMm, heightMm: plate.heightMm }
  const lay = (id: string, one: Sheet): { paper: typeof size; laid: LaidOut } => {
    const lying = sheetOnTheBed(one, wish.sheet, learnGrowth(marks.filter(({ paperId }) => paperId === id)))
    return { paper: lying, laid: layOut(register, lying, size) }
  }
  const own = lay(paper.paperId, paper)
  if (!own.laid.ok) return { reason: own.laid.message, field: own.laid.field }
  const onBed = (margins: Margins) => marginsOnTheBed(margins, register.laying)
  const second = papers.find(({ id }) => id === wish.otherId)
  const other = second && lay(second.id, second)
  if (other && !other.laid.ok) return { reason: `${second.name}: ${other.laid.message}`, field: 'other' }
  const drawing = registrationSheet({
    paper: own.paper,
    margins: onBed(own.laid.margins),
    plate: size,
    other: other?.laid.ok
      ? { name: second!.name, paper: other.paper, margins: onBed(other.laid.margins) }
      : null,
    marks: register.marks,
    plates: platesOnTheBed(register.plates, register.laying === 'face-down'),
    trapMm: register.laying === 'trapped-edge' || register.route === 'trapped' ? register.trapMm : null,
    mirrored: wish.mirrored,
    title,
  })
  return { drawing, margins: own.laid.margins, lying: own.paper }
}
