import 'fake-indexeddb/auto'
import { IDBFactory, IDBObjectStore } from 'fake-indexeddb'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { DeskEntry } from '@/core/edition/deskEntry'
import { FRESH_DESK, waiting, type DeskMemory } from './deskMemory'
import { DESK_VERSION, type Desk } from './deskShape'

const entry = (id: string): DeskEntry => ({
  kind: 'withdrawal',
  id,
  pullId: 'p',
  pullKind: 'edition',
  by: 'Ida Quill',
  at: '2031-05-02T09:31:00.000Z',
})
const memoryOf = (...ids: string[]): DeskMemory => ({
  ...FRESH_DESK,
  role: 'inky',
  queue: ids.map((id) => waiting(entry(id))),
})
const desk = { slug: 'mooring-posts', title: 'Mooring posts' }

/** A device of its own for each test. */
async function freshStore() {
  vi.resetModules()
  vi.stubGlobal('indexedDB', new IDBFactory())
  vi.stubGlobal('navigator', { storage: { persist: () => Promise.reject(new Error('not asked')) } })
  return import('./deskStore')
}
let store: Awaited<ReturnType<typeof freshStore>>
beforeEach(async () => {
  store = await freshStore()
})
afterEach(() => {
  vi.restoreAllMocks()
  vi.unstubAllGlobals()
})

describe('what a device keeps of its desks', () => {
  it('is nothing at first, and then what was written, queue and all, in its order', async () => {
    expect(await store.readDevice(desk.slug)).toEqual({ memory: null, desk: null })
    const memory = memoryOf('b', 'a', 'c')
    await store.keepMemory(desk, null, memory)
    expect((await store.readDevice(desk.slug)).memory).toEqual(memory)
    expect((await store.readDevice('samphire')).memory).toBeNull()
  })
  it('follows what was sent, refused and added, writing only that', async () => {
    const first = memoryOf('a', 'b', 'c')
    await store.keepMemory(desk, null, first)
    const put = vi.spyOn(IDBObjectStore.prototype, 'put')
    const [a, b, c] = first.queue
    await store.keepMemory(desk, first, { ...first, queue: [a, b, c, waiting(entry('d'))] })
    expect(put.mock.calls.map(([value]) => (value as { id?: string }).id)).toEqual([undefined, 'd'])
    const after = { ...first, queue: [{ ...b, refused: 'no BAT' }, c, waiting(entry('d'))] }
    await store.keepMemory(desk, { ...first, queue: [a, b, c, waiting(entry('d'))] }, after)
    expect((await store.readDevice(desk.slug)).memory).toEqual(after)
    // Two withdrawals that wait speak of one pull.
    expect(await store.knownDesks()).toEqual([{ ...desk, waiting: 1, refused: 1 }])
  })
  it('keeps what the server said last, and asks anew for what an earlier desk kept', async () => {
    const read = { ...desk, version: DESK_VERSION } as Desk
    await store.keepJob(read)
    expect((await store.readDevice(desk.slug)).desk).toEqual(read)
    await store.keepJob({ ...read, version: 1 } as unknown as Desk)
    expect((await store.readDevice(desk.slug)).desk).toBeNull()
  })
  it('is tried before it is needed: a device that keeps answers with nothing to say', async () => {
    expect(await store.tryDevice()).toBeNull()
    expect(await store.knownDesks()).toEqual([])
  })
  it.each([
    ['QuotaExceededError', 'its storage is full'],
    ['SecurityError', 'its browser refuses storage to this page'],
  ])('says in words why it keeps nothing: %s', async (name, words) => {
    vi.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
      throw new DOMException('no', name)
    })
    expect(await store.tryDevice()).toBe(words)
    await expect(store.keepMemory(desk, null, memoryOf('a'))).rejects.toThrow(words)
  })
  it('loses nothing of what it had when a writing fails in the middle', async () => {
    const first = memoryOf('a', 'b')
    await store.keepMemory(desk, null, first)
    const put = IDBObjectStore.prototype.put
    vi.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(function (
      this: IDBObjectStore,
      value: unknown,
      key?: IDBValidKey,
    ) {
      if ((value as { id?: string }).id === 'z') throw new DOMException('no', 'QuotaExceededError')
      return put.call(this, value, key)
    })
    const next = { ...first, role: 'clean' as const, queue: [waiting(entry('y')), waiting(entry('z'))] }
    await expect(store.keepMemory(desk, first, next)).rejects.toThrow('full')
    vi.restoreAllMocks()
    expect((await store.readDevice(desk.slug)).memory).toEqual(first)
  })
})
