/** How many of ten editions should come out with the sheets and the ink there are. */
export const SURE = 0.9
