import { complaintOf, type AlbumSubject } from '@/core/edition/albumSubject'
import type { RunOfPulls } from '@/core/edition/faultAlbum'
import { literal, Op, where } from 'sequelize'
import { openDatabase } from '../database/database'
import { UnreadableJobError } from '../database/errors'
import { readRows } from '../database/readRows'
import { loadJob } from '../shop/jobs'

/** Jobs looked through: the ones pulled from last say most. */
const MOST_JOBS = 20

/** The runs that hold a print with a fault, of the jobs where it was entered last. A job that cannot be read is no other's trouble. */
export async function loadFaultRuns(what: AlbumSubject): Promise<RunOfPulls[]> {
  const { tables } = await openDatabase()
  const judged = complaintOf(what)
  const entered = await tables.pull_events.findAll({
    attributes: ['jobId'],
    where: judged
      ? where(literal(`json_extract(event, '$.features.${judged.feature}')`), judged.value)
      : {
          [Op.or]: [
            { subject: { [Op.like]: `fault.%.${what}` } },
            where(literal("json_extract(event, '$.reason')"), what),
          ],
        },
    order: [['at', 'DESC']],
  })
  const ids = [...new Set(entered.map((row) => row.get('jobId') as string))].slice(0, MOST_JOBS)
  const jobs = await readRows(tables.jobs, { where: { id: ids }, attributes: ['slug'] })
  const runs: RunOfPulls[] = []
  for (const { slug } of jobs) {
    try {
      const job = await loadJob(slug)
      for (const { position } of job.runs)
        runs.push({
          title: job.title,
          slug,
          pulls: job.pulls.filter(({ runPosition }) => runPosition === position),
        })
    } catch (error) {
      if (!(error instanceof UnreadableJobError)) throw error
    }
  }
  return runs
}
