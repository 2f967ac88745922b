import { randomBytes } from 'node:crypto'
import { accessSync, chmodSync, constants, existsSync, mkdirSync } from 'node:fs'
import { createServer, type IncomingMessage, type Server, type ServerResponse } from 'node:http'
import path from 'node:path'
import { bringsActText, isActText, peek } from './actWords'
import { answerHeaders, ownHeaders } from './headers'
import { hold, holderOf, lastPort, letGo, rememberPort, WHO_PATH, type Holder } from './holder'
import { judge, ownHosts, properAddress } from './judge'

type Handle = (request: IncomingMessage, response: ServerResponse) => Promise<void>

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

/** Turns a request away. What it brings is not read. */
function turnAway(response: ServerResponse, status: number, words: string): void {
  response.writeHead(status, {
    'content-type': 'text/plain; charset=utf-8',
    'x-content-type-options': 'nosniff',
    connection: 'close',
  })
  response.end(words)
}

/**
 * Serves the built application on this machine only: the one door, with the framework behind it, in this process.
 *
 * @param dir the application's own folder
 * @param folder where the workshop is kept
 * @returns where it is, where it was the last time if that was elsewhere, and what ends it
 * @throws ServeError in words: the folder cannot be written, another server has it, the port is taken
 */
export async function serve(
  next: Framework,
  dir: string,
  folder: string,
  wanted?: number,
): Promise<{ url: string; movedFrom: string | null; close: () => Promise<void> }> {
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
    const refusal = judge(
      {
        method,
        url,
        host: headers.host,
        origin: headers.origin,
        contentLength: headers['content-length'],
        isChunked: headers['transfer-encoding'] !== undefined,
        routerState: headers['next-router-state-tree'],
      },
      hosts,
    )
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
    if (!handle) return turnAway(response, 503, 'The workshop is being opened: try again in a moment.')
    const nonce = randomBytes(16).toString('base64')
    request.headers = ownHeaders(headers, nonce)
    for (const [name, value] of Object.entries(answerHeaders(nonce))) response.setHeader(name, value)
    const goOn = handle
    const answer = async () => {
      if (bringsActText(request)) {
        const bytes = await peek(request)
        if (!bytes || !isActText(bytes.toString('utf8')))
          return turnAway(response, 400, 'What this act is given cannot be read.')
      }
      await goOn(request, response)
    }
    answer().catch((error: unknown) => {
      console.error(error)
      if (!response.headersSent) turnAway(response, 500, 'This could not be answered.')
    })
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
  return {
    url,
    movedFrom: last === null || last === port ? null : `http://${HOST}:${last}`,
    close: async () => {
      letGo(folder)
      server.closeAllConnections()
      await new Promise((resolve) => server.close(resolve))
      await app.close()
    },
  }
}
