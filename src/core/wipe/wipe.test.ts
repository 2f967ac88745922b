import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { advancePace, paceDrift, retreatPace, takenSeconds, UNSTARTED, type Pace } from './pace'
import { draggingSteps } from './draggingSteps'
import { namedAsMixed } from './namedAsMixed'
import { pacedSteps, ragNumbers } from './pacedSteps'
import { describeWipeStep, wipingOrderSchema, wipingSeconds, type WipingOrder } from './wipingOrder'
import { completeSteps, forgottenSteps } from './forgottenSteps'
import { WIPING_SCHOOLS } from './wipingSchools'

const { steps } = WIPING_SCHOOLS['three-stage'].order

describe('wiping order', () => {
  it('every school is a valid order that ends with clean fingers', () => {
    for (const { order } of Object.values(WIPING_SCHOOLS)) {
      expect(wipingOrderSchema.parse(order)).toEqual(order)
      expect(order.steps.at(-1)!.material).toBe('fingers')
    }
  })
  it('adds up its seconds', () => expect(wipingSeconds({ steps })).toBe(300))
  it('leaves unsaid what goes without saying', () => {
    expect(describeWipeStep(steps[1])).toBe('Scrim, dirty')
    expect(describeWipeStep(steps[5])).toBe('Edges and back')
  })
  it('refuses an order without steps', () =>
    expect(wipingOrderSchema.safeParse({ steps: [], plateTone: 'light' }).error!.issues[0].message).toContain(
      'at least one step',
    ))
})

describe('pacer', () => {
  const run = (moments: number[]): Pace =>
    moments.reduce((pace, now) => advancePace(pace, steps.length, now), UNSTARTED)

  it('keeps what each step took', () => {
    const pace = run([0, 40_000, 100_000])
    expect(takenSeconds(pace, 130_000)).toEqual([40, 60, 30])
    expect(paceDrift(pace, steps, 130_000)).toBe(10)
  })
  it('ends after the last step and then stands still', () => {
    const ended = run([0, 1, 2, 3, 4, 5, 6, 7].map((s) => s * 1000))
    expect(ended.endedAt).toBe(7000)
    expect(advancePace(ended, steps.length, 99_000)).toBe(ended)
    expect(takenSeconds(ended, 99_000).reduce((sum, s) => sum + s, 0)).toBe(7)
  })
  it('going back undoes exactly one advance (property)', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 1, max: 90_000 }), { minLength: 1, maxLength: 8 }), (gaps) => {
        let now = 0
        const moments = gaps.map((gap) => (now += gap))
        expect(retreatPace(run(moments))).toEqual(run(moments.slice(0, -1)))
      }),
    )
  })
})

describe('what must not be forgotten', () => {
  const bare: WipingOrder = { ...WIPING_SCHOOLS['three-stage'].order, steps: steps.slice(0, 3) }
  it('edges and fingers are missed, and run all the same', () => {
    expect(forgottenSteps(bare).map(({ material }) => material)).toEqual(['edges', 'fingers'])
    expect(
      completeSteps(bare)
        .map(({ material }) => material)
        .slice(-2),
    ).toEqual(['edges', 'fingers'])
    expect(forgottenSteps({ steps })).toEqual([])
  })
  it('whatever is taken out, the run ends with both (property)', () => {
    fc.assert(
      fc.property(fc.subarray([...steps], { minLength: 1 }), (some) => {
        const materials = completeSteps({ steps: some }).map(({ material }) => material)
        expect(materials.filter((material) => material === 'edges')).toHaveLength(1)
        expect(materials.filter((material) => material === 'fingers')).toHaveLength(1)
      }),
    )
  })
})

