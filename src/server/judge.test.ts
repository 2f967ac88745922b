import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { answerHeaders, contentPolicy, ownHeaders } from './headers'
import { judge, MOST_BYTES, ownHosts, type Asked } from './judge'

const hosts = ownHosts(3000)
const asked = (patch: Partial<Asked> = {}): Asked => ({
  method: 'GET',
  url: '/jobs/tide/plate?view=1',
  host: '127.0.0.1:3000',
  origin: undefined,
  contentLength: undefined,
  isChunked: false,
  ...patch,
})
const post = (patch: Partial<Asked> = {}) =>
  asked({ method: 'POST', origin: 'http://127.0.0.1:3000', contentLength: '10', ...patch })
const status = (one: Asked) => judge(one, hosts)?.status ?? null

describe('the door', () => {
  it('answers to this machine’s own names on its own port, and to no other', () => {
    for (const host of ['127.0.0.1:3000', 'localhost:3000', 'LOCALHOST:3000', '[::1]:3000'])
      expect(status(asked({ host }))).toBeNull()
    for (const host of [
      undefined,
      '',
      'localhost',
      '127.0.0.1',
      '127.0.0.1:3001',
      'evil.example',
      'evil.example:3000',
      '127.0.0.1:3000.evil.example',
    ])
      expect(status(asked({ host }))).toBe(421)
  })
  it('reads where a page stands, and turns away what is no such thing', () => {
    expect(status(asked({ routerState: encodeURIComponent('["",{"children":["jobs",{}]}]') }))).toBeNull()
    for (const routerState of [
      '%5B',
      '%',
      'null',
      '%5B%5D',
      '["",null]',
      ['["",{}]', '["",{}]'],
      'x'.repeat(50_000),
    ])
      expect(status(asked({ routerState }))).toBe(400)
  })
  it('takes changes from its own pages only: the origin is there and exactly its own', () => {
    expect(status(post())).toBeNull()
    expect(status(post({ host: 'localhost:3000', origin: 'http://localhost:3000' }))).toBeNull()
    for (const origin of [
      undefined,
      'null',
      '',
      'https://127.0.0.1:3000',
      'http://127.0.0.1',
      'http://127.0.0.1:3001',
      'http://localhost:3000',
      'http://127.0.0.1:3000.evil.example',
      'http://evil.example',
    ])
      for (const method of ['POST', 'PUT', 'DELETE', 'PATCH'])
        expect(status(post({ origin, method }))).toBe(403)
  })
  it('reads addresses that can be read', () => {
    for (const url of ['/', '/jobs/%C3%A9tat', '/a?b=c%20d&e=f+g', '/_next/static/chunks/a.js'])
      expect(status(asked({ url }))).toBeNull()
    for (const url of [
      '//evil.example',
      'http://evil.example/',
      '/%',
      '/%E0%A4%A',
      '/a%00b',
      '/a%0Ab',
      '/a\\b',
      '/?q=%',
      '*',
      `/${'a'.repeat(5000)}`,
    ])
      expect(status(asked({ url })), url).toBe(400)
  })
  it('never fails, and lets nothing unreadable in (property)', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 60 }), (url) => {
        const answer = status(asked({ url }))
        const isIn = answer === null
        expect(isIn || answer === 400).toBe(true)
        if (!isIn) return
        expect(url.startsWith('/')).toBe(true)
        expect(() => decodeURIComponent(url.split('?')[0])).not.toThrow()
      }),
    )
  })
  it('knows before it reads how much comes, and takes so much and no more', () => {
    expect(status(post({ contentLength: String(MOST_BYTES) }))).toBeNull()
    expect(status(post({ contentLength: String(MOST_BYTES + 1) }))).toBe(413)
    expect(status(post({ url: '/desk/tide/sync', contentLength: String(20 * 1024 * 1024) }))).toBe(413)
    expect(status(post({ contentLength: '-1' }))).toBe(400)
    expect(status(post({ contentLength: 'much' }))).toBe(400)
    expect(status(post({ contentLength: undefined, isChunked: true }))).toBe(411)
    expect(status(post({ contentLength: undefined }))).toBeNull()
  })
})

describe('what an answer says', () => {
  it('lets run what came from here, by the mark of this answer', () => {
    expect(contentPolicy('abc')).toContain("script-src 'self' 'nonce-abc' 'wasm-unsafe-eval'")
    expect(contentPolicy('abc')).not.toMatch(/script-src[^;]*unsafe-inline|unsafe-eval'?\s*'unsafe/)
    expect(answerHeaders('abc')).toMatchObject({
      'x-content-type-options': 'nosniff',
      'referrer-policy': 'no-referrer',
    })
  })
  it('is told to the framework, and what a sender makes up of itself is not', () => {
    const own = ownHeaders(
      {
        host: 'localhost:3000',
        cookie: 'a=b',
        'next-action': 'x',
        'x-forwarded-host': 'evil.example',
        'x-forwarded-for': '10.0.0.1',
        forwarded: 'for=10.0.0.1',
        'x-middleware-subrequest': 'middleware',
        'x-nonce': 'mine',
        'x-typothesis-asking': 'machine',
        'content-security-policy': "script-src 'nonce-mine'",
      },
      'abc',
      'desk',
    )
    expect(own).toEqual({
      host: 'localhost:3000',
      cookie: 'a=b',
      'next-action': 'x',
      'x-nonce': 'abc',
      'x-typothesis-asking': 'desk',
      'content-security-policy': contentPolicy('abc'),
    })
  })
})
