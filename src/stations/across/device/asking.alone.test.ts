import { afterEach, describe, expect, it, vi } from 'vitest'

const said: { headers: Headers | null } = { headers: null }
vi.mock('next/headers', () => ({
  headers: async () => {
    if (!said.headers) throw new Error('outside a request')
    return said.headers
  },
}))
const { askingNow, refusalFor } = await import('./asking')
const { onlyFor, routeFor } = await import('./onlyFor')
const { act, ask } = await import('../act/act')
const { z } = await import('zod')

const asking = (word?: string) => {
  said.headers = new Headers(word === undefined ? {} : { 'x-typothesis-asking': word })
}
afterEach(() => {
  said.headers = null
  vi.unstubAllEnvs()
})

describe('who asks', () => {
  it('is who the door says, and nobody where it says nothing', async () => {
    for (const word of ['machine', 'shop', 'desk']) {
      asking(word)
      expect(await askingNow()).toBe(word)
    }
    for (const word of [undefined, 'nobody', 'owner']) {
      asking(word)
      expect(await askingNow()).toBe('nobody')
      expect(await refusalFor('desk')).toBe('This device is not paired.')
    }
  })
  it('is the machine where nothing was asked for, and in development', async () => {
    expect(await askingNow()).toBe('machine')
    asking()
    vi.stubEnv('NODE_ENV', 'development')
    expect(await askingNow()).toBe('machine')
  })
})

describe('what is not for who asks', () => {
  it('is not looked up, not answered and not done', async () => {
    asking('desk')
    const did = vi.fn(async () => ({}))
    const input = z.strictObject({})
    for (const one of [act(input, 'shop', did), ask(input, 'shop', did), act(input, 'machine', did)])
      expect(await one({}, 'key-of-this-act')).toMatchObject({
        ok: false,
        problems: [{ message: expect.stringMatching(/^This device is paired for the pull desk/) }],
      })
    const shown = vi.fn(() => 'the job')
    expect(await onlyFor('shop', shown)({})).not.toBe('the job')
    const route = routeFor('shop', () => {
      shown()
      return new Response('the job')
    })
    expect((await route(new Request('https://x.test/') as never)).status).toBe(403)
    expect([did.mock.calls, shown.mock.calls]).toEqual([[], []])
    expect(await onlyFor('desk', shown)({})).toBe('the job')
  })
})
