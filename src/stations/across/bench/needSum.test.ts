import { describe, expect, it } from 'vitest'
import type { JobNeed } from '@/core/record/jobNeed'
import { needSum } from './needSum'

const need: JobNeed = {
  left: 14,
  proofs: 0,
  starts: 18,
  sheets: 18,
  pulls: 18,
  gramsPerPull: 1.2,
  inkBy: 'mix',
  grams: 21.6,
  isGramsSure: false,
  mixCovers: 11,
  inks: [],
  minutesPerPull: 24,
  hours: 7.2,
  life: null,
  canBeFaced: false,
  inStock: 70,
}

describe('the sum behind what a job still takes', () => {
  it('has a line for every part of it', () => {
    expect(needSum(need).map(({ label, value }) => `${label}: ${value}`)).toEqual([
      'Prints left: 14',
      'Sheets to begin with, rejects counted: 18 sheets',
      'Pulls to come from this plate: 18',
      'Ink used up a pull: 1.2 g, as entered with the mix',
      'Ink for them: 22 g',
      'The mix still covers: 11 pulls',
      'Time: 24 min a pull, 7.2 h in all',
      'Sheets there for this job: 70',
    ])
  })
  it('leaves out what is not known, and counts proofs where some are expected', () => {
    const unknown = {
      gramsPerPull: null,
      inkBy: null,
      grams: null,
      mixCovers: null,
      minutesPerPull: null,
      hours: null,
    }
    expect(needSum({ ...need, ...unknown, inStock: null, proofs: 4 }).map(({ label }) => label)).toEqual([
      'Prints left',
      'Proofs to expect',
      'Sheets to begin with, rejects counted',
      'Pulls to come from this plate',
    ])
  })
})
