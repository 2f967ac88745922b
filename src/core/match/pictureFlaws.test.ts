import { describe, expect, it } from 'vitest'
import type { Corners } from './homography'
import { flawOfEdges, type EdgesFound } from './edgeFlaws'
import { PICTURE_FLAWS } from './flawTable'
import {
  flawsOf,
  flawsOfPaper,
  isBorne,
  isCheckBorne,
  isOfCamera,
  unlessSpoiled,
  unsaidFor,
  type PictureLook,
} from './pictureFlaws'

const SHEET = { widthMm: 300, heightMm: 200 }
const corners = (...at: [number, number][]) => at as unknown as Corners
const upright = corners([10, 10], [910, 10], [910, 610], [10, 610])
const edges = (more: Partial<EdgesFound> = {}): EdgesFound => ({
  corners: upright,
  lens: null,
  sides: null,
  isSetByHand: false,
  bowMm: 0.02,
  raggedMm: 0.02,
  spreadMm: 0.2,
  ...more,
})
const paper = { clipped: 0, light: 220, uneven: 0.004, lighter: 0.003 }
const LAID = { scale: 1.001, stretch: 0.002, bentMm: 0.05 }
const look = (more: Partial<PictureLook> = {}): PictureLook => ({
  taken: null,
  device: null,
  isScaled: true,
  profile: null,
  edges: edges(),
  white: [228, 224, 214],
  paper,
  levelled: paper,
  tones: { isGrey: false, isTwoTone: false, darkest: 0 },
  isBled: false,
  pixelsPerMm: 5.9,
  ...more,
})

describe('the edges of a sheet', () => {
  it('are right, also of one that lies across', () => {
    expect(flawOfEdges(edges(), SHEET)).toBeNull()
    expect(flawOfEdges(edges(), { widthMm: 200, heightMm: 300 })).toBeNull()
  })
  it('are not seen, bowed, or not those of this sheet', () => {
    expect(flawOfEdges(null, SHEET)).toBe('edges-unseen')
    expect(flawOfEdges(edges({ bowMm: 1.1 }), SHEET)).toBe('edges-bowed')
    // A sheet of 300 × 200 mm of which 20 mm lie beyond the frame.
    const cut = corners([10, 10], [850, 10], [850, 610], [10, 610])
    expect(flawOfEdges(edges({ corners: cut }), SHEET)).toBe('another-shape')
  })
  it('are believed where a person set them', () =>
    expect(
      flawOfEdges(edges({ isSetByHand: true, corners: corners([0, 0], [5, 0], [5, 5], [0, 5]) }), SHEET),
    ).toBeNull())
})

describe('a plate that bleeds over its sheet', () => {
  const flaws = (more: Partial<PictureLook>) =>
    flawsOf({ reference: look(), impression: look(more) }, SHEET, LAID, null).impression
  it('leaves no paper to level the light by, and nothing said of ink', () => {
    const found = flaws({ isBled: true, white: null, paper: null, levelled: null, taken: 'scanner' })
    expect(found).toContain('no-paper')
    const all = { reference: [], impression: found }
    expect(['colour', 'tone', 'marks'].some((check) => isCheckBorne(check as 'colour', all))).toBe(false)
    expect(isCheckBorne('register', all)).toBe(true)
    expect(isCheckBorne('state', all)).toBe(true)
  })
  it('is not laid over by a frame that is not the sheet’s', () =>
    expect(flaws({ isBled: true, white: null, edges: null })).toContain('not-laid-over'))
  it('has edges a camera sees less closely than a scanner', () => {
    expect(flaws({ isBled: true, taken: 'camera' })).toEqual(expect.arrayContaining(['bleeds']))
    expect(flaws({ isBled: true, taken: 'scanner' })).toEqual([])
  })
})

it('a plate mark that is not sure leaves its bevels unsaid, of the BAT alone', () => {
  const flaws = flawsOf({ reference: look(), impression: look() }, SHEET, LAID, null, null, false)
  expect(flaws).toEqual({ reference: ['plate-unsure'], impression: [] })
  expect(isCheckBorne('edges', flaws)).toBe(false)
  expect(isCheckBorne('marks', flaws)).toBe(true)
})

