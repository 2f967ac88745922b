import { layMargins, marginsInput, type Margins } from './margins'
import type { RegisterSetting } from './registerSetting'

type Size = { widthMm: number; heightMm: number }

/** Margins as they are wanted, or what is wrong and at which field. */
export type LaidOut = { ok: true; margins: Margins } | { ok: false; field: string; message: string }

/**
 * Margins of a plate on its sheet as the print's face shows them: by a scheme, or typed from the left and the top, where the others
 * follow.
 */
export function layOut(
  register: Pick<RegisterSetting, 'scheme' | 'bottomToTop' | 'leftMm' | 'topMm'>,
  paper: Size,
  plate: Size,
): LaidOut {
  const { scheme, bottomToTop, leftMm, topMm } = register
  const input = marginsInput.safeParse({
    paper,
    plate,
    scheme: scheme === 'typed' ? 'centred' : scheme,
    bottomToTop,
  })
  if (!input.success)
    return { ok: false, field: input.error.issues[0].path.join('.'), message: input.error.issues[0].message }
  if (scheme !== 'typed') return { ok: true, margins: layMargins(input.data) }
  const sides = [
    ['leftMm', leftMm, paper.widthMm - plate.widthMm, 'right'],
    ['topMm', topMm, paper.heightMm - plate.heightMm, 'bottom'],
  ] as const
  for (const [field, wanted, most, other] of sides) {
    if (wanted === null) return { ok: false, field, message: 'is needed for typed margins' }
    if (wanted > most)
      return { ok: false, field, message: `leaves no margin at the ${other}: at most ${most.toFixed(1)} mm` }
  }
  return {
    ok: true,
    margins: {
      leftMm: leftMm!,
      rightMm: paper.widthMm - plate.widthMm - leftMm!,
      topMm: topMm!,
      bottomMm: paper.heightMm - plate.heightMm - topMm!,
    },
  }
}

/**
 * Margins as they lie on the bed, seen by the printer. A sheet laid face down on its plate is turned left for right, so its left
 * margin lies at the right; where the plate goes face down on the sheet nothing is turned.
 */
export function marginsOnTheBed(margins: Margins, laying: RegisterSetting['laying']): Margins {
  return laying === 'face-down' ? margins : { ...margins, leftMm: margins.rightMm, rightMm: margins.leftMm }
}
