import { spawnSync } from 'node:child_process'
import path from 'node:path'
import type { TestServer } from '../server'
import { ask, tell } from './door'

const ROOT = path.resolve(import.meta.dirname, '../..')

/** A job of the sample with an approved proof, on which desks pull. */
export const SLUG = 'mooring-posts'

/** What of a desk is needed to pull there. */
export interface KnownDesk {
  settings: object
  batVersion: number
  runPosition: number
}

export async function knownDesk({ url }: TestServer): Promise<KnownDesk> {
  const { body } = await tell(`${url}/desk/${SLUG}/sync`, { entries: [] })
  return (body as { desk: KnownDesk }).desk
}

/** A pull as a desk sends it. */
export const pullEntry = (desk: KnownDesk, id: string, events: object[] = []) => ({
  kind: 'pull',
  version: 2,
  id,
  pullKind: 'edition',
  runPosition: desk.runPosition,
  pulledAt: new Date().toISOString(),
  zone: 'Europe/Lisbon',
  estimated: false,
  hands: { inked: 'Ida Quill', wiped: null, laid: null },
  settings: desk.settings,
  batVersion: desk.batVersion,
  by: 'Ida Quill',
  events,
})

/** The pulls the server has, with their numbers and the decision that holds. */
export async function pullsAtServer({
  url,
}: TestServer): Promise<
  { id: string; kind: string; number: number; events: { event: { kind: string; decision?: string } }[] }[]
> {
  const { body } = await ask(`${url}/jobs/${SLUG}/record/job.json`)
  return (body as { pulls: never[] }).pulls
}

/** Lets the doctor look through a workshop whose server has ended. @returns what it says, and whether all is well */
export function examine({ dataFolder }: TestServer): { isWell: boolean; said: string } {
  const done = spawnSync(process.execPath, ['--import', 'tsx', 'src/cli/doctor.ts'], {
    cwd: ROOT,
    env: { ...process.env, TYPOTHESIS_DATA: dataFolder },
    encoding: 'utf8',
  })
  return { isWell: done.status === 0, said: done.stdout + done.stderr }
}