describe('paper', () => {
  it('tells of a picture too light, too dark, or in uneven light', () => {
    expect(flawsOfPaper(paper, paper, paper)).toEqual([])
    expect(flawsOfPaper(null, null, null)).toEqual([])
    expect(flawsOfPaper({ ...paper, clipped: 0.4 }, paper, paper)).toEqual(['clipped'])
    expect(flawsOfPaper({ ...paper, light: 120 }, { ...paper, uneven: 0.08 }, paper)).toEqual([
      'dark',
      'uneven-light',
    ])
    expect(flawsOfPaper(paper, { ...paper, lighter: 0.09 }, paper)).toEqual(['uneven-light'])
    // Paper that is dark by itself is so in both.
    expect(flawsOfPaper({ ...paper, light: 120 }, paper, { ...paper, light: 125 })).toEqual([])
    // What was uneven as it came and is levelled spoils nothing.
    expect(flawsOfPaper({ ...paper, uneven: 0.2 }, paper, paper)).toEqual([])
  })
})

describe('two pictures', () => {
  it('bear every check where nothing is wrong with either', () => {
    const flaws = flawsOf({ reference: look(), impression: look() }, SHEET, LAID, null)
    expect(flaws).toEqual({ reference: [], impression: [] })
    expect(isBorne(flaws)).toBe(true)
    expect(isBorne({ ...flaws, reference: ['clipped'] })).toBe(false)
    expect(isCheckBorne('register', flaws)).toBe(true)
  })
  it('tell no colour where they are grey, and no tone where one is or where there are no tones', () => {
    const grey = look({ tones: { isGrey: true, isTwoTone: false, darkest: 0 } })
    const lines = look({ tones: { isGrey: true, isTwoTone: true, darkest: 0.1 } })
    const of = (reference: PictureLook, impression: PictureLook) =>
      flawsOf({ reference, impression }, SHEET, LAID, null)
    expect(of(grey, grey)).toEqual({ reference: ['grey'], impression: ['grey'] })
    expect(of(look(), grey)).toEqual({ reference: [], impression: ['grey-beside-colour'] })
    expect(of(look(), lines)).toEqual({ reference: [], impression: ['two-tones'] })
    const black = (darkest: number) => look({ tones: { isGrey: false, isTwoTone: false, darkest } })
    expect(of(black(0.01), black(0.03))).toEqual({ reference: [], impression: ['clipped-dark'] })
    const said = (check: 'colour' | 'lines' | 'breaks', flaws: ReturnType<typeof of>) =>
      unlessSpoiled({ check, value: 1, words: '', places: [] }, flaws).value
    expect(['colour', 'lines', 'breaks'].map((check) => said(check as 'lines', of(grey, grey)))).toEqual([
      null,
      1,
      1,
    ])
    expect(['colour', 'lines', 'breaks'].map((check) => said(check as 'lines', of(look(), lines)))).toEqual([
      null,
      null,
      1,
    ])
  })
  it('too coarse, show no lines', () => {
    const of = (pixelsPerMm: number) =>
      flawsOf({ reference: look(), impression: look({ pixelsPerMm }) }, SHEET, LAID, null).impression
    expect([of(2.6), of(2.4)]).toEqual([[], ['coarse']])
    expect(PICTURE_FLAWS.coarse.spoils).toContain('breaks')
    expect(PICTURE_FLAWS.coarse.spoils).not.toContain('register')
  })
  it('in light of two colours tell no colour', () => {
    const lamp = look({ white: [230, 205, 160] })
    expect(flawsOf({ reference: look(), impression: lamp }, SHEET, LAID, null).impression).toEqual([
      'other-light',
    ])
    // The same paper in a camera that balances a little otherwise.
    const near = look({ white: [225, 223, 216] })
    expect(flawsOf({ reference: look(), impression: near }, SHEET, LAID, null).impression).toEqual([])
  })
  it('tell nothing of the print where no edges were seen and one does not fit the other', () => {
    const blind = { reference: look(), impression: look({ edges: null }) }
    const off = { ...LAID, bentMm: 1.4 }
    expect(flawsOf(blind, SHEET, off, null).impression).toEqual(['edges-unseen', 'not-laid-over'])
    expect(flawsOf(blind, SHEET, LAID, null).impression).toEqual(['edges-unseen'])
    // With its edges seen a sheet may be bent.
    expect(flawsOf({ reference: look(), impression: look() }, SHEET, off, null).impression).toEqual([])
  })
  it('of which one was seen at a slant are of two devices', () => {
    const slanted = look({ edges: edges({ corners: corners([30, 12], [895, 10], [918, 605], [8, 612]) }) })
    expect(flawsOf({ reference: look(), impression: slanted }, SHEET, LAID, null).impression).toEqual([
      'other-device',
    ])
    // Corners set by hand are not so sure, and these are two millimetres off.
    const byHand = edges({ isSetByHand: true, corners: corners([16, 10], [910, 12], [908, 610], [10, 608]) })
    expect(
      flawsOf({ reference: look(), impression: look({ edges: byHand }) }, SHEET, LAID, null).impression,
    ).toEqual([])
    const said = look({ taken: 'camera' })
    expect(
      flawsOf({ reference: look({ taken: 'scanner' }), impression: said }, SHEET, LAID, null).impression,
    ).toEqual(['other-device'])
    expect(flawsOf({ reference: said, impression: slanted }, SHEET, LAID, null).impression).toEqual([])
    expect(flawsOf({ reference: slanted, impression: slanted }, SHEET, LAID, null).impression).toEqual([])
  })
  it('of which one is softer bear no detail where its sheet’s edges are blurred beside the other’s', () => {
    const softer = { picture: 'impression', isTooSoft: false } as const
    const pair = (spreadMm: number) => ({
      reference: look(),
      impression: look({ edges: edges({ spreadMm }) }),
    })
    expect(flawsOf(pair(0.35), SHEET, LAID, softer).impression).toEqual([])
    expect(flawsOf(pair(0.65), SHEET, LAID, softer).impression).toEqual(['soft'])
    // An edge that is torn is no blur: the prints are as crisp.
    expect(flawsOf(pair(0.65), SHEET, LAID, null).impression).toEqual([])
  })
  it('say of a check that is spoiled which picture spoils it and what to do, and no number', () => {
    const flaws = flawsOf({ reference: look({ edges: null }), impression: look() }, SHEET, LAID, {
      picture: 'impression',
      isTooSoft: true,
    })
    expect(flaws).toEqual({ reference: ['edges-unseen'], impression: ['soft'] })
    expect(isCheckBorne('register', flaws)).toBe(false)
    const place = { check: 'register', what: 'x', xMm: 0, yMm: 0, widthMm: 1, heightMm: 1 } as const
    expect(unlessSpoiled({ check: 'register', value: 3, words: '', places: [place] }, flaws)).toEqual({
      check: 'register',
      value: null,
      spoiledBy: 'reference edges-unseen',
      words: `In the picture of the BAT, the sheet’s edges are not seen. ${PICTURE_FLAWS['edges-unseen'].cure}`,
      places: [],
    })
    expect(unlessSpoiled({ check: 'lines', value: -30, words: '', places: [] }, flaws).value).toBeNull()
    const colour = { check: 'colour', value: 1, words: 'as it is', places: [] } as const
    expect(unlessSpoiled({ ...colour, places: [] }, flaws)).toEqual(colour)
  })
})