describe('the run of a plate', () => {
  const order: WipingOrder = {
    ...WIPING_SCHOOLS['small-rags'].order,
    zoneMapVersion: 3,
    inking: [
      {
        ink: 'Reed ochre',
        mixId: null,
        tool: 'dolly',
        where: 'lines',
        zones: ['mud'],
        seconds: 60,
        cycle: [],
      },
      {
        ink: 'Quay black',
        mixId: null,
        tool: 'fingertip',
        where: 'both',
        zones: ['posts', 'rope'],
        seconds: 90,
        cycle: [],
      },
    ],
  }
  const run = pacedSteps(
    { ...order, steps: [{ ...order.steps[0], zone: 'mud' }, ...order.steps.slice(1)] },
    {
      batTaken: [{ step: 'Ink 2: Quay black', plannedSeconds: 90, takenSeconds: 104 }],
      zoneTones: { mud: 'medium' },
      mixes: [],
    },
  )
  it('numbers dabs and rags, so that look-alike inks do not cross', () => {
    expect(run[1]).toEqual({
      label: 'Ink 2: Quay black',
      seconds: 90,
      detail: 'dab 2, rag 2; by fingertip, in the lines and on the surface: posts, rope',
      before: 104,
    })
  })
  it('says which steps can hurt by themselves: chalk and the bare hand, and the plate warmed again', () => {
    const [scrim] = order.steps
    const steps = (['tarlatan', 'talc', 'hand', 'warm'] as const).map((material) => ({ ...scrim, material }))
    const paced = pacedSteps({ ...order, inking: [], steps }, { batTaken: null, zoneTones: {}, mixes: [] })
    expect(paced.slice(0, 4).map(({ hazard }) => hazard ?? null)).toEqual([null, 'wipe', 'wipe', 'hotplate'])
  })
  it('says the tone a zone is wiped to, beside the manner', () => {
    expect(run[2]).toMatchObject({
      label: 'Small rag, dirty on mud',
      detail: 'even, across the lines; bundle round a finger; wipe to: medium film',
      before: null,
    })
  })
  it('goes colour by colour, each with the number its mix has for good, and called as that is called now', () => {
    const mixes = [
      { id: 'mix-5', rag: 5, name: 'Quay black' },
      { id: 'mix-2', rag: 2, name: 'Reed ochre, richer' },
    ]
    const inking = [
      { ...order.inking[0], mixId: 'mix-2', cycle: [{ does: 'rag' as const, seconds: 40 }] },
      { ...order.inking[1], mixId: 'mix-5', cycle: [{ does: 'clean' as const, seconds: 20 }] },
    ]
    const paced = pacedSteps({ ...order, inking }, { batTaken: null, zoneTones: {}, mixes })
    expect(paced.slice(0, 4).map(({ label, seconds }) => [label, seconds])).toEqual([
      ['Ink 2: Reed ochre, richer', 60],
      ['Reed ochre, richer: rag 2', 40],
      ['Ink 5: Quay black', 90],
      ['Quay black: clean slips off', 20],
    ])
    expect(paced[0].detail).toBe('dab 2; by dolly, in the lines: mud')
    expect(namedAsMixed(inking, mixes).map(({ ink }) => ink)).toEqual(['Reed ochre, richer', 'Quay black'])
    // An ink that is only named takes a number that no mix has.
    expect(
      ragNumbers([{ mixId: null }, { mixId: 'mix-2' }, { mixId: null }], [{ id: 'mix-2', rag: 1 }]),
    ).toEqual([2, 1, 3])
  })
  it('steps of an ink with a very long name still fit where a meeting keeps them', () => {
    const name = 'x'.repeat(120)
    const inking = order.inking.map((one) => ({
      ...one,
      ink: name,
      cycle: [{ does: 'clean' as const, seconds: 20 }],
    }))
    for (const { label: said } of pacedSteps(
      { ...order, inking },
      { batTaken: null, zoneTones: {}, mixes: [] },
    ))
      expect(said.length).toBeLessThanOrEqual(120)
  })
  it('a card or a dirty cloth over the whole plate drags colours, one for a zone or clean does not', () => {
    const { steps: wipes } = WIPING_SCHOOLS['three-stage'].order
    const drags = draggingSteps({ steps: wipes, inking: order.inking })
    expect(drags.map(({ material, cleanliness }) => [material, cleanliness])).toEqual([
      ['card', 'dirty'],
      ['tarlatan', 'dirty'],
      ['tarlatan', 'medium'],
    ])
    expect(draggingSteps({ steps: wipes, inking: order.inking.slice(0, 1) })).toEqual([])
    expect(
      draggingSteps({ steps: drags.map((one) => ({ ...one, zone: 'mud' })), inking: order.inking }),
    ).toEqual([])
    expect(draggingSteps({ ...WIPING_SCHOOLS['colour-by-colour'].order, inking: order.inking })).toEqual([])
  })
  it('one ink needs no number', () =>
    expect(
      pacedSteps(
        { ...order, inking: order.inking.slice(0, 1) },
        { batTaken: null, zoneTones: {}, mixes: [] },
      )[0].label,
    ).toBe('Ink: Reed ochre'))
})
