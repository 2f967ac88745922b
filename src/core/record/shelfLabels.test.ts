import { describe, expect, it } from 'vitest'
import { sampleSettings } from '../prove/sampleSettings.test.fixture'
import { shelfLabels, type Labelled } from './shelfLabels'

const ZONE = 'Europe/Lisbon'
const NOTHING: Labelled = { inks: [], cards: [], papers: [], plates: [], stacks: [] }
const INK = {
  id: 'quay-black',
  name: 'Quay black',
  kind: 'oil' as const,
  viscosityPas: 70,
  source: 'estimated' as const,
  openedOn: null,
  keepsOpenDays: null,
}
const at = '2031-05-02T09:00:00.000Z'
const mix = (kelp: number) => ({
  ...sampleSettings.ink.mixes[0],
  parts: [
    { ...sampleSettings.ink.mixes[0].parts[0], name: 'Dusk blue', parts: 3 },
    { ...sampleSettings.ink.mixes[0].parts[0], inkId: 'kelp', name: 'Kelp black', parts: kelp },
  ],
})
const batch = (version: number, grams: number) => ({
  id: `b${version}`,
  version,
  weighed: [{ inkId: 'dusk-blue', name: 'Dusk blue', grams }],
  additions: [],
  measured: null,
  madeAt: at,
  by: 'Ida Quill',
  usableUntil: '2031-05-07',
})

describe('a label', () => {
  it('of a tin says what it is, how stiff, and asks when it was opened where nobody said', () => {
    expect(
      shelfLabels({ ...NOTHING, inks: [INK, { ...INK, openedOn: '2031-04-02', source: 'drawdown' }] }, ZONE),
    ).toEqual([
      {
        title: 'Quay black',
        lines: ['oil, 70 Pa·s, colour estimated', 'opened:'],
        page: '/store/inks/quay-black',
      },
      { title: 'Quay black', lines: ['oil, 70 Pa·s', 'opened 2031-04-02'], page: '/store/inks/quay-black' },
    ])
  })
  it('of a mix has the newest recipe, and the batch that was made of it, of no other', () => {
    const versions = [1, 2].map((version) => ({ version, mix: mix(version), why: '', by: 'Ida Quill', at }))
    const of = (batches: ReturnType<typeof batch>[]) =>
      shelfLabels({ ...NOTHING, cards: [{ name: 'Slack water', versions, batches }] }, ZONE)[0].lines
    expect(of([batch(1, 30)])).toEqual(['Dusk blue 60 %, Kelp black 40 %', 'card version 2', 'mixed:'])
    expect(of([batch(1, 30), batch(2, 41)])).toEqual([
      'Dusk blue 60 %, Kelp black 40 %',
      'card version 2',
      '41 g mixed, usable until 2031-05-07',
    ])
  })
  it('of a drawer says no more than is known', () => {
    const paper = {
      id: 'heron',
      name: 'Heron white',
      gsm: 300,
      sheetWidthMm: 560,
      sheetHeightMm: 760,
      grain: 'unknown' as const,
      sizing: 'unknown' as const,
      sides: '',
    }
    const of = (more: Partial<typeof paper> | object) =>
      shelfLabels({ ...NOTHING, papers: [{ ...paper, ...more }] }, ZONE)[0].lines
    expect(of({})).toEqual(['300 g/m², 560 mm × 760 mm'])
    expect(of({ grain: 'long', sizing: 'soft', sides: 'felt side' })).toEqual([
      '300 g/m², 560 mm × 760 mm',
      'sizing soft, grain long',
      'print on: felt side',
    ])
  })
  it('of a plate says whose it is, what it is and in which state', () => {
    const [label] = shelfLabels(
      {
        ...NOTHING,
        plates: [
          {
            title: 'Reeds',
            artist: 'Ida Quill',
            slug: 'reeds',
            plate: { ...sampleSettings.plate, state: 4 },
          },
        ],
      },
      ZONE,
    )
    expect(label).toMatchObject({ title: 'Reeds', page: '/jobs/reeds/plate' })
    expect(label.lines[0]).toBe('Ida Quill')
    expect(label.lines[1]).toMatch(/, state IV$/)
  })
  it('of a stack says until when it lies, and when what is between is changed, if anything is', () => {
    const load = {
      title: 'Reeds',
      sheets: 6,
      laidAt: '2031-05-02T09:00:00.000Z',
      readyAt: '2031-05-06T09:00:00.000Z',
      changedAts: [],
    }
    const of = (kind: 'blotters' | 'rack') =>
      shelfLabels({ ...NOTHING, stacks: [{ ...load, place: { name: 'Window pile', kind } }] }, 'UTC')[0]
    // After an hour first, then daily.
    expect(of('blotters')).toEqual({
      title: 'Reeds',
      lines: [
        '6 prints in Window pile, laid Fri 2 May, 09:00',
        'dry Tue 6 May, 09:00',
        'change what lies between: Fri 2 May, 10:00',
        'changed:',
      ],
      page: '/drying',
    })
    expect(of('rack').lines).toHaveLength(2)
  })
})
