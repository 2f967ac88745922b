import Link from 'next/link'
import { Sum } from '@/ui/Sum'

interface SheetLineProps {
  heading: string
  href: string | null
  line: { text: string; act: boolean; sum: readonly { label: string; value: string }[] }
}

/** One line of the morning sheet: where it belongs, what it says, and the sum it opens to. */
export function SheetLine({ heading, href, line }: SheetLineProps) {
  return (
    <li className="grid grid-cols-[6.5rem_minmax(0,1fr)] items-start border-t border-line">
      {href ? (
        <Link href={href} className="condensed py-2 text-muted underline-offset-4 hover:underline">
          {heading}
        </Link>
      ) : (
        <span className="condensed py-2 text-muted">{heading}</span>
      )}
      <Sum rows={line.sum}>
        <span className={line.act ? 'text-lg font-semibold' : 'text-lg'}>{line.text}</span>
      </Sum>
    </li>
  )
}
