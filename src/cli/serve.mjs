import path from 'node:path'
import { parseArgs } from 'node:util'
import { tsImport } from 'tsx/esm/api'
import { ENVIRONMENT, ROOT } from './prepare.mjs'

/** What is wrong with the workshop, in words, before anybody asks for it; null: nothing, or nothing that has words. */
async function troubleOf(dataFolder) {
  const { refuseMissing, refuseDamagedFile, WorkshopTroubleError } = await tsImport(
    '../data/database/trouble.ts',
    import.meta.url,
  )
  try {
    const file = path.join(dataFolder, 'typothesis.sqlite')
    refuseMissing(file)
    await refuseDamagedFile(file)
    return null
  } catch (error) {
    if (!(error instanceof WorkshopTroubleError)) throw error
    return error.message
  }
}

/** How the workshop is to be shared, as it was asked for as it started; null: with nobody. It is never remembered. */
function wishOf(words) {
  try {
    const { values } = parseArgs({
      args: words,
      options: { share: { type: 'boolean', default: false }, at: { type: 'string' } },
    })
    return values.share ? { address: values.at ?? null } : null
  } catch (error) {
    console.error(
      `${error.message}\n--share shares the workshop in the room, --at ADDRESS at one address of this machine.`,
    )
    process.exit(1)
  }
}

/** Says where a workshop is shared, and what a device does first. */
function sayShared({ sharing, isNew, isMoved }, url) {
  console.log(`
Shared in this network until Ctrl + C:
  ${sharing.urls.join('\n  ')}
A new device begins at ${sharing.trustUrl}
  and compares this fingerprint: ${sharing.fingerprint}
Codes for devices are made at this machine: ${url}/devices`)
  if (isNew) console.log('The certificate is new: every device has to trust it first.')
  if (isMoved)
    console.log('The port of the last time is taken: what waits on devices waits for the old address.')
}

/**
 * Serves the built application in this process, on this machine only unless it is asked to share, and says where.
 *
 * @param words what it was started with
 */
export async function serve(dataFolder, words = []) {
  const wish = wishOf(words)
  Object.assign(process.env, ENVIRONMENT, { NODE_ENV: 'production' })
  const { default: next } = await import('next')
  const { serve: open, ServeError } = await tsImport('../server/serve.ts', import.meta.url)
  try {
    const { url, shared, movedFrom, close } = await open(
      next,
      ROOT,
      dataFolder,
      process.env.PORT ? Number(process.env.PORT) : undefined,
      wish,
    )
    console.log(`\nTypothesis is at ${url}\nEverything is kept in ${dataFolder}\nCtrl + C ends it.`)
    if (shared) sayShared(shared, url)
    const trouble = await troubleOf(dataFolder)
    if (trouble) console.error(`\n${trouble}`)
    if (movedFrom)
      console.log(
        `Before, it was at ${movedFrom}. Pulls that wait on devices wait for that address: free it, or save them there as a file.`,
      )
    const end = () => void close().finally(() => process.exit(0))
    for (const signal of ['SIGINT', 'SIGTERM']) process.once(signal, end)
    const { removeFleeting, whenInputEnds } = await tsImport('../server/endsWithInput.ts', import.meta.url)
    whenInputEnds(() => {
      process.once('exit', () => removeFleeting(dataFolder))
      end()
    })
  } catch (error) {
    if (!(error instanceof ServeError)) throw error
    console.error(error.message)
    process.exit(1)
  }
}
