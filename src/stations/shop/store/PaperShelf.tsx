import { formatFine } from '@/core/units/quantity'
import Link from 'next/link'
import { paperStanding, type PaperStanding, type Reservation } from '@/core/paper/stock'
import { SIZINGS } from '@/core/paper/substitutes'
import { formatMm, formatNumber } from '@/core/units/length'
import type { StorePaper } from '@/data/shop/store'
import { NewPaperDialog } from './NewPaperDialog'
import { PutAway, type Going } from './PutAway'

const HEADS = ['Paper', 'Weight', 'Sheet', 'Caliper', 'Sizing', 'Left', 'Reserved', 'Free', 'Note']

/** What is left and what is free, in a word each. */
function countWords({ left, free, standing }: PaperStanding): [left: string, free: string] {
  if (left === null) return ['not counted', '–']
  const said = { short: `◆ ${-free} short`, low: `◆ ${free}: low`, enough: String(free) }
  return [left <= 0 ? `◆ ${left}: count them` : String(left), said[standing]]
}
const looks = (isWarned: boolean) => (isWarned ? 'pr-3 font-semibold' : 'pr-3')

/** The papers with what lies there, what jobs keep back, and what stays free. */
export function PaperShelf({
  papers,
  reservations,
  going,
}: {
  papers: readonly StorePaper[]
  reservations: readonly Reservation[]
  going: Going | null
}) {
  return (
    <section aria-label="Papers" className="mt-6">
      <div className="flex items-baseline justify-between">
        <h2 className="station-title">Papers</h2>
        <NewPaperDialog />
      </div>
      <div className="relative overflow-x-auto" role="region" aria-label="Papers in the store" tabIndex={0}>
        <table className="w-full text-sm">
          <thead className="text-left text-muted">
            <tr>
              {HEADS.map((head) => (
                <th key={head} scope="col" className="pr-3 font-normal">
                  {head}
                </th>
              ))}
              {going && (
                <th scope="col">
                  <span className="sr-only">Where it lies</span>
                </th>
              )}
            </tr>
          </thead>
          <tbody>
            {papers.map((paper) => {
              const stands = paperStanding(
                paper.sheetsLeft,
                reservations.filter(({ paperId }) => paperId === paper.id),
                paper.lowAt,
              )
              const { reserved } = stands
              const [left, free] = countWords(stands)
              return (
                <tr key={paper.id} className="border-t border-line">
                  <th scope="row" className="py-1.5 pr-3 text-left">
                    <Link
                      href={`/store/papers/${paper.id}`}
                      className="inline-flex min-h-6 underline-offset-4 hover:underline"
                    >
                      {paper.name}
                    </Link>
                  </th>
                  <td className="pr-3">{formatNumber(paper.gsm, 0)} g/m²</td>
                  <td className="pr-3">
                    {formatMm(paper.sheetWidthMm)} × {formatMm(paper.sheetHeightMm)}
                  </td>
                  <td className="pr-3">{formatFine(paper.caliperMm, 2)}</td>
                  <td className="pr-3">{SIZINGS[paper.sizing]}</td>
                  <td className={looks((stands.left ?? 1) <= 0)}>{left}</td>
                  <td className="pr-3">{reserved || '–'}</td>
                  <td className={looks(stands.standing === 'short' || stands.standing === 'low')}>{free}</td>
                  <td>{paper.note}</td>
                  {going && (
                    <td className="text-right">
                      <PutAway shelf="papers" thing={paper} going={going} />
                    </td>
                  )}
                </tr>
              )
            })}
          </tbody>
        </table>
      </div>
    </section>
  )
}
