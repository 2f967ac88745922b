import { z } from 'zod'
import { romanNumeral } from '../plate/plate'
import { count } from '../units/schemas'

const size = count.max(5000, { error: 'must be at most 5000' })

export const editionNumbersInput = z.strictObject({
  editionSize: size,
  ap: size,
  pp: size,
  hc: size,
  /** how artist's proofs are counted */
  style: z.enum(['arabic', 'roman']),
})
export const editionNumbersOutput = z.strictObject({ marks: z.array(z.string()) })
export type ApStyle = z.infer<typeof editionNumbersInput>['style']

/** The kinds of signed impression, in the order they are listed. */
export const PRINT_KINDS = {
  edition: 'Edition',
  roman: 'Roman-numeral edition',
  AP: 'Artist’s proof',
  PP: 'Printer’s proof',
  HC: 'Hors commerce',
  archive: 'Archive',
  BAT: 'BAT',
} as const
export type PrintKind = keyof typeof PRINT_KINDS

/**
 * What is written on one impression: `7/24`, `VII/X`, `AP II/III`, `PP 1/2`, `HC 1/1`, `Archive 1/1`, `BAT`.
 *
 * @param n its number from 1, @param total how many of its kind are declared
 */
export function markOf(kind: PrintKind, n: number, total: number, style: ApStyle): string {
  if (kind === 'BAT') return 'BAT'
  if (kind === 'edition') return `${n}/${total}`
  if (kind === 'roman') return `${romanNumeral(n)}/${romanNumeral(total)}`
  if (kind === 'archive') return `Archive ${n}/${total}`
  const write = kind === 'AP' && style === 'roman' ? romanNumeral : String
  return `${kind} ${write(n)}/${write(total)}`
}

/** All marks of an edition in order: numbered prints, then AP, PP, HC [common practice, no source]. */
export function editionNumbers({
  editionSize,
  ap,
  pp,
  hc,
  style,
}: z.infer<typeof editionNumbersInput>): z.infer<typeof editionNumbersOutput> {
  const kinds: [PrintKind, number][] = [
    ['edition', editionSize],
    ['AP', ap],
    ['PP', pp],
    ['HC', hc],
  ]
  return {
    marks: kinds.flatMap(([kind, total]) =>
      Array.from({ length: total }, (_, i) => markOf(kind, i + 1, total, style)),
    ),
  }
}
