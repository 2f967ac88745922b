import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { readPaperLine } from './paperLine'

describe('readPaperLine', () => {
  test('reads name, weight and size in any order, and what is left untold as untold', () => {
    const size = { widthMm: 560, heightMm: 760 }
    expect(readPaperLine('Heron 300 g 56 × 76 cm')).toEqual({ name: 'Heron', gsm: 300, size })
    expect(readPaperLine('Heron white, 300 g/m², 560 x 760 mm')).toEqual({
      name: 'Heron white',
      gsm: 300,
      size,
    })
    expect(readPaperLine('560x760 Heron 300gsm')).toEqual({ name: 'Heron', gsm: 300, size })
    expect(readPaperLine('Heron')).toEqual({ name: 'Heron', gsm: null, size: null })
    expect(readPaperLine('Heron No. 5, 250 gsm')).toEqual({ name: 'Heron No. 5', gsm: 250, size: null })
    expect(readPaperLine('Heron 22 x 30 in').size!.widthMm).toBeCloseTo(558.8, 6)
    expect(readPaperLine('  ')).toEqual({ name: '', gsm: null, size: null })
  })
  test('what was written comes back, whatever the figures', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('Heron', 'Egret soft', 'Oat 2'),
        fc.integer({ min: 6, max: 600 }),
        fc.integer({ min: 50, max: 1200 }),
        fc.integer({ min: 50, max: 1200 }),
        (name, gsm, widthMm, heightMm) => {
          expect(readPaperLine(`${name} ${gsm} g ${widthMm} × ${heightMm} mm`)).toEqual({
            name,
            gsm,
            size: { widthMm, heightMm },
          })
        },
      ),
    )
  })
})
