import type { EyeReading, Hands, PullKind } from '@/core/edition/pull'
import type { Settings } from '@/core/prove/settings'
import {
  jobKey,
  json,
  key,
  optionalText,
  optionalTextOf,
  optionalWhole,
  text,
  textOf,
  whole,
  yesNo,
} from './columns'
import type { Migration } from './migration'

/** Pulls that were entered by mistake: out of every count, and kept whole. What was said of them stays among the events of pulls. */
export const m0011Withdrawn = {
  name: '0011-withdrawn',
  columns: {
    withdrawn_pulls: {
      jobId: jobKey,
      id: key,
      runPosition: whole,
      kind: textOf<PullKind>(),
      number: whole,
      sheet: whole,
      paperId: text,
      pulledAt: text,
      zone: text,
      estimated: yesNo,
      settings: json<Settings>(),
      hands: json<Hands>(),
      expected: optionalTextOf<EyeReading>(),
      expectation: text,
      batVersion: optionalWhole,
      at: text,
      by: text,
      byId: { ...optionalText, references: { model: 'people', key: 'id' } },
      why: text,
    },
  },
  indexes: [],
} satisfies Migration
