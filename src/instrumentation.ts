/** Runs once as the server starts: the workshop is backed up by itself, each day it is open. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return
  const { keepBackedUp } = await import('@/data/backup/daily')
  keepBackedUp()
}
