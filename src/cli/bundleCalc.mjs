import { existsSync, renameSync } from 'node:fs'
import path from 'node:path'
import { newest, ROOT } from './prepare.mjs'

const BUNDLE = path.join(ROOT, 'node_modules/.cache/typothesis/calc.mjs')
const SOURCES = ['src/core', 'src/cli/calc', 'package-lock.json'].map((name) => path.join(ROOT, name))

/** The `calc` command in one file, made anew when its sources are newer: read in a tenth of the time that they take one by one. */
export async function bundleCalc() {
  if (existsSync(BUNDLE) && newest([BUNDLE]) >= newest(SOURCES)) return BUNDLE
  const { build } = await import('esbuild')
  // Written beside and moved into place, so that two commands at once never read half a file.
  const part = `${BUNDLE}.${process.pid}.mjs`
  await build({
    entryPoints: [path.join(ROOT, 'src/cli/calc/main.ts')],
    outfile: part,
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    packages: 'external',
    tsconfig: path.join(ROOT, 'tsconfig.json'),
    logLevel: 'error',
  })
  renameSync(part, BUNDLE)
  return BUNDLE
}
