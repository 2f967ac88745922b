import { describe, expect, it } from 'vitest'
import { colleSteps } from './colleSteps'
import { laidPieceSchema, laidWords, materialWords, PASTES, placeWords, type LaidPiece } from './laidPiece'
import { registerSettingSchema, usualRegister } from './registerSetting'

const piece: LaidPiece = {
  name: 'Moon',
  material: { from: 'paper', paperId: null, name: 'Ochre tissue' },
  outline: [
    [20, 10],
    [60, 10],
    [60, 40],
    [20, 40],
  ],
  fitting: 'template',
  paste: 'dusted',
  face: 'smooth',
  uninked: 'beneath the piece',
}

describe('a piece as it is laid', () => {
  it('says where it lies, with which side to the plate, and what stays without ink', () => {
    expect(placeWords(piece.outline)).toBe('40 × 30 mm, 20 mm from the left, 10 mm from the top of the plate')
    expect(laidWords(piece)).toBe(
      '40 × 30 mm, 20 mm from the left, 10 mm from the top of the plate; cut to a template; pre-cooked wheat-paste powder, dusted on damp paper; the smooth side to the plate; without ink: beneath the piece',
    )
  })
  it('names the artist of a print it was cut from', () => {
    expect(materialWords(piece.material)).toBe('Ochre tissue')
    expect(materialWords({ from: 'print', name: 'Slack tide', artist: 'Ines Falk' })).toBe(
      'from “Slack tide” by Ines Falk',
    )
    expect(
      laidPieceSchema.safeParse({ ...piece, material: { from: 'print', name: 'Slack tide', artist: '' } })
        .success,
    ).toBe(false)
  })
  it('is none on a register kept before there were any; two of one name are refused', () => {
    const { colle: _, ...before } = usualRegister
    expect(registerSettingSchema.parse(before).colle).toEqual([])
    expect(registerSettingSchema.safeParse({ ...before, colle: [piece, piece] }).success).toBe(false)
  })
})

describe('how a piece is laid', () => {
  const cut = { widthMm: 40, heightMm: 30 }
  const steps = (more: Partial<LaidPiece> = {}) =>
    colleSteps({ ...piece, cutFrom: 'face', ...more }, cut).map(({ says }) => says)
  it('always says that the paste is up, and never before the plate is inked', () => {
    for (const paste of Object.keys(PASTES) as (keyof typeof PASTES)[]) {
      const said = steps({ paste })
      const inked = said.findIndex((one) => one.startsWith('Ink and wipe'))
      const laid = said.findIndex((one) => one.includes('PASTE UP'))
      expect(inked).toBeGreaterThan(0)
      expect(laid).toBeGreaterThan(inked)
    }
  })
  it('dusts only pre-cooked powder; raw starch is cooked', () => {
    expect(steps()[0]).toContain('Raw starch that is dusted does not stick')
    expect(steps({ paste: 'brushed' })[0]).toContain('five times its volume')
    expect(steps({ paste: 'ready-made' }).join()).not.toContain('starch')
  })
  it('trims on the plate before the paste, and warns at every blade and powder', () => {
    const said = steps({ fitting: 'trimmed' })
    const blade = said.findIndex((one) => one.includes('fresh blade'))
    const paste = said.findIndex((one) => one.includes('Only the piece gets it'))
    expect(blade).toBeGreaterThan(0)
    expect(paste).toBeGreaterThan(blade)
    const cautions = colleSteps({ ...piece, cutFrom: 'face' }, cut).flatMap(({ caution }) => caution ?? [])
    expect(new Set(cautions)).toEqual(new Set(['blades', 'starch']))
  })
  it('says what is left without ink, and which side of a print goes down', () => {
    expect(steps().join()).toContain('leave without ink: beneath the piece')
    expect(steps({ uninked: '' }).join()).not.toContain('without ink')
    expect(steps({ face: 'printed' }).join()).toContain('the printed side down')
  })
})
