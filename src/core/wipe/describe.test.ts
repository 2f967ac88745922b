import { describe, expect, it } from 'vitest'
import {
  describeInking,
  howToWipe,
  mannerCode,
  stepCode,
  WIPE_MATERIALS,
  type InkingStep,
} from './wipingOrder'
import { showTongue } from '../units/tradeWords'
import { usualStep } from './usualStep'
import { WIPING_SCHOOLS } from './wipingSchools'

const [card, , medium] = WIPING_SCHOOLS['three-stage'].order.steps
const edges = WIPING_SCHOOLS['three-stage'].order.steps.find(({ material }) => material === 'edges')!

describe('a step of wiping', () => {
  it('is another one by its material, how clean it is, and where', () => {
    expect(stepCode(medium)).toEqual(['tarlatan', 'medium', ''])
    expect(stepCode({ ...medium, zone: 'sky' })).not.toEqual(stepCode(medium))
    expect(stepCode({ ...medium, pressure: 'skim', seconds: 5 })).toEqual(stepCode(medium))
  })
  it('of edges is always clean, so that how clean says nothing', () => {
    expect(stepCode({ ...edges, cleanliness: 'dirty' })).toEqual(stepCode(edges))
    expect(howToWipe(edges)).toBe('')
    expect(mannerCode(edges)).toEqual([])
  })
  it('is done in another manner by pressure, direction, strokes and bundle', () => {
    expect(mannerCode({ ...medium, strokes: 7 })).not.toEqual(mannerCode(medium))
    expect(howToWipe({ ...medium, strokes: 7 })).toMatch(/; 7 strokes$/)
    expect(howToWipe({ ...medium, strokes: 0 })).not.toMatch(/strokes/)
    expect(howToWipe(card)).not.toMatch(/bundle/)
  })
})

describe('what wipes', () => {
  it('is called as the workshop reads it', () => {
    try {
      expect([WIPE_MATERIALS.tarlatan.label, WIPING_SCHOOLS['tarlatan-tone'].label]).toEqual([
        'Scrim',
        'Scrim only, tone left',
      ])
      showTongue('american')
      expect([WIPE_MATERIALS.tarlatan.label, WIPING_SCHOOLS['tarlatan-tone'].label]).toEqual([
        'Tarlatan',
        'Tarlatan only, tone left',
      ])
      expect(WIPE_MATERIALS.talc.label).toBe('Hand with whiting')
    } finally {
      showTongue('british')
    }
  })
})

describe('a step as it is usually done', () => {
  it('skims with clean tarlatan, and holds a small rag round a finger', () => {
    expect(usualStep('tarlatan', 'clean', 45)).toMatchObject({ pressure: 'skim', bundle: 'smooth' })
    expect(usualStep('tarlatan', 'dirty', 60)).toMatchObject({ pressure: 'even' })
    expect(usualStep('rag', 'clean', 90)).toMatchObject({ bundle: 'finger', strokes: 0 })
  })
})

describe('an ink as it is brought on', () => {
  const ink: InkingStep = {
    ink: 'Ferry blue',
    mixId: null,
    tool: 'dolly',
    where: 'lines',
    zones: [],
    seconds: 60,
    cycle: [],
  }
  it('is said with its tool, where it goes and on which zones', () => {
    expect(describeInking({ ...ink, zones: ['sky', 'far water'] })).toBe(
      'Ferry blue by dolly, in the lines: sky, far water',
    )
    expect(describeInking(ink)).toBe('Ferry blue by dolly, in the lines')
    expect(
      describeInking({
        ...ink,
        cycle: [
          { does: 'rag', seconds: 30 },
          { does: 'tap', seconds: 15 },
        ],
      }),
    ).toBe('Ferry blue by dolly, in the lines; then wipe with its own rag, tap lost edges back')
  })
})
