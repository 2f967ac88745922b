/** How many of ten editions should come out with the sheets and the ink there are. */
export const SURE = 0.9

/** Proofs still to come while there is no BAT [common practice, no source]. */
export const PROOFS_TO_COME = 4
