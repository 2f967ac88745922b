'use client'

import { X } from 'lucide-react'
import {
  EMPTY_ROW,
  pasteRows,
  USUAL_PERSON,
  type PersonCell,
  type PersonRow,
  type RowProblem,
} from '@/core/day/peopleRows'

const HEADS: readonly [PersonCell, string, string][] = [
  ['name', 'Name', ''],
  ['prepMinutes', 'Preparing, min', String(USUAL_PERSON.prepMinutes)],
  ['pressMinutes', 'At the press, min', String(USUAL_PERSON.pressMinutes)],
  ['thicknessMm', 'Plate, mm', String(USUAL_PERSON.thicknessMm)],
]

/** Who prints, a row each; a list copied from elsewhere is laid in where it is pasted. The last row is empty and asks for the next. */
export function PeopleTable({
  rows,
  problems,
  onRows,
}: {
  rows: readonly PersonRow[]
  problems: readonly RowProblem[]
  onRows: (rows: PersonRow[]) => void
}) {
  const shown = [...rows, EMPTY_ROW]
  const change = (at: number, cell: PersonCell, text: string) =>
    onRows(
      shown
        .map((row, i) => (i === at ? { ...row, [cell]: text } : row))
        .slice(0, Math.max(rows.length, at + 1)),
    )
  return (
    <div className="overflow-x-auto">
      <table className="w-full">
        <caption className="sr-only">People and their plates</caption>
        <thead className="text-left text-sm text-muted">
          <tr>
            {HEADS.map(([cell, label]) => (
              <th key={cell} scope="col" className="pr-2 font-normal">
                {label}
              </th>
            ))}
            <th>
              <span className="sr-only">Remove</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {shown.map((row, at) => {
            const wrong = problems.filter((problem) => problem.row === at)
            return (
              <tr key={at} className="align-top">
                {HEADS.map(([cell, label, usual]) => {
                  const problem = wrong.find((one) => one.cell === cell)
                  return (
                    <td key={cell} className={cell === 'name' ? 'pr-2 pb-1' : 'w-20 pr-2 pb-1'}>
                      <input
                        aria-label={`${label}, row ${at + 1}`}
                        aria-invalid={Boolean(problem)}
                        value={row[cell]}
                        placeholder={usual}
                        inputMode={cell === 'name' ? 'text' : 'decimal'}
                        className="min-h-11 w-full min-w-0 border border-edge bg-raised px-2 aria-[invalid=true]:border-2 aria-[invalid=true]:border-signal"
                        onChange={(event) => change(at, cell, event.target.value)}
                        onPaste={(event) => {
                          const next = pasteRows(rows, at, event.clipboardData.getData('text'))
                          if (!next) return
                          event.preventDefault()
                          onRows(next)
                        }}
                      />
                      {problem && (
                        <p role="alert" className="text-sm font-medium text-signal">
                          ◆ {problem.message}
                        </p>
                      )}
                    </td>
                  )
                })}
                <td>
                  {at < rows.length && (
                    <button
                      type="button"
                      aria-label={`Remove ${row.name || `row ${at + 1}`}`}
                      className="grid size-11 place-items-center"
                      onClick={() => onRows(rows.filter((_, i) => i !== at))}
                    >
                      <X size={18} aria-hidden />
                    </button>
                  )}
                </td>
              </tr>
            )
          })}
        </tbody>
      </table>
      <p className="text-sm text-muted">
        A list copied from a spreadsheet can be pasted into any row. What is left empty is taken as shown in
        grey.
      </p>
    </div>
  )
}
