import { describe, expect, it } from 'vitest'
import { samplePull } from '../edition/samplePull.test.fixture'
import { firstMix } from '../ink/mix'
import { addMix, changeFirstMix, changeMix } from '../ink/severalMixes'
import type { Bench } from '../prove/settings'
import { sampleSettings } from '../prove/sampleSettings.test.fixture'
import {
  gramsOfAPull,
  inkToAdd,
  jobNeed,
  misfitsOf,
  needOfMix,
  sheetsAhead,
  type KnownBeside,
} from './jobNeed'
import { cycleOf, workAhead } from './workAhead'
import { PROOFS_TO_COME } from './sure'
import { readThrough } from './through'
import { sampleJobFile } from './sampleJobFile.test.fixture'
import { NOTHING_BESIDE } from './nothingBeside.test.fixture'

const beside: KnownBeside = NOTHING_BESIDE
const accepted = (number: number) => ({
  ...samplePull(number, [{ kind: 'decision', decision: 'accepted', reason: '', fate: null }], {
    id: `e${number}`,
  }),
  runPosition: 0,
  sheet: number + 1,
  paperId: 'heron',
})
const job = {
  ...sampleJobFile.job,
  ...sampleJobFile,
  editionSize: 10,
  pulls: [...sampleJobFile.pulls, accepted(1), accepted(2)],
}
const mix = firstMix(sampleSettings.ink)!

describe('what is typed on the bench', () => {
  it('counts at once: the mix, the plate and the paper as they stand, and pulls from the mix of that name', () => {
    const work = workAhead(job)
    const stock = { paperId: sampleSettings.paper.paperId, sheets: 3 }
    const need = (bench: Bench) => jobNeed(bench, work, { ...beside, stock })
    expect(need(sampleSettings).sheets).toBe(sheetsAhead(work))
    const richer = changeFirstMix(sampleSettings.ink, { gramsPerPull: 2 * mix.gramsPerPull })
    expect(need({ ...sampleSettings, ink: richer }).grams).toBeCloseTo(2 * need(sampleSettings).grams!, 9)
    const other = changeFirstMix(sampleSettings.ink, { name: 'Another black' })
    expect(need({ ...sampleSettings, ink: other }).mixCovers).toBe(
      Math.floor(mix.batchGrams / mix.gramsPerPull + 1e-9),
    )
    const plate = { ...sampleSettings.plate, standsAbout: 5 }
    expect(need({ ...sampleSettings, plate }).life).toMatchObject({ leftAtMost: 2, by: 'maker' })
    expect(need(sampleSettings).inStock).toBe(3)
    const paper = { ...sampleSettings.paper, paperId: 'egret-soft' }
    expect(need({ ...sampleSettings, paper }).inStock).toBeNull()
  })
})

describe('the cycle of a run', () => {
  it('is that of the edition once it has four pulls, without the proofs, which take longer', () => {
    const at = (number: number, minute: number, kind: 'proof' | 'edition') =>
      samplePull(number, [], {
        id: `${kind}${number}`,
        kind,
        pulledAt: new Date(Date.UTC(2031, 4, 2, 8, minute)).toISOString(),
      })
    const proofs = [0, 60, 120].map((minute, i) => at(i, minute, 'proof'))
    const edition = [180, 200, 220, 240].map((minute, i) => at(i, minute, 'edition'))
    expect(cycleOf([...proofs, ...edition])!.cycleMinutes).toBe(20)
    expect(cycleOf([...proofs, edition[0]])!.cycleMinutes).toBe(60)
    expect(cycleOf([])).toBeNull()
  })
})

