import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { HAZARDS } from './hazards'
import { eventProblem, readMaking, type KeptMakingEvent, type MakingEvent } from './making'
import { carrierTurn, MAKING_METHODS, type MakingMethod } from './makingMethod'
import { materialsOf, moveStep, procedureSchema } from './procedure'
import { showTongue } from '../units/tradeWords'
import { procedureFor, stepInTradeWords } from './procedures'

const methods = Object.keys(MAKING_METHODS) as MakingMethod[]

describe('procedures', () => {
  it.each(methods)(
    '%s is whole: it parses, ends ready to ink, and shows a caution where there is a hazard',
    (method) => {
      const procedure = procedureSchema.parse(procedureFor(method))
      expect(procedure.steps.at(-1)!.check).toBe('Ready to ink.')
      expect(procedure.steps.some(({ hazard }) => hazard !== null)).toBe(true)
      for (const { id, title, hazard } of procedure.steps) {
        if (/^(bite|test|strip)$/.test(id) && method !== 'laser-laminate')
          expect(['mordant', 'ferric'], `${method} ${title}`).toContain(hazard)
        if (id === 'expose' || id === 'harden') expect(hazard).toBe('uv')
        if (hazard) expect(HAZARDS[hazard].length).toBeGreaterThan(20)
      }
    },
  )
  it('are written in the words the workshop reads', () => {
    const how = () =>
      methods
        .flatMap((method) => procedureFor(method).steps.map((step) => `${step.how} ${step.check}`))
        .join('\n')
    try {
      expect(how()).toMatch(/thread of scrim\./)
      expect(how()).not.toMatch(/mineral spirits|tarlatan/i)
      showTongue('american')
      expect(how()).toMatch(/Mineral spirits, little of it, then oil/)
      expect(how()).not.toMatch(/white spirit|scrim/i)
      const [step] = procedureFor(methods[0]).steps
      expect(stepInTradeWords({ ...step, how: 'Scrim', check: 'no white spirit' })).toMatchObject({
        how: 'Tarlatan',
        check: 'no mineral spirits',
      })
    } finally {
      showTongue('british')
    }
  })
  it('say of the carrier what the turns say', () => {
    for (const method of methods) {
      const text = procedureFor(method)
        .steps.map(({ how, needs }) => `${how} ${needs.join(' ')}`)
        .join(' ')
      if (/unmirrored/.test(text)) expect(carrierTurn(method).mirrored, method).toBe(false)
      if (/(?<!un)[Mm]irrored/.test(text)) expect(carrierTurn(method).mirrored, method).toBe(true)
      if (/negative/.test(text)) expect(carrierTurn(method).inverted, method).toBe(true)
    }
  })
  it('toner by solvent has its rescue branches (common practice, no source)', () => {
    expect(
      procedureFor('toner-solvent')
        .steps.find(({ id }) => id === 'lift')!
        .rescues.join(' '),
    ).toContain('warm soapy water')
  })
  it('materials stand once each', () => {
    const materials = materialsOf(procedureFor('toner-solvent'))
    expect(new Set(materials).size).toBe(materials.length)
    expect(materials).toContain('1200 grit paper')
  })
  it('steps move, and out of range stay; no step is lost (property)', () => {
    const procedure = procedureFor('photopolymer')
    const n = procedure.steps.length
    fc.assert(
      fc.property(fc.integer({ min: 0, max: n - 1 }), fc.integer({ min: -2, max: n + 1 }), (from, to) => {
        const moved = moveStep(procedure, from, to)
        expect(moved.steps.map(({ id }) => id).sort()).toEqual(procedure.steps.map(({ id }) => id).sort())
        if (to >= 0 && to < n) expect(moved.steps[to].id).toBe(procedure.steps[from].id)
      }),
    )
  })
  it('a step that is there twice is refused', () => {
    const procedure = procedureFor('mezzotint')
    expect(
      procedureSchema.safeParse({ ...procedure, steps: [procedure.steps[0], procedure.steps[0]] }).error!
        .issues[0].path,
    ).toEqual(['steps', 1, 'id'])
  })
})

describe('a making', () => {
  const procedure = procedureFor('card-drypoint')
  const at = (minute: number) => new Date(Date.UTC(2031, 1, 3, 9, minute)).toISOString()
  const happened = (
    ...list: [minute: number, kind: MakingEvent['kind'], stepId: string, note?: string][]
  ): KeptMakingEvent[] =>
    list.map(([minute, kind, stepId, note = '']) => ({
      kind,
      stepId,
      note,
      at: at(minute),
      by: 'Tam Brocket',
    }))
  const standing = (events: KeptMakingEvent[]) => readMaking({ procedure, events })
  const step = (events: KeptMakingEvent[], id: string) => standing(events).steps.find((one) => one.id === id)!

  it('before anything happened waits at its first step', () =>
    expect(standing([])).toMatchObject({ running: null, next: 'cut' }))
  it('counts the minutes of a step, repeated too', () => {
    const events = happened(
      [0, 'begun', 'cut'],
      [5, 'done', 'cut'],
      [8, 'begun', 'cut'],
      [10, 'done', 'cut', 'a corner was square'],
    )
    expect(step(events, 'cut')).toMatchObject({
      standing: 'done',
      rounds: 2,
      minutesTaken: 7,
      notes: ['a corner was square'],
    })
    expect(standing(events).next).toBe('trace')
  })
  it('steps may be skipped and taken out of order', () => {
    const events = happened([0, 'skipped', 'cut'], [1, 'begun', 'peel'])
    expect(standing(events)).toMatchObject({ running: 'peel', next: 'trace' })
    expect(step(events, 'cut').standing).toBe('skipped')
  })
  it('a check that failed leaves the step to be done again', () => {
    const failed = happened([0, 'begun', 'peel'], [9, 'failed', 'peel', 'a flap stands up'])
    expect(step(failed, 'peel')).toMatchObject({ standing: 'waiting', failed: true, minutesTaken: 9 })
    expect(step([...failed, ...happened([10, 'begun', 'peel'], [12, 'done', 'peel'])], 'peel')).toMatchObject(
      { standing: 'done', failed: false, minutesTaken: 11 },
    )
  })
  it('beginning another step puts the running one aside', () => {
    const events = happened([0, 'begun', 'scratch'], [4, 'begun', 'peel'])
    expect(step(events, 'scratch')).toMatchObject({ standing: 'waiting', minutesTaken: 4 })
    expect(standing(events).running).toBe('peel')
  })
  it('all done or skipped is a plate that is made', () => {
    expect(
      standing(
        procedure.steps.flatMap(({ id }, i) =>
          happened(
            [i, i % 2 ? 'skipped' : 'begun', id],
            ...(i % 2 ? [] : [[i, 'done', id] as [number, 'done', string]]),
          ),
        ),
      ).next,
    ).toBeNull()
  })
  it('what cannot be said now is named', () => {
    expect(eventProblem(procedure, [], { kind: 'done', stepId: 'cut', note: '' })).toBe('was not begun')
    expect(eventProblem(procedure, [], { kind: 'begun', stepId: 'fry', note: '' })).toBe(
      'is not a step of this procedure',
    )
    expect(
      eventProblem(procedure, happened([0, 'begun', 'cut']), { kind: 'done', stepId: 'cut', note: '' }),
    ).toBeNull()
  })
  it('a clock set back never takes minutes off', () =>
    expect(step(happened([9, 'begun', 'cut'], [5, 'done', 'cut']), 'cut').minutesTaken).toBe(0))
})
