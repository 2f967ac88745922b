import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { dryReadyAt } from './drying'
import { editionNumbers, PRINT_KINDS, type PrintKind } from './editionNumbers'
import { checkMoments, checkNumbering, numberImpressions } from './numbering'

describe('editionNumbers', () => {
  it('writes the usual marks in order', () => {
    expect(editionNumbers({ editionSize: 3, ap: 2, pp: 1, hc: 0, style: 'roman' }).marks).toEqual([
      '1/3',
      '2/3',
      '3/3',
      'AP I/II',
      'AP II/II',
      'PP 1/1',
    ])
  })
  it('never doubles a mark and never misses one (property)', () => {
    const size = fc.integer({ min: 0, max: 60 })
    fc.assert(
      fc.property(
        size,
        size,
        size,
        size,
        fc.constantFrom('arabic' as const, 'roman' as const),
        (editionSize, ap, pp, hc, style) => {
          const { marks } = editionNumbers({ editionSize, ap, pp, hc, style })
          expect(marks).toHaveLength(editionSize + ap + pp + hc)
          expect(new Set(marks).size).toBe(marks.length)
        },
      ),
    )
  })
})

describe('numbering after sorting', () => {
  const kinds = Object.keys(PRINT_KINDS).filter((kind) => kind !== 'BAT') as PrintKind[]
  it('counts each kind from 1 without doubles or gaps, whatever the order (property)', () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...kinds), { maxLength: 80 }), (order) => {
        const numbered = numberImpressions(
          order.map((kind, i) => ({ pullId: `p${i}`, kind })),
          { style: 'arabic', marking: 'numbered' },
          String,
        )
        for (const kind of kinds) {
          expect(numbered.filter((n) => n.kind === kind).map((n) => n.number)).toEqual(
            Array.from({ length: order.filter((k) => k === kind).length }, (_, i) => i + 1),
          )
        }
        expect(new Set(numbered.map((n) => n.mark)).size).toBe(order.length)
      }),
    )
  })
  it.each([
    ['varied', ['E.V. 1/2', 'E.V. 2/2', 'AP I/I']],
    ['unique', ['1/1', '1/1', 'AP I/I']],
    ['moment', ['a o’clock', 'b o’clock', 'AP I/I']],
  ] as const)('marks a %s edition in its own way, its proofs as ever', (marking, marks) => {
    const sorted = [
      { pullId: 'a', kind: 'edition' as const },
      { pullId: 'b', kind: 'edition' as const },
      { pullId: 'c', kind: 'AP' as const },
    ]
    expect(
      numberImpressions(sorted, { style: 'roman', marking }, (id) => `${id} o’clock`).map(({ mark }) => mark),
    ).toEqual(marks)
  })
  it('refuses moments that two impressions share', () => {
    const sorted = ['a', 'b'].map((pullId) => ({ pullId, kind: 'edition' as const }))
    expect(
      checkMoments(
        numberImpressions(sorted, { style: 'roman', marking: 'moment' }, () => 'noon'),
        'moment',
      )[0].message,
    ).toContain('noon')
  })
  it('takes moments that are each another, and asks for none where the marks are none', () => {
    const edition = ['a', 'b'].map((pullId) => ({ pullId, kind: 'edition' as const }))
    const proofs = ['c', 'd'].map((pullId) => ({ pullId, kind: 'AP' as const }))
    const moment = { style: 'roman', marking: 'moment' } as const
    expect(checkMoments(numberImpressions(edition, moment, String), 'moment')).toEqual([])
    expect(
      checkMoments(numberImpressions(edition, { ...moment, marking: 'unique' }, String), 'unique'),
    ).toEqual([])
    // Two proofs may carry one mark: it is not their moment.
    const alike = numberImpressions(proofs, moment, String).map((one) => ({ ...one, mark: 'AP' }))
    expect(checkMoments(alike, 'moment')).toEqual([])
  })
  const accepted = new Set(['a', 'b', 'bat'])
  it('lets a true list pass', () => {
    expect(
      checkNumbering(
        [
          { pullId: 'a', kind: 'edition' },
          { pullId: 'b', kind: 'AP' },
          { pullId: 'bat', kind: 'BAT' },
        ],
        1,
        accepted,
        'bat',
      ),
    ).toEqual([])
  })
  it.each([
    [
      'a double',
      [
        { pullId: 'a', kind: 'edition' as const },
        { pullId: 'a', kind: 'AP' as const },
        { pullId: 'b', kind: 'AP' as const },
        { pullId: 'bat', kind: 'BAT' as const },
      ],
      'twice',
    ],
    [
      'a missing one',
      [
        { pullId: 'a', kind: 'edition' as const },
        { pullId: 'bat', kind: 'BAT' as const },
      ],
      'missing',
    ],
    [
      'a forged one',
      [
        { pullId: 'a', kind: 'edition' as const },
        { pullId: 'b', kind: 'AP' as const },
        { pullId: 'x', kind: 'AP' as const },
        { pullId: 'bat', kind: 'BAT' as const },
      ],
      'not accepted',
    ],
    [
      'a second BAT',
      [
        { pullId: 'a', kind: 'edition' as const },
        { pullId: 'b', kind: 'BAT' as const },
        { pullId: 'bat', kind: 'BAT' as const },
      ],
      'BAT',
    ],
    [
      'a wrong total',
      [
        { pullId: 'a', kind: 'edition' as const },
        { pullId: 'b', kind: 'edition' as const },
        { pullId: 'bat', kind: 'BAT' as const },
      ],
      'declared as 1',
    ],
  ])('refuses %s', (_, sorted, words) =>
    expect(
      checkNumbering(sorted, 1, accepted, 'bat')
        .map((p) => p.message)
        .join(' '),
    ).toContain(words),
  )
})

it('a day of drying is 24 hours, across a clock change too', () =>
  expect(dryReadyAt('2031-03-29T18:00:00.000Z', 2)).toBe('2031-03-31T18:00:00.000Z'))
