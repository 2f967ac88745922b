import path from 'node:path'
import { packWorkshop } from '@/data/backup/archive'
import { closeDatabase } from '@/data/database/database'
import { dataFolder } from '@/data/database/dataFolder'

const [file] = process.argv.slice(2)
if (!file) {
  console.error('npm run backup -- FILE : name the zip the workshop is written into.')
  process.exit(2)
}
const target = path.resolve(file)
try {
  const pictures = await packWorkshop(target, new Date().toISOString())
  console.log(`${dataFolder()} is in ${target}: the database, looked through, and ${pictures} pictures.`)
} catch (error) {
  console.error(`The workshop was not packed: ${error instanceof Error ? error.message : String(error)}`)
  process.exitCode = 1
}
await closeDatabase()
