import { expect, test } from '@playwright/test'
import { cutOffDesks } from './trial/desks'
import { killUnderWriters } from './trial/kills'
import { loadMixed } from './trial/load'
import { sendMalformed } from './trial/malformed'

// The short form of `npm run trial`: the same, with less of each.

test('killed again and again under six writers, it has all it confirmed, once', async () => {
  const { confirmed, lost, doubled, isWell, said } = await killUnderWriters(4, 7)
  expect(confirmed).toBeGreaterThan(10)
  expect({ lost, doubled }).toEqual({ lost: 0, doubled: 0 })
  expect(isWell, said).toBe(true)
})

test('two desks cut off for an hour bring all of it, once, as they said it last', async () => {
  const { pulled, ...amiss } = await cutOffDesks(7)
  expect(pulled).toBeGreaterThan(20)
  expect(amiss).toEqual({ lost: 0, doubled: 0, otherwise: 0, refused: 0 })
})

test('what nobody would send, through every door, breaks nothing', async () => {
  const { answered5xx, hangs, dropped, broken, isWell, said } = await sendMalformed(400, 7)
  expect(answered5xx, broken.join('\n')).toBe(0)
  expect({ hangs, dropped }).toEqual({ hangs: 0, dropped: 0 })
  expect(isWell, said).toBe(true)
})

test('looked at and pulled on at once, it answers', async () => {
  const { requests, answered5xx, hangs } = await loadMixed(5, 7, 6)
  expect(requests).toBeGreaterThan(20)
  expect({ answered5xx, hangs }).toEqual({ answered5xx: 0, hangs: 0 })
})
