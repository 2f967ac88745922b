import type { Purpose } from './purpose'

/** What a purpose asks, and what it leaves out, for whoever chooses one. */
export const PURPOSE_NOTES: Record<Purpose, string> = {
  edition: 'A proof is approved as the BAT, and every print is held to it and numbered.',
  varied: 'The prints differ on purpose. The richest and the palest may be approved as a range, or none is.',
  unique:
    'Every print is one of its own: no approved proof, no edition number. Dried, signed and filed after the first.',
  test: 'What a plate or a press does. A trial proof carries its moment, and can be dried, signed and filed.',
  class:
    'Many people, each a plate of their own: who is up, what lies under each plate, and whose print is whose.',
}
