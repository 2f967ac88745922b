import type { Paste } from './laidPiece'

/**
 * What a square decimetre of piece takes of the paste as it is bought, grams, and the water to a gram of it [common practice, no source;
 * ready-made paste from memory: it is mostly water already].
 */
export const PASTE_AMOUNTS: Record<Paste, { called: string; gramsPerDm2: number; waterPerGram: number }> = {
  brushed: { called: 'starch', gramsPerDm2: 0.12, waterPerGram: 12 },
  'ready-made': { called: 'paste', gramsPerDm2: 0.6, waterPerGram: 1 },
  dusted: { called: 'paste powder', gramsPerDm2: 0.08, waterPerGram: 0 },
}
