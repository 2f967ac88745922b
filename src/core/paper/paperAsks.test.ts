import { describe, expect, it } from 'vitest'
import { reflectanceOfPaper } from './paperColour'
import { paperAsks } from './paperAsks'
import { RAG_WHITE } from './ragWhite'

const asks = (more: Partial<Parameters<typeof paperAsks>[0]> = {}) =>
  paperAsks({ gsm: 250, sizing: 'soft', sides: '', reflectance: RAG_WHITE, ...more })

describe('what a paper asks for', () => {
  it('is only its right side, of an ordinary rag', () => {
    expect(asks().map(({ ask }) => ask)).toEqual(['sides'])
    expect(asks({ sides: 'the felt side' })[0].says).toContain(
      'Right side: the felt side. Pencil a mark on the back',
    )
  })
  it('is damp blotters of a tissue, never the bath', () => {
    const [tissue] = asks({ gsm: 12 })
    expect(tissue).toMatchObject({ ask: 'tissue', treatment: { method: 'blotters' } })
    expect(tissue.says).toContain('A tissue of 12 g/m²')
  })
  it('is to be printed dry, of coated stock, thin or not', () => {
    expect(asks({ sizing: 'coated', gsm: 35 }).map(({ ask }) => ask)).toEqual(['coated', 'sides'])
    expect(asks({ sizing: 'coated' })[0].treatment).toEqual({
      method: 'dry',
      dampMinutes: 0,
      targetUptakePercent: 0,
    })
  })
  it('is a damp rag first, of a coloured one', () => {
    const ochre = reflectanceOfPaper({ from: 'chosen', lab: { L: 75, a: 8, b: 40 } })
    expect(asks({ reflectance: ochre }).map(({ ask }) => ask)).toEqual(['coloured', 'sides'])
  })
})
