import { accessSync, chmodSync, constants, existsSync, mkdirSync } from 'node:fs'
import { createServer, type Server } from 'node:http'
import path from 'node:path'
import { askingInside, letIn, refusalOf, turnAway, type Handle } from './door'
import { hold, holderOf, lastPort, letGo, rememberPort, WHO_PATH, type Holder } from './holder'
import { ownHosts, properAddress } from './judge'
import { share, ShareError, type Shared, type ShareWish } from './share/share'

/** What of the framework is needed here; it is handed in, so that it is loaded as it is, once. */
interface Framework {
  (options: { dev: false; dir: string; hostname: string; port: number; httpServer: Server }): {
    prepare: () => Promise<void>
    getRequestHandler: () => Handle
    close: () => Promise<void>
  }
}

/** The first port tried; the next free one is taken when it is in use. */
const FIRST_PORT = 3000
const PORTS_TRIED = 100
const HOST = '127.0.0.1'

/** Why a workshop cannot be served, in words for who started it. */
export class ServeError extends Error {}

/** Makes the folder a workshop is kept in, for its owner alone. @throws ServeError when nothing can be written there */
function openFolder(folder: string): void {
  // Whatever is written from here on is for its owner alone.
  process.umask(0o077)
  try {
    mkdirSync(folder, { recursive: true, mode: 0o700 })
    accessSync(folder, constants.R_OK | constants.W_OK | constants.X_OK)
    chmodSync(folder, 0o700)
    const database = path.join(folder, 'typothesis.sqlite')
    if (existsSync(database)) chmodSync(database, 0o600)
  } catch (error) {
    throw new ServeError(
      `Nothing can be written in ${folder}: ${(error as NodeJS.ErrnoException).code ?? String(error)}. Name another folder with TYPOTHESIS_DATA.`,
    )
  }
}

function listenAt(server: Server, port: number): Promise<number | null> {
  return new Promise((resolve, reject) => {
    const failed = (error: NodeJS.ErrnoException) => {
      if (error.code === 'EADDRINUSE') resolve(null)
      else
        reject(
          new ServeError(
            `Port ${port} cannot be opened: ${error.code ?? error.message}. Name another with PORT.`,
          ),
        )
    }
    server.once('error', failed)
    server.listen(port, HOST, () => {
      server.off('error', failed)
      resolve((server.address() as { port: number }).port)
    })
  })
}

/**
 * @param wanted by PORT; undefined: the one of the last time, or else the first that is free
 * @param last the port of the last time
 */
async function listen(server: Server, wanted: number | undefined, last: number | null): Promise<number> {
  if (wanted !== undefined) {
    if (!Number.isInteger(wanted) || wanted < 0 || wanted > 65_535)
      throw new ServeError('PORT is no port: name a whole number up to 65535.')
    const port = await listenAt(server, wanted)
    if (port === null) throw new ServeError(`Port ${wanted} is in use. Name another with PORT.`)
    return port
  }
  // Pull desks remember by address: at another they would begin with nothing.
  if (last !== null && (await listenAt(server, last)) !== null) return last
  for (let port = FIRST_PORT; port < FIRST_PORT + PORTS_TRIED; port++)
    if ((await listenAt(server, port)) !== null) return port
  throw new ServeError(
    `Ports ${FIRST_PORT} to ${FIRST_PORT + PORTS_TRIED - 1} are all in use. Name another with PORT.`,
  )
}

/**
 * Serves the built application, on this machine only unless it is to be shared: the one door, with the framework behind it, in this
 * process.
 *
 * @param dir the application's own folder
 * @param folder where the workshop is kept
 * @param wish how it is to be shared; null: with nobody
 * @returns where it is, how it is shared, where it was the last time if that was elsewhere, and what ends it
 * @throws ServeError in words: the folder cannot be written, another server has it, the port is taken
 */
export async function serve(
  next: Framework,
  dir: string,
  folder: string,
  wanted?: number,
  wish: ShareWish | null = null,
): Promise<{ url: string; shared: Shared | null; movedFrom: string | null; close: () => Promise<void> }> {
  openFolder(folder)
  const isOpen = ({ url }: Holder) =>
    new ServeError(`This workshop is open already, at ${url}: two at once would get in each other’s way.`)
  const holder = await holderOf(folder)
  if (holder) throw isOpen(holder)
  process.env.TYPOTHESIS_DATA = folder
  let handle: Handle | null = null
  let hosts: string[] = []
  let port = 0
  const server = createServer((request, response) => {
    const { method = 'GET', url = '/', headers } = request
    const inside = askingInside(request)
    // It was looked at as it came in.
    if (inside) return letIn(request, response, handle, inside)
    const refusal = refusalOf(request, hosts, 'http')
    if (refusal) return turnAway(response, refusal.status, refusal.words)
    const elsewhere = properAddress({ method, url, host: headers.host }, port)
    if (elsewhere) {
      response.writeHead(307, { location: elsewhere })
      return response.end()
    }
    if (url === WHO_PATH) {
      response.writeHead(200, { 'content-type': 'application/json' })
      return response.end(JSON.stringify({ pid: process.pid, folder }))
    }
    letIn(request, response, handle, 'machine')
  })
  const last = lastPort(folder)
  port = await listen(server, wanted, last)
  hosts = ownHosts(port)
  const url = `http://${HOST}:${port}`
  const other = await hold(folder, url)
  if (other) {
    server.close()
    throw isOpen(other)
  }
  rememberPort(folder, port)
  const app = next({ dev: false, dir, hostname: HOST, port, httpServer: server })
  await app.prepare()
  handle = app.getRequestHandler()
  const end = async () => {
    letGo(folder)
    server.closeAllConnections()
    await new Promise((resolve) => server.close(resolve))
    await app.close()
  }
  let shared: Shared | null = null
  try {
    shared = wish && (await share(folder, wish, () => handle))
  } catch (error) {
    await end()
    throw error instanceof ShareError ? new ServeError(error.message) : error
  }
  return {
    url,
    shared,
    movedFrom: last === null || last === port ? null : `http://${HOST}:${last}`,
    close: async () => {
      await shared?.close()
      await end()
    },
  }
}
