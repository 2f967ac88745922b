import type { KnownBeside } from './jobNeed'

/** A workshop that knows nothing beside a job's record. */
export const NOTHING_BESIDE: KnownBeside = { weighings: [], facings: [], stock: null, standsHere: {} }
