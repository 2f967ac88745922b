import { chmodSync, existsSync, mkdtempSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { createServer, request } from 'node:http'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { hold, holderOf, lastPort, WHO_PATH } from './holder'
import { serve, ServeError } from './serve'

/** A framework that answers what it was asked, and with which headers. */
const echo = () => ({
  prepare: async () => undefined,
  getRequestHandler:
    () => async (asked: import('node:http').IncomingMessage, answer: import('node:http').ServerResponse) => {
      answer.end(JSON.stringify({ url: asked.url, headers: asked.headers }))
    },
  close: async () => undefined,
})

let folder: string
let closes: (() => Promise<void>)[]
beforeEach(() => {
  folder = path.join(mkdtempSync(path.join(tmpdir(), 'typothesis-serve-')), 'workshop')
  closes = []
})
afterEach(async () => {
  for (const close of closes) await close()
  rmSync(path.dirname(folder), { recursive: true, force: true })
})
const open = async (port = 0) => {
  const served = await serve(echo as never, '.', folder, port)
  closes.push(served.close)
  return served
}
/** What is answered to a request with headers of one's own: `fetch` does not let a sender name another host. */
const ask = (url: string, options: import('node:http').RequestOptions) =>
  new Promise<number>((resolve, reject) =>
    request(url, options, (answer) => {
      answer.resume()
      resolve(answer.statusCode!)
    })
      .once('error', reject)
      .end(),
  )

describe('the server', () => {
  it('lets in who asks by its own name, and says what pages may run', async () => {
    const { url } = await open()
    const reply = await fetch(`${url}/jobs/tide?a=b`, { headers: { 'x-forwarded-host': 'evil.example' } })
    const { url: asked, headers } = (await reply.json()) as { url: string; headers: Record<string, string> }
    expect(asked).toBe('/jobs/tide?a=b')
    expect(headers['x-forwarded-host']).toBe(new URL(url).host)
    const [, nonce] = /'nonce-([^']+)'/.exec(reply.headers.get('content-security-policy')!)!
    expect(headers['x-nonce']).toBe(nonce)
    expect(reply.headers.get('x-content-type-options')).toBe('nosniff')
    const again = await fetch(url)
    expect(again.headers.get('content-security-policy')).not.toContain(nonce)
  })
  it('turns away another name, another origin, and what cannot be read', async () => {
    const { url } = await open()
    expect(await ask(url, { headers: { host: 'evil.example' } })).toBe(421)
    expect(await ask(url, { method: 'POST' })).toBe(403)
    expect(await ask(url, { method: 'POST', headers: { origin: 'http://evil.example' } })).toBe(403)
    expect(await ask(url, { method: 'POST', headers: { origin: url, 'content-length': '0' } })).toBe(200)
    expect(await ask(`${url}/%`, {})).toBe(400)
  })
  it('keeps the folder for its owner alone, and lets it go when it ends', async () => {
    const { url, close } = await open()
    expect(statSync(folder).mode & 0o777).toBe(0o700)
    expect(await holderOf(folder)).toMatchObject({ pid: process.pid, url })
    closes = []
    await close()
    expect(await holderOf(folder)).toBeNull()
    expect(existsSync(path.join(folder, '.server.json'))).toBe(false)
  })
  it('does not open a folder that another server has, and does not believe one that is gone', async () => {
    const { url } = await open()
    await expect(serve(echo as never, '.', folder, 0)).rejects.toThrow(`open already, at ${url}`)
    const alone = path.join(path.dirname(folder), 'alone')
    const gone = await serve(echo as never, '.', alone, 0)
    await gone.close()
    expect(await hold(alone, gone.url)).toBeNull()
    expect(await holderOf(alone)).toBeNull()
    // A stranger on that port is not the server that held it.
    const stranger = createServer((_, answer) => answer.end('hello'))
    await new Promise<void>((resolve) => stranger.listen(0, '127.0.0.1', resolve))
    expect(await hold(alone, `http://127.0.0.1:${(stranger.address() as { port: number }).port}`)).toBeNull()
    expect(await holderOf(alone)).toBeNull()
    stranger.close()
  })
  it('begun twice in the same moment is one: the other says where the first is', async () => {
    const begun = await Promise.allSettled(
      Array.from({ length: 4 }, () => serve(echo as never, '.', folder, 0)),
    )
    const open = begun.flatMap((one) => (one.status === 'fulfilled' ? [one.value] : []))
    closes = open.map(({ close }) => close)
    expect(open).toHaveLength(1)
    for (const one of begun)
      if (one.status === 'rejected') expect(String(one.reason)).toContain(`open already, at ${open[0].url}`)
  })
  it('comes back to the address of the last time, for what waits on devices waits there', async () => {
    const first = await open()
    const port = Number(new URL(first.url).port)
    expect(lastPort(folder)).toBe(port)
    closes = []
    await first.close()
    const again = await serve(echo as never, '.', folder)
    expect(again).toMatchObject({ url: first.url, movedFrom: null })
    await again.close()
    const stranger = createServer()
    await new Promise<void>((resolve) => stranger.listen(port, '127.0.0.1', resolve))
    const moved = await serve(echo as never, '.', folder)
    expect(moved.url).not.toBe(first.url)
    expect(moved.movedFrom).toBe(first.url)
    await moved.close()
    stranger.close()
  })
  it('sends on who asks by another name of this machine', async () => {
    const { url } = await open()
    const { port } = new URL(url)
    expect(await ask(`${url}/desk`, { headers: { host: `localhost:${port}` } })).toBe(307)
    expect(await ask(`${url}/desk`, { headers: { host: `127.0.0.1:${port}` } })).toBe(200)
  })
  it('says in words that a port is taken, or that a folder cannot be written', async () => {
    const { url } = await open()
    const other = path.join(path.dirname(folder), 'other')
    await expect(serve(echo as never, '.', other, Number(new URL(url).port))).rejects.toThrow('is in use')
    for (const odd of [NaN, -1, 70_000])
      await expect(serve(echo as never, '.', other, odd)).rejects.toThrow('PORT is no port')
    const file = path.join(path.dirname(folder), 'a-file')
    writeFileSync(file, '')
    chmodSync(file, 0o400)
    const failed = serve(echo as never, '.', path.join(file, 'workshop'), 0)
    await expect(failed).rejects.toThrow(ServeError)
    await expect(failed).rejects.toThrow('Nothing can be written')
  })
  it('says who it is to whoever stands at the same machine', async () => {
    const { url } = await open()
    expect(await (await fetch(url + WHO_PATH)).json()).toEqual({ pid: process.pid, folder })
  })
})
