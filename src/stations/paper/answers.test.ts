import { describe, expect, it } from 'vitest'
import { sampleSettings } from '@/core/prove/sampleSettings.test.fixture'
import { paperAnswer, tearAnswer } from './answers'

const { paper } = sampleSettings
const need = { sheets: 18, left: 14, proofs: 0, inStock: 62 }

describe('what the paper says first', () => {
  it('asks for the paper, then for its size', () => {
    expect(paperAnswer({ ...paper, paperId: '' }, need, null).asks?.anchor).toBe('paper-choice')
    expect(paperAnswer(paper, need, null).asks?.anchor).toBe('paper-width')
  })
  it('says how many sheets, how long, and what one then weighs', () => {
    expect(paperAnswer(paper, need, 34.9)).toEqual({
      says: 'Soak 18 sheets 30 min, to 34.9 g each',
      because:
        'Weighed when blotted: 55 % of its dry weight in water. For the 14 prints left, with the rejects to expect.',
    })
    expect(paperAnswer({ ...paper, method: 'dip', dampMinutes: 0.75 }, need, 34.9).says).toContain(
      'Dip 18 sheets 45 s',
    )
    expect(paperAnswer({ ...paper, method: 'damp-pack', dampMinutes: 720 }, need, 34.9).says).toContain(
      '12 h',
    )
    expect(paperAnswer({ ...paper, method: 'dry' }, need, 22).says).toBe('Print 18 sheets dry')
  })
  it('counts the proofs to come', () =>
    expect(paperAnswer(paper, { ...need, proofs: 4 }, 34.9).because).toContain(
      'to expect and about 4 proofs.',
    ))
  it('says when too few lie there, and when none are wanted', () => {
    expect(paperAnswer(paper, { ...need, inStock: 6 }, 34.9).because).toContain('◆ 6 lie there for this job')
    expect(paperAnswer(paper, { ...need, sheets: 0 }, 34.9).says).toBe('No more sheets to damp')
  })
  it('says how many parents are torn into how many', () => {
    const piece = { widthMm: 300, heightMm: 250 }
    expect(tearAnswer(piece, { perParent: 4, wanted: 18, wastePercent: 29.5 })).toEqual({
      says: 'Tear 5 parent sheets into 20 pieces',
      because: '4 from each, for the 18 sheets this job takes; 30 % waste.',
    })
    expect(tearAnswer(piece, null).asks?.anchor).toBe('tear-parent')
    expect(tearAnswer(piece, { perParent: 0, wanted: 1, wastePercent: null }).says).toContain(
      'does not come out',
    )
  })
})
