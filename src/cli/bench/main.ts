import { benchAlarms } from './alarmsBench'
import { benchAmount } from './amountBench'
import { benchFaults } from './faultsBench'
import { benchInk } from './inkBench'
import { benchMatch } from './matchBench'
import { benchPlan } from './planBench'
import { benchPress } from './pressBench'
import { benchWear } from './wearBench'

/** Each bench prints what it measured beside what was wanted, and answers whether it was met. */
const BENCHES: Record<string, () => boolean | Promise<boolean>> = {
  alarms: benchAlarms,
  amount: benchAmount,
  faults: benchFaults,
  ink: benchInk,
  match: benchMatch,
  photographs: async () => (await import('./photographs/photographsBench')).benchPhotographs(process.argv[3]),
  plan: benchPlan,
  press: benchPress,
  wear: benchWear,
  log: async () => (await import('../../../e2e/logBench')).benchLog(),
  zones: async () => (await import('../../../e2e/zonesBench')).benchZones(),
}

const name = process.argv[2]
if (!name || !(name in BENCHES)) {
  console.error(`Which bench: ${Object.keys(BENCHES).join(', ')}`)
  process.exitCode = 2
} else if (!(await BENCHES[name]())) {
  console.log('Not all targets are met.')
  process.exitCode = 1
}
