import type { SettingEntry } from './settingEntries'
import type { SettingStation } from './settings'

/** How a change is taken back: restoring settings on paper does not restore the plate, the ink or the felts. */
export interface WayBack {
  cost: 'seconds' | 'minutes' | 'next-sheet' | 'ink' | 'never'
  text: string
}

const seconds = (text: string): WayBack => ({ cost: 'seconds', text })
const nextSheet: WayBack = { cost: 'next-sheet', text: 'with the next sheet' }

type Value = SettingEntry | undefined
const minutes = (text: string): WayBack => ({ cost: 'minutes', text })

/** Ink put in comes out of no mix; what was left out can be added. */
function modifierBack(was: Value, is: Value): WayBack {
  const removed = Number(was?.value ?? 0) - Number(is?.value ?? 0)
  return removed > 0
    ? minutes(`add ${was!.write(removed)} again`)
    : { cost: 'ink', text: 'cannot come out: mix fresh' }
}

/** What the trade says of each kind of change, by station and setting [common practice, no source]; `else`: of every other setting there. */
/** What is read at the press, of the first pass and of those after it. */
const readings = Object.fromEntries(
  ['turns', 'pass2', 'pass3', 'pass4', 'pass5', 'pass6'].flatMap((pass) =>
    ['Left', 'Right'].map((side) => [`${pass}${side}`, () => seconds('at the press: 10 s')]),
  ),
)

const WAYS: Record<
  SettingStation,
  Record<string, (was: Value, is: Value) => WayBack> & { else: (was: Value, is: Value) => WayBack }
> = {
  plate: {
    state: () => ({ cost: 'never', text: 'never: the plate has been worked' }),
    name: () => minutes('put the other plate back'),
    surface: () => minutes('clean the plate off and ink it the other way'),
    else: () => ({ cost: 'never', text: 'never: the plate itself was altered or measured anew' }),
  },
  ink: {
    modifier: modifierBack,
    plateC: () => minutes('hotplate: about 5 min'),
    roomC: () => minutes('the room: not yours to set; correct with plate or oil'),
    else: () => ({ cost: 'ink', text: 'mix fresh from the card' }),
  },
  wipe: { else: () => seconds('with the next wipe') },
  paper: { else: () => nextSheet },
  press: {
    ...readings,
    passes: () => seconds('with the next pull'),
    name: () => minutes('carry the plate to the other press'),
    else: () => minutes('restack: about 3 min'),
  },
  register: { else: () => nextSheet },
}

/** How to take one change back, from `is` to `was`. @param key the setting's stable name, `station.setting` */
export function wayBack(key: string, was: Value, is: Value): WayBack {
  const [station, setting] = key.split('.')
  const ways = WAYS[station as SettingStation]
  return (ways[setting] ?? ways.else)(was, is)
}
