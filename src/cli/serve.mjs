import { tsImport } from 'tsx/esm/api'
import { ENVIRONMENT, ROOT } from './prepare.mjs'

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
