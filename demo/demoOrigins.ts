import type { Origins } from '@/core/document/origins'
import type { SettingStation } from '@/core/prove/settings'

/** What somebody took with caliper or thermometer rather than typed from memory. */
const MEASURED = new Set(['plate.thicknessMm', 'ink.mixes.0.roomC'])
/** What nobody touched. */
const LEFT = new Set(['plate.bevelDegrees', 'press.passes'])

/** Where the sample's values come from: most were typed, some measured, some left as they were laid out. */
export function demoOrigins(station: SettingStation, value: object): Origins {
  const paths =
    station === 'ink'
      ? Object.keys((value as { mixes: object[] }).mixes[0]).map((key) => `mixes.0.${key}`)
      : Object.keys(value)
  return Object.fromEntries(
    paths.map((path) => {
      const whole = `${station}.${path}`
      if (MEASURED.has(whole)) return [path, 'measured']
      return [path, LEFT.has(whole) ? 'default' : 'typed']
    }),
  )
}
