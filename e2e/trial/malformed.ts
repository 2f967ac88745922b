import { readFileSync } from 'node:fs'
import path from 'node:path'
import { startServer } from '../server'
import { VIEWS } from '../views'
import { ask, randomFrom, type Reply } from './door'
import { examine, knownDesk, pullEntry, SLUG } from './log'

const ROOT = path.resolve(import.meta.dirname, '../..')
const AT_ONCE = 6

export interface Malformed {
  inputs: number
  answered5xx: number
  hangs: number
  /** connections that ended without an answer */
  dropped: number
  byStatus: Record<string, number>
  /** the first doors that answered 5xx */
  broken: string[]
  isWell: boolean
  said: string
}

/** How the framework writes that an argument is a function of the server’s. */
const FUNCTION = '$F1'

const NASTY: unknown[] = [
  null,
  true,
  -1,
  1e308,
  0.1,
  9e15,
  '',
  ' ',
  '\u0001\u0007',
  '\ud800',
  'x'.repeat(5000),
  '../../etc/passwd',
  "'; DROP TABLE jobs; --",
  '$undefined',
  FUNCTION,
  '$@1',
  '{{constructor}}',
  [],
  [[[[[[]]]]]],
  {},
  { __proto__: null, constructor: 1 },
  { jobId: 'x', revision: -1 },
]

/** A document with something nasty somewhere in it. */
function spoilt(value: unknown, random: () => number): unknown {
  const nasty = () => NASTY[Math.floor(random() * NASTY.length)]
  if (typeof value !== 'object' || value === null || random() < 0.15) return nasty()
  const keys = Object.keys(value)
  if (keys.length === 0) return nasty()
  const key = keys[Math.floor(random() * keys.length)]
  const copy = structuredClone(value) as Record<string, unknown>
  const way = random()
  if (way < 0.15) delete copy[key]
  else if (way < 0.3) copy[`${key}é`] = nasty()
  else copy[key] = spoilt(copy[key], random)
  return copy
}

/** Ids of every server action, as the build knows them. */
function actions(): string[] {
  const manifest = JSON.parse(
    readFileSync(path.join(ROOT, '.next/server/server-reference-manifest.json'), 'utf8'),
  ) as { node: Record<string, unknown> }
  return Object.keys(manifest.node)
}

/** Sends what nobody would send through every door, actions among them, and counts what breaks. */
export async function sendMalformed(inputs: number, seed: number): Promise<Malformed> {
  const random = randomFrom(seed)
  const pick = <T>(list: readonly T[]) => list[Math.floor(random() * list.length)]
  const server = await startServer({ sample: true })
  try {
    const { url } = server
    const desk = await knownDesk(server)
    const sync = { version: 1, zone: 'Europe/Lisbon', entries: [pullEntry(desk, 'spoilt')] }
    const rails = { words: [{ rail: 'plate', begun: [1000], base: 0 }] }
    const ids = actions()
    const json = { 'content-type': 'application/json' }
    const post = (way: string, what: unknown): [string, Promise<Reply>] => [
      way,
      ask(url + way, { body: JSON.stringify(what) ?? '', headers: json }),
    ]
    const act = (): [string, Promise<Reply>] => {
      const id = random() < 0.9 ? pick(ids) : 'f'.repeat(42)
      const input = {
        jobId: pick(['x', 'mooring-posts', null]),
        revision: pick([0, -1, 'a']),
        id: 'a',
        by: 'Ida',
      }
      const body =
        random() < 0.15 ? pick(['', '[', '"', '[1', 'undefined']) : JSON.stringify([spoilt(input, random)])
      return [
        `action ${id} ${body}`,
        ask(`${url}/`, {
          body,
          headers: {
            'next-action': id,
            accept: 'text/x-component',
            'content-type': 'text/plain;charset=UTF-8',
          },
        }),
      ]
    }
    const look = (): [string, Promise<Reply>] => {
      const view = pick(VIEWS)
      const odd = pick([
        '%',
        '%00',
        '%ff',
        '\\',
        '//',
        '?a=%',
        '?_rsc=%F0',
        '/..%2f..',
        '#',
        '/%E2%80%AE',
        `?q=${'y'.repeat(3000)}`,
      ])
      const way = random() < 0.5 ? `${view}${odd}` : view.replace(/[a-z]/, pick(['%27', '0', 'é', '%0a']))
      const headers = pick([
        {},
        { rsc: '1' },
        { rsc: '1', 'next-router-state-tree': '%5B' },
        { 'next-router-prefetch': '1', rsc: '1' },
        { cookie: 'typothesis-zone=Nowhere%2FAt' },
        { cookie: 'typothesis-zone=%E0%A4%A' },
        { range: 'bytes=9-1' },
        { 'if-none-match': 'x' },
      ]) as Record<string, string>
      return [
        way,
        ask(url + way, { headers, method: pick(['GET', 'GET', 'HEAD', 'PUT', 'DELETE', 'PATCH']) }),
      ]
    }
    const doors: (() => [string, Promise<Reply>])[] = [
      () => post(`/desk/${pick([SLUG, 'nobody', '%2e%2e'])}/sync`, spoilt(sync, random)),
      () => post(`/desk/${pick([SLUG, 'nobody'])}/rails`, spoilt(rails, random)),
      () => [
        '/pictures',
        ask(`${url}/pictures`, {
          body: pick([
            '',
            'no picture',
            '\u0089PNG\r\n\u001a\n',
            '<svg xmlns="http://www.w3.org/2000/svg"/>',
          ]),
          headers: { 'x-file-name': pick(['%', 'a.png', '%00', '../x']) },
        }),
      ],
      act,
      act,
      act,
      look,
      look,
    ]
    const result: Malformed = {
      inputs,
      answered5xx: 0,
      hangs: 0,
      dropped: 0,
      byStatus: {},
      broken: [],
      isWell: false,
      said: '',
    }
    let sent = 0
    const sender = async () => {
      while (sent < inputs) {
        sent += 1
        const [way, reply] = pick(doors)()
        const { status, isHung } = await reply
        result.byStatus[status] = (result.byStatus[status] ?? 0) + 1
        if (isHung) result.hangs += 1
        else if (status === 0) result.dropped += 1
        if (status < 500) continue
        result.answered5xx += 1
        if (result.broken.length < 20) result.broken.push(`${status} ${way.slice(0, 200)}`)
      }
    }
    await Promise.all(Array.from({ length: AT_ONCE }, sender))
    await server.kill()
    return { ...result, ...examine(server) }
  } finally {
    await server.remove()
  }
}
