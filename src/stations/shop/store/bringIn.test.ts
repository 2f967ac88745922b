import { describe, expect, it } from 'vitest'
import { SAMPLE_TRAY, TRAY_FILM } from '@/devices/sampleTray'
import { bringInInk } from './bringInInk'
import { mapColumns, openSpectralText } from './readSpectralText'

const sample = (key: string) => [...SAMPLE_TRAY.find((one) => one.key === key)!.reflectance]
const drawdown = {
  overWhite: sample('eelgrass-over-white'),
  overBlack: sample('eelgrass-over-black'),
  white: sample('white-card'),
  black: sample('black-card'),
}
const white = { k: new Array<number>(36).fill(0.0004), s: new Array<number>(36).fill(0.34) }

describe('an ink brought in', () => {
  it('waits until every reading is there', () => {
    expect(
      bringInInk(
        { way: 'drawdown', readings: { overWhite: drawdown.overWhite }, filmMicrometres: 12 },
        '45:0',
      ),
    ).toBeNull()
    expect(bringInInk({ way: 'tint', readings: {}, share: 0.1, whiteInk: white }, '45:0')).toBeNull()
    expect(bringInInk({ way: 'estimated', lab: null, covering: 'covering' }, '45:0')).toBeNull()
  })
  it('by drawdown and by tint is one ink', () => {
    const byDrawdown = bringInInk({ way: 'drawdown', readings: drawdown, filmMicrometres: TRAY_FILM }, '45:0')
    const byTint = bringInInk(
      {
        way: 'tint',
        readings: { masstone: sample('eelgrass-masstone'), tint: sample('eelgrass-tint') },
        share: 0.1,
        whiteInk: white,
      },
      '45:0',
    )
    if (!byDrawdown?.ok || !byTint?.ok) throw new Error('both can be told')
    for (let i = 0; i < 36; i++) {
      expect(byDrawdown.coefficients.s[i]).toBeCloseTo(0.018, 4)
      expect(byTint.coefficients.s[i]).toBeCloseTo(0.018, 3)
      expect(byTint.coefficients.k[i]).toBeCloseTo(byDrawdown.coefficients.k[i], 2)
    }
  })
  it('says at which reading and wavelength it is wrong', () => {
    const swapped = bringInInk(
      {
        way: 'drawdown',
        readings: { ...drawdown, overWhite: drawdown.overBlack, overBlack: drawdown.overWhite },
        filmMicrometres: 12,
      },
      '45:0',
    )
    expect(swapped).toMatchObject({
      ok: false,
      problems: [{ field: 'overBlack', message: expect.stringMatching(/swapped\? \(at \d+ nm\)/) }],
    })
    expect(bringInInk({ way: 'drawdown', readings: drawdown, filmMicrometres: null }, '45:0')).toMatchObject({
      problems: [{ field: 'filmMicrometres' }],
    })
    expect(
      bringInInk({ way: 'estimated', lab: { L: 50, a: 200, b: 0 }, covering: 'transparent' }, '45:0'),
    ).toMatchObject({ problems: [{ field: 'lab' }] })
  })
})

describe('a file of readings', () => {
  const nms = Array.from({ length: 36 }, (_, i) => 380 + 10 * i)
  const csv = (separator: string) =>
    [
      ['which', ...nms].join(separator),
      ['Eider', ...nms.map(() => '0.4')].join(separator),
      '',
      ['Teal', ...nms.map(() => '0.2')].join(separator),
    ].join('\n')
  it.each([[','], [';'], ['\t']])('is read as a table parted by %j', async (separator) => {
    const { file, table } = await openSpectralText('a.csv', csv(separator))
    expect(file.samples.map(({ reflectance }) => reflectance[0])).toEqual([0.4, 0.2])
    expect(table!.headings).toHaveLength(37)
  })
  it('gets its names from the column the person points at', async () => {
    const { file, table } = await openSpectralText('a.csv', csv(','))
    expect(file.samples[0].name).toBe('Sample, line 2')
    const mapped = mapColumns('a.csv', table!.headings, table!.rows, { ...table!.mapping, name: 0 })
    expect(mapped.file.samples.map(({ name }) => name)).toEqual(['Eider', 'Teal'])
  })
  it('is known as CGATS by its keywords', async () => {
    const { file, table } = await openSpectralText('a.txt', 'CGATS.17\nBEGIN_DATA_FORMAT\nSAMPLE_ID\n')
    expect(table).toBeNull()
    expect(file.problems[0]).toMatchObject({ field: 'END_DATA_FORMAT' })
  })
  it('too large, or empty, is said', async () => {
    expect((await openSpectralText('a.csv', 'x'.repeat(5_000_001))).file.problems[0].message).toContain(
      'larger',
    )
    expect((await openSpectralText('a.csv', '')).file.problems[0].message).toContain('at least 8')
  })
})
