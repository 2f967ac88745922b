import { PRINT_KINDS, type PrintKind } from '@/core/dry/editionNumbers'
import { CHOPS, type Signing } from '@/core/dry/numbering'
import type { Print } from '@/core/record/jobFile'

/** Whose name is written at the right. */
function nameWords({ signer, imp }: Pick<Signing, 'signer' | 'imp'>): string {
  if (signer === 'printer') return `at the right ${imp} imp., for the artist`
  return `the artist’s name at the right${imp ? `; imp. ${imp} beside it` : ''}`
}

/** The marks to copy, large and in order, with every kind declared. */
export function SigningList({
  prints,
  signing,
  title,
  called,
  makers,
}: {
  prints: Print[]
  signing: Signing
  title: string
  /** what the prints are, all of them */
  called: string
  /** whose print a pull is, of a class */
  makers: Readonly<Record<string, string>>
}) {
  const totals = (Object.keys(PRINT_KINDS) as PrintKind[])
    .map(
      (kind) =>
        [
          kind === 'edition' ? called : PRINT_KINDS[kind],
          prints.filter((print) => print.kind === kind).length,
        ] as const,
    )
    .filter(([, total]) => total > 0)
  return (
    <section aria-label="Signing list">
      <p className="mb-3">
        Declared: {totals.map(([kind, total]) => `${kind} ${total}`).join(', ')}. None doubled, none missing.
      </p>
      <p className="mb-3">
        In pencil beneath the plate mark: the mark at the left, “{title}” in the middle, {nameWords(signing)}.
        {signing.chop === 'none' ? '' : ` The chop, ${CHOPS[signing.chop].toLowerCase()}, last.`}
      </p>
      <ol className="grid grid-cols-2 gap-x-6 sm:grid-cols-3 xl:grid-cols-4">
        {prints.map(({ mark, pullId }) => (
          <li key={pullId} className="far-number border-b border-line py-3 text-3xl">
            {mark}
            {makers[pullId] && <span className="block text-base font-semibold">{makers[pullId]}</span>}
          </li>
        ))}
      </ol>
    </section>
  )
}