it('ragged edges let everything be said but what goes by where they lie', () => {
  expect(flawOfEdges(edges({ raggedMm: 0.3 }), SHEET)).toBe('ragged')
  expect(flawOfEdges(edges({ raggedMm: 0.3, isSetByHand: true }), SHEET)).toBeNull()
  expect(flawOfEdges(edges({ raggedMm: 0.3, sides: { x: 'left', y: 'top' } }), SHEET)).toBe('ragged')
  expect(isCheckBorne('register', { reference: ['ragged'], impression: [] })).toBe(false)
  expect(isCheckBorne('colour', { reference: ['ragged'], impression: [] })).toBe(true)
})

it('a lens that bends much lets everything be said but how large the plate printed, and its edges', () => {
  const lens = { middle: [500, 400] as const, radius: 640, bend: -0.06 }
  expect(flawOfEdges(edges({ lens }), SHEET)).toBe('bent-lens')
  expect(flawOfEdges(edges({ lens: { ...lens, bend: -0.004 } }), SHEET)).toBeNull()
  expect(isCheckBorne('register', { reference: ['bent-lens'], impression: [] })).toBe(true)
  expect(isCheckBorne('stretch', { reference: ['bent-lens'], impression: [] })).toBe(false)
  expect(isCheckBorne('edges', { reference: ['bent-lens'], impression: [] })).toBe(false)
})

