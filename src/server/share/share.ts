import { createServer as createPlainServer, type IncomingMessage, type ServerResponse } from 'node:http'
import { createServer } from 'node:https'
import type { Server } from 'node:net'
import { letIn, refusalOf, turnAway, type Handle } from '../door'
import { certifyServer, derOf, fingerprintOf, namesOfHost } from './authority'
import { cookieOf, SESSION, setCookie } from './cookies'
import { keepDevices, type Devices } from './devices'
import { trustPage } from './pages'
import { answerPairing, sendOn, sendPage } from './pairDoor'
import { openPairing } from './pairing'
import { hostOf, isLoopback, isPrivate, ownPrivateAddresses } from './privateAddresses'
import { DEVICE_HEADER, DEVICE_HOMES, PAIR_PATH } from './roles'
import { hostName, openShareFolder } from './shareFolder'
import { setSharing, type Sharing } from './sharing'
import { answerTaking, TAKE_PATH } from './takeDoor'
import { openWantedPictures } from './wantedPictures'

/** The first port tried; the page to trust is at the one after it. */
const FIRST_PORT = 3443
const PORTS_TRIED = 100
const CERTIFICATE_PATH = '/typothesis.crt'

/** Why a workshop cannot be shared, in words for who started it. */
export class ShareError extends Error {}

/** How a workshop is to be shared. */
export interface ShareWish {
  /** one address of this machine; null: all its private ones */
  address: string | null
}

/** A workshop that others in the room reach. */
export interface Shared {
  sharing: Sharing
  /** the authority was made just now: devices have to trust it first, or anew */
  isNew: boolean
  /** the port of the last time was taken: devices that were paired there reach it at another */
  isMoved: boolean
  close: () => Promise<void>
}

/** @throws ShareError where there is no such address, or none that is private */
function addressesFor({ address }: ShareWish): string[] {
  if (address !== null) {
    if (isPrivate(address) || isLoopback(address)) return [address]
    throw new ShareError(
      `${address} is no address of a private network: a workshop is shared in the room, never with the world.`,
    )
  }
  const own = ownPrivateAddresses()
  if (own.length > 0) return own
  throw new ShareError('This machine has no address in a private network, so there is nobody to share with.')
}

const listenAt = (server: Server, port: number, address: string): Promise<boolean> =>
  new Promise((resolve, reject) => {
    const failed = (error: NodeJS.ErrnoException) =>
      error.code === 'EADDRINUSE'
        ? resolve(false)
        : reject(new ShareError(`${hostOf(address, port)} cannot be opened: ${error.code ?? error.message}.`))
    server.once('error', failed)
    server.listen(port, address, () => {
      server.off('error', failed)
      resolve(true)
    })
  })

const closeAll = (servers: readonly Server[]): Promise<unknown> =>
  Promise.all(
    servers.map((server) => {
      ;(server as Server & { closeAllConnections?: () => void }).closeAllConnections?.()
      return new Promise((resolve) => server.close(resolve))
    }),
  )

/**
 * Opens both doors at every address, the one without https a port higher; null: a port is taken at one of them.
 *
 * @throws ShareError where an address cannot be opened; nothing is left open then
 */
async function openDoors(
  addresses: readonly string[],
  port: number,
  make: () => readonly [secure: Server, plain: Server],
): Promise<Server[] | null> {
  const opened: Server[] = []
  try {
    for (const address of addresses)
      for (const [higher, server] of make().entries()) {
        if (!(await listenAt(server, port + higher, address))) {
          await closeAll(opened)
          return null
        }
        opened.push(server)
      }
    return opened
  } catch (error) {
    await closeAll(opened)
    throw error
  }
}

/** Whether a browser asks for a page to show, and not a script for something. */
const isVisit = ({ method, headers }: IncomingMessage): boolean =>
  (method === 'GET' || method === 'HEAD') &&
  headers.rsc === undefined &&
  (headers['sec-fetch-mode'] ?? 'navigate') === 'navigate' &&
  (headers.accept ?? '').includes('text/html')

/** Turns away who is not paired: who visits is shown how to pair, a script is told. */
function notPaired(request: IncomingMessage, response: ServerResponse): void {
  if (isVisit(request)) return sendOn(response, PAIR_PATH)
  response.writeHead(401, {
    'content-type': 'application/json; charset=utf-8',
    'x-content-type-options': 'nosniff',
    connection: 'close',
  })
  response.end(
    JSON.stringify({ message: 'This device is not paired, or no longer. Pair it again at the machine.' }),
  )
}

