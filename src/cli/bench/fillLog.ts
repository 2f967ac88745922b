import { exportJob, importJob } from '@/data/record/jobFiles'
import { closeDatabase } from '@/data/database/database'
import type { JobFile } from '@/core/record/jobFile'

/** Fills the workshop's folder with copies of the sample's edition: `fillLog JOBS PULLS`, so many jobs of so many pulls each. */
async function fill(jobs: number, pulls: number): Promise<void> {
  const file = await exportJob('mooring-posts', '2031-05-02T09:00:00.000Z')
  const edition = file.pulls.filter(({ kind }) => kind === 'edition')
  const proofs = file.pulls.filter(({ kind }) => kind !== 'edition')
  const many: JobFile['pulls'] = Array.from({ length: pulls }, (_, i) => ({
    ...edition[i % edition.length],
    id: `filled-${i}`,
    number: i + 1,
    sheet: proofs.length + i + 1,
  }))
  for (let job = 0; job < jobs; job++)
    await importJob({
      ...file,
      job: { ...file.job, title: `Filled ${job + 1}`, editionSize: Math.max(1, pulls) },
      pulls: [...proofs, ...many],
      prints: [],
      custody: [],
      unlocks: [],
    })
  await closeDatabase()
}

const [jobs, pulls] = process.argv.slice(2).map(Number)
await fill(jobs, pulls)