describe('a sheet its picture cuts', () => {
  const part = (x: 'left' | 'right' | null, y: 'top' | 'bottom' | null) =>
    look({ edges: edges({ sides: { x, y } }) })
  const between = (reference: PictureLook, impression: PictureLook) =>
    flawsOf({ reference, impression }, SHEET, LAID, null)
  it('bears everything where the same corner is seen in both', () =>
    expect(isBorne(between(part('left', 'top'), part('left', 'top')))).toBe(true))
  it('tells nothing of where the plate lies without a corner, and still how large it is', () => {
    const flaws = between(part('left', null), part('left', null))
    expect(flaws).toEqual({ reference: ['no-corner'], impression: ['no-corner'] })
    expect(isCheckBorne('register', flaws)).toBe(false)
    expect(isCheckBorne('stretch', flaws)).toBe(true)
    expect(isCheckBorne('tone', flaws)).toBe(true)
  })
  it('is not held by its edges against another corner, or against a whole sheet', () => {
    expect(between(part('left', 'top'), part('right', 'top')).impression).toEqual(['other-corner'])
    const flaws = between(look(), part('left', 'top'))
    expect(flaws.impression).toEqual(['part-beside-whole'])
    expect(isCheckBorne('stretch', flaws)).toBe(false)
    expect(between(part('left', 'top'), look())).toEqual({ reference: ['part-beside-whole'], impression: [] })
  })
  it('is not trusted where the drawing says it is of another size', () =>
    expect(
      flawsOf(
        { reference: part('left', 'top'), impression: part('left', 'top') },
        SHEET,
        { ...LAID, scale: 1.1 },
        null,
      ).impression,
    ).toEqual(['not-laid-over']))
  it('may bow as little as a whole one', () =>
    expect(flawOfEdges(edges({ sides: { x: 'left', y: 'top' }, bowMm: 0.5 }), SHEET)).toBe('edges-bowed'))
  it('of which three sides are seen lets be said what is printed, and not where nor how large; it may be laid over less closely', () => {
    const three = look({ edges: edges({ sides: 'three' }) })
    const flaws = (scale: number) =>
      flawsOf({ reference: look(), impression: three }, SHEET, { ...LAID, scale }, null).impression
    expect(flaws(1.04)).toEqual(['cut-off'])
    expect(flaws(1.08)).toEqual(['cut-off', 'not-laid-over'])
    const said = { reference: [], impression: flaws(1.04) }
    for (const check of ['register', 'turn', 'stretch', 'edges', 'marks'] as const)
      expect(isCheckBorne(check, said)).toBe(false)
    for (const check of ['colour', 'lines', 'blanks', 'breaks'] as const)
      expect(isCheckBorne(check, said)).toBe(true)
  })
})

