import { describe, expect, it } from 'vitest'
import { colleAnswer, platesAnswer, registerAnswer } from './answers'

describe('what register says first', () => {
  it('says where the plate lies, or what is in the way', () => {
    const margins = { leftMm: 50, rightMm: 60, topMm: 55, bottomMm: 75 }
    expect(registerAnswer(null, 'corner-marks', false, '/jobs/x').asks?.page).toBe('/jobs/x/plate')
    expect(registerAnswer({ reason: 'too wide' }, 'corner-marks', false, '').because).toBe('◆ too wide')
    expect(registerAnswer({ margins }, 'corner-marks', true, '')).toMatchObject({
      says: 'Lay the plate 60 mm from the left, 55 mm from the top',
      because: 'On the bed, from the printer’s side. On the print: left 50 mm, right 60 mm, bottom 75 mm.',
    })
    // Where the plate goes face down on the sheet nothing is turned.
    expect(registerAnswer({ margins }, 'face-down', true, '').says).toContain('50 mm from the left')
    expect(registerAnswer({ margins }, 'corner-marks', false, '').because).toContain('Save the layout')
  })
  it('says how well further plates fit', () => {
    const routes = [
      { route: 'trapped' as const, label: 'Sheet held', misfitMm: 0.2, mostlyFrom: 'laying' },
      { route: 'dried' as const, label: 'Dried between', misfitMm: 0.6, mostlyFrom: 'damping' },
    ]
    expect(platesAnswer(0, routes, 'dried').says).toBe('One plate: nothing to align')
    expect(platesAnswer(1, routes, 'dried')).toMatchObject({
      says: '2 plates: they fit to about 0.6 mm',
      because: 'Dried between. Sheet held would fit to 0.2 mm.',
    })
    expect(platesAnswer(1, routes, 'trapped').because).toContain('fits better')
  })
  it('says how many pieces of thin paper, from how many sheets', () => {
    const template = { widthMm: 62, heightMm: 48, pasteGrams: 0.1 }
    const piece = { pieces: 30, material: null, fitting: 'template' as const, paste: 'brushed' as const }
    const ochre = { from: 'paper' as const, paperId: null, name: 'Ochre tissue' }
    const print = { from: 'print' as const, name: 'Slack tide', artist: 'Ines Falk' }
    const nest = { perSheet: 16, sheets: 2 }
    expect(colleAnswer(null, null, null).says).toBe('Enter the piece and its sheet')
    expect(colleAnswer(piece, template, { perSheet: 0, sheets: 0 }).says).toContain('larger')
    expect(colleAnswer(piece, template, nest)).toMatchObject({
      says: 'Cut 30 pieces of 62 mm × 48 mm',
      because: 'From 2 sheets, 16 from each; 3 g of starch for all. Cut them dry: they grow with the damp.',
    })
    expect(
      colleAnswer({ ...piece, material: ochre, fitting: 'trimmed', paste: 'dusted' }, template, nest),
    ).toMatchObject({
      says: 'Cut 30 pieces of 62 mm × 48 mm, Ochre tissue',
      because:
        'From 2 sheets, 16 from each; 3 g of paste powder for all. Paper to spare all round: it is trimmed on the plate.',
    })
    expect(colleAnswer({ ...piece, material: print }, template, nest).because).toBe(
      'From “Slack tide” by Ines Falk, who is named in the documents; 3 g of starch for all.',
    )
  })
})
