import type { SettingEntry } from './settingEntries'

/** How a change is taken back: restoring settings on paper does not restore the plate, the ink or the felts. */
export interface WayBack {
  cost: 'seconds' | 'minutes' | 'next-sheet' | 'ink' | 'never'
  text: string
}

const seconds = (text: string): WayBack => ({ cost: 'seconds', text })
const nextSheet: WayBack = { cost: 'next-sheet', text: 'with the next sheet' }

/** What the trade says of each kind of change [common practice, no source]; the first rule that fits the key holds. */
const RULES: readonly [
  prefix: string,
  back: (was: SettingEntry | undefined, is: SettingEntry | undefined) => WayBack,
][] = [
  ['plate.state', () => ({ cost: 'never', text: 'never: the plate has been worked' })],
  ['plate.name', () => ({ cost: 'minutes', text: 'put the other plate back' })],
  ['plate.', () => ({ cost: 'never', text: 'never: the plate itself was altered or measured anew' })],
  [
    'ink.modifier.',
    (was, is) => {
      const removed = Number(was?.value ?? 0) - Number(is?.value ?? 0)
      return removed > 0
        ? { cost: 'minutes', text: `add ${was!.write(removed)} again` }
        : { cost: 'ink', text: 'cannot come out: mix fresh' }
    },
  ],
  ['ink.plateC', () => ({ cost: 'minutes', text: 'hotplate: about 5 min' })],
  ['ink.roomC', () => ({ cost: 'minutes', text: 'the room: not yours to set; correct with plate or oil' })],
  ['ink.', () => ({ cost: 'ink', text: 'mix fresh from the card' })],
  ['wipe.', () => seconds('with the next wipe')],
  ['paper.', () => nextSheet],
  ['press.turns', () => seconds('screws: 10 s')],
  ['press.passes', () => seconds('with the next pull')],
  ['press.name', () => ({ cost: 'minutes', text: 'carry the plate to the other press' })],
  ['press.', () => ({ cost: 'minutes', text: 'restack: about 3 min' })],
  ['register.', () => nextSheet],
]

/** How to take one change back, from `is` to `was`. */
export function wayBack(key: string, was: SettingEntry | undefined, is: SettingEntry | undefined): WayBack {
  return RULES.find(([prefix]) => key.startsWith(prefix))![1](was, is)
}