describe('a camera’s picture beside a scanner’s', () => {
  const slanted = edges({ corners: corners([10, 10], [910, 20], [890, 600], [30, 610]) })
  const said = (ink: 'grey' | 'coloured' | null) =>
    flawsOf(
      { reference: look({ taken: 'scanner' }), impression: look({ taken: 'camera' }) },
      SHEET,
      LAID,
      null,
      ink,
    )
  it('is known by what was said of it, else by its slant', () => {
    expect(isOfCamera(look({ taken: 'camera' }))).toBe(true)
    expect(isOfCamera(look({ taken: 'model', edges: slanted }))).toBe(false)
    expect([isOfCamera(look({ edges: slanted })), isOfCamera(look())]).toEqual([true, false])
    expect(isOfCamera(look({ edges: null }))).toBeNull()
  })
  it('is known where somebody left it at the scanner, by a far slant and a file without a scale', () => {
    const left = { taken: 'scanner', edges: slanted } as const
    expect(isOfCamera(look({ ...left, isScaled: false }))).toBe(true)
    expect(isOfCamera(look({ ...left, isScaled: true }))).toBe(false)
    // A sheet torn two millimetres out of square lies on a scanner all the same.
    const torn = edges({ corners: corners([10, 10], [910, 10], [910, 616], [10, 610]) })
    expect(isOfCamera(look({ taken: 'scanner', edges: torn, isScaled: false }))).toBe(false)
  })
  it('is no worse than a picture another scanner took, where their files name the two', () => {
    const between = (reference: string | null, impression: string | null) =>
      flawsOf(
        {
          reference: look({ taken: 'scanner', device: reference }),
          impression: look({ taken: 'scanner', device: impression }),
        },
        SHEET,
        LAID,
        null,
      ).impression
    expect(between('Fulmar Flat 3', 'Fulmar Flat 5')).toEqual(['other-device'])
    expect(between('Fulmar Flat 3', 'Fulmar Flat 3')).toEqual([])
    expect(between('Fulmar Flat 3', null)).toEqual([])
  })
  it('tells no ink where its file has lost the profile that the other picture is read by', () => {
    const between = (reference: Partial<PictureLook>, impression: Partial<PictureLook>) => {
      const scan = { taken: 'scanner' } as const
      const flaws = flawsOf(
        { reference: look({ ...scan, ...reference }), impression: look({ ...scan, ...impression }) },
        SHEET,
        LAID,
        null,
      )
      return [flaws.reference, flaws.impression]
    }
    const profile = (changesColours: boolean) => ({ profile: { name: 'Fulmar Flat 3', changesColours } })
    const wide = profile(true)
    expect(between(wide, {})).toEqual([[], ['no-profile']])
    expect(between({}, wide)).toEqual([['no-profile'], []])
    expect(between(wide, wide)).toEqual([[], []])
    expect(between(wide, profile(false))).toEqual([[], []])
    // Without one, colours are taken for sRGB's; our model's are.
    expect(between(profile(false), {})).toEqual([[], []])
    expect(between(wide, { taken: 'model' })).toEqual([[], []])
    // Two devices are told apart first.
    expect(between({ ...wide, device: 'Fulmar Flat 3' }, { device: 'Fulmar Flat 5' })).toEqual([
      [],
      ['other-device'],
    ])
  })
  it('tells no ink by itself, all but colours of a grey ink by the grey strip, and nothing of a coloured one', () => {
    const [alone, grey, coloured] = [said(null), said('grey'), said('coloured')]
    expect(alone.impression).toEqual(['other-device'])
    expect(['tone', 'lines', 'colour'].map((check) => isCheckBorne(check as 'tone', alone))).toEqual([
      false,
      false,
      false,
    ])
    expect(['tone', 'lines', 'colour'].map((check) => isCheckBorne(check as 'tone', grey))).toEqual([
      true,
      true,
      false,
    ])
    expect(coloured.impression).toEqual(['coloured-by-strip'])
    expect(isCheckBorne('tone', coloured)).toBe(false)
  })

  it('says of a check that a picture cannot bear in which picture, and what to do', () => {
    expect(unsaidFor('tone', 'impression', 'own-contrast')).toMatchObject({
      check: 'tone',
      value: null,
      places: [],
      words: expect.stringMatching(/^In the picture of the impression, tones are not those .* grey strip/),
    })
  })
})
