import { readySample } from '../server'
import { cutOffDesks } from './desks'
import { killUnderWriters } from './kills'
import { loadMixed } from './load'
import { sendMalformed } from './malformed'

/** How much of each is tried; a word on the command line names one of them alone, a number after it how much. */
const TRIALS: Record<string, { much: number; run: (much: number) => Promise<object> }> = {
  kills: { much: 200, run: (kills) => killUnderWriters(kills, 1) },
  desks: {
    much: 10,
    run: async (hours) => {
      const sums: Record<string, number> = {}
      for (let seed = 1; seed <= hours; seed++)
        for (const [what, count] of Object.entries(await cutOffDesks(seed)))
          sums[what] = (sums[what] ?? 0) + (count as number)
      return { hours, ...sums }
    },
  },
  malformed: { much: 10_000, run: (inputs) => sendMalformed(inputs, 1) },
  load: { much: 1200, run: (seconds) => loadMixed(seconds, 1) },
}

const [name, much] = process.argv.slice(2)
if (name !== undefined && !TRIALS[name]) {
  console.error(`npm run trial -- [${Object.keys(TRIALS).join(' | ')}] [how much]`)
  process.exit(2)
}
const takeAway = readySample()
try {
  for (const [what, trial] of Object.entries(TRIALS)) {
    if (name !== undefined && name !== what) continue
    const began = performance.now()
    console.log(`\n== ${what}`)
    const result = await trial.run(name !== undefined && much ? Number(much) : trial.much)
    console.log(JSON.stringify(result, null, 1))
    console.log(`(${((performance.now() - began) / 1000).toFixed(0)} s)`)
  }
} finally {
  takeAway()
}
