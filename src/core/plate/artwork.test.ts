import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { carrierPixels, cropAround, cropSchema, cropToPlate, pictureDpi } from './artwork'
import { halftone, invertGreys, mirrorGreys, screenTooFine, type ToneSetting } from './halftone'
import { carrierTurn, MAKING_METHODS, plateTurn, printTurn, type MakingMethod } from './makingMethod'

const methods = Object.keys(MAKING_METHODS) as MakingMethod[]

describe('which way round', () => {
  it.each(methods)('%s: the print reads as the picture, in place and in tone', (method) => {
    expect(printTurn(method, carrierTurn(method))).toEqual({ mirrored: false, inverted: false })
  })
  it.each(methods)(
    '%s: a carrier made the wrong way gives a print the wrong way (property of two turns)',
    (method) => {
      const { mirrored, inverted } = carrierTurn(method)
      expect(printTurn(method, { mirrored: !mirrored, inverted })).toEqual({
        mirrored: true,
        inverted: false,
      })
      expect(printTurn(method, { mirrored, inverted: !inverted })).toEqual({
        mirrored: false,
        inverted: true,
      })
    },
  )
  it('the plate is the print reversed, whatever was done', () => {
    for (const method of methods)
      for (const mirrored of [true, false])
        for (const inverted of [true, false]) {
          expect(plateTurn(method, { mirrored, inverted }).mirrored).toBe(
            !printTurn(method, { mirrored, inverted }).mirrored,
          )
        }
  })
  // Facts of the trade (common practice, no source): toner laid face down needs no mirroring but must be a negative; a drypoint tracing is mirrored; a film reads right and is a positive.
  it.each([
    ['toner-solvent', false, true],
    ['photopolymer', false, false],
    ['card-drypoint', true, false],
    ['laser-laminate', true, false],
  ] as const)('%s: mirrored %s, negative %s', (method, mirrored, inverted) => {
    expect(carrierTurn(method)).toEqual({ mirrored, inverted })
  })
})

const setting = (way: ToneSetting['way'], more: Partial<ToneSetting> = {}): ToneSetting => ({
  way,
  threshold: 128,
  linesPerInch: 60,
  angleDegrees: 45,
  ...more,
})
const flat = (grey: number, side = 240) => ({
  widthPx: side,
  heightPx: side,
  greys: new Uint8Array(side * side).fill(grey),
})
const mean = (greys: Uint8Array) => greys.reduce((sum, grey) => sum + grey, 0) / greys.length

describe('halftone', () => {
  it('threshold: black below, white from it on', () => {
    expect([
      ...halftone(
        { widthPx: 3, heightPx: 1, greys: new Uint8Array([99, 100, 101]) },
        setting('threshold', { threshold: 100 }),
        300,
      ),
    ]).toEqual([0, 255, 255])
  })
  it('greys kept are a copy, and the original is not touched', () => {
    const picture = flat(77, 4)
    const out = halftone(picture, setting('grey'), 300)
    out.fill(0)
    expect(picture.greys[0]).toBe(77)
  })
  it.each(['grain', 'screen'] as const)(
    '%s: only black and white, and a flat grey keeps its mean within 2 of 255 (property)',
    (way) => {
      fc.assert(
        fc.property(fc.integer({ min: 0, max: 255 }), (grey) => {
          const out = halftone(flat(grey), setting(way), 600)
          expect(new Set(out).size).toBeLessThanOrEqual(2)
          expect(Math.abs(mean(out) - grey)).toBeLessThan(2)
        }),
        { numRuns: 40 },
      )
    },
  )
  it('grain: the first pixels follow the sixteenths of Floyd and Steinberg (1976), worked by hand', () => {
    // 100 → black, error 100: 43.75 goes right → 143.75 → white, error −111.25: −48.67 → 51.33 → black.
    expect([
      ...halftone({ widthPx: 3, heightPx: 1, greys: new Uint8Array([100, 100, 100]) }, setting('grain'), 300),
    ]).toEqual([0, 255, 0])
  })
  it('screen: dots repeat with the lines an inch', () => {
    const out = halftone(flat(128, 200), setting('screen', { linesPerInch: 60, angleDegrees: 0 }), 600)
    for (let x = 0; x < 180; x++) expect(out[x]).toBe(out[x + 10])
  })
  it('darker is never lighter (property)', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 254 }), fc.constantFrom('screen', 'threshold'), (grey, way) => {
        const [a, b] = [
          halftone(flat(grey, 60), setting(way), 600),
          halftone(flat(grey + 1, 60), setting(way), 600),
        ]
        expect(a.every((value, i) => value <= b[i])).toBe(true)
      }),
      { numRuns: 40 },
    )
  })
  it('says when a screen is too fine for the film', () => {
    expect(screenTooFine(setting('screen', { linesPerInch: 133 }), 600)).toContain('21 tones')
    expect(screenTooFine(setting('screen'), 600)).toBeNull()
    expect(screenTooFine(setting('grain', { linesPerInch: 133 }), 600)).toBeNull()
  })
  it('mirror and negative undo themselves (property)', () => {
    fc.assert(
      fc.property(fc.uint8Array({ minLength: 12, maxLength: 12 }), (greys) => {
        const twice = Uint8Array.from(greys)
        for (let i = 0; i < 2; i++) {
          mirrorGreys(twice, 4)
          invertGreys(twice)
        }
        expect(twice).toEqual(Uint8Array.from(greys))
      }),
    )
  })
})

describe('crop', () => {
  const plate = { widthMm: 180, heightMm: 120 }
  const picture = fc.record({
    widthPx: fc.integer({ min: 50, max: 9000 }),
    heightPx: fc.integer({ min: 50, max: 9000 }),
  })
  it('has the plate’s proportion and lies in the picture, wherever it is moved (property)', () => {
    fc.assert(
      fc.property(
        picture,
        fc.double({ min: 1, max: 8, noNaN: true }),
        fc.double({ min: -1, max: 2, noNaN: true }),
        fc.double({ min: -1, max: 2, noNaN: true }),
        (size, zoom, x, y) => {
          const crop = cropAround(size, plate, zoom, { x, y })
          expect(cropSchema.safeParse(crop).success).toBe(true)
          expect((crop.width * size.widthPx) / (crop.height * size.heightPx)).toBeCloseTo(1.5, 6)
        },
      ),
    )
  })
  it('takes all it can of the picture', () => {
    expect(cropToPlate({ widthPx: 300, heightPx: 100 }, plate)).toEqual({
      left: 0.25,
      top: 0,
      width: 0.5,
      height: 1,
    })
    expect(cropToPlate({ widthPx: 100, heightPx: 200 }, plate).width).toBe(1)
  })
  it('knows how fine it will be: 180 mm at 600 dots an inch are 4252 of them', () => {
    expect(carrierPixels(plate, 600)).toEqual({ widthPx: 4252, heightPx: 2835 })
    expect(pictureDpi({ widthPx: 4252 }, { width: 0.5 }, plate)).toBeCloseTo(300, 1)
  })
  it('beyond the picture is refused at its field', () =>
    expect(cropSchema.safeParse({ left: 0.6, top: 0, width: 0.5, height: 1 }).error!.issues[0].path).toEqual([
      'width',
    ]))
})
