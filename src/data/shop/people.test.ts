import { QueryTypes } from 'sequelize'
import { describe, expect, it } from 'vitest'
import { openDatabase } from '../database/database'
import { exportJob, importJob } from '../record/jobFiles'
import { loadJob } from './jobs'
import { sumOfColumns } from '../database/migrations/migration'
import { MIGRATIONS } from '../database/migrations/migrations'
import { loadPeople, renamePerson } from './people'
import { addEvents } from '../across/pulls'
import { at, benchedJob, openWorkshop, pull } from './workshop.test.fixture'

openWorkshop()

const eventRows = async () =>
  (await openDatabase()).sequelize.query<{ by: string; byId: string | null }>(
    'SELECT "by", byId FROM pull_events ORDER BY id',
    { type: QueryTypes.SELECT },
  )

async function saidBy(...names: string[]) {
  let job = await pull(await benchedJob(), 'a')
  for (const [i, by] of names.entries()) {
    const event = { kind: 'roller' as const, seconds: 5 + i }
    await addEvents(job.id, job.revision, { pullId: 'a', events: [event], by, why: 'again' }, at(i))
    job = await loadJob(job.slug)
  }
  return job
}

describe('every table that keeps who said it by id', () => {
  const tables = Object.entries(sumOfColumns(MIGRATIONS)).filter(([, columns]) => 'byId' in columns)
  it.each(tables)('%s says when, so that a person begins at a moment', (_, columns) => {
    expect(Object.keys(columns)).toContain('by')
    expect(['at', 'laidAt', 'madeAt'].filter((column) => column in columns)).toHaveLength(1)
  })
})

describe('who says what', () => {
  it('has an id: one person however the name is typed, and the name stays as it was typed', async () => {
    await saidBy('Ida Quill', 'ida  quill', 'Tam Brocket')
    expect(await eventRows()).toEqual([
      { by: 'Ida Quill', byId: 'ida-quill' },
      { by: 'ida  quill', byId: 'ida-quill' },
      { by: 'Tam Brocket', byId: 'tam-brocket' },
    ])
    expect((await loadPeople()).map(({ name }) => name)).toEqual(['Ida Quill', 'Tam Brocket'])
  })
  it('is called otherwise from now on, and what was recorded stays', async () => {
    const job = await saidBy('Ida Q.', 'Tam Brocket')
    await renamePerson('ida-q', 'Ida Quill')
    expect((await loadPeople()).map(({ name }) => name)).toEqual(['Ida Quill', 'Tam Brocket'])
    expect((await eventRows())[0]).toEqual({ by: 'Ida Q.', byId: 'ida-q' })
    expect((await loadJob(job.slug)).pulls[0].events[0].by).toBe('Ida Q.')
    await expect(renamePerson('ida-q', 'tam brocket')).rejects.toThrow('Another person goes by this name.')
    await expect(renamePerson('nobody', 'Oona')).rejects.toThrow('This person')
    await expect(renamePerson('ida-q', ' ')).rejects.toThrow()
  })
  it('has no id in what comes from another workshop', async () => {
    const { slug } = await saidBy('Ida Quill')
    await importJob(JSON.parse(JSON.stringify(await exportJob(slug, at(9)))))
    expect((await eventRows()).map(({ byId }) => byId)).toEqual(['ida-quill', null])
  })
})
