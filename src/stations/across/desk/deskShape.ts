import type { PlannedSegment } from '@/core/edition/meeting'
import type { RejectReason } from '@/core/edition/fault'
import type { EyeReading } from '@/core/edition/pull'
import type { Purpose } from '@/core/prove/purpose'
import type { Settings } from '@/core/prove/settings'

/** The newest shape of a desk: one kept on a device in an earlier shape is asked for anew. */
export const DESK_VERSION = 2

/** A numbered pull as the server has it. */
export interface DeskPull {
  id: string
  at: string
  decision: 'accepted' | 'set-aside' | 'rejected' | null
}

/** What a pull desk needs of its job. */
export interface Desk {
  version: typeof DESK_VERSION
  /** what the job stood at when this was read */
  stamp: string
  id: string
  slug: string
  title: string
  /** left out by earlier servers, which knew editions only */
  purpose?: Purpose
  editionSize: number
  runPosition: number
  /** why nothing can be pulled here; null: it can */
  stop: string | null
  settings: Settings | null
  batVersion: number | null
  plate: PlannedSegment[]
  sheet: PlannedSegment[]
  /** the last numbered pulls, oldest first */
  pulls: DeskPull[]
  /** how the segments of the last of them lay before the roller, s */
  courses: { rail: 'plate' | 'sheet'; secondsBefore: number }[][]
  nextNumber: number
  nextSheet: number
  accepted: number
  differences: string[]
  /** why the bench would not print as it stands; null: it would; left out by earlier servers */
  doubt?: string | null
  /** pressed by hand, where no roller pinches; left out by earlier servers */
  isByHand?: boolean
  outside: number
  check: string | null
  /** what earlier prints say of a fault, a sentence each; left out by earlier servers */
  album?: Partial<Record<RejectReason, string>>
  /** the day of the last numbered pull, and the warm-ups of the day this was read, with what the eye said of them */
  warm: { lastDay: string | null; today: string; eyes: { id: string; eye: EyeReading | null }[] }
}
