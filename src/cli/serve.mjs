import path from 'node:path'
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

/** Serves the built application on this machine only, in this process, and says where. */
export async function serve(dataFolder) {
  Object.assign(process.env, ENVIRONMENT, { NODE_ENV: 'production' })
  const { default: next } = await import('next')
  const { serve: open, ServeError } = await tsImport('../server/serve.ts', import.meta.url)
  try {
    const { url, movedFrom, close } = await open(
      next,
      ROOT,
      dataFolder,
      process.env.PORT ? Number(process.env.PORT) : undefined,
    )
    console.log(`\nTypothesis is at ${url}\nEverything is kept in ${dataFolder}\nCtrl + C ends it.`)
    const trouble = await troubleOf(dataFolder)
    if (trouble) console.error(`\n${trouble}`)
    if (movedFrom)
      console.log(
        `Before, it was at ${movedFrom}. Pulls that wait on devices wait for that address: free it, or save them there as a file.`,
      )
    for (const signal of ['SIGINT', 'SIGTERM'])
      process.once(signal, () => void close().finally(() => process.exit(0)))
  } catch (error) {
    if (!(error instanceof ServeError)) throw error
    console.error(error.message)
    process.exit(1)
  }
}
