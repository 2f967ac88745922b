/** Grams in a cubic centimetre of a soft rag or kozo sheet as it is sold, air dry [from memory: 300 g/m² measures 0.5 to 0.6 mm]. */
const SHEET_DENSITY = 0.55

/** What is written beside a paper whose thickness nobody measured. */
export const CALIPER_TAKEN = 'Caliper taken from its weight, not measured.'

/**
 * How thick a sheet usually is for its weight, to begin with where nobody has a caliper at hand: weight by area over density.
 *
 * @param gsm grams a square metre, more than 0 @returns millimetres, to a hundredth, at least one hundredth
 * @example usualCaliperMm(300) // 0.55
 */
export const usualCaliperMm = (gsm: number): number =>
  Math.max(0.01, Number((gsm / 1000 / SHEET_DENSITY).toFixed(2)))
