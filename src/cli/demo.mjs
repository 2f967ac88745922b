import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { buildApplication, ENVIRONMENT, installPackages, must, ROOT } from './prepare.mjs'
import { serve } from './serve.mjs'

// Only a folder with this file in it is ever removed: it cannot be anybody's own work.
const MARKER = '.typothesis-demo'
const folder = path.resolve(ROOT, process.env.TYPOTHESIS_DATA ?? 'demo-data')
const marker = path.join(folder, MARKER)
const fresh = process.argv.includes('--fresh')

const holdsSomething = existsSync(folder) && readdirSync(folder).length > 0
if (holdsSomething && !existsSync(marker)) {
  console.error(
    `${folder} holds a workshop that is not the demo. Nothing was changed; choose another folder with TYPOTHESIS_DATA.`,
  )
  process.exit(1)
}
installPackages()
buildApplication()
const seeded = existsSync(marker) && readFileSync(marker, 'utf8') === 'seeded'
if (fresh || !seeded) {
  const { tsImport } = await import('tsx/esm/api')
  const holder = await (await tsImport('../server/holder.ts', import.meta.url)).holderOf(folder)
  if (holder) {
    console.error(`The demo is open at ${holder.url}: end that first. Nothing was changed.`)
    process.exit(1)
  }
  rmSync(folder, { recursive: true, force: true })
  mkdirSync(folder, { recursive: true })
  writeFileSync(marker, 'seeding')
  must('Laying out the sample', process.execPath, ['--import', 'tsx', 'src/cli/seed.ts'], {
    env: { ...ENVIRONMENT, TYPOTHESIS_DATA: folder },
  })
  writeFileSync(marker, 'seeded')
} else console.log('The demo goes on where it was left; npm run demo -- --fresh starts it over.')
await serve(folder)
