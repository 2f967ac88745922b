import path from 'node:path'
import { buildApplication, installPackages, ROOT } from './prepare.mjs'
import { serve } from './serve.mjs'

installPackages()
buildApplication()
await serve(path.resolve(ROOT, process.env.TYPOTHESIS_DATA ?? 'data'), process.argv.slice(2))
