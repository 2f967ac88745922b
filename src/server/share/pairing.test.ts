import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { keepDevices, PAIRED_DAYS, type PairedDevice } from './devices'
import { CODE_MS, deviceName, MOST_WRONG, openPairing } from './pairing'
import { askingOf, isAllowed } from './roles'
import { hashOf } from './secret'

const DAY_MS = 86_400_000
const clock = () => {
  const time = { now: 1_000_000 }
  return { time, now: () => time.now }
}
const other = (code: string) => String((Number(code) + 1) % 1_000_000).padStart(6, '0')
const refused = (answer: object) => ('refused' in answer ? answer.refused : null)

describe('a code', () => {
  it('lets one device ask, which waits until it is let in, and is told so once', () => {
    const pairing = openPairing()
    expect(refused(pairing.ask('000000', 'Tablet'))).toBe('no-code')
    const { code } = pairing.openCode()
    expect(code).toMatch(/^\d{6}$/)
    const answer = pairing.ask(`${code.slice(0, 3)} ${code.slice(3)}`, ' Tablet  by the press ')
    const { token } = answer as { token: string }
    expect(token).toMatch(/^[\w-]{43}$/)
    expect(refused(pairing.ask(code, 'Second'))).toBe('no-code')
    expect(pairing.collect(token)).toEqual({ stand: 'waiting', name: 'Tablet by the press' })
    const [{ id, name }] = pairing.waiting()
    expect(pairing.admit(id, 'desk')).toBe(true)
    expect(pairing.admit(id, 'shop')).toBe(false)
    expect(pairing.collect(token)).toEqual({ stand: 'admitted', device: { id, name, role: 'desk' } })
    expect(pairing.collect(token)).toEqual({ stand: 'gone' })
  })
  it('lives five minutes', () => {
    const { time, now } = clock()
    const pairing = openPairing(now)
    const { code, until } = pairing.openCode()
    expect(until - time.now).toBe(5 * 60_000)
    time.now += CODE_MS - 1
    expect(pairing.open()).toMatchObject({ code, triesLeft: 5 })
    time.now += 1
    expect(pairing.open()).toBeNull()
    expect(refused(pairing.ask(code, 'Tablet'))).toBe('no-code')
  })
  it('dies after five wrong tries in all, whoever tries, and the right one comes too late', () => {
    const pairing = openPairing()
    const { code } = pairing.openCode()
    for (let wrong = 1; wrong < MOST_WRONG; wrong++) {
      expect(refused(pairing.ask(other(code), `Device ${wrong}`))).toBe('wrong')
      expect(pairing.open()).toMatchObject({ triesLeft: MOST_WRONG - wrong })
    }
    expect(refused(pairing.ask(other(code), 'Device 5'))).toBe('dead')
    expect(refused(pairing.ask(code, 'Late'))).toBe('no-code')
    expect(pairing.waiting()).toEqual([])
  })
  it('of another making is none, and who was declined or waited too long is gone', () => {
    const { time, now } = clock()
    const pairing = openPairing(now)
    const first = pairing.openCode().code
    const { code } = pairing.openCode()
    if (first !== code) expect(refused(pairing.ask(first, 'Old'))).toBe('wrong')
    const ask = (said: string) => (pairing.ask(pairing.openCode().code, said) as { token: string }).token
    const declined = ask('One')
    expect(pairing.decline(pairing.waiting()[0].id)).toBe(true)
    expect(pairing.collect(declined)).toEqual({ stand: 'gone' })
    const late = ask('Two')
    const [{ id }] = pairing.waiting()
    time.now += CODE_MS
    expect(pairing.admit(id, 'shop')).toBe(false)
    expect(pairing.collect(late)).toEqual({ stand: 'gone' })
    expect(pairing.collect('made up')).toEqual({ stand: 'gone' })
  })
  it('is no use without a name, and lets no crowd wait', () => {
    const pairing = openPairing()
    expect(refused(pairing.ask(pairing.openCode().code, ' \u0000\u200b '))).toBe('nameless')
    const answers = Array.from({ length: 12 }, (_, i) => pairing.ask(pairing.openCode().code, `Device ${i}`))
    expect(answers.filter((one) => refused(one) === 'crowd')).toHaveLength(4)
  })
})

describe('a device’s name', () => {
  it('is one line of at most forty signs, and nothing that hides (property)', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 200 }), (said) => {
        const name = deviceName(said)
        expect([...name].length).toBeLessThanOrEqual(40)
        expect(name.isWellFormed()).toBe(true)
        expect(name).not.toMatch(/[\u0000-\u001f\u007f\u200b\u202e\u2028]/)
        expect(name.startsWith(' ')).toBe(false)
      }),
    )
  })
})

describe('paired devices', () => {
  it('come in by a token of which only a hash is kept, until they are revoked', () => {
    let kept: readonly PairedDevice[] = []
    const devices = keepDevices([], (next) => (kept = next))
    const token = devices.pair({ id: 'a', name: 'Tablet', role: 'desk' })
    expect(JSON.stringify(kept)).not.toContain(token)
    expect(kept[0].hash).toBe(hashOf(token))
    expect(devices.find(token)).toMatchObject({ id: 'a', role: 'desk' })
    expect(devices.find(kept[0].hash)).toBeNull()
    expect(devices.list()[0]).not.toHaveProperty('hash')
    expect(devices.list()[0].waits).toBeNull()
    devices.noteWaits('a', { toSend: 2, refused: 1 })
    expect(devices.list()[0].waits).toEqual({ toSend: 2, refused: 1 })
    // Opened again, the workshop knows it still.
    expect(keepDevices(kept, () => undefined).find(token)).toMatchObject({ id: 'a' })
    expect(devices.revoke('a')).toBe(true)
    expect(devices.find(token)).toBeNull()
    expect(devices.revoke('a')).toBe(false)
    expect(kept).toEqual([])
  })
  it('stay paired for ninety days', () => {
    const { time, now } = clock()
    const devices = keepDevices([], () => undefined, now)
    const token = devices.pair({ id: 'a', name: 'Tablet', role: 'shop' })
    time.now += PAIRED_DAYS * DAY_MS - 1
    expect(devices.find(token)).not.toBeNull()
    time.now += 1
    expect(devices.find(token)).toBeNull()
    expect(devices.list()).toEqual([])
  })
  it('that could not be written down are not paired', () => {
    const devices = keepDevices([], () => {
      throw new Error('full')
    })
    expect(() => devices.pair({ id: 'a', name: 'Tablet', role: 'shop' })).toThrow('full')
    expect(devices.list()).toEqual([])
  })
})

describe('who asks', () => {
  it('may have what is theirs: the machine all, a device not the sharing, a desk the desk', () => {
    const may = (asking: Parameters<typeof isAllowed>[0]) =>
      (['machine', 'shop', 'desk', 'wall'] as const).filter((role) => isAllowed(asking, role))
    expect(may('machine')).toEqual(['machine', 'shop', 'desk', 'wall'])
    expect(may('shop')).toEqual(['shop', 'desk', 'wall'])
    expect(may('desk')).toEqual(['desk'])
    expect(may('wall')).toEqual(['wall'])
    expect(may('nobody')).toEqual([])
  })
  it('is nobody where the door says nothing, or what it never says', () => {
    expect([null, '', 'admin', 'constructor', '__proto__', 'Machine'].map(askingOf)).toEqual(
      Array(6).fill('nobody'),
    )
    expect(askingOf('desk')).toBe('desk')
  })
})
