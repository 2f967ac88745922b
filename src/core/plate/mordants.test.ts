import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { depthFromLoss, metalOfPlate } from './bath'
import { biteByClockInput, planByClock, type BiteByClock } from './biteByClock'
import { composeProcedure, nameOfParts, whyNotTogether } from './composeProcedure'
import { HAZARDS } from './hazards'
import {
  hazardOf,
  mayBite,
  METAL_DENSITY,
  METAL_IN_MORDANT,
  METALS,
  MORDANTS,
  type Metal,
  type Mordant,
} from './mordants'
import { FINISHES, IMAGES, procedureSchema, TONES_MADE, type ProcedureParts } from './procedure'
import { takeSteps } from './procedures'

const keys = <K extends string>(of: Record<K, unknown>) => Object.keys(of) as K[]
const pairs = keys(METALS).flatMap((metal) => keys(MORDANTS).map((mordant) => [metal, mordant] as const))

describe('every metal in every mordant', () => {
  it('has its entry, and whatever is not simply a bite says why', () => {
    for (const [metal, mordant] of pairs) {
      const { does, words } = METAL_IN_MORDANT[metal][mordant]
      expect(words === '', `${metal} in ${mordant}`).toBe(does === 'bites')
    }
  })
  // Textbook chemistry: copper(II) displaces what is less noble than copper and not copper itself; iron(III) dissolves copper.
  it('copper sulphate bites what is less noble than copper, and not copper', () => {
    expect(mayBite('copper', 'saline-sulphate')).toBe(false)
    expect([mayBite('zinc', 'saline-sulphate'), mayBite('aluminium', 'saline-sulphate')]).toEqual([
      true,
      true,
    ])
    expect(mayBite('copper', 'ferric')).toBe(true)
  })
  it('never puts aluminium into ferric chloride or nitric acid, and warns of zinc in ferric', () => {
    expect(METAL_IN_MORDANT.aluminium.ferric.does).toBe('refused')
    expect(METAL_IN_MORDANT.aluminium.nitric.does).toBe('refused')
    expect(METAL_IN_MORDANT.zinc.ferric.does).toBe('warned')
    expect(METAL_IN_MORDANT.zinc.ferric.words).toMatch(/hot.*gas/)
  })
  it('has a caution of its own at every bath', () => {
    for (const mordant of keys(MORDANTS)) expect(HAZARDS[hazardOf(mordant)]).toBeTruthy()
  })
  it('one function has the depth by weight, of every metal, and comes back to the weight (property)', () => {
    // 1 cm² of copper 0.1 mm deep is 0.01 cm³ and weighs 0.0896 g.
    expect(depthFromLoss({ lossGrams: 0.0896, openAreaCm2: 1, metal: 'copper' })).toBeCloseTo(100, 9)
    expect(METAL_DENSITY.aluminium).toBe(2.7)
    fc.assert(
      fc.property(
        fc.constantFrom(...keys(METALS)),
        fc.double({ min: 0.1, max: 1000, noNaN: true }),
        fc.double({ min: 1, max: 2000, noNaN: true }),
        (metal, openAreaCm2, depthMicrometres) => {
          const lossGrams = metalOfPlate({ openAreaCm2, depthMicrometres, metal })
          expect(depthFromLoss({ lossGrams, openAreaCm2, metal })).toBeCloseTo(depthMicrometres, 6)
        },
      ),
    )
  })
})

