import { readdirSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { ROOM_LINES, roomAt } from './roomLines'

const ROOMS = 'src/app/(workshop)'
const PAGES = readdirSync(ROOMS, { recursive: true, encoding: 'utf8' })
  .filter((file) => /(^|\/)page\.tsx$/.test(file))
  .map((file) => `/${file}`.replace(/\/page\.tsx$/, '') || '/')
/** One leads on to the station at hand; the other explains everything. */
const SAYS_ITSELF = ['/jobs/[job]', '/help']

describe('what a room is for', () => {
  it('is said of every page of the workshop, and of none that is not there', () => {
    expect(Object.keys(ROOM_LINES).sort()).toEqual(PAGES.filter((page) => !SAYS_ITSELF.includes(page)).sort())
  })
  it('is found by the address, a fixed name before one that can be anything', () => {
    for (const page of Object.keys(ROOM_LINES))
      expect(roomAt(page.replaceAll(/\[\w+\]/g, 'low-tide'))).toBe(page)
    expect(roomAt('/store/inks/new')).toBe('/store/inks/new')
    expect(roomAt('/jobs/low-tide')).toBeNull()
    expect(roomAt('/nowhere/at/all')).toBeNull()
  })
  it('is one sentence or two, short enough to stand over the foot of the work', () => {
    for (const [page, line] of Object.entries(ROOM_LINES)) {
      expect([page, line.length <= 125, line.endsWith('.')]).toEqual([page, true, true])
    }
  })
})
