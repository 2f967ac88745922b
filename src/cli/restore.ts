import path from 'node:path'
import { restoreWorkshop, RestoreError } from '@/data/backup/restore'
import { dataFolder } from '@/data/database/dataFolder'
import { DamagedError } from '@/data/database/snapshot'
import { holderOf } from '../server/holder'

const [file] = process.argv.slice(2)
if (!file) {
  console.error('npm run restore -- FILE : name the zip a workshop was written into.')
  process.exit(2)
}
const folder = dataFolder()
const holder = await holderOf(folder)
if (holder) {
  console.error(`${folder} is open at ${holder.url}. End that first; nothing was changed.`)
  process.exit(1)
}
try {
  const { pictures, before } = await restoreWorkshop(path.resolve(file), folder, new Date().toISOString())
  console.log(`The workshop is in ${folder}, looked through, with ${pictures} pictures.`)
  if (before) console.log(`What lay there is in ${before}, untouched.`)
} catch (error) {
  if (!(error instanceof RestoreError || error instanceof DamagedError)) throw error
  console.error(`${error.message} Nothing was changed.`)
  process.exit(1)
}
