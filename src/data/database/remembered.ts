import { QueryTypes } from 'sequelize'
import { openDatabase } from './database'

/**
 * What a job's rows stand at: its revision, which every act upon it moves, its newest event and its newest pull, which desks add without
 * moving it, where it lies, and how many pulls were taken back. As long as these are the same, so is all that follows from the job, its runs, pulls, events, BATs and dryings.
 */
const STAMPS = `
  SELECT j.id, j.revision || ' ' || coalesce((SELECT max(e.id) FROM pull_events e WHERE e.jobId = j.id), 0)
    || ' ' || coalesce((SELECT max(p.place) FROM pulls p WHERE p.jobId = j.id), 0)
    || ' ' || coalesce(j.putAway, '') || ' ' || (SELECT count(*) FROM withdrawn_pulls w WHERE w.jobId = j.id) AS stamp FROM jobs j`

/** Changes by others, and by the connection that reads, that this connection has seen: while both stand, every row stands. */
const STATE = 'SELECT data_version AS others, total_changes() AS own FROM pragma_data_version'

/**
 * What is read of the whole workshop, remembered until anything in the database changes, by whatever process. What it gives is shared: it is
 * not to be changed.
 *
 * @param what a name for what is read, one a reader
 */
export async function whileUnchanged<Value>(what: string, read: () => Promise<Value>): Promise<Value> {
  const { sequelize, memory } = await openDatabase()
  // Looked at before it is read: what changes meanwhile is read again the next time.
  const [{ others, own }] = await sequelize.query<{ others: number; own: number }>(STATE, {
    type: QueryTypes.SELECT,
  })
  const state = `${others} ${own}`
  const kept = memory.get(what) as { state: string; value: Promise<Value> } | undefined
  if (kept?.state === state) return kept.value
  const value = read()
  memory.set(what, { state, value })
  // What failed is not remembered.
  value.catch(() => {
    if ((memory.get(what) as { value: unknown } | undefined)?.value === value) memory.delete(what)
  })
  return value
}

const stampsOfAll = (): Promise<Map<string, string>> =>
  whileUnchanged('stamps', async () => {
    const { sequelize } = await openDatabase()
    const rows = await sequelize.query<{ id: string; stamp: string }>(STAMPS, { type: QueryTypes.SELECT })
    return new Map(rows.map(({ id, stamp }) => [id, stamp]))
  })

/** What one job's rows stand at; empty where there is no such job. */
export async function stampOf(slug: string): Promise<string> {
  const { sequelize } = await openDatabase()
  const rows = await sequelize.query<{ stamp: string }>(`${STAMPS} WHERE j.slug = ?`, {
    type: QueryTypes.SELECT,
    replacements: [slug],
  })
  return rows[0]?.stamp ?? ''
}

/**
 * What was read or counted of each job, remembered while its rows stand where they stood. Nothing is stored: it is gone with the process,
 * and a job changed by whatever process is read again.
 *
 * @param what a name for what is read, one a reader
 * @param jobIds of which jobs; null: of all
 * @param read reads the jobs that changed; a job it leaves out is asked for again the next time
 */
export async function remembered<Value>(
  what: string,
  jobIds: readonly string[] | null,
  read: (changed: string[]) => Promise<ReadonlyMap<string, Value>>,
): Promise<Map<string, Value>> {
  const { memory } = await openDatabase()
  const stamps = await stampsOfAll()
  const kept = (memory.get(what) ?? new Map()) as Map<string, { stamp: string; value: Value }>
  memory.set(what, kept)
  const wanted = (jobIds ?? [...stamps.keys()]).filter((id) => stamps.has(id))
  const changed = wanted.filter((id) => kept.get(id)?.stamp !== stamps.get(id))
  const news = changed.length > 0 ? await read(changed) : new Map<string, Value>()
  const answer = new Map<string, Value>()
  for (const id of wanted) {
    if (news.has(id)) kept.set(id, { stamp: stamps.get(id)!, value: news.get(id)! })
    const found = kept.get(id)
    if (found?.stamp === stamps.get(id)) answer.set(id, found!.value)
  }
  return answer
}