describe('what the rest of a job takes', () => {
  it('is the sheets that must still be begun, what they use up, and what the plate has left', () => {
    const need = jobNeed(sampleSettings, workAhead(job), beside)
    const { fresh, left } = readThrough(job)
    expect(need).toMatchObject({
      left: 8,
      starts: fresh,
      sheets: fresh,
      pulls: fresh,
      proofs: 0,
      inkBy: 'mix',
    })
    expect(left).toBe(8)
    expect(need.grams).toBeCloseTo(fresh * mix.gramsPerPull, 9)
    expect(need.isGramsSure).toBe(false)
    expect(need.mixCovers).toBe(Math.floor((mix.batchGrams - 3 * mix.gramsPerPull) / mix.gramsPerPull))
    expect(need.life!.spent).toBe(3)
  })
  it('has proofs to come while nothing is approved', () => {
    const need = jobNeed(sampleSettings, workAhead({ ...job, bats: [] }), beside)
    expect(need.proofs).toBe(PROOFS_TO_COME)
    expect(need.sheets).toBe(need.starts + PROOFS_TO_COME)
    expect(need.pulls).toBe(need.sheets)
  })
  it('goes by the scale once the ink was weighed, and is as sure as the sheets after a second time', () => {
    const once = jobNeed(sampleSettings, workAhead(job), { ...beside, weighings: [{ grams: 12, pulls: 10 }] })
    expect(once).toMatchObject({ inkBy: 'once', gramsPerPull: 1.2, isGramsSure: false })
    const twice = jobNeed(sampleSettings, workAhead(job), {
      ...beside,
      weighings: [
        { grams: 12, pulls: 10 },
        { grams: 13, pulls: 10 },
      ],
    })
    expect(twice).toMatchObject({ inkBy: 'weighed', isGramsSure: true })
    expect(twice.grams!).toBeGreaterThan(1.25 * twice.pulls)
  })
  it('is nothing once the edition is full', () =>
    expect(jobNeed(sampleSettings, workAhead({ ...job, editionSize: 2 }), beside)).toMatchObject({
      left: 0,
      sheets: 0,
      pulls: 0,
      grams: 0,
    }))
  it('says where plate, paper and ink do not suffice, and what can be done', () => {
    const need = jobNeed(sampleSettings, workAhead(job), {
      ...beside,
      stock: { paperId: sampleSettings.paper.paperId, sheets: 3 },
    })
    const worn = { ...need, life: { ...need.life!, leftAtLeast: 2, leftAtMost: need.pulls } }
    expect(misfitsOf({ ...worn, mixCovers: 1 }).map(({ of }) => of)).toEqual(['plate', 'paper', 'ink'])
    expect(misfitsOf(worn)[0].words).toContain('may not stand')
    expect(misfitsOf({ ...worn, life: { ...worn.life, leftAtMost: 4 } })[0].words).toContain(
      'will hardly stand',
    )
    expect(
      misfitsOf({
        ...worn,
        life: { ...worn.life, leftAtLeast: 0, leftAtMost: 0, standing: 'past' as const },
      })[0].words,
    ).toContain('past what its kind usually stands')
    expect(misfitsOf({ ...worn, canBeFaced: true })[0].ways).toContain('face it with steel')
    expect(misfitsOf({ ...worn, canBeFaced: false })[0].ways).not.toContain('steel')
    expect(misfitsOf({ ...need, life: null, inStock: need.sheets, mixCovers: need.pulls })).toEqual([])
  })
})

it('the ink to add is what the mix does not cover, and nothing where nothing is known', () => {
  const need = { pulls: 18, mixCovers: 13, gramsPerPull: 2.6 }
  expect(inkToAdd(need)).toBe(13)
  expect(inkToAdd({ ...need, mixCovers: 18 })).toBe(0)
  expect(inkToAdd({ ...need, mixCovers: 40 })).toBe(0)
  expect(inkToAdd({ ...need, mixCovers: null })).toBeNull()
})

describe('several inks of one plate', () => {
  const blue = { ...mix, name: 'Ferry blue', gramsPerPull: 0.2, batchGrams: 3 }
  const bench = { ...sampleSettings, ink: addMix(sampleSettings.ink, blue) }
  const need = jobNeed(bench, workAhead(job), beside)
  it('are reckoned ink by ink, and together', () => {
    expect(need.inks.map(({ name, grams }) => [name, grams])).toEqual([
      [mix.name, need.pulls * mix.gramsPerPull],
      ['Ferry blue', need.pulls * 0.2],
    ])
    expect(need.gramsPerPull).toBeCloseTo(mix.gramsPerPull + 0.2, 9)
    expect(need.grams).toBeCloseTo(need.pulls * (mix.gramsPerPull + 0.2), 9)
    expect(need.mixCovers).toBe(Math.min(...need.inks.map(({ mixCovers }) => mixCovers!)))
    // 3 g are wanted of the blue, and not what the plate would take of one ink.
    expect(needOfMix(need, 'mix-2').grams).toBeCloseTo(need.pulls * 0.2, 9)
    expect(needOfMix(need, null)).toBe(need)
    expect(gramsOfAPull(bench, [])).toBeCloseTo(mix.gramsPerPull + 0.2, 9)
    expect(gramsOfAPull({ ink: null, plate: null }, [])).toBeNull()
  })
  it('a weighing is of its own ink', () => {
    const weighed = jobNeed(bench, workAhead(job), {
      ...beside,
      weighings: [{ grams: 2, pulls: 10, mixId: 'mix-2' }],
    })
    expect(weighed.inks.map(({ inkBy, gramsPerPull }) => [inkBy, gramsPerPull])).toEqual([
      ['mix', mix.gramsPerPull],
      ['once', 0.2],
    ])
    expect(weighed.inkBy).toBe('mix')
  })
  it('the one that ends first is the one that is said', () => {
    const short = { ...bench, ink: changeMix(bench.ink, 'mix-2', { batchGrams: 0.5 }) }
    const rich = { ...short, ink: changeMix(short.ink, 'mix-1', { batchGrams: 5000 }) }
    const misfits = misfitsOf(jobNeed(rich, workAhead(job), beside)).filter(({ of }) => of === 'ink')
    expect(misfits.map(({ words }) => words.split(' covers')[0])).toEqual(['Ferry blue'])
  })
})
