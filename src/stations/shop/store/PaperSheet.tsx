'use client'

import { formatFine } from '@/core/units/quantity'
import { saidDayOf } from '@/core/units/moment'
import { useZone } from '@/ui/ViewerZone'
import Link from 'next/link'
import { useState } from 'react'
import { describeSpectrum } from '@/core/colour/describeSpectrum'
import type { LearnedGrowth } from '@/core/paper/growth'
import type { SoakCurve } from '@/core/paper/soakFit'
import { paperStanding, STOCK_MOVES, type Reservation, type StockMoveKind } from '@/core/paper/stock'
import { paperDensity, SIZINGS, substitutesFor, type Sizing } from '@/core/paper/substitutes'
import { formatMm, formatNumber } from '@/core/units/length'
import type { FieldProblem } from '@/data/database/errors'
import type { StockMove } from '@/data/shop/stock'
import type { StorePaper } from '@/data/shop/store'
import { Button } from '@/ui/Button'
import { SelectField, TextField } from '@/ui/Field'
import { Figure } from '@/ui/Figure'
import { NumberField } from '@/ui/NumberField'
import { Panel } from '@/ui/Panel'
import { problemAt } from '../../across/bench/problemAt'
import { PersonField } from '../../across/person/PersonField'
import { usePerson } from '../../across/person/usePerson'
import { Problems } from '../../across/pull/Problems'
import { paperSheetAnswer } from './answers'
import { PaperColourField } from './PaperColourField'
import { changePaperAction, enterStockAction } from './actions'
import { sendAct } from '../../across/act/sendAct'

interface PaperSheetProps {
  paper: StorePaper
  others: StorePaper[]
  book: StockMove[]
  reservations: Reservation[]
  growth: LearnedGrowth
  soak: SoakCurve | null
}

const STANDING = {
  short: () => '◆ The jobs want more than lies there.',
  low: (at: number | null) => `◆ Low: order again at ${at}.`,
  enough: () => undefined,
  uncounted: () => undefined,
}

/** What is said of a count: that there is none, or that it cannot be. */
function countNote(left: number | null): string | undefined {
  if (left === null) return 'not counted yet'
  return left <= 0 ? '◆ Count them.' : undefined
}

/** One paper of the store: what lies there and for whom, what is known of it, its stock book, and what could stand in for it. */
export function PaperSheet({ paper, others, book, reservations, growth, soak }: PaperSheetProps) {
  const stands = paperStanding(paper.sheetsLeft, reservations, paper.lowAt)
  const { left, reserved, free, standing } = stands
  return (
    <Panel
      title={paper.name}
      answer={paperSheetAnswer(stands)}
      aside={
        <p className="text-sm">
          {formatNumber(paper.gsm, 0)} g/m², {formatMm(paper.sheetWidthMm)} × {formatMm(paper.sheetHeightMm)},
          caliper {formatFine(paper.caliperMm, 2)}
        </p>
      }
    >
      <div className="grid gap-8 xl:grid-cols-2">
        <section aria-label="Stock" className="grid content-start gap-4">
          <div className="flex flex-wrap gap-x-8 gap-y-3">
            <Figure
              name="sheets-there"
              value={left ?? '–'}
              label="sheets lie there, by the book"
              note={countNote(left)}
            />
            <Figure name="sheets-kept-back" value={reserved} label="reserved for jobs" />
            <Figure
              name="sheets-free"
              value={free ?? '–'}
              label="free"
              note={STANDING[standing](paper.lowAt)}
            />
          </div>
          {reservations.length > 0 && (
            <ul className="text-sm">
              {reservations.map(({ jobId, title, sheets }) => (
                <li key={jobId} className="border-t border-line py-1">
                  {sheets} for {title}, rejects to expect included
                </li>
              ))}
            </ul>
          )}
          <StockBook paperId={paper.id} book={book} />
        </section>
        <section aria-label="What is known of it" className="grid content-start gap-4">
          <div className="flex flex-wrap gap-x-8 gap-y-3">
            <span
              className="block size-16 border border-line"
              style={{ background: describeSpectrum(paper.reflectance).srgb }}
              role="img"
              aria-label="Its colour"
            />
            <Figure
              name="paper-density"
              value={`${formatNumber(paperDensity(paper), 2)} g/cm³`}
              label="density, bulk ÷ weight"
            />
            <Figure
              name="paper-growth"
              value={`${formatNumber(growth.alongPercent, 2)} / ${formatNumber(growth.acrossPercent, 2)} %`}
              label="grows along / across the grain"
              note={growth.alongFrom + growth.acrossFrom === 0 ? 'typical' : 'measured'}
            />
            {soak && (
              <Figure
                name="water-in-the-end"
                value={`${formatNumber(soak.saturationPercent, 0)} %`}
                label="most moisture"
                note={`63 % of it in ${formatNumber(soak.tauSeconds / 60, 1)} min`}
              />
            )}
          </div>
          <PaperColourField paper={paper} />
          <Details paper={paper} />
        </section>
      </div>
      <section aria-label="What could stand in" className="mt-6 border-t border-line pt-4">
        <h2 className="station-title mb-1">Substitutes</h2>
        <ol>
          {substitutesFor(paper, others).map(({ paper: other, differences, steps }) => (
            <li key={other.id} className="flex flex-wrap items-baseline gap-x-4 border-t border-line py-1.5">
              <Link
                href={`/store/papers/${other.id}`}
                className="inline-flex min-h-6 font-semibold underline-offset-4 hover:underline"
              >
                {other.name}
              </Link>
              <span>{differences.length === 0 ? 'the same by every number' : differences.join('; ')}</span>
              <span className="text-sm text-muted">
                {formatNumber(steps, 1)} steps away
                {other.sheetsLeft === null ? '' : `, ${other.sheetsLeft} left`}
              </span>
            </li>
          ))}
        </ol>
        {others.length === 0 && <p className="text-sm">No other paper is in the store.</p>}
        <p className="mt-1 text-xs text-muted">
          A step: a tenth of the weight or the caliper, one grade of sizing, 3 ΔE00 of white (rule of thumb,
          no source). Prove on it before you trust it.
        </p>
      </section>
    </Panel>
  )
}

