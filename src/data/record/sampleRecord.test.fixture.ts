import { USUAL_SIGNING } from '@/core/dry/numbering'
import { runWishSchema, type Run } from '@/core/edition/runs'
import { sampleSettings } from '@/core/prove/sampleSettings.test.fixture'
import type { Bench } from '@/core/prove/settings'
import { usualTolerances } from '@/core/prove/tolerance'
import type { Bat } from '@/core/record/jobFile'
import type { JobRecord } from './jobRecord'

const at = '2031-05-02T09:30:00.000Z'

/** A first run with its bench. */
export const sampleRun = (bench: Bench = sampleSettings): Run => ({
  position: 0,
  ...runWishSchema.parse({ name: 'Key plate' }),
  bench,
  earlierPulls: 0,
})

/** A job that was just begun. */
export const sampleRecord = (more: Partial<JobRecord> = {}): JobRecord => ({
  id: 'j',
  slug: 'mooring-posts',
  title: 'Mooring posts',
  artist: 'Ida Quill',
  editionSize: 2,
  revision: 5,
  createdAt: at,
  openRun: 0,
  purpose: 'edition',
  credits: [],
  putAway: null,
  putAwayAt: null,
  templateAt: null,
  signing: USUAL_SIGNING,
  runs: [sampleRun()],
  sheetMarks: [],
  givenSheets: [],
  plateStates: [],
  pulls: [],
  withdrawn: [],
  bats: [],
  prints: [],
  dryings: [],
  aside: [],
  ...more,
})

/** An approved proof `p`. */
export const sampleBat: Bat = {
  version: 1,
  proofPullId: 'p',
  runs: [
    {
      position: 0,
      settings: sampleSettings,
      tolerances: usualTolerances(sampleSettings),
      proofPullId: 'p',
      passes: {},
      fromPicture: null,
    },
  ],
  approvedBy: 'Ida Quill',
  approvedAt: at,
  reason: '',
  otherProofPullId: null,
  wetMinutes: null,
}
