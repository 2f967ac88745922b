import { describe, expect, it } from 'vitest'
import { deltaE00 } from '@/core/colour/deltaE00'
import { convertSrgbToLab } from '@/core/colour/convertSrgbToLab'
import { inkByEye } from '@/core/ink/inkByEye'
import { predictInk } from '@/core/ink/predictInk'
import { USUAL_SURFACE } from '@/core/ink/surface'
import { RAG_WHITE } from '@/core/paper/ragWhite'
import { bringInList, readMaterialList } from './materialLists'
import { inkList, paperList } from './materialsAsCsv'
import { loadStore, stockStore } from './store'
import { typicalStock } from './typicalShelf'
import { at, openWorkshop } from './workshop.test.fixture'

openWorkshop()

const NOTHING = { inks: [], papers: [] }
const read = (text: string, own: Parameters<typeof readMaterialList>[1] = NOTHING) =>
  readMaterialList(text, own, at())

describe('a list of papers', () => {
  it('is read as a spreadsheet of anybody writes it', () => {
    const { kind, papers, problems } = read(
      'Paper;Weight (gsm);Size;Stock;Remarks\nHeron white;300 g;56 × 76 cm;12;"soft; for etching"\nCurlew;250,5;22 x 30 in;;\n',
    )
    expect(problems).toEqual([])
    expect(kind).toBe('papers')
    expect(papers).toMatchObject([
      {
        name: 'Heron white',
        gsm: 300,
        sheetWidthMm: 560,
        sheetHeightMm: 760,
        sheetsReceived: 12,
        caliperMm: 0.55,
        note: 'soft; for etching Caliper taken from its weight, not measured.',
      },
      // An inch is 25.4 mm (international inch, 1959).
      { name: 'Curlew', gsm: 250.5, sheetWidthMm: 558.8, sheetHeightMm: 762, sheetsReceived: 0 },
    ])
  })
  it('has its lengths by the heading, or by what stands beside the number', () => {
    const { papers } = read(
      'Name,gsm,Width cm,Height in,Thickness mm\nHeron,300,56,30,0.6\nRail,300,22 in,760 mm,0.6',
    )
    expect(papers).toMatchObject([
      { sheetWidthMm: 560, sheetHeightMm: 762, caliperMm: 0.6, note: '' },
      { sheetWidthMm: 558.8, sheetHeightMm: 760 },
    ])
  })
  it('says of every line what is wrong, and where; the others come in', () => {
    const { papers, problems } = read(
      'Name,Weight,Width,Height,Sheets\nHeron,heavy,560,760,1\n,300,560,760,1\nRail,300,wide,760,1\nCoot,300,560,760,1.5\nTern,300,560,760,1',
    )
    expect(papers.map(({ name }) => name)).toEqual(['Tern'])
    expect(problems.map(({ line, field }) => [line, field])).toEqual([
      [2, 'Weight'],
      [3, 'Name'],
      [4, 'Width'],
      [5, 'Sheets'],
    ])
  })
  it('that is none is refused in words', () => {
    expect(() => read('')).toThrow(/Nothing is in it/)
    expect(() => read('Name,Weight,Size')).toThrow(/Nothing is in it/)
    expect(() => read('a,b\n1,2')).toThrow(/The first line has to name the columns/)
    expect(() => read('x'.repeat(1_000_001))).toThrow(/larger than a stockroom/)
  })
  it('goes out and comes into another stockroom the same', async () => {
    await stockStore(typicalStock())
    const { papers } = await loadStore()
    expect(papers.length).toBeGreaterThan(1)
    const again = read(paperList(papers))
    expect(again.problems).toEqual([])
    expect(again.papers).toEqual(
      papers.map(({ id: _, reflectance: __, colourFrom: ___, putAwayAt: ____, sheetsLeft, ...paper }) => ({
        ...paper,
        sheetsReceived: sheetsLeft ?? 0,
      })),
    )
  })
  it('brings in what is not there yet, and leaves the rest as it is', async () => {
    await stockStore(typicalStock())
    const before = await loadStore()
    const text = `${paperList(before.papers)}\r\nTern,200,560,760,,,,,,,,,`
    const list = readMaterialList(text, before, at())
    expect(list.there).toHaveLength(before.papers.length)
    expect(await bringInList(list)).toBe(1)
    const { papers } = await loadStore()
    expect(papers.slice(0, -1)).toEqual(before.papers)
    expect(papers.at(-1)).toMatchObject({ name: 'Tern', gsm: 200 })
    expect(await bringInList(readMaterialList(text, await loadStore(), at()))).toBe(0)
  })
  it('cannot have a spreadsheet run something', () => {
    expect(paperList([{ ...PAPER, name: '=1+1' }])).toContain("'=1+1")
    expect(read(paperList([{ ...PAPER, name: '=1+1' }])).papers[0].name).toBe('=1+1')
  })
})