function StockBook({ paperId, book }: { paperId: string; book: readonly StockMove[] }) {
  const zone = useZone()
  const person = usePerson()
  const [kind, setKind] = useState<StockMoveKind>('received')
  const [sheets, setSheets] = useState<number | null>(null)
  const [lot, setLot] = useState('')
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const enter = async () => {
    const answer = await sendAct(enterStockAction, {
      paperId,
      kind,
      sheets: sheets ?? Number.NaN,
      lot,
      by: person,
    })
    setProblems(answer.ok ? [] : answer.problems)
    if (!answer.ok) return
    setSheets(null)
    setLot('')
  }
  return (
    <div className="border-t border-line pt-3">
      <h2 className="station-title mb-2">Stock movements</h2>
      <div className="grid items-end gap-3 sm:grid-cols-2">
        <SelectField
          label="What happened"
          value={kind}
          options={Object.entries(STOCK_MOVES)}
          onPick={(next) => setKind(next as StockMoveKind)}
        />
        <NumberField
          label="Sheets"
          digits={0}
          value={sheets}
          onValue={setSheets}
          problem={problemAt(problems, 'sheets')}
        />
        <TextField label="Lot or day" value={lot} onText={setLot} problem={problemAt(problems, 'lot')} />
        <PersonField problem={problemAt(problems, 'by')} />
      </div>
      <Problems problems={problems} except={['sheets', 'lot', 'by']} />
      <Button className="mt-3" onClick={() => void enter()}>
        Save the entry
      </Button>
      <ul className="mt-3 text-sm" aria-label="Entries">
        {book.map(({ id, kind: what, sheets: number, change, lot: from, at, by }) => (
          <li key={id} className="border-t border-line py-1">
            {saidDayOf(at, zone)}: {STOCK_MOVES[what].toLowerCase()} {number}
            {what === 'counted' ? ` (${change >= 0 ? '+' : '−'}${Math.abs(change)})` : ''}
            {from ? `, lot ${from}` : ''}, {by}
          </li>
        ))}
      </ul>
    </div>
  )
}

function Details({ paper }: { paper: StorePaper }) {
  const [details, setDetails] = useState({
    fibre: paper.fibre,
    sizing: paper.sizing,
    sides: paper.sides,
    pricePerSheet: paper.pricePerSheet,
    lowAt: paper.lowAt,
    note: paper.note,
  })
  const [isKept, setKept] = useState(true)
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const change = (patch: Partial<typeof details>) => {
    setDetails({ ...details, ...patch })
    setKept(false)
  }
  const keep = async () => {
    const answer = await sendAct(changePaperAction, { paperId: paper.id, details })
    setProblems(answer.ok ? [] : answer.problems)
    setKept(answer.ok)
  }
  return (
    <div className="grid gap-3 border-t border-line pt-3 sm:grid-cols-2">
      <TextField
        label="Fibre"
        value={details.fibre}
        onText={(fibre) => change({ fibre })}
        problem={problemAt(problems, 'fibre')}
      />
      <SelectField
        label="Sizing"
        value={details.sizing}
        options={Object.entries(SIZINGS)}
        onPick={(sizing) => change({ sizing: sizing as Sizing })}
      />
      <TextField
        label="Side to print on"
        value={details.sides}
        onText={(sides) => change({ sides })}
        problem={problemAt(problems, 'sides')}
        className="sm:col-span-2"
      />
      <NumberField
        label="Price of a sheet"
        digits={2}
        value={details.pricePerSheet}
        onValue={(pricePerSheet) => change({ pricePerSheet })}
        problem={problemAt(problems, 'pricePerSheet')}
        hint="in your own money; empty: not known"
      />
      <NumberField
        label="Reorder level"
        digits={0}
        value={details.lowAt}
        onValue={(lowAt) => change({ lowAt })}
        problem={problemAt(problems, 'lowAt')}
        hint="empty: no mark"
      />
      <TextField
        label="Note"
        value={details.note}
        onText={(note) => change({ note })}
        problem={problemAt(problems, 'note')}
        className="sm:col-span-2"
      />
      <Problems problems={problems} except={Object.keys(details)} />
      <Button disabled={isKept} onClick={() => void keep()}>
        {isKept ? 'Saved' : 'Save these words'}
      </Button>
    </div>
  )
}
