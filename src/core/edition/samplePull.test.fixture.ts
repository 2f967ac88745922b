import { sampleSettings } from '../prove/sampleSettings.test.fixture'
import type { Pull, PullEvent } from './pull'

/** When sample pulls are made. */
export const SAMPLE_MOMENT = '2031-05-02T09:30:00.000Z'

/** An event as it is kept of a sample pull. */
export const kept = (event: PullEvent) => ({ event, at: SAMPLE_MOMENT, by: 'Ida Quill', why: null })

/** A pull of the edition with what was seen of it. */
export const samplePull = (
  number: number,
  events: readonly PullEvent[] = [],
  more: Partial<Pull> = {},
): Pull => ({
  id: `p${number}`,
  number,
  kind: 'edition',
  pulledAt: SAMPLE_MOMENT,
  zone: 'Etc/UTC',
  estimated: false,
  settings: sampleSettings,
  hands: { inked: 'Ida Quill', wiped: null, laid: null },
  expected: null,
  expectation: '',
  batVersion: 1,
  events: events.map(kept),
  ...more,
})
