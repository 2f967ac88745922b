import { counted, plural } from '../units/counted'
import { formatNumber } from '../units/length'
import { RUN_KINDS, sheetLines, sheetsWaiting, type Run, type SheetMark, type SheetsRecord } from './runs'

/**
 * Days in which oil ink on a sheet is usually dry to the touch; heavy blacks take weeks, and it needs air [common practice, no source].
 * Flat is not dry: under weight a sheet is flat in 1 to 5 days.
 */
export const TOUCH_DRY_DAYS = { from: 2, by: 10 } as const

/** What is looked at before ink goes onto ink [common practice, no source]. */
export const TISSUE_TEST = 'White tissue pressed on the darkest passage lifts nothing'

/** Where it is said, for whoever stands elsewhere. */
export const SAY_DRY_AT = 'Press a white tissue on one, and say at Runs what it lifts.'

const DAY_MS = 86_400_000

/**
 * How dry a sheet is that waits for a run: `tested` with a tissue, `overridden` by somebody who knew it, else by its time: `wet` before ink
 * is usually dry, `maybe` while it depends on ink and room, `dry` after that.
 */
export type DryStanding = 'tested' | 'overridden' | 'wet' | 'maybe' | 'dry'

/** One sheet that waits to be dry. */
export interface WaitingToDry {
  sheet: number
  standing: DryStanding
  /** since it was last printed or worked on */
  days: number
}

/** Whether a sheet may go on. */
export const mayGoOn = ({ standing }: Pick<WaitingToDry, 'standing'>): boolean =>
  standing !== 'wet' && standing !== 'maybe'

/** Whether a run wants its sheets dry. */
const wantsDry = ({ between }: Pick<Run, 'between'>): boolean => between === 'dry' || between === 'dry-damp'

function standingAfter(days: number, { waitHours }: Pick<Run, 'waitHours'>): DryStanding {
  const from = waitHours > 0 ? waitHours / 24 : TOUCH_DRY_DAYS.from
  if (days < from) return 'wet'
  return days < Math.max(from, TOUCH_DRY_DAYS.by) ? 'maybe' : 'dry'
}

/** When a sheet was last worked on before a run; null: nobody knows. */
function workedAt({ runs, pulls, sheetMarks, givenSheets }: SheetsRecord, sheet: number, at: number) {
  if (at === 0) return givenSheets.find((given) => given.sheet === sheet)?.printedAt ?? null
  const { kind, position } = runs[at - 1]
  const done = RUN_KINDS[kind].press
    ? pulls.find((pull) => pull.sheet === sheet && pull.runPosition === position)?.pulledAt
    : sheetMarks.findLast((mark) => mark.sheet === sheet && mark.runPosition === position)?.at
  return done ?? null
}

/**
 * How dry the sheets are that wait for a run; none where it wants no dry sheets, or they are fresh. An existing print of which nobody
 * knows when it was printed is taken as dry.
 *
 * @param at the run's place in the order, from 0 @param now ISO 8601 in UTC
 */
export function waitingToDry(record: SheetsRecord, at: number, now: string): WaitingToDry[] {
  const { runs, sheetMarks: marks } = record
  if (at < 0 || !wantsDry(runs[at])) return []
  const run = runs[at]
  return sheetLines(record)
    .filter(({ steps }) => steps[at] === 'waiting')
    .map(({ sheet }) => {
      const since = workedAt(record, sheet, at)
      if (since === null && at === 0) return { sheet, days: TOUCH_DRY_DAYS.by, standing: 'dry' as const }
      const days = Math.max(0, (Date.parse(now) - Date.parse(since ?? now)) / DAY_MS)
      const said = marks.findLast(
        (mark) =>
          mark.sheet === sheet &&
          mark.runPosition === run.position &&
          (mark.mark === 'dry' || mark.mark === 'wet'),
      )
      if (said) return { sheet, days, standing: said.mark === 'dry' ? 'tested' : 'overridden' }
      return { sheet, days, standing: standingAfter(days, run) }
    })
}

/**
 * Sheets that can go under the roller in a run, the next first: those that wait for it and are not wet.
 *
 * @param at the run's place in the order, from 0 @param now ISO 8601 in UTC; null: they were printed already, dry or not
 */
export function sheetsToPrint(record: SheetsRecord, at: number, now: string | null): number[] {
  const drying = now === null ? [] : waitingToDry(record, at, now)
  const wet = new Set(drying.filter((one) => !mayGoOn(one)).map(({ sheet }) => sheet))
  return sheetsWaiting(sheetLines(record), at).filter((sheet) => !wet.has(sheet))
}

/** Why sheets do not go on yet, in words; null: one may. */
export function dryingWords(waiting: readonly WaitingToDry[]): string | null {
  if (waiting.length === 0 || waiting.some(mayGoOn)) return null
  const most = Math.max(...waiting.map(({ days }) => days))
  const sheets = counted(waiting.length, 'sheet')
  const lie = `${sheets} ${plural(waiting.length, 'lies', 'lie')} ${most < 1 ? 'less than a day' : `${formatNumber(most, 0)} ${plural(Math.floor(most), 'day', 'days')}`}`
  return `${lie}: oil ink is dry to the touch in ${TOUCH_DRY_DAYS.from} to ${TOUCH_DRY_DAYS.by} days, heavy blacks in weeks. Flat is not dry.`
}

/** What was used on a sheet last in a run by hand, so that the next need not type it again; '': nothing yet. */
export const lastUsed = (marks: readonly SheetMark[], position: number): string =>
  marks.findLast(({ runPosition, mark }) => runPosition === position && mark === 'done')?.why ?? ''
