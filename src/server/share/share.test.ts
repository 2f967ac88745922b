import { existsSync, mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { get, type IncomingMessage } from 'node:http'
import { request } from 'node:https'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { checkServerIdentity } from 'node:tls'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { serve, ServeError } from '../serve'
import { openShareFolder } from './shareFolder'
import { sharingNow } from './sharing'

/** A framework that answers what it was asked, and by whom. */
const echo = () => ({
  prepare: async () => undefined,
  getRequestHandler: () => async (asked: IncomingMessage, answer: import('node:http').ServerResponse) => {
    const { url } = asked
    const begun = asked.headers['x-typothesis-begun']
    if (url === '/pictures' && (asked.headers.cookie || asked.headers['next-action']))
      throw new Error('more came')
    // As the route of pictures does.
    if (url === '/pictures' && begun && asked.headers['x-file-name'] !== 'torn')
      sharingNow()!.pictures.done(String(begun), PICTURE)
    if (url !== '/sends-on')
      return void answer.end(JSON.stringify({ url, asking: asked.headers['x-typothesis-asking'] }))
    // As the framework does with an act of another page: to itself, on this machine, with all it was told.
    const { connection, host, ...headers } = asked.headers as Record<string, string>
    expect([connection, host]).toHaveLength(2)
    answer.end(await (await fetch(`${local}/sent-on`, { method: 'POST', headers })).text())
  },
  close: async () => undefined,
})

const PICTURE = { id: 'a'.repeat(64), size: { widthPx: 3, heightPx: 2 }, source: null }

/** This machine by an address that no other server of the tests listens at. */
const ADDRESS = '127.0.0.7'

let folder: string
/** where the machine itself asks */
let local: string
let closes: (() => Promise<void>)[]
beforeEach(() => {
  folder = path.join(mkdtempSync(path.join(tmpdir(), 'typothesis-share-')), 'workshop')
  closes = []
})
afterEach(async () => {
  for (const close of closes) await close()
  rmSync(path.dirname(folder), { recursive: true, force: true })
})
const open = async () => {
  const served = await serve(echo as never, '.', folder, 0, { address: ADDRESS })
  closes.push(served.close)
  local = served.url
  const [url] = served.shared!.sharing.urls
  return { ...served, url, local: served.url, sharing: served.shared!.sharing }
}

interface Said {
  status: number
  headers: IncomingMessage['headers']
  text: string
}
const read = (answer: IncomingMessage, resolve: (said: Said) => void) => {
  let text = ''
  answer.on('data', (chunk) => (text += String(chunk)))
  answer.on('end', () => resolve({ status: answer.statusCode!, headers: answer.headers, text }))
}
/** What is answered over https to who trusts the workshop’s authority and nobody else. */
const ask = (
  url: string,
  { body, ...options }: import('node:https').RequestOptions & { body?: string } = {},
): Promise<Said> =>
  new Promise((resolve, reject) =>
    request(
      url,
      {
        ca: readFileSync(path.join(folder, 'share/authority.crt')),
        // Whatever host is named: the certificate is held against the address that was called.
        checkServerIdentity: (_, certificate) => checkServerIdentity(ADDRESS, certificate),
        agent: false,
        ...options,
      },
      (answer) => read(answer, resolve),
    )
      .once('error', reject)
      .end(body),
  )
const visit = (url: string, cookie = '') =>
  ask(url, { headers: { accept: 'text/html', ...(cookie && { cookie }) } })
const tryCode = (url: string, code: string, name = 'Tablet', headers: Record<string, string> = {}) => {
  const body = new URLSearchParams({ code, name }).toString()
  return ask(`${url}/pair`, {
    method: 'POST',
    body,
    headers: {
      origin: url,
      'content-type': 'application/x-www-form-urlencoded',
      'content-length': String(body.length),
      ...headers,
    },
  })
}
const cookieIn = ({ headers }: Said, begins: string) =>
  headers['set-cookie']!.find((one) => one.startsWith(`${begins}=`))!
const valueOf = (cookie: string) => cookie.split(';')[0]

/** Pairs a device as a person does. @returns the cookie it comes in with */
async function pair(
  { url, sharing }: Awaited<ReturnType<typeof open>>,
  role: 'shop' | 'desk',
  name = 'Tablet',
) {
  const asked = await tryCode(url, sharing.pairing.openCode().code, name)
  expect([asked.status, asked.headers.location]).toEqual([303, '/pair'])
  const waiting = valueOf(cookieIn(asked, '__Host-typothesis-waiting'))
  expect((await visit(`${url}/pair`, waiting)).text).toContain(`“${name}” waits to be let in`)
  expect(sharing.pairing.admit(sharing.pairing.waiting()[0].id, role)).toBe(true)
  const admitted = await visit(`${url}/pair`, waiting)
  expect([admitted.status, admitted.headers.location]).toEqual([303, role === 'desk' ? '/desk' : '/'])
  return cookieIn(admitted, '__Host-typothesis')
}

describe('a workshop that is shared', () => {
  it('shows who is not paired the pairing page, and nothing else', async () => {
    const { url } = await open()
    for (const at of [
      '/',
      '/jobs/tide',
      '/desk',
      '/_next/static/a.js',
      '/pictures/x/small',
      '/.well-known/typothesis',
      '/pair/x',
      '/PAIR',
      '/pair%2f',
    ]) {
      const { status, headers, text } = await visit(url + at)
      expect([status, headers.location, text], at).toEqual([303, '/pair', ''])
    }
    for (const headers of [
      {},
      { accept: 'application/json' },
      { accept: 'text/html', rsc: '1' },
      { accept: 'text/html', 'sec-fetch-mode': 'cors' },
    ]) {
      const { status, text } = await ask(`${url}/jobs/tide`, { headers })
      expect([status, text]).toEqual([401, expect.stringContaining('not paired')])
    }
    for (const method of ['POST', 'PUT', 'DELETE', 'PATCH'])
      expect(
        (await ask(`${url}/desk/tide/sync`, { method, headers: { origin: url, 'next-action': 'x' } })).status,
      ).toBe(401)
    const page = await visit(`${url}/pair`)
    expect(page.status).toBe(200)
    expect(page.text).toContain('Pair this device')
    expect(page.headers['content-security-policy']).toContain("default-src 'none'")
  })
  it('lets in by a code, and by the machine’s word, in the role it was given', async () => {
    const shared = await open()
    for (const role of ['shop', 'desk'] as const) {
      const cookie = await pair(shared, role)
      for (const word of ['Secure', 'HttpOnly', 'SameSite=Lax', 'Path=/', `Max-Age=${90 * 86_400}`])
        expect(cookie).toContain(word)
      const said = await visit(`${shared.url}/jobs/tide`, valueOf(cookie))
      expect(JSON.parse(said.text)).toEqual({ url: '/jobs/tide', asking: role })
      // What a device says of itself is not heard.
      const made = await ask(`${shared.url}/`, {
        headers: { cookie: valueOf(cookie), 'x-typothesis-asking': 'machine' },
      })
      expect(JSON.parse(made.text)).toMatchObject({ asking: role })
    }
    expect(await (await fetch(`${shared.local}/x`)).json()).toEqual({ url: '/x', asking: 'machine' })
  })
  it('stays whose it was when the framework sends it on to itself', async () => {
    const shared = await open()
    for (const role of ['shop', 'desk'] as const) {
      const cookie = valueOf(await pair(shared, role))
      const said = await ask(`${shared.url}/sends-on`, {
        method: 'POST',
        headers: { cookie, origin: shared.url, 'content-length': '0' },
      })
      expect(JSON.parse(said.text)).toEqual({ url: '/sent-on', asking: role })
    }
    // Nobody else knows the word by which such a request is known.
    const made = await fetch(`${local}/x`, {
      method: 'POST',
      headers: { 'x-typothesis-inside': 'x', 'x-typothesis-asking': 'machine', 'x-forwarded-host': ADDRESS },
    })
    expect(made.status).toBe(403)
  })
  it('ends a session at once when its device is taken out, and takes none that was made up or waits', async () => {
    const shared = await open()
    const cookie = valueOf(await pair(shared, 'shop'))
    expect((await visit(shared.url, cookie)).status).toBe(200)
    const [{ id }] = shared.sharing.devices.list()
    expect(shared.sharing.devices.revoke(id)).toBe(true)
    const after = await visit(shared.url, cookie)
    expect([after.status, after.headers.location]).toEqual([303, '/pair'])
    expect(cookieIn(after, '__Host-typothesis')).toContain('Max-Age=0')
    const [, made] = cookie.split('=')
    for (const one of ['', 'x', made.slice(0, -1), made + made])
      expect((await visit(shared.url, `__Host-typothesis=${one}`)).status).toBe(303)
    const asked = await tryCode(shared.url, shared.sharing.pairing.openCode().code)
    const [, waiting] = valueOf(cookieIn(asked, '__Host-typothesis-waiting')).split('=')
    expect((await visit(shared.url, `__Host-typothesis=${waiting}`)).status).toBe(303)
  })
  it('bears five wrong codes and no more; a waiting token opens once', async () => {
    const shared = await open()
    const { code } = shared.sharing.pairing.openCode()
    const wrong = code === '000000' ? '000001' : '000000'
    for (let tries = 1; tries <= 5; tries++) {
      const { status, text } = await tryCode(shared.url, wrong, `Device ${tries} <b>`)
      expect(status).toBe(403)
      expect(text).toContain(tries < 5 ? 'not the code' : 'fifth wrong try')
      expect(text).not.toContain('<b>"')
    }
    expect((await tryCode(shared.url, code)).text).toContain('No code is open')
    expect(shared.sharing.pairing.waiting()).toEqual([])
    const asked = await tryCode(shared.url, shared.sharing.pairing.openCode().code)
    const waiting = valueOf(cookieIn(asked, '__Host-typothesis-waiting'))
    shared.sharing.pairing.admit(shared.sharing.pairing.waiting()[0].id, 'shop')
    expect((await visit(`${shared.url}/pair`, waiting)).status).toBe(303)
    // Replayed, it is worth nothing.
    const again = await visit(`${shared.url}/pair`, waiting)
    expect([again.status, again.headers['set-cookie']]).toEqual([200, [expect.stringContaining('Max-Age=0')]])
    expect(shared.sharing.devices.list()).toHaveLength(1)
  })
  it('turns away another name, another origin and too much, paired or not', async () => {
    const shared = await open()
    const cookie = valueOf(await pair(shared, 'shop'))
    const { code } = shared.sharing.pairing.openCode()
    expect((await ask(shared.url, { headers: { host: 'evil.example' } })).status).toBe(421)
    expect((await ask(shared.url, { headers: { host: '127.0.0.1:3000', cookie } })).status).toBe(421)
    for (const origin of ['null', 'https://evil.example', shared.url.replace('https', 'http'), shared.local])
      expect((await tryCode(shared.url, code, 'Tablet', { origin })).status, origin).toBe(403)
    expect((await ask(`${shared.url}/act`, { method: 'POST', headers: { cookie } })).status).toBe(403)
    expect((await tryCode(shared.url, code, 'x'.repeat(3000))).status).toBe(413)
    // None of these was a try.
    expect(shared.sharing.pairing.open()).toMatchObject({ code, triesLeft: 5 })
  })
  it('takes one picture from a phone that is paired for nothing, and lets it no further', async () => {
    const { url, sharing } = await open()
    const { id, token } = sharing.pictures.want('Picture of <proof> 3')!
    const send = (given: string, headers: Record<string, string> = {}, method = 'POST') =>
      ask(`${url}/take/${given}`, {
        method,
        body: method === 'POST' ? 'pixels' : undefined,
        headers: { origin: url, 'content-length': '6', ...headers },
      })
    const page = await visit(`${url}/take/${token}`)
    expect(page.text).toContain('<h1>Picture of &#60;proof&#62; 3</h1>')
    expect(page.text).toContain('accept="image/jpeg,image/png" capture="environment"')
    expect(page.headers['set-cookie']).toBeUndefined()
    for (const made of ['', 'x', token.slice(0, -1), `${token}/..`, id]) {
      expect((await visit(`${url}/take/${made}`)).status, made).toBe(410)
      expect((await send(made)).status, made).toBe(410)
    }
    expect((await send(token, { 'content-length': String(41 * 1024 * 1024) })).status).toBe(413)
    expect((await send(token, { origin: 'https://evil.example' })).status).toBe(403)
    expect((await send(token, {}, 'PUT')).status).toBe(405)
    expect((await visit(`${url}/pictures`)).headers.location).toBe('/pair')
    // One that is refused may be tried again; one that is there closes the door.
    expect((await send(token, { 'x-file-name': 'torn' })).status).toBe(200)
    expect(sharing.pictures.collect(id)).toEqual({ stand: 'wanted' })
    const sent = await send(token, {
      'x-typothesis-begun': 'made up',
      'x-typothesis-asking': 'machine',
      'next-action': 'made up',
      cookie: 'a=b',
    })
    expect(JSON.parse(sent.text)).toEqual({ url: '/pictures', asking: 'desk' })
    expect((await send(token)).status).toBe(410)
    expect((await visit(`${url}/take/${token}`)).text).toContain('Not wanted any more')
    expect(sharing.pictures.collect(id)).toEqual({ stand: 'taken', picture: PICTURE })
  })
  it('says nothing without https but what to trust', async () => {
    const { sharing } = await open()
    const plain = (at: string, options: import('node:http').RequestOptions = {}) =>
      new Promise<Said>((resolve, reject) =>
        get(sharing.trustUrl + at, options, (answer) => read(answer, resolve)).once('error', reject),
      )
    const page = await plain('/')
    expect(page.text).toContain(sharing.fingerprint)
    expect(page.text).toContain(`href="${sharing.urls[0]}"`)
    const certificate = await plain('/typothesis.crt')
    expect(certificate.headers['content-type']).toBe('application/x-x509-ca-cert')
    for (const at of ['/pair', '/desk', '/authority.key', '/?a']) expect((await plain(at)).status).toBe(404)
    expect((await plain('/', { headers: { host: 'evil.example' } })).status).toBe(421)
    expect((await plain('/', { method: 'POST' })).status).toBe(403)
  })
  it('keeps who is paired, and where it is, for the next time; its key is its owner’s alone', async () => {
    const first = await open()
    const cookie = valueOf(await pair(first, 'desk'))
    const [url] = first.sharing.urls
    closes = []
    await first.close()
    expect(sharingNow()).toBeNull()
    for (const name of ['authority.key', 'devices.json'])
      expect(statSync(path.join(folder, 'share', name)).mode & 0o777).toBe(0o600)
    expect(readFileSync(path.join(folder, 'share/devices.json'), 'utf8')).not.toContain(cookie.split('=')[1])
    // Without the word nothing is shared, whatever was the last time.
    const alone = await serve(echo as never, '.', folder, 0)
    expect(alone.shared).toBeNull()
    await expect(ask(url)).rejects.toThrow('ECONNREFUSED')
    await alone.close()
    const again = await open()
    expect(again.sharing.urls).toEqual([url])
    expect(again.sharing.fingerprint).toBe(first.sharing.fingerprint)
    expect(again.shared).toMatchObject({ isNew: false, isMoved: false })
    expect((await visit(url, cookie)).status).toBe(200)
  })
  it('is shared in private networks only, and says why not', async () => {
    for (const address of ['203.0.113.9', '0.0.0.0', '::', 'bench'])
      await expect(serve(echo as never, '.', folder, 0, { address })).rejects.toThrow(ServeError)
    // A private address that is not this machine’s.
    await expect(serve(echo as never, '.', folder, 0, { address: '10.255.254.253' })).rejects.toThrow(
      'cannot be opened',
    )
    // What could not be shared is not left open.
    expect(existsSync(path.join(folder, '.server.json'))).toBe(false)
  })
})

describe('the folder of what is shared', () => {
  it('makes the authority anew for a machine of another name', async () => {
    const at = new Date()
    const one = await openShareFolder(folder, 'bench').authority(at)
    expect(await openShareFolder(folder, 'bench').authority(at)).toMatchObject({
      isNew: false,
      certificate: one.certificate,
    })
    expect(await openShareFolder(folder, 'press').authority(at)).toMatchObject({ isNew: true })
  })
  it('lets nobody in by what cannot be read', () => {
    const kept = openShareFolder(folder, 'bench')
    const one = { id: 'a', name: 'Tablet', role: 'desk' as const, hash: 'x', pairedAt: 1 }
    kept.keepDevices([one])
    expect(kept.devices()).toEqual([one])
    for (const torn of ['', '[{"id":"a"', '[{"id":"a"}]', 'null']) {
      writeFileSync(path.join(folder, 'share/devices.json'), torn)
      expect(kept.devices(), torn).toEqual([])
    }
  })
})
