import { createServer, request } from 'node:http'
import { afterEach, describe, expect, it } from 'vitest'
import { bringsActText, isActText, peek } from './actWords'

describe('the text of an act', () => {
  it('is a list of what it is given', () => {
    for (const text of ['[]', '[{"jobId":"x"},"key"]', '["$undefined",null]', '["costs $F or so"]'])
      expect(isActText(text)).toBe(true)
  })
  it('that is none, or names a function of the server’s, is not read further', () => {
    for (const text of ['', '[', '"', 'undefined', '{}', 'null', '["$F1"]', '[{"a":[{"b":"$h1"}]}]'])
      expect(isActText(text)).toBe(false)
  })
  it('is looked for in acts that are no files', () => {
    const act = (headers: Record<string, string>, method = 'POST') =>
      bringsActText({ method, headers: { 'next-action': 'f', 'content-length': '2', ...headers } })
    expect(act({ 'content-type': 'text/plain;charset=UTF-8' })).toBe(true)
    expect(act({ 'content-type': 'multipart/form-data; boundary=x' })).toBe(false)
    expect(act({ 'content-length': String(2 * 1024 * 1024) })).toBe(false)
    expect(act({}, 'GET')).toBe(false)
    expect(bringsActText({ method: 'POST', headers: {} })).toBe(false)
  })
})

describe('what a request brings', () => {
  const server = createServer((asked, answer) => {
    void peek(asked).then(async (seen) => {
      const read: Buffer[] = []
      for await (const chunk of asked) read.push(chunk as Buffer)
      answer.end(JSON.stringify([seen?.toString(), Buffer.concat(read).toString()]))
    })
  })
  afterEach(() => void server.close())
  it('is there for who comes after, in however many pieces it came', async () => {
    await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve))
    const { port } = server.address() as { port: number }
    const send = (pieces: readonly string[]) =>
      new Promise<string[]>((resolve, reject) => {
        const whole = pieces.join('')
        const asking = request(
          {
            port,
            host: '127.0.0.1',
            method: 'POST',
            headers: { 'content-length': Buffer.byteLength(whole) },
          },
          (answer) => {
            let text = ''
            answer.on('data', (chunk) => (text += String(chunk)))
            answer.on('end', () => resolve(JSON.parse(text) as string[]))
          },
        ).once('error', reject)
        void (async () => {
          for (const piece of pieces) {
            asking.write(piece)
            await new Promise((resolve) => setTimeout(resolve, 15))
          }
          asking.end()
        })()
      })
    for (const pieces of [[], ['[1]'], ['[1,', '"zwei"', ',3]'], ['x'.repeat(300_000), 'y'.repeat(200_000)]])
      expect(await send(pieces)).toEqual([pieces.join(''), pieces.join('')])
  })
})
