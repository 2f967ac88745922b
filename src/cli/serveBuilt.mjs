import path from 'node:path'
import { ROOT } from './prepare.mjs'
import { serve } from './serve.mjs'

// For tests and whoever built it already: nothing is installed or built.
await serve(path.resolve(ROOT, process.env.TYPOTHESIS_DATA ?? 'data'), process.argv.slice(2))
