import sqlite3 from 'sqlite3'

/** How long a connection waits for another that writes, ms. */
export const BUSY_MS = 5000

/**
 * Set on every connection as it opens, those of single transactions too: it waits for others, a confirmed write is on the disk, and rows
 * speak of what is there. The library that pools connections has no place for this with this driver.
 */
const SETTINGS = `PRAGMA busy_timeout = ${BUSY_MS}; PRAGMA synchronous = FULL; PRAGMA foreign_keys = ON`

class SetDatabase extends sqlite3.Database {
  constructor(file: string, mode: number, opened: (error: Error | null) => void) {
    super(file, mode, (error) => {
      if (error) opened(error)
      else this.exec(SETTINGS, opened)
    })
  }
}

/** The database driver, whose connections are all set alike. */
export const driver = { ...sqlite3, Database: SetDatabase }
