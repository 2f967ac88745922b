import { PRINT_KINDS, type PrintKind } from '@/core/dry/editionNumbers'
import { CHOPS, type Signing } from '@/core/dry/numbering'
import type { Print } from '@/core/record/jobFile'

/** The marks to copy, large and in order, with every kind declared. */
export function SigningList({
  prints,
  signing,
  title,
}: {
  prints: Print[]
  signing: Signing
  title: string
}) {
  const totals = (Object.keys(PRINT_KINDS) as PrintKind[])
    .map((kind) => [PRINT_KINDS[kind], prints.filter((print) => print.kind === kind).length] as const)
    .filter(([, total]) => total > 0)
  return (
    <section aria-label="Signing list">
      <p className="mb-3">
        Declared: {totals.map(([kind, total]) => `${kind} ${total}`).join(', ')}. None doubled, none missing.
      </p>
      <p className="mb-3">
        In pencil beneath the plate mark: the mark at the left, “{title}” in the middle, the artist’s name at
        the right{signing.imp ? `; imp. ${signing.imp} beside it` : ''}.
        {signing.chop === 'none' ? '' : ` The chop, ${CHOPS[signing.chop].toLowerCase()}, last.`}
      </p>
      <ol className="grid grid-cols-2 gap-x-6 sm:grid-cols-3 xl:grid-cols-4">
        {prints.map(({ mark, pullId }) => (
          <li key={pullId} className="far-number border-b border-line py-3 text-3xl">
            {mark}
          </li>
        ))}
      </ol>
    </section>
  )
}
