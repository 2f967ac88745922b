/** What an ink is stiff enough, or soft enough, for; bounds in Pa·s at 20 °C, worked up [from memory; calibrate by what your shop does]. */
const WORK = [
  { work: 'mezzotint', from: 75, to: Infinity },
  { work: 'deep line', from: 55, to: 110 },
  { work: 'aquatint', from: 35, to: 75 },
  { work: 'card and plastic drypoint', from: 20, to: 60 },
  { work: 'surface roll', from: 8, to: 45 },
] as const

/** Work an ink of this stiffness suits, in words; viscosity is not tack, so this is a hint. */
export function inkSuits(viscosityPas: number): string[] {
  return WORK.filter(({ from, to }) => viscosityPas >= from && viscosityPas <= to).map(({ work }) => work)
}
