import { SAMPLE_MOMENT, samplePull } from '../edition/samplePull.test.fixture'
import { sampleSettings } from '../prove/sampleSettings.test.fixture'
import { usualTolerances } from '../prove/tolerance'
import { JOB_FILE_VERSION, type JobFile } from './jobFile'

/** A job of one proof that was approved and signed. */
export const sampleJobFile: JobFile = {
  format: 'typothesis-job',
  version: JOB_FILE_VERSION,
  exportedAt: SAMPLE_MOMENT,
  job: {
    title: 'Mooring posts',
    artist: 'Ida Quill',
    editionSize: 1,
    createdAt: SAMPLE_MOMENT,
    openRun: 0,
    purpose: 'edition',
    credits: [{ role: 'Printed by', name: 'Tam Brocket' }],
  },
  runs: [
    {
      position: 0,
      name: 'Key plate',
      kind: 'plate',
      between: 'dry-damp',
      waitHours: 0,
      bench: sampleSettings,
      earlierPulls: 0,
    },
  ],
  plateStates: [{ state: 1, note: '', openedAt: SAMPLE_MOMENT }],
  pulls: [
    {
      ...samplePull(1, [{ kind: 'eye', reading: 'same' }], { kind: 'proof', batVersion: null }),
      runPosition: 0,
      sheet: 1,
      paperId: 'heron',
    },
  ],
  bats: [
    {
      version: 1,
      proofPullId: 'p1',
      runs: [
        {
          position: 0,
          settings: sampleSettings,
          tolerances: usualTolerances(sampleSettings),
          proofPullId: 'p1',
          passes: { tone: 'both' },
          fromPicture: null,
        },
      ],
      approvedBy: 'Ida Quill',
      approvedAt: SAMPLE_MOMENT,
      reason: '',
      otherProofPullId: null,
      wetMinutes: null,
    },
  ],
  prints: [{ pullId: 'p1', kind: 'BAT', number: 1, mark: 'BAT', numberedAt: SAMPLE_MOMENT }],
  dryings: [],
  inks: [],
  zoneMaps: [],
  makings: [],
  watchSpots: [],
  facings: [],
  collePieces: [],
  misfits: [],
  unlocks: [],
  custody: [],
  sheetMarks: [],
  givenSheets: [],
  withdrawn: [],
  roster: null,
  signing: { style: 'roman', marking: 'numbered', imp: '', chop: 'none', signer: 'artist' },
}
