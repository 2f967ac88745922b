import { spawn } from 'node:child_process'
import { createServer } from 'node:net'
import { ENVIRONMENT, ROOT } from './prepare.mjs'

/** The first port tried; the next free one is taken when it is in use. */
const FIRST_PORT = 3000

const isFree = (port) =>
  new Promise((resolve) => {
    const probe = createServer()
    probe.once('error', () => resolve(false))
    probe.listen(port, '127.0.0.1', () => probe.close(() => resolve(true)))
  })

async function choosePort() {
  if (process.env.PORT) return Number(process.env.PORT)
  for (let port = FIRST_PORT; port < FIRST_PORT + 100; port++) if (await isFree(port)) return port
  throw new Error('no free port')
}

/** Serves the built application on this machine only, and says where. */
export async function serve(dataFolder) {
  const port = await choosePort()
  const child = spawn(
    process.execPath,
    ['node_modules/next/dist/bin/next', 'start', '-H', '127.0.0.1', '-p', String(port)],
    {
      cwd: ROOT,
      env: { ...ENVIRONMENT, NODE_ENV: 'production', TYPOTHESIS_DATA: dataFolder },
      stdio: ['ignore', 'ignore', 'inherit'],
    },
  )
  const url = `http://127.0.0.1:${port}`
  for (let tries = 0; tries < 200; tries++) {
    if (
      await fetch(url).then(
        (reply) => reply.ok,
        () => false,
      )
    )
      break
    await new Promise((resolve) => setTimeout(resolve, 150))
  }
  console.log(`\nTypothesis is at ${url}\nEverything is kept in ${dataFolder}\nCtrl + C ends it.`)
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill(signal))
  child.on('exit', (code) => process.exit(code ?? 0))
}
