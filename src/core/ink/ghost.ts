/** What a ghost keeps of the first impression before anybody judged one: 20 to 40 % [from memory]. */
export const USUAL_GHOST = 0.3
/** Judged ghosts that weigh as much as the memory [rule of thumb, no source]. */
const MEMORY_WEIGHS = 2

/** Steps by which a ghost is judged, shares of the first film. */
export const GHOST_STEPS = [0.1, 0.2, 0.3, 0.4, 0.5, 0.6] as const

/** What a ghost is expected to keep. */
export interface LearnedGhost {
  /** of the first impression's film */
  share: number
  /** ghosts judged in this workshop */
  from: number
}

/**
 * What a ghost keeps, from those judged so far and from memory: the mean of both, in which the memory weighs as much as two ghosts.
 *
 * @param shares of the first film, 0 to 1
 */
export const learnGhost = (shares: readonly number[]): LearnedGhost => ({
  share:
    (USUAL_GHOST * MEMORY_WEIGHS + shares.reduce((sum, one) => sum + one, 0)) /
    (MEMORY_WEIGHS + shares.length),
  from: shares.length,
})
