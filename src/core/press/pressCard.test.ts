import { gaugeSchema } from './pressureScaleSchema'
import { gaugeToMm, mmToGauge } from './gauge'
import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { turnsScale, USUAL_SCALES } from './usualScales'
import {
  leadSchema,
  usualScaleOf,
  pressDetailsSchema,
  readPressCard,
  type KeptPressEvent,
  type PressEvent,
} from './pressCard'
import { isHandKind } from './pressKind'

const gauge = [
  { reading: 0, mm: 0 },
  { reading: 10, mm: 2 },
  { reading: 30, mm: 8 },
]
const on = (day: string, event: PressEvent): KeptPressEvent => ({
  event,
  at: `${day}T09:00:00.000Z`,
  by: 'Ada',
})

describe('a gauge', () => {
  it('is read straight between its lines and beyond them', () => {
    expect([5, 10, 20, 40].map((reading) => gaugeToMm(gauge, reading))).toEqual([1, 2, 5, 11])
  })
  it('read back is where it was set (property)', () => {
    fc.assert(
      fc.property(fc.double({ min: -5, max: 50, noNaN: true }), (reading) => {
        expect(mmToGauge(gauge, gaugeToMm(gauge, reading))).toBeCloseTo(reading, 9)
      }),
    )
  })
  it.each([
    [
      '1.reading',
      [
        { reading: 3, mm: 0 },
        { reading: 3, mm: 1 },
      ],
    ],
    [
      '1.mm',
      [
        { reading: 3, mm: 2 },
        { reading: 4, mm: 2 },
      ],
    ],
    [
      '2.mm',
      [
        { reading: 3, mm: 2 },
        { reading: 4, mm: 1 },
        { reading: 5, mm: 3 },
      ],
    ],
  ])('says at %s what cannot be', (field, table) =>
    expect(gaugeSchema.safeParse(table).error?.issues[0].path.join('.')).toBe(field),
  )
})

describe('a press’s lead', () => {
  it.each([
    ['M16', 2],
    ['3/4-10', 2.54],
    ['2,5 mm', 2.5],
    ['3 mm a turn', 3],
  ])('of %s is %d mm', (thread, mmPerTurn) => expect(leadSchema.parse({ thread })).toEqual({ mmPerTurn }))
  it.each(['M17', '40 mm', 'loose'])('of %s is refused at its field', (thread) =>
    expect(leadSchema.safeParse({ thread }).error?.issues[0].path).toEqual(['thread']),
  )
})

describe('how a press of a kind is usually read', () => {
  it.each([
    ['two-screw', 'turns', 2],
    ['single-screw', 'turns', 1],
    ['kitchen-roller', 'notches', 1],
    ['baren', 'hand', 1],
  ] as const)('%s: %s, at %d', (kind, id, sides) => {
    expect(usualScaleOf(kind)).toMatchObject({ id, sides })
    expect(isHandKind(kind)).toBe(id === 'hand')
  })
})

describe('a press’s card', () => {
  it('knows nothing of a press nobody looked after: all upkeep is due', () => {
    const standing = readPressCard([], '2031-05-01T09:00:00.000Z', turnsScale(2))
    expect(standing).toMatchObject({ zeroedAt: null, driftTurns: null, testPrint: null, remarks: [] })
    expect(standing.due.every(({ overdueDays }) => overdueDays === null)).toBe(true)
  })
  it('asks for no upkeep of a hand', () =>
    expect(readPressCard([], '2031-05-01T09:00:00.000Z', USUAL_SCALES.hand).due).toEqual([]))
  it('adds up the drift since the last zeroing only, and asks for zeroing when it grows', () => {
    const drift = (rightTighterTurns: number): PressEvent => ({ kind: 'even-print', rightTighterTurns })
    const events = [
      on('2031-01-01', { kind: 'zeroed' }),
      on('2031-02-01', drift(0.5)),
      on('2031-03-01', { kind: 'zeroed' }),
      on('2031-03-10', drift(0.125)),
      on('2031-04-10', drift(0.0625)),
    ]
    const standing = readPressCard(events, '2031-05-01T09:00:00.000Z', turnsScale(2))
    expect(standing.driftTurns).toBeCloseTo(0.1875, 12)
    expect(standing.remarks).toEqual([
      'The right side has had to be tightened by 0.19 turns since zero: zero both sides anew.',
    ])
    expect(readPressCard(events.slice(0, 4), '2031-05-01T09:00:00.000Z', turnsScale(2)).remarks).toEqual([])
  })
  it('says what upkeep has become due, and by how much', () => {
    const events = (['screws', 'stops', 'anchor', 'grease'] as const).map((task) =>
      on('2031-04-01', { kind: 'upkeep', task }),
    )
    const { due } = readPressCard(
      [...events, on('2031-03-01', { kind: 'upkeep', task: 'clean' })],
      '2031-05-01T09:00:00.000Z',
      turnsScale(2),
    )
    expect(due).toEqual([{ task: 'clean', label: 'Roller and bed cleaned, no rust', overdueDays: 31 }])
  })
  it('takes a bare card with what is usual', () =>
    expect(pressDetailsSchema.parse({ note: '', scale: turnsScale(null) })).toEqual({
      kind: 'two-screw',
      rollerLengthMm: null,
      bedLengthMm: null,
      serial: '',
      thread: '',
      scale: turnsScale(null),
      frameNPerMm: null,
      note: '',
    }))
})
