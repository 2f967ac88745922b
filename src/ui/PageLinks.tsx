import Link from 'next/link'
import type { Page } from '@/core/units/page'

const LINK = 'inline-flex min-h-11 items-center underline underline-offset-4'

/** Where a page lies in its list, and the ways to those beside it; nothing where all of it is on one page. */
export function PageLinks({
  label,
  page: { first, last, of, before, after },
  earlier,
  later,
  href,
}: {
  /** what is paged, for those who listen */
  label: string
  page: Omit<Page<unknown>, 'items'>
  /** words for the page before and the one after */
  earlier: string
  later: string
  href: (page: number) => string
}) {
  if (before === null && after === null) return null
  return (
    <nav aria-label={label} className="mt-3 flex flex-wrap items-center gap-x-4 text-sm">
      <span>
        {first === last ? first : `${first} to ${last}`} of {of}
      </span>
      {before !== null && (
        <Link href={href(before)} scroll={false} className={LINK}>
          {earlier}
        </Link>
      )}
      {after !== null && (
        <Link href={href(after)} scroll={false} className={LINK}>
          {later}
        </Link>
      )}
    </nav>
  )
}
