import { describe, expect, test } from 'vitest'
import { completeBench } from '@/core/prove/completeBench'
import { PURPOSES, type Purpose } from '@/core/prove/purpose'
import { beginJobSchema } from '@/data/shop/beginJob'
import { typicalStock } from '@/data/shop/typicalShelf'
import { beginAnswer } from './answers'
import { OPEN_BEGIN, paperLabel, readBegin, wishOf, type BeginShelf, type BeginState } from './beginState'

const { inks, papers } = typicalStock()
const shelf: BeginShelf = {
  inks,
  papers,
  presses: [],
  blankets: [],
  earlier: null,
  isUnitOrderSaid: false,
  isTongueSaid: false,
  templates: [],
}

const SAID: BeginState = {
  ...OPEN_BEGIN,
  title: 'Reeds',
  artist: 'Ida Quill',
  press: 'new:two-screw',
  kind: 'plastic-drypoint',
  size: '120 x 90',
  ink: 'Harbour black',
  paper: 'Heron 300 g 56 × 76 cm',
}
const fields = (state: BeginState) => readBegin(state, shelf).problems.map(({ field }) => field)

describe('a print while it is being said', () => {
  test('in inches is in inches from here on, unless somebody said otherwise', () => {
    expect(wishOf({ ...SAID, size: '5 × 7 in', paper: 'Heron 300 g 22 × 30 in' }, shelf).units).toBe('inches')
    expect(wishOf(SAID, shelf).units).toBe('metric')
  })
  test('with nothing said, nothing is wrong and nothing is set', () => {
    const { bench, problems } = readBegin(OPEN_BEGIN, shelf)
    expect(problems).toEqual([])
    expect(Object.values(bench).filter((part) => part !== null && typeof part === 'object')).toEqual([])
    expect(beginAnswer(bench, 'edition').says).toBe('Enter what you have')
  })
  test('whole, it can be pulled for every purpose, and what is sent is what the act takes', () => {
    const { bench, problems } = readBegin(SAID, shelf)
    expect(problems).toEqual([])
    for (const purpose of Object.keys(PURPOSES) as Purpose[]) {
      expect(completeBench(bench, purpose)).not.toBeNull()
      expect(beginJobSchema.safeParse(wishOf({ ...SAID, purpose }, shelf)).success).toBe(true)
    }
    expect(beginAnswer(bench, 'edition').says).toBe('Ready for the first proof: 30 minutes from a dry sheet')
    expect(beginAnswer(bench, 'unique').says).toContain('first print')
  })
  test('what is missing is named', () => {
    expect(beginAnswer(readBegin({ ...SAID, ink: '', press: '' }, shelf).bench, 'edition').says).toBe(
      'Still to say: ink and press',
    )
  })
  test('things of the shelf are known by their name, new ones go along with the least', () => {
    expect(wishOf({ ...SAID, ink: 'typical BLACK' }, shelf).ink).toEqual({ id: 'typical-black' })
    expect(wishOf(SAID, shelf).ink).toMatchObject({ name: 'Harbour black', covering: 'half-covering' })
    const known = wishOf({ ...SAID, paper: paperLabel(papers[0]) }, shelf).paper
    expect(known).toEqual({ id: papers[0].id, sheet: null })
    expect(wishOf(SAID, shelf).paper).toEqual({
      name: 'Heron',
      gsm: 300,
      size: { widthMm: 560, heightMm: 760 },
      sheet: null,
    })
    expect(wishOf(SAID, shelf).press).toEqual({ kind: 'two-screw', way: 'turns', reading: null })
  })
  test('a small sheet is printed on with the margins it has', () => {
    const { bench, problems, fold } = readBegin({ ...SAID, paper: 'Heron 300 g 14 × 11 cm' }, shelf)
    expect(problems).toEqual([])
    expect(fold).toMatchObject({ times: 0, widthMm: 140, heightMm: 110 })
    expect(beginAnswer(bench, 'edition', problems).says).toContain('Ready')
  })
  test('what cannot be read is said at its field, with what to write', () => {
    expect(fields({ ...SAID, size: '120' })).toEqual(['size'])
    expect(fields({ ...SAID, paper: 'Heron' })).toEqual(['paper'])
    expect(readBegin({ ...SAID, paper: 'Heron' }, shelf).problems[0].message).toContain(
      'its weight and its size',
    )
    const tooLarge = readBegin({ ...SAID, size: '600 x 800' }, shelf)
    expect(tooLarge.problems).toEqual([{ field: 'size', message: 'The plate is larger than this sheet.' }])
    expect(beginAnswer(tooLarge.bench, 'edition', tooLarge.problems)).toEqual({
      says: 'Still to mend: the size of the plate',
      because: 'The plate is larger than this sheet.',
    })
    expect(fields({ ...SAID, press: 'new:geared', reading: 900 })).toEqual(['reading'])
  })
  test('a press is read as its kind usually is, or as it was said; by hand nothing is asked', () => {
    expect(readBegin(SAID, shelf)).toMatchObject({ way: 'turns' })
    expect(readBegin({ ...SAID, way: 'gauge' }, shelf).scale?.id).toBe('gauge')
    expect(readBegin({ ...SAID, press: 'new:baren' }, shelf)).toMatchObject({ ways: null, way: 'hand' })
  })
  test('the piece of the sheet is the one that was chosen', () => {
    const { folds, fold } = readBegin(SAID, shelf)
    expect(fold).toEqual(folds.at(-1))
    const chosen = { ...SAID, fold: folds[0].times }
    expect(readBegin(chosen, shelf).bench.paper).toMatchObject({ sheetWidthMm: 560, sheetHeightMm: 760 })
    expect(wishOf(chosen, shelf).paper).toMatchObject({ sheet: { widthMm: 560, heightMm: 760 } })
  })
  test('begun as an earlier job, only what is new has to be said', () => {
    const earlier = { jobId: 'j', title: 'Reeds', bench: readBegin(SAID, shelf).bench }
    const state = { ...OPEN_BEGIN, title: 'Rushes', artist: 'Ida Quill', ink: 'Typical red' }
    const { bench, problems } = readBegin(state, { ...shelf, earlier })
    expect(problems).toEqual([])
    expect(completeBench(bench, 'edition')).not.toBeNull()
    expect(bench.ink!.mixes[0].name).toBe('Typical red')
    expect(bench.paper).toEqual(earlier.bench.paper)
    expect(wishOf(state, { ...shelf, earlier })).toMatchObject({ fromJobId: 'j', plate: null, press: null })
  })
})
