import { describe, expect, it } from 'vitest'
import type { ImpressionMatch } from './matchImpression'
import { checkRegister } from './checks/registerChecks'
import { flawNotes, pictureRemarks, reportMatch } from './matchReport'
import { unlessSpoiled } from './pictureFlaws'

const placed = {
  xMm: 0.8,
  yMm: -0.1,
  degrees: 0.1,
  widerPercent: 0.2,
  tallerPercent: -0.7,
  bentMm: 0,
  isSizeKnown: true,
}
const FILE = { device: null, profile: null }
const none: ImpressionMatch['flaws'] = { reference: [], impression: [] }
const match = (
  flaws = none,
  fall = { reference: 0.01, impression: 0.2 },
  softer: ImpressionMatch['softer'] = null,
) =>
  ({
    softer,
    placed,
    flaws,
    fall,
    files: {
      reference: { device: null, profile: { name: 'Fulmar plain', changesColours: false } },
      impression: FILE,
    },
    strip: { seenBeside: [], hindrance: null, spreadMm: { reference: null, impression: null } },
    checks: checkRegister(placed).map((result) => unlessSpoiled(result, flaws)),
  }) as unknown as ImpressionMatch

describe('what a match comes to', () => {
  it('is register, turn and stretch in numbers, each with its standing', () => {
    const report = reportMatch(match())
    expect(report).toMatchObject({
      verdict: 'differs',
      registerMm: { x: 0.8, y: -0.1 },
      rotationDeg: 0.1,
      stretchPercent: { x: 0.2, y: -0.7 },
    })
    expect(report.checks.map(({ check, standing }) => [check, standing])).toEqual([
      ['register', 'differs'],
      ['turn', 'matches'],
      ['stretch', 'differs'],
    ])
    expect(report.pictures.impression.notes).toEqual([
      'Lit unevenly, by 20 %; it was levelled by the margins.',
    ])
    expect(report.pictures.reference.notes).toEqual([])
  })
  it('says of a picture that is softer what was done about it, or that it is too soft', () => {
    const soft = { picture: 'reference', isTooSoft: false } as const
    expect(pictureRemarks(match(none, undefined, soft), 'reference')).toEqual([
      'Softer than the other: both are compared as soft as it is.',
    ])
    const tooSoft = { ...none, reference: ['soft'] as const }
    expect(flawNotes(match(tooSoft, undefined, { ...soft, isTooSoft: true }), 'reference')).toEqual([
      'It is too soft beside the other. Take it again, held still and sharp, or with the same device.',
    ])
    expect(pictureRemarks(match(none, { reference: 0, impression: 0 }, soft), 'impression')).toEqual([])
  })
  it('says by which profile colours were read, where it changes them', () => {
    const by = (name: string | null) => ({
      ...match(),
      files: { reference: FILE, impression: { ...FILE, profile: { name, changesColours: true } } },
    })
    const read = by('Fulmar Flat 3')
    expect(pictureRemarks(read, 'impression')[0]).toBe(
      'Its colours are read by the profile Fulmar Flat 3 in its file.',
    )
    expect(pictureRemarks(by(null), 'impression')[0]).toContain('the profile without a name')
    expect(pictureRemarks(read, 'reference')).toEqual([])
  })
  it('goes by the tolerances that were set', () =>
    expect(reportMatch(match(), { register: 2 }).checks[0].standing).toBe('matches'))
  it('says nothing of where a plate lies on a sheet whose edges nobody saw', () => {
    const report = reportMatch(match({ reference: [], impression: ['edges-unseen'] }))
    expect(report).toMatchObject({
      verdict: 'cannot-say',
      registerMm: null,
      rotationDeg: null,
      stretchPercent: null,
    })
    expect(report.checks.every(({ standing, value }) => standing === 'cannot-say' && value === null)).toBe(
      true,
    )
    expect(report.checks[0].words).toContain('picture of the impression')
  })
})
