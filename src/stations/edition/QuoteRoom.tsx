'use client'

import { formatGrams } from '@/core/units/quantity'
import Link from 'next/link'
import { useState } from 'react'
import { quoteEdition, quoteInput, type QuoteInput } from '@/core/edition/quote'
import { describePlateLife, type PlateHistory } from '@/core/plate/plateLife'
import { PROOFS_TO_COME } from '@/core/record/sure'
import { formatNumber } from '@/core/units/length'
import { Button } from '@/ui/Button'
import { Figure } from '@/ui/Figure'
import { NumberField } from '@/ui/NumberField'
import { Panel } from '@/ui/Panel'
import { useBench, useJob } from '../across/bench/BenchContext'
import { Misfits } from '../across/bench/Misfits'
import { problemAt } from '../across/bench/problemAt'
import { quoteAnswer } from './answers'

interface QuoteRoomProps {
  editionSize: number
  pullsMade: number
  plateHistory: PlateHistory
  /** accepted and rejected prints of the whole workshop */
  history: { accepted: number; rejected: number }
  /** runs every sheet goes through, and how many of them at the press */
  runs: { all: number; press: number }
  gramsPerPull: number | null
  minutesPerPull: number | null
  pricePerSheet: number | null
  pricePerKg: number | null
}

type Typed = { [K in keyof QuoteInput]: number | null }
const COUNTS = [
  ['signed', 'Signed'],
  ['ap', 'Artist’s proofs'],
  ['pp', 'Printer’s proofs'],
  ['hc', 'Hors commerce'],
  ['proofs', 'Proofs to the BAT'],
] as const
const RATES = [
  ['gramsPerPull', 'Ink a pull', 'g'],
  ['minutesPerPull', 'Time a pull', 'min'],
  ['minutesToSetUp', 'Setting up and cleaning', 'min'],
  ['pricePerSheet', 'Price a sheet', ''],
  ['pricePerKg', 'Price of the ink, a kg', ''],
  ['hourly', 'An hour of work', ''],
  ['otherCosts', 'Other costs', ''],
] as const

/** What an edition takes, before it is accepted: sheets, ink, hours, plate, and what one print costs. */
export function QuoteRoom({
  editionSize,
  pullsMade,
  plateHistory,
  history,
  runs,
  gramsPerPull,
  minutesPerPull,
  pricePerSheet,
  pricePerKg,
}: QuoteRoomProps) {
  const bench = useBench()
  const job = useJob()
  const round = (value: number | null, digits: number) =>
    value === null ? null : Number(value.toFixed(digits))
  const [typed, setTyped] = useState<Typed>({
    signed: editionSize,
    ap: Math.floor(editionSize / 10),
    pp: 1,
    hc: 0,
    proofs: PROOFS_TO_COME,
    gramsPerPull: round(gramsPerPull, 2) ?? 3,
    minutesPerPull: round(minutesPerPull, 1) ?? 25,
    minutesToSetUp: 60,
    pricePerSheet: pricePerSheet ?? 0,
    pricePerKg: round(pricePerKg, 2) ?? 0,
    hourly: 0,
    otherCosts: 0,
    confidence: 0.9,
  })
  const parsed = quoteInput.safeParse(
    Object.fromEntries(Object.entries(typed).map(([key, value]) => [key, value ?? Number.NaN])),
  )
  const problems = parsed.success
    ? []
    : parsed.error.issues.map(({ path, message }) => ({ field: path.join('.'), message }))
  const quote =
    parsed.success && bench.plate
      ? quoteEdition(
          parsed.data,
          history,
          {
            ...bench.plate,
            pullsMade,
            history: { ...plateHistory, here: job.beside.standsHere[bench.plate.kind] ?? null },
          },
          runs,
        )
      : null
  const field = (key: keyof QuoteInput, label: string, unit: string) => (
    <NumberField
      key={key}
      label={label}
      unit={unit || undefined}
      value={typed[key]}
      onValue={(value) => setTyped({ ...typed, [key]: value })}
      problem={problemAt(problems, key)}
    />
  )
  if (!bench.plate)
    return (
      <Panel
        title="Quote"
        answer={{
          says: 'Set the plate first',
          because: 'How long it lasts is part of the quote.',
          asks: { words: 'Go to the plate', page: `/jobs/${job.slug}/plate` },
        }}
      />
    )
  return (
    <Panel
      title="Quote"
      answer={quoteAnswer(quote)}
      aside={
        <span className="screen-only flex gap-4">
          <Link
            href={`/jobs/${job.slug}/edition`}
            className="inline-flex min-h-11 items-center underline underline-offset-4"
          >
            Back to the edition
          </Link>
          <Button onClick={() => window.print()}>Print to hand over</Button>
        </span>
      }
    >
      <p className="mb-3">{job.title}</p>
      <div className="screen-only grid grid-cols-2 gap-3 sm:grid-cols-3 xl:grid-cols-6">
        {COUNTS.map(([key, label]) => field(key, label, ''))}
        {RATES.map(([key, label, unit]) => field(key, label, unit))}
      </div>
      {quote && (
        <div className="mt-4 border-t border-line pt-4">
          <p className="hidden print:block">
            {COUNTS.map(([key, label]) => `${label} ${typed[key]}`).join(', ')}; the BAT, the approved proof,
            stays with the printer.
          </p>
          <div className="flex flex-wrap gap-x-10 gap-y-4">
            <Figure name="quote-accepted" value={quote.accepted} label="prints accepted" />
            <Figure
              name="quote-starts"
              value={quote.starts}
              label={`starts, 9 in 10 sure`}
              note={
                runs.all === 1
                  ? `by ${history.accepted} accepted and ${history.rejected} rejected here`
                  : `through ${runs.all} runs; ink and hours for ${runs.press} of them at the press, each taken to be as this one`
              }
            />
            <Figure name="quote-sheets" value={quote.sheets} label="sheets, proofs with them" />
            <Figure
              name="quote-ink"
              value={formatGrams(quote.inkGrams, 0)}
              label="ink used up"
              note="what is carded off goes back to the slab"
            />
            <Figure name="quote-hours" value={`${formatNumber(quote.hours, 1)} h`} label="of work" />
            <Figure
              name="quote-a-print"
              value={formatNumber(quote.perAccepted, 2)}
              label="a print"
              note={`${formatNumber(quote.total, 2)} in all`}
            />
          </div>
          <p className="mt-3">
            Plate: <span data-figure="plate-life">{describePlateLife(quote.life)}</span>.
          </p>
          <Misfits of="paper" />
          {quote.plateWords && (
            <p role="alert" className="font-semibold text-signal">
              ◆ {quote.plateWords}
            </p>
          )}
          <table className="mt-3 w-full max-w-xl text-left">
            <tbody>
              {quote.lines.map(({ label, sum, cost }) => (
                <tr key={label} className="border-t border-line">
                  <th scope="row" className="py-1 font-medium">
                    {label}
                  </th>
                  <td className="text-sm text-muted">{sum}</td>
                  <td className="text-right tabular-nums">{formatNumber(cost, 2)}</td>
                </tr>
              ))}
              <tr className="border-t-2 border-text font-semibold">
                <th scope="row" className="py-1">
                  In all
                </th>
                <td />
                <td className="text-right tabular-nums">{formatNumber(quote.total, 2)}</td>
              </tr>
            </tbody>
          </table>
          <p className="mt-2 text-xs text-muted">
            These are costs; set your own price. What must be disclosed with an edition differs from place to
            place.
          </p>
        </div>
      )}
    </Panel>
  )
}
