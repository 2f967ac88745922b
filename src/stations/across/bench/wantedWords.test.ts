import { expect, it } from 'vitest'
import { wantedWords } from './wantedWords'

it('what the pulls to come are for, proofs only where there are any', () => {
  const need = { left: 13, starts: 16, proofs: 0 } as never
  expect(wantedWords(need)).toBe('pulls to come: 13 prints left, 16 sheets to damp for them')
  expect(wantedWords({ ...(need as object), proofs: 4 } as never)).toContain(', about 4 proofs before')
})
