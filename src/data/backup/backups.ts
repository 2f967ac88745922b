import { existsSync, readdirSync } from 'node:fs'
import { copyFile, mkdir, rename, rm } from 'node:fs/promises'
import path from 'node:path'
import { backupsKept } from '@/core/record/backupsKept'
import { dayOf } from '@/core/units/moment'
import { openDatabase } from '../database/database'
import { dataFolder } from '../database/dataFolder'
import { readRows } from '../database/readRows'
import { settle, snapshot } from '../database/snapshot'

/** Where backups lie: in the workshop's own folder, and in a second one if it is named, on another disk. */
function backupFolders(): string[] {
  const second = process.env.TYPOTHESIS_BACKUPS
  return [
    path.join(dataFolder(), 'backups'),
    ...(second ? [path.resolve(/* turbopackIgnore: true */ second)] : []),
  ]
}

const NAME = /^workshop-(\d{4}-\d{2}-\d{2})T(\d{2})-(\d{2})-(\d{2})Z\.sqlite$/
const fileOf = (at: string) => `workshop-${at.slice(0, 19).replaceAll(':', '-')}Z.sqlite`

/** Moments of the backups in a folder, oldest first. */
function momentsIn(folder: string): string[] {
  if (!existsSync(folder)) return []
  return readdirSync(folder)
    .flatMap((name) => {
      const found = NAME.exec(name)
      return found ? [`${found[1]}T${found[2]}:${found[3]}:${found[4]}.000Z`] : []
    })
    .sort()
}

/**
 * Copies pictures that are not there yet; they never change, so that all backups of a folder share them.
 *
 * @returns how many are neither there nor here: they lost their files
 */
async function copyPictures(ids: readonly string[], to: string): Promise<number> {
  let lost = 0
  for (const id of ids) {
    const [from, there] = [path.join(dataFolder(), 'pictures', id), path.join(to, id)]
    if (existsSync(there)) continue
    if (!existsSync(from)) {
      lost += 1
      continue
    }
    const part = `${there}.part`
    await rm(part, { recursive: true, force: true })
    await mkdir(part, { recursive: true })
    for (const name of readdirSync(from)) {
      await copyFile(path.join(from, name), path.join(part, name))
      settle(path.join(part, name))
    }
    await rename(part, there)
  }
  return lost
}

/** The framework bundles a module several times; how the last try went is one for the whole process. */
const held = globalThis as typeof globalThis & {
  typothesisBackups?: Promise<unknown>
  typothesisBackupFailed?: string | null
  typothesisBackupLost?: number
}

/** How the backups stand. */
export interface BackupStanding {
  /** when the newest was made and looked through; null: none yet */
  lastAt: string | null
  /** the second folder has it too; null: none is named */
  second: boolean | null
  /** why the newest try failed; null: it did not */
  failed: string | null
  /** pictures the newest does not have, because they lost their files */
  lost: number
}

/** How the backups stand, by what lies in their folders. */
export function backupStanding(): BackupStanding {
  const [own, second] = backupFolders()
  const lastAt = momentsIn(own).at(-1) ?? null
  return {
    lastAt,
    second: second === undefined ? null : lastAt !== null && momentsIn(second).includes(lastAt),
    failed: held.typothesisBackupFailed ?? null,
    lost: held.typothesisBackupLost ?? 0,
  }
}

/**
 * Backs the workshop up as it stands, while work goes on: the database looked through, the pictures beside it; older ones go by their
 * days and weeks. One at a time.
 *
 * @throws what the disk says; what was there before stays
 */
export function backUp(at: string): Promise<void> {
  const turn = (held.typothesisBackups ?? Promise.resolve()).then(async () => {
    const { sequelize, tables } = await openDatabase()
    const name = fileOf(at)
    const [own, ...others] = backupFolders()
    await snapshot(sequelize, path.join(own, name))
    // Asked for after the copy: pictures only come, so that all it knows are among them.
    const pictures = (await readRows(tables.images, { attributes: ['id'] })).map(({ id }) => id)
    held.typothesisBackupLost = await copyPictures(pictures, path.join(own, 'pictures'))
    for (const folder of others) {
      await mkdir(folder, { recursive: true })
      const part = path.join(folder, `${name}.part`)
      await copyFile(path.join(own, name), part)
      settle(part)
      await rename(part, path.join(folder, name))
      await copyPictures(pictures, path.join(folder, 'pictures'))
    }
    for (const folder of [own, ...others]) {
      const moments = momentsIn(folder)
      const kept = new Set(backupsKept(moments))
      for (const moment of moments)
        if (!kept.has(moment)) await rm(path.join(folder, fileOf(moment)), { force: true })
    }
  })
  held.typothesisBackups = turn.then(
    () => void (held.typothesisBackupFailed = null),
    (error: unknown) =>
      void (held.typothesisBackupFailed = error instanceof Error ? error.message : String(error)),
  )
  return turn
}

/** Backs up once a day: nothing is done while the newest backup is of the same day in UTC, or nothing is kept yet. */
export async function backUpDaily(now: string): Promise<void> {
  const { lastAt } = backupStanding()
  if (lastAt && dayOf(lastAt, 'UTC') === dayOf(now, 'UTC')) return
  const { tables } = await openDatabase()
  if ((await tables.jobs.count()) > 0) await backUp(now)
}
