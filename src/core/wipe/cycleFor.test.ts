import { expect, it } from 'vitest'
import { cycleFor, TINY_CM2 } from './cycleFor'

const ink = { areaCm2: 20, strength: 0.2, isBesideWhite: false, hasHardBorder: false }
const acts = (of: Partial<typeof ink>) => cycleFor({ ...ink, ...of }).map(({ does }) => does)

it('an ink goes through its own rag and the hand; slips are cleaned where they show, hard edges tapped back', () => {
  expect(acts({})).toEqual(['rag', 'hand'])
  expect(acts({ isBesideWhite: true })).toEqual(['rag', 'hand', 'clean'])
  expect(acts({ strength: 0.9 })).toEqual(['rag', 'hand', 'clean'])
  expect(acts({ strength: 0.9, hasHardBorder: true })).toEqual(['rag', 'hand', 'clean', 'tap'])
  expect(acts({ areaCm2: TINY_CM2 / 2, hasHardBorder: true })).toEqual(['bud'])
  const [small, large] = [10, 60].map((areaCm2) => cycleFor({ ...ink, areaCm2 })[0].seconds)
  expect(large).toBeGreaterThan(small)
})
