import type { Sizing } from '../paper/substitutes'

/** Below this weight a damp sheet does not carry itself, g/m² [common practice, no source]. */
const LIGHT_GSM = 120

/** How a print is taken off its plate, by what is known of the paper [common practice, no source]. */
export function peelingSteps({
  gsm,
  sizing,
  isDamp,
}: {
  gsm: number
  sizing: Sizing
  isDamp: boolean
}): string[] {
  const isSoft = isDamp && (sizing === 'waterleaf' || sizing === 'soft' || gsm < LIGHT_GSM)
  return [
    'Hold the far edge down with one hand; with clean fingers or paper clips take the two near corners.',
    isSoft
      ? 'Soft paper: very slowly, low and rolled back over itself; stop where it clings, blow under it, and go on from the other corner.'
      : 'Slowly and evenly, rolled back rather than lifted straight up; look under it as it comes.',
    ...(gsm < LIGHT_GSM ? ['Light paper: lift it on a second sheet laid over, or on a dowel.'] : []),
    'If tissue clings, take print and tissue off together and part them flat on the table.',
  ]
}
