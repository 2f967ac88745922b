import { expect, it } from 'vitest'
import { sampleSettings } from '@/core/prove/sampleSettings.test.fixture'
import { lastInked } from './lastInked'

it('asks after a break, and not over a meal or of a plate that never printed', () => {
  const pull = { pulledAt: '2031-05-02T09:00:00.000Z', settings: sampleSettings }
  const [{ inkId }] = sampleSettings.ink.mixes[0].parts
  expect(lastInked(undefined, {}, '2031-05-02T10:00:00.000Z')).toBeNull()
  expect(lastInked(pull, {}, '2031-05-02T11:59:00.000Z')).toBeNull()
  // A device whose clock is behind is not taken for a break.
  expect(lastInked(pull, {}, '2031-05-01T09:00:00.000Z')).toBeNull()
  const asked = lastInked(pull, { [inkId]: 'water-washable' }, '2031-05-03T09:00:00.000Z')
  expect(asked).toMatchObject({ at: pull.pulledAt, inks: [{ name: sampleSettings.ink.mixes[0].name }] })
})