/** What answers over https: nobody gets further than the pairing page without a session, but to bring one picture that is wanted. */
function sharedDoor(
  devices: Devices,
  answerPair: ReturnType<typeof answerPairing>,
  answerTake: ReturnType<typeof answerTaking>,
  { hosts, handle }: { hosts: () => readonly string[]; handle: () => Handle | null },
) {
  return (request: IncomingMessage, response: ServerResponse) => {
    const refusal = refusalOf(request, hosts(), 'https')
    if (refusal) return turnAway(response, refusal.status, refusal.words)
    if (request.url?.startsWith(TAKE_PATH)) return answerTake(request, response)
    const token = cookieOf(request.headers.cookie, SESSION)
    const device = token === null ? null : devices.find(token)
    if (request.url?.split('?')[0] === PAIR_PATH) {
      if (device) return sendOn(response, DEVICE_HOMES[device.role])
      answerPair(request, response).catch((error: unknown) => {
        console.error(error)
        if (!response.headersSent) turnAway(response, 500, 'This could not be answered.')
      })
      return
    }
    if (!device) {
      // A token that opens nothing any more is of no use to the device.
      if (token !== null) response.setHeader('set-cookie', setCookie(SESSION, '', 0))
      return notPaired(request, response)
    }
    letIn(request, response, handle(), device.role, { [DEVICE_HEADER]: device.id })
  }
}

/** The one thing that answers without https: what to trust, and the certificate. */
function trustDoor(
  certificate: Buffer,
  fingerprint: string,
  { hosts, onward }: { hosts: () => readonly string[]; onward: (host: string) => string },
) {
  return (request: IncomingMessage, response: ServerResponse) => {
    const refusal = refusalOf(request, hosts(), 'http')
    if (refusal) return turnAway(response, refusal.status, refusal.words)
    if (request.method !== 'GET') return turnAway(response, 405, 'Nothing is taken here.')
    if (request.url === '/')
      return sendPage(response, (nonce) => trustPage(nonce, fingerprint, onward(request.headers.host!)))
    if (request.url !== CERTIFICATE_PATH) return turnAway(response, 404, 'There is nothing here.')
    response.writeHead(200, {
      'content-type': 'application/x-x509-ca-cert',
      'content-disposition': 'attachment; filename="typothesis.crt"',
      'cache-control': 'no-store',
    })
    response.end(certificate)
  }
}

/**
 * Shares a workshop with the private networks this machine is in, until it is closed.
 *
 * @param handle the framework; null: not ready yet
 * @throws ShareError in words: no private address, no free port
 */
export async function share(
  dataFolder: string,
  wish: ShareWish,
  handle: () => Handle | null,
): Promise<Shared> {
  const addresses = addressesFor(wish)
  const folder = openShareFolder(dataFolder)
  const at = new Date()
  const { isNew, ...authority } = await folder.authority(at)
  const names = namesOfHost(hostName())
  const shown = await certifyServer(authority, { names, addresses }, at)
  const pairing = openPairing()
  const devices = keepDevices(folder.devices(), folder.keepDevices)
  const fingerprint = fingerprintOf(authority)
  let port = 0
  const hostsAt = (at: number) => [...addresses, ...names].map((name) => hostOf(name, at).toLowerCase())
  const pictures = openWantedPictures()
  const onShared = sharedDoor(devices, answerPairing({ pairing, devices }), answerTaking(pictures, handle), {
    hosts: () => hostsAt(port),
    handle,
  })
  const onTrust = trustDoor(derOf(authority), fingerprint, {
    hosts: () => hostsAt(port + 1),
    onward: (host) => `https://${host.replace(/:\d+$/, `:${port}`)}`,
  })
  const makeDoors = (): [secure: Server, plain: Server] => [
    createServer(
      { cert: `${shown.certificate}\n${authority.certificate}`, key: shown.key, minVersion: 'TLSv1.2' },
      onShared,
    ),
    createPlainServer(onTrust),
  ]
  const last = folder.port()
  const wanted = [
    ...(last === null ? [] : [last]),
    ...Array.from({ length: PORTS_TRIED }, (_, i) => FIRST_PORT + 2 * i),
  ]
  let servers: Server[] | null = null
  for (const one of wanted) {
    port = one
    servers = await openDoors(addresses, one, makeDoors)
    if (servers) break
  }
  if (!servers) throw new ShareError(`Ports ${FIRST_PORT} and on are all in use: nothing is shared.`)
  folder.rememberPort(port)
  const opened = servers
  const sharing: Sharing = {
    urls: addresses.map((address) => `https://${hostOf(address, port)}`),
    trustUrl: `http://${hostOf(addresses[0], port + 1)}`,
    fingerprint,
    pairing,
    pictures,
    devices,
  }
  setSharing(sharing)
  return {
    sharing,
    isNew,
    isMoved: last !== null && last !== port,
    close: async () => {
      setSharing(null)
      await closeAll(opened)
    },
  }
}
