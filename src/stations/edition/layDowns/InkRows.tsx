import { FILM_PLACES } from '@/core/edition/layDownWords'
import type { LaidInk, LayDown } from '@/core/edition/layDown'
import type { LaidFilmKey } from '@/core/edition/laidPlaces'
import { Button } from '@/ui/Button'
import { Choice } from '@/ui/Choice'
import { SelectField, TextField } from '@/ui/Field'
import { Swatch } from '../../ink/Swatch'
import { whiteOf } from '../../ink/whiteOf'
import {
  FRESH_ROW,
  inkChoices,
  inksOf,
  lookAt,
  WHITE_STEPS,
  type InkRow,
  type LayDownBench,
} from './nextLayDown'

const FILMS: [LaidFilmKey, string][] = [
  ['thin', 'thin'],
  ['usual', 'usual'],
  ['full', 'full'],
]
const PLACES = Object.entries(FILM_PLACES) as [LaidInk['place'], string][]

/** The inks of a lay-down, each with its place by the tape, how thick it lies, and white tried step by step over what is there. */
export function InkRows({
  rows,
  layDowns,
  bench,
  areas,
  onRows,
}: {
  rows: readonly InkRow[]
  layDowns: readonly LayDown[]
  bench: LayDownBench
  areas: readonly string[]
  onRows: (rows: InkRow[]) => void
}) {
  const change = (at: number, patch: Partial<InkRow>) =>
    onRows(rows.map((row, i) => (i === at ? { ...row, ...patch } : row)))
  return (
    <>
      <datalist id="places-of-the-print">
        {areas.map((area) => (
          <option key={area} value={area} />
        ))}
      </datalist>
      {rows.map((row, i) => (
        <fieldset key={i} className="grid gap-3 border-l-4 border-line pl-3">
          <legend className="sr-only">Ink {i + 1}</legend>
          <SelectField
            label={rows.length > 1 ? `Ink ${i + 1}` : 'Ink'}
            value={row.source}
            options={inkChoices(bench.mixes, bench.inks)}
            onPick={(source) => change(i, { source })}
          />
          <Whites row={row} layDowns={layDowns} bench={bench} onPick={(white) => change(i, { white })} />
          <div className="flex flex-wrap items-end gap-3">
            <Choice
              label={`How thick ink ${i + 1} lies`}
              value={row.film}
              options={FILMS}
              onPick={(film) => change(i, { film })}
            />
            <Choice
              label={`Where ink ${i + 1} lies`}
              value={row.place}
              options={PLACES}
              onPick={(place) => change(i, { place })}
            />
          </div>
          {row.place !== 'all' && (
            <TextField
              label={row.place === 'within' ? 'The place the tape leaves open' : 'The place the tape covers'}
              list="places-of-the-print"
              value={row.area}
              onText={(area) => change(i, { area })}
              hint="Low-tack tape: try it on a scrap, lift it slowly and flat."
            />
          )}
        </fieldset>
      ))}
      <div className="flex flex-wrap gap-3">
        {rows.length < 8 && (
          <Button onClick={() => onRows([...rows, { ...FRESH_ROW, place: 'within' }])}>
            Another ink beside it
          </Button>
        )}
        {rows.length > 1 && <Button onClick={() => onRows(rows.slice(0, -1))}>Leave the last one out</Button>}
      </div>
    </>
  )
}

/** An ink with more and more white, over what lies at its place. */
function Whites({
  row,
  layDowns,
  bench,
  onPick,
}: {
  row: InkRow
  layDowns: readonly LayDown[]
  bench: LayDownBench
  onPick: (white: number) => void
}) {
  if (!row.source || !whiteOf(bench.inks)) return null
  const place = row.place === 'within' ? row.area : null
  return (
    <div className="grid grid-cols-4 gap-2" role="group" aria-label="White stirred in">
      {WHITE_STEPS.map(([white, words]) => {
        const rows = [{ ...row, white, place: 'all' as const }]
        const inks = inksOf({ way: 'slab', tool: 'rolled', marks: '', rows }, bench)
        const look = inks && lookAt([...layDowns, { inks }], place, bench)
        return (
          <button
            key={words}
            type="button"
            aria-pressed={row.white === white}
            onClick={() => onPick(white)}
            className="grid min-h-14 place-items-center gap-1 border border-edge bg-raised p-1 text-sm aria-pressed:border-2 aria-pressed:border-text"
          >
            <span aria-hidden className="w-full">
              {look && <Swatch colours={[look]} label="" className="h-10 w-full" />}
            </span>
            {words}
          </button>
        )
      })}
    </div>
  )
}
