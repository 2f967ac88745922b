import { describe, expect, it } from 'vitest'
import { HAZARD_TITLES, HAZARDS, hazardIn, type Hazard } from './hazards'
import { MAKING_METHODS } from './makingMethod'
import { procedureFor } from './procedures'

describe('the caution a step wants by its words', () => {
  it('is told by what stands on bottles, tools and units', () => {
    const told: [string, Hazard | null][] = [
      ['Wipe off with acetone', 'solvent'],
      ['Lay in ferric chloride, 42 °Bé', 'ferric'],
      ['Dust rosin, fuse it on the hotplate', 'rosin'],
      ['Degrease with whiting and ammonia', 'talc'],
      ['French chalk on the hand', 'talc'],
      ['Second exposure in the UV unit', 'uv'],
      ['Fine-sand, 1200 grit', 'dust'],
      ['Scratch with a needle', 'blades'],
      ['Look at it in raking light', null],
    ]
    for (const [words, hazard] of told) expect([words, hazardIn(words)]).toEqual([words, hazard])
  })
  it('sounds no alarm where the procedures that come with the tool know of none, but for their own reasons', () => {
    const steps = (Object.keys(MAKING_METHODS) as (keyof typeof MAKING_METHODS)[]).flatMap(
      (method) => procedureFor(method).steps,
    )
    const withHazard = steps.filter(({ hazard }) => hazard !== null)
    const found = withHazard.filter(({ title, how }) => hazardIn(`${title} ${how}`) !== null)
    // Told of nearly all that carry one, so that a workshop's own step of the same words is told of too.
    expect(found.length / withHazard.length).toBeGreaterThan(0.85)
  })
  it('has a title of its own for a list', () =>
    expect(new Set(Object.values(HAZARD_TITLES)).size).toBe(Object.keys(HAZARDS).length))
})
