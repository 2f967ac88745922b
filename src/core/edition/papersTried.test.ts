import { describe, expect, it } from 'vitest'
import { sampleSettings } from '../prove/sampleSettings.test.fixture'
import type { LaidPiece } from '../register/laidPiece'
import { papersTried, printedOn } from './papersTried'
import { samplePull } from './samplePull.test.fixture'

const moon = (name: string): LaidPiece => ({
  name: 'Moon',
  material: { from: 'paper', paperId: null, name },
  outline: [
    [0, 0],
    [10, 0],
    [0, 10],
  ],
  fitting: 'template',
  paste: 'dusted',
  face: 'either',
  uninked: '',
})
const on = (...names: string[]) => ({
  ...sampleSettings,
  register: { ...sampleSettings.register, colle: names.map(moon) },
})
const paper = sampleSettings.paper.name

describe('papers that were tried', () => {
  it('are the sheet and what is stuck onto it', () => {
    expect(printedOn(sampleSettings)).toBe(paper)
    expect(printedOn(on('Ochre tissue'))).toBe(`${paper}, Moon: Ochre tissue`)
  })
  it('show the newest pull of each, the one tried last first, with its picture where there is one', () => {
    const scan = {
      kind: 'scan' as const,
      scan: { imageId: 'a'.repeat(64), dry: false, taken: 'camera' as const, corners: null },
    }
    const pulls = [
      samplePull(1, [], { settings: on('Ochre tissue') }),
      samplePull(2, [], { settings: on('Grey tissue') }),
      samplePull(3, [scan], { settings: on('Ochre tissue') }),
    ]
    expect(papersTried(pulls).map(({ words, pull, imageId }) => [words, pull.number, imageId])).toEqual([
      [`${paper}, Moon: Ochre tissue`, 3, 'a'.repeat(64)],
      [`${paper}, Moon: Grey tissue`, 2, null],
    ])
  })
})
