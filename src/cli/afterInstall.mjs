import { bundleCalc } from './bundleCalc.mjs'

// Done once after installing, so that the first call of the command is as quick as the next.
await bundleCalc()
