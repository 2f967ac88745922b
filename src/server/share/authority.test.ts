import { X509Certificate } from 'node:crypto'
import { createServer } from 'node:https'
import { connect } from 'node:tls'
import { describe, expect, it } from 'vitest'
import {
  certifyServer,
  derOf,
  fingerprintOf,
  hostOfAuthority,
  isLasting,
  makeAuthority,
  namesOfHost,
} from './authority'

const AT = new Date()
const DAY_MS = 86_400_000

/** What TLS says of a server with this certificate to who trusts the authority alone; null: it is believed. */
async function believed(
  authority: { certificate: string },
  server: { certificate: string; key: string },
  name: string,
) {
  const listening = createServer({ cert: server.certificate, key: server.key })
  await new Promise<void>((resolve) => listening.listen(0, '127.0.0.1', resolve))
  const { port } = listening.address() as { port: number }
  const said = await new Promise<string | null>((resolve) => {
    const socket = connect(
      {
        port,
        host: '127.0.0.1',
        ca: authority.certificate,
        servername: /\d$/.test(name) ? '' : name,
        checkServerIdentity: () => undefined,
      },
      () => {
        resolve(null)
        socket.destroy()
      },
    ).once('error', (error: NodeJS.ErrnoException) => resolve(error.message))
  })
  listening.close()
  return said
}

describe('the workshop’s own certificates, held against the TLS of Node.js (OpenSSL)', () => {
  it('are believed by who trusts the authority, for the names and addresses they name', async () => {
    const authority = await makeAuthority('bench', AT)
    const server = await certifyServer(
      authority,
      { names: namesOfHost('bench'), addresses: ['192.168.1.20', 'fd00::2', '127.0.0.2'] },
      AT,
    )
    expect(await believed(authority, server, 'bench.local')).toBeNull()
    const read = new X509Certificate(server.certificate)
    expect(read.verify(new X509Certificate(authority.certificate).publicKey)).toBe(true)
    expect(read.checkHost('bench.local')).toBe('bench.local')
    expect(read.checkHost('other.local')).toBeUndefined()
    expect(read.checkIP('192.168.1.20')).toBe('192.168.1.20')
    expect(read.checkIP('192.168.1.21')).toBeUndefined()
    expect(read.ca).toBe(false)
    // At most 825 days, or devices refuse it.
    expect((Date.parse(read.validTo) - Date.parse(read.validFrom)) / DAY_MS).toBeLessThan(825)
    expect(read.keyUsage).toEqual(['1.3.6.1.5.5.7.3.1'])
  })
  it('cannot pass for another host, nor for an address of the world', async () => {
    const authority = await makeAuthority('bench', AT)
    for (const names of [['elsewhere.example'], ['bench.local', 'elsewhere.example']]) {
      const server = await certifyServer(authority, { names, addresses: [] }, AT)
      expect(await believed(authority, server, names[0])).toBe('permitted subtree violation')
    }
    const world = await certifyServer(authority, { names: [], addresses: ['203.0.113.9'] }, AT)
    expect(await believed(authority, world, '203.0.113.9')).toBe('permitted subtree violation')
    const stranger = await makeAuthority('bench', AT)
    const server = await certifyServer(stranger, { names: ['bench'], addresses: [] }, AT)
    expect(await believed(authority, server, 'bench')).not.toBeNull()
  })
  it('are compared by the fingerprint devices show', async () => {
    const authority = await makeAuthority('bench', AT)
    const { fingerprint256, raw } = new X509Certificate(authority.certificate)
    expect(fingerprintOf(authority)).toBe(fingerprint256.replaceAll(':', ' '))
    expect(derOf(authority).equals(raw)).toBe(true)
  })
  it('are the host’s they were made for, and are made anew before they end', async () => {
    const authority = await makeAuthority('bench-2', AT)
    expect(hostOfAuthority(authority)).toBe('bench-2')
    expect(isLasting(authority, AT)).toBe(true)
    expect(isLasting(authority, new Date(AT.getTime() + 3600 * DAY_MS))).toBe(false)
  })
})