const PAPER = {
  id: 'tern',
  name: 'Tern',
  gsm: 200,
  caliperMm: 0.4,
  sheetWidthMm: 560,
  sheetHeightMm: 760,
  grain: 'long' as const,
  sheetsReceived: 0,
  fibre: '',
  sizing: 'hard' as const,
  sides: '',
  pricePerSheet: null,
  lowAt: 3,
  note: '',
  reflectance: [...RAG_WHITE],
  colourFrom: 'taken' as const,
  sheetsLeft: null,
}

describe('a list of inks', () => {
  const solidOf = ({ k, s }: { k: number[]; s: number[] }) =>
    predictInk({
      inks: [{ name: 'ink', k, s }],
      parts: [1],
      filmMicrometres: 7,
      paper: [...RAG_WHITE],
      surface: USUAL_SURFACE,
      geometry: '45:0',
    }).lab

  it('comes in by its colour printed solid, marked estimated', () => {
    const { kind, inks, problems } = read(
      'Ink,Colour,Covers,Kind,Left g\nMadder,#a02040,transparent,oil,40\nBone black,202020,,water-washable,\nWrong,reddish,,,',
    )
    expect(kind).toBe('inks')
    expect(inks).toMatchObject([
      { name: 'Madder', source: 'estimated', gramsLeft: 40, weighedAt: at(), kind: 'oil' },
      { name: 'Bone black', gramsLeft: null, weighedAt: null, kind: 'water-washable' },
    ])
    expect(problems).toEqual([
      { line: 4, field: 'Colour', message: expect.stringContaining('#a02040') as string },
    ])
    // The solid is the colour that was written, but for what no ink can do.
    expect(deltaE00(solidOf(inks[0]), convertSrgbToLab(0xa0 / 255, 0x20 / 255, 0x40 / 255))).toBeLessThan(2)
  })
  it('goes out and comes in again looking the same', () => {
    const covers = ['transparent', 'half-covering', 'covering'] as const
    const own = covers.map((covering, i) => ({
      id: covering,
      name: `Ink ${i}`,
      kind: 'oil' as const,
      ...inkByEye({ L: 40, a: 30, b: 10 }, covering, RAG_WHITE)!,
      viscosityPas: 40 + i,
      source: 'estimated' as const,
      forecastable: true,
      note: 'mine',
      tubeGrams: 200,
      gramsLeft: 120,
      weighedAt: at(),
      openedOn: null,
      keepsOpenDays: null,
      pricePerKg: 80,
      gramsNow: 120,
    }))
    const { inks, problems } = read(inkList(own))
    expect(problems).toEqual([])
    own.forEach((ink, i) => {
      const { name, viscosityPas, tubeGrams, gramsLeft, pricePerKg, note } = ink
      expect(inks[i]).toMatchObject({ name, viscosityPas, tubeGrams, gramsLeft, pricePerKg, note })
      expect(deltaE00(solidOf(inks[i]), solidOf(ink))).toBeLessThan(2)
    })
  })
})
