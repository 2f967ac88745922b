import { expect, it } from 'vitest'
import { GLOSSARY } from './glossary'

it('explains each word once, in alphabetical order', () => {
  const terms = GLOSSARY.map(({ term }) => term)
  expect([...terms].sort((a, b) => a.localeCompare(b, 'en'))).toEqual(terms)
  expect(new Set(terms).size).toBe(terms.length)
  for (const { means } of GLOSSARY) expect(means).toMatch(/^\S.+\.$/)
})
