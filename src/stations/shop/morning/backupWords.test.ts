import { describe, expect, it } from 'vitest'
import { backupWords } from './backupWords'

const standing = { lastAt: '2031-05-02T06:02:00.000Z', second: null, failed: null, lost: 0 }
const at = (now: string, patch = {}) => backupWords({ ...standing, ...patch }, now, 'Europe/Athens')

describe('how the backups stand, in words', () => {
  it('of today by the hour, in the zone of whoever looks; of earlier by the day', () => {
    expect(at('2031-05-02T07:00:00.000Z')).toEqual({ words: 'Backup today 09:02, checked', isLate: false })
    expect(at('2031-05-03T07:00:00.000Z')).toEqual({
      words: 'Last backup 2 May 2031, checked',
      isLate: false,
    })
    expect(at('2031-05-02T22:00:00.000Z').words).toBe('Last backup 2 May 2031, checked')
  })
  it('are late after two days', () => expect(at('2031-05-04T06:03:00.000Z').isLate).toBe(true))
  it('say whether the second folder has it', () => {
    expect(at('2031-05-02T07:00:00.000Z', { second: true }).words).toBe(
      'Backup today 09:02, checked, in both folders',
    )
    expect(at('2031-05-02T07:00:00.000Z', { second: false })).toEqual({
      words: 'Backup today 09:02, checked; the second folder does not have it yet',
      isLate: true,
    })
  })
  it('say that it lacks pictures whose files are lost', () => {
    expect(at('2031-05-02T07:00:00.000Z', { lost: 2 })).toEqual({
      words: 'Backup today 09:02, checked, but 2 pictures have lost their files: `npm run doctor` says which',
      isLate: true,
    })
  })
  it('say that none was made, and why the newest try failed', () => {
    expect(at('2031-05-02T07:00:00.000Z', { lastAt: null })).toEqual({
      words: 'No backup yet',
      isLate: false,
    })
    expect(at('2031-05-02T07:00:00.000Z', { failed: 'ENOSPC' })).toMatchObject({
      words: expect.stringMatching(/failed: ENOSPC$/),
      isLate: true,
    })
  })
})
