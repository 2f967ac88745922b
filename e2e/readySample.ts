import { readySample } from './server'

/** Before all browser tests: laying the sample out takes longer than most of them, and copying it no time. */
export default readySample
