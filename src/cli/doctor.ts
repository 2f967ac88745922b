import { examineWorkshop, putBack } from '@/data/backup/doctor'
import { closeDatabase } from '@/data/database/database'
import { dataFolder } from '@/data/database/dataFolder'
import { DamagedError } from '@/data/database/snapshot'
import { WorkshopTroubleError } from '@/data/database/trouble'
import { holderOf } from '../server/holder'

const PUT_BACK = '--put-back'

const [wish, ...more] = process.argv.slice(2)
if (more.length > 0 || (wish !== undefined && wish !== PUT_BACK)) {
  console.error(
    `npm run doctor looks the workshop through; npm run doctor -- ${PUT_BACK} puts the newest backup in its place first.`,
  )
  process.exit(2)
}
const holder = await holderOf(dataFolder())
if (holder) {
  console.error(`${dataFolder()} is open at ${holder.url}. End that first; nothing was changed.`)
  process.exit(1)
}
const at = new Date().toISOString()
try {
  if (wish === PUT_BACK) console.log(await putBack(at))
  const { said, isIll } = await examineWorkshop(at)
  for (const words of said) console.log(words)
  process.exitCode = isIll ? 1 : 0
} catch (error) {
  if (!(error instanceof WorkshopTroubleError || error instanceof DamagedError)) throw error
  console.error(error.message)
  process.exitCode = 1
} finally {
  await closeDatabase()
}
