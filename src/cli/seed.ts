import { seedDemo } from '@demo/seedDemo'
import { closeDatabase } from '@/data/database/database'
import { dataFolder } from '@/data/database/dataFolder'
import { listAllJobs } from '@/data/shop/jobs'
import { removeFleeting, whenInputEnds } from '@/server/endsWithInput'

/** Lays out the sample in the data folder, its day today, unless something is there already. For tests it stays on the days it is written for. */
async function main(): Promise<void> {
  whenInputEnds(() => {
    process.once('exit', () => removeFleeting(dataFolder()))
    process.exit(1)
  })
  const jobs = await listAllJobs()
  if (jobs.length > 0) console.log(`The folder already holds ${jobs.length} jobs; nothing was changed.`)
  else {
    await seedDemo(process.env.TYPOTHESIS_SAMPLE_AS_WRITTEN ? undefined : new Date().toISOString())
    console.log('The sample is laid out: four works in different phases.')
  }
  await closeDatabase()
}

await main()