describe('a bite by the clock', () => {
  const wish = (more: Partial<BiteByClock> = {}): BiteByClock => ({
    metal: 'copper',
    mordant: 'ferric',
    depthMicrometres: 50,
    bathC: 20,
    ...more,
  })
  const minutes = (more: Partial<BiteByClock> = {}) => {
    const plan = planByClock(wish(more))
    return plan.refused === null ? plan.minutes : null
  }
  it('is refused or left open where the table says so, and never computed', () => {
    for (const [metal, mordant] of pairs) {
      const plan = planByClock(wish({ metal, mordant }))
      if (!mayBite(metal, mordant)) expect(plan.refused).toBe(METAL_IN_MORDANT[metal][mordant].words)
      else expect(plan.refused).toBeNull()
    }
    expect(minutes({ mordant: 'nitric' })).toBeNull()
    expect(minutes({ metal: 'zinc', mordant: 'nitric' })).toBeNull()
    expect(minutes({ metal: 'zinc' })).toBeNull()
  })
  it('looks at a scrap in nitric after half a minute and says no more, at aluminium after a minute, and ever further apart', () => {
    const looks = (metal: Metal, mordant: Mordant) => {
      const plan = planByClock(wish({ metal, mordant }))
      return plan.refused === null ? plan.looks : []
    }
    expect(looks('zinc', 'nitric')).toEqual([0.5])
    expect(looks('aluminium', 'saline-sulphate')[0]).toBe(1)
    for (const [metal, mordant] of pairs) {
      const all = looks(metal, mordant)
      const gaps = all.slice(1).map((at, i) => at - all[i])
      expect([...gaps].sort((a, b) => a - b)).toEqual(gaps)
    }
  })
  it('takes half as long ten degrees warmer, and twice as long for twice the depth', () => {
    const at20 = minutes()!
    expect(minutes({ bathC: 30 })!.low).toBeCloseTo(at20.low / 2, 9)
    expect(minutes({ depthMicrometres: 100 })!.high).toBeCloseTo(2 * at20.high, 9)
    expect(minutes({ baume: 38 })!.high).toBeLessThan(at20.high)
  })
  it('goes by a first bite once there is one', () => {
    const plan = planByClock(wish({ measured: { minutes: 10, depthMicrometres: 25 } }))
    expect(plan).toMatchObject({ isMeasured: true, minutes: { low: 20, high: 20 } })
  })
  it('says which field is wrong', () => {
    const wrong = (more: Partial<BiteByClock>) =>
      biteByClockInput.safeParse(wish(more)).error?.issues.map(({ path }) => path.join('.'))
    expect(wrong({ bathC: 90 })).toEqual(['bathC'])
    expect(wrong({ depthMicrometres: 0 })).toEqual(['depthMicrometres'])
    expect(wrong({ baume: 5 })).toEqual(['baume'])
    expect(wrong({})).toBeUndefined()
  })
})

