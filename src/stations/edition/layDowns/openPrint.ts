import type { LayDown } from '@/core/edition/layDown'
import { readPull } from '@/core/edition/readPull'
import type { Pull } from '@/core/edition/pull'

/** What was laid on a print so far. @param print null: a new one */
export const layDownsOf = (print: Pull | null): readonly LayDown[] => (print ? readPull(print).layDowns : [])

/** Whether a print is still being worked on. */
export const isOpenPrint = (print: Pull): boolean => readPull(print).decision === null

/** The print that is being worked on; '': none is, and the next begins a new one. */
export const openPrint = (pulls: readonly Pull[]): string => pulls.findLast(isOpenPrint)?.id ?? ''
