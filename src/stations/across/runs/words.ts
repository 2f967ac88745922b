import { BETWEEN_RUNS, RUN_KINDS, type Run, type RunTally, type SheetLine } from '@/core/edition/runs'
import { counted } from '@/core/units/counted'
import { formatNumber } from '@/core/units/length'

/** All of the runs, as they are spoken of. */
export const allRuns = (count: number): string => (count === 1 ? 'the run' : `all ${count} runs`)

/** What kind of run it is, and what is done to the sheet before it. @param isFirst nothing lies before it */
export function runWords({ kind, between, waitHours }: Run, isFirst: boolean): string {
  if (isFirst) return RUN_KINDS[kind].label
  const wait = waitHours > 0 ? `, ${formatNumber(waitHours, 1)} h` : ''
  return `${RUN_KINDS[kind].label}; the sheet ${BETWEEN_RUNS[between]} before it${wait}`
}

/** How many sheets are where with a run. @param isFirst fresh sheets begin in it, so that none waits */
export function tallyWords({ through, lost, waiting, open }: RunTally, isFirst: boolean): string {
  const parts = [`${through} through`, `${lost} lost`]
  if (!isFirst) parts.push(`${waiting} waiting`)
  if (open > 0) parts.push(`${open} open or set aside`)
  return `${parts.join(', ')}.`
}

/** Where a sheet is. @param waitsFor the run it waits for; null: none */
export function sheetWords(
  { isThrough, isLost }: Pick<SheetLine, 'isThrough' | 'isLost'>,
  waitsFor: Run | null,
): string {
  if (isThrough) return 'through'
  if (isLost) return '◆ ended'
  return waitsFor ? `waits for ${waitsFor.name}` : 'open at the edition'
}

/** How many sheets are to be begun, and whether that is anything. @param left prints still wanted */
export const freshWords = (
  fresh: number,
  left: number,
  runs: number,
): { begin: string | null; why: string } =>
  fresh > 0
    ? {
        begin: `${counted(fresh, 'sheet')} to begin`,
        why: ` so that the ${left} still wanted come out of ${allRuns(runs)}, 9 in 10 sure.`,
      }
    : { begin: null, why: `What is under way suffices for the ${left} still wanted, 9 in 10 sure.` }
