import { learnGrowth, sheetOnTheBed, type GrowthMarks } from '@/core/paper/growth'
import type { Bench } from '@/core/prove/settings'
import { layMargins, marginsInput } from '@/core/register/margins'
import { registrationSheet } from '@/core/register/registrationSheet'
import type { SheetDrawing } from '@/core/sheet/sheetDrawing'
import type { StorePaper } from '@/data/store'

/** What a registration sheet is wanted like. */
export interface RegistrationWish { sheet: 'dry' | 'damp'; mirrored: boolean; otherId: string | null }

/** The registration sheet of a bench as it is wished, or why there is none. */
export function registrationOf({ plate, paper, register }: Pick<Bench, 'plate' | 'paper' | 'register'>, title: string, wish: RegistrationWish, marks: readonly GrowthMarks[], papers: readonly Pick<StorePaper, 'id' | 'name' | 'sheetWidthMm' | 'sheetHeightMm' | 'grain'>[]): { drawing: SheetDrawing } | { reason: string } {
  if (!plate || !paper || !register) return { reason: 'Set plate, paper and register first.' }
  const size = { widthMm: plate.widthMm, heightMm: plate.heightMm }
  const lay = (id: string, one: { sheetWidthMm: number; sheetHeightMm: number; grain: StorePaper['grain'] }) => {
    const sheet = sheetOnTheBed(one, wish.sheet, learnGrowth(marks.filter(({ paperId }) => paperId === id)))
    const input = marginsInput.safeParse({ paper: sheet, plate: size, scheme: register.scheme, bottomToTop: register.bottomToTop })
    return input.success ? { paper: sheet, margins: layMargins(input.data) } : { reason: input.error.issues[0].message }
  }
  const own = lay(paper.paperId, paper)
  if ('reason' in own) return { reason: own.reason! }
  const second = papers.find(({ id }) => id === wish.otherId)
  const other = second && lay(second.id, second)
  if (other && 'reason' in other) return { reason: `${second.name}: ${other.reason}` }
  return { drawing: registrationSheet({ ...own, plate: size, other: other ? { name: second!.name, ...other } : null, mirrored: wish.mirrored, title }) }
}
