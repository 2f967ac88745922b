import type { Bench, SettingStation } from './settings'
import { settingEntries, type SettingEntry } from './settingEntries'
import { wayBack, type WayBack } from './wayBack'

/** One setting that is not the same in two benches. */
export interface SettingDifference {
  key: string
  station: SettingStation
  label: string
  /** null: was not there before */
  before: string | null
  /** null: is no longer there */
  after: string | null
  /** after − before where both are numbers */
  delta: number | null
  /** the change in the shop's words: "Left screw 1/4 turn tighter" */
  words: string
  /** how to get from after back to before */
  wayBack: WayBack
}

/** Readings of both sides of the press. */
const SIDES = ['press.turnsLeft', 'press.turnsRight'] as const

/** What was set otherwise, by how much and which way: "Left screw 1/4 turn tighter". */
const readingChange = (label: string, delta: number, { presses, write }: SettingEntry): string =>
  `${label} ${write(Math.abs(delta))} ${delta * presses!.sign > 0 ? presses!.more : presses!.less}`

function inWords(
  entry: SettingEntry,
  before: SettingEntry | undefined,
  after: SettingEntry | undefined,
  delta: number | null,
): string {
  if (delta !== null) {
    if (entry.presses) return readingChange(entry.label, delta, entry)
    const amount = entry.write(Math.abs(delta))
    return `${entry.label} ${delta > 0 ? '+' : '−'}${amount} (${before!.text} → ${after!.text})`
  }
  if (!before) return `${entry.label} added: ${after!.text}`
  if (!after) return `${entry.label} left out (was ${before.text})`
  return `${entry.label}: ${before.text} → ${after.text}`
}

/** Both sides moved alike are one act at the press, and one change. */
function joinSides(differences: SettingDifference[], entry: SettingEntry | undefined): SettingDifference[] {
  const [left, right] = SIDES.map((key) => differences.find((one) => one.key === key))
  if (!entry?.presses || !left || !right || left.delta === null || right.delta === null) return differences
  if (Math.abs(left.delta - right.delta) > 1e-9) return differences
  // "Left screw" and "Right screw" are "Both screws".
  const label = `Both ${left.label.split(' ')[1]}s`
  const both = (a: string | null, b: string | null) => (a === b ? a : `${a} left, ${b} right`)
  const joined: SettingDifference = {
    ...left,
    key: 'press.turns',
    label,
    before: both(left.before, right.before),
    after: both(left.after, right.after),
    words: readingChange(label, left.delta, entry),
  }
  return differences.filter((one) => one !== right).map((one) => (one === left ? joined : one))
}

/** Whose setting it is among a run's inks: the name of a setting with the mix it is of. */
const mixOf = (key: string): string => key.split('#')[1] ?? ''

/** An ink that came onto the plate or was left out is one change, and not one for each of its parts. */
function joinInks(differences: SettingDifference[]): SettingDifference[] {
  const isName = ({ key }: SettingDifference) => key.split('#')[0] === 'ink.name'
  const whole = new Set(
    differences
      .filter((one) => isName(one) && (one.before === null || one.after === null))
      .map(({ key }) => mixOf(key)),
  )
  return differences.filter(
    (one) =>
      one.station !== 'ink' ||
      isName(one) ||
      !whole.has(mixOf(one.key)) ||
      (one.before !== null && one.after !== null),
  )
}

/** What changed from one bench to another, in working order; what is left out stands with its station. */
export function compareSettings(before: Bench, after: Bench): SettingDifference[] {
  const earlier = new Map(settingEntries(before).map((entry) => [entry.key, entry]))
  const later = new Map(settingEntries(after).map((entry) => [entry.key, entry]))
  const order = (Object.keys(after) as string[]).filter((key) => key !== 'version' && key !== 'origins')
  const differences = [...new Set([...earlier.keys(), ...later.keys()])]
    .flatMap((key): SettingDifference[] => {
      const was = earlier.get(key)
      const is = later.get(key)
      if (was && is && was.value === is.value) return []
      const entry = (is ?? was)!
      const delta =
        was && is && typeof was.value === 'number' && typeof is.value === 'number'
          ? is.value - was.value
          : null
      if (delta !== null && Math.abs(delta) < 1e-9) return []
      return [
        {
          key,
          station: entry.station,
          label: entry.label,
          before: was?.text ?? null,
          after: is?.text ?? null,
          delta,
          words: inWords(entry, was, is, delta),
          wayBack: wayBack(key, was, is),
        },
      ]
    })
    .sort((a, b) => order.indexOf(a.station) - order.indexOf(b.station))
  const joined = (before.ink && after.ink ? joinInks(differences) : differences).filter(
    // A piece of chine collé that comes or goes is one change.
    (one) => !one.key.startsWith('register.colleLaid.') || (one.before !== null && one.after !== null),
  )
  return joinSides(joined, later.get(SIDES[0]))
}