describe('a way of making put together from parts', () => {
  const all: ProcedureParts[] = keys(IMAGES).flatMap((image) =>
    keys(TONES_MADE).flatMap((tone) =>
      pairs.flatMap(([metal, mordant]) =>
        keys(FINISHES).map((finish) => ({ image, tone, metal, mordant, finish })),
      ),
    ),
  )
  const copper: ProcedureParts = {
    image: 'toner-heat',
    tone: 'aquatint',
    metal: 'copper',
    mordant: 'ferric',
    finish: 'none',
  }
  const stepsOf = (parts: ProcedureParts) => {
    const made = composeProcedure(parts)
    if ('refused' in made) throw new Error(made.refused)
    return made.procedure.steps
  }
  it('is a whole procedure or a refusal, for every choice there is', () => {
    let made = 0
    for (const parts of all) {
      const found = composeProcedure(parts)
      if ('refused' in found) {
        expect(found.refused).toBe(whyNotTogether(parts))
        continue
      }
      made += 1
      const { steps } = procedureSchema.parse(found.procedure)
      expect(steps.at(-1)!.check).toBe('Ready to ink.')
      // Every bath stands under its caution, and a warning of the table stands before it.
      for (const { id, hazard } of steps)
        if (/^(bite|test)/.test(id)) expect(['mordant', 'ferric']).toContain(hazard)
      const { words } = METAL_IN_MORDANT[parts.metal][parts.mordant]
      if (words) expect(steps.findIndex(({ how }) => how === words)).toBeGreaterThan(-1)
    }
    expect(made).toBeGreaterThan(100)
  })
  it('toner by heat, aquatint and ferric on copper is one procedure, bitten once, with two strippers', () => {
    expect(nameOfParts(copper)).toBe(
      'Laser toner from release paper by heat, rosin aquatint, copper in ferric chloride',
    )
    const steps = stepsOf(copper)
    expect(steps.map(({ id }) => id)).toEqual([
      'bevel',
      'degrease',
      'lay',
      'transfer',
      'lift',
      'dust',
      'fuse',
      'protect',
      'strength',
      'bite',
      'neutral',
      'clean',
      'ready',
    ])
    expect(steps.find(({ id }) => id === 'clean')!.how).toBe(
      'Toner comes off with acetone; rosin with alcohol. One after the other, each dry before the next; then soap.',
    )
  })
  it('a drawn line is bitten before its aquatint, which is bitten after', () => {
    const ids = stepsOf({ ...copper, image: 'hard-ground' }).map(({ id }) => id)
    expect(ids.indexOf('bite')).toBeLessThan(ids.indexOf('dust'))
    expect(ids.indexOf('bite-2')).toBeGreaterThan(ids.indexOf('fuse'))
  })
  it('solvent is rinsed off before nitric acid', () => {
    const zinc: ProcedureParts = {
      ...copper,
      image: 'toner-solvent',
      tone: 'none',
      metal: 'zinc',
      mordant: 'nitric',
    }
    const ids = stepsOf(zinc).map(({ id }) => id)
    expect(ids.indexOf('rinse-solvent')).toBeGreaterThan(ids.indexOf('lift'))
    expect(ids.indexOf('rinse-solvent')).toBeLessThan(ids.indexOf('test'))
    expect(stepsOf({ ...zinc, image: 'toner-heat' }).some(({ id }) => id === 'rinse-solvent')).toBe(false)
    // No default strength or time.
    expect(stepsOf(zinc).find(({ id }) => id === 'bite')!.minutes).toBe(0)
  })
  it('zinc in ferric has a scrap before it, no usual time, and a way out of heat', () => {
    const zinc: ProcedureParts = { ...copper, image: 'hard-ground', tone: 'none', metal: 'zinc' }
    const steps = stepsOf(zinc)
    const bite = steps.find(({ id }) => id === 'bite')!
    expect(steps.findIndex(({ id }) => id === 'test')).toBeLessThan(steps.indexOf(bite))
    expect(bite.minutes).toBe(0)
    expect(bite.rescues.join()).toMatch(/hot/)
    expect(steps.some(({ how }) => /42 degrees/.test(how))).toBe(false)
  })
  it('speaks of the metal that is bitten, and carries the rescues of toner and grain', () => {
    const sulphate: ProcedureParts = { ...copper, metal: 'zinc', mordant: 'saline-sulphate' }
    for (const { how } of stepsOf({ ...sulphate, image: 'hard-ground', tone: 'none' }))
      expect(how).not.toMatch(/aluminium/i)
    const bite = stepsOf(sulphate).find(({ id }) => id === 'bite')!
    expect(bite.title).toBe('Bite and stop out')
    expect(bite.rescues.join()).toMatch(/Toner lifts.*Grain bitten away/)
    const drawn = stepsOf({ ...sulphate, image: 'hard-ground' })
    expect(drawn.find(({ id }) => id === 'bite')!.rescues.join()).not.toMatch(/Grain/)
    expect(drawn.find(({ id }) => id === 'bite-2')!.rescues.join()).toMatch(/Grain bitten away/)
  })
  it('refuses steel facing off copper, and sandpaper without a ground', () => {
    expect(whyNotTogether({ ...copper, finish: 'facing' })).toBeNull()
    expect(
      whyNotTogether({ ...copper, metal: 'zinc', mordant: 'saline-sulphate', finish: 'facing' }),
    ).toMatch(/^Steel takes to copper/)
    expect(whyNotTogether({ ...copper, tone: 'sandpaper' })).toMatch(/through a ground/)
  })
  it('steps are taken by their id, or not at all', () => {
    expect(takeSteps('aquatint', 'fuse', 'dust').map(({ id }) => id)).toEqual(['fuse', 'dust'])
    expect(() => takeSteps('aquatint', 'scratch')).toThrow('aquatint has no step scratch')
  })
})
