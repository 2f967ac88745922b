import { describe, expect, it } from 'vitest'
import { z } from 'zod'
import { sampleSettings } from '../prove/sampleSettings.test.fixture'
import { jobFileSchema, type JobFile } from './jobFile'
import { SAMPLE_MOMENT } from '../edition/samplePull.test.fixture'
import { sampleJobFile } from './sampleJobFile.test.fixture'
import { documentJob } from './documentation'
import { writeMoment } from '../units/moment'
import { pullRows } from './pullRows'

const at = SAMPLE_MOMENT
const file = sampleJobFile
const refusal = (edit: (file: JobFile) => unknown) => {
  const bad = structuredClone(file)
  edit(bad)
  const { path, message } = jobFileSchema.safeParse(bad).error!.issues[0]
  return `${path.join('.')}: ${message}`
}

describe('job file', () => {
  it('has its shape published in docs, as JSON Schema', async () => {
    await expect(
      `${JSON.stringify(z.toJSONSchema(jobFileSchema, { io: 'input', unrepresentable: 'any' }), null, 1)}\n`,
    ).toMatchFileSnapshot('../../../docs/job-file.schema.json')
  })
  it('reads back what it wrote', () =>
    expect(jobFileSchema.parse(JSON.parse(JSON.stringify(file)))).toEqual(file))
  it('of the first release is read: what came after is empty, and every wipe step has its usual manner', () => {
    const old = JSON.parse(JSON.stringify(file)) as Record<string, unknown> & {
      runs: {
        bench: { wipe: { steps: Record<string, unknown>[]; inking?: unknown; zoneMapVersion?: unknown } }
      }[]
    }
    for (const key of [
      'zoneMaps',
      'makings',
      'watchSpots',
      'facings',
      'collePieces',
      'sheetMarks',
      'signing',
    ])
      delete old[key]
    delete old.runs[0].bench.wipe.inking
    delete old.runs[0].bench.wipe.zoneMapVersion
    for (const step of old.runs[0].bench.wipe.steps)
      for (const key of ['bundle', 'direction', 'pressure', 'zone']) delete step[key]
    const read = jobFileSchema.parse(old)
    expect(read.zoneMaps).toEqual([])
    expect(read.runs[0].bench.wipe!.steps[0]).toMatchObject({
      bundle: 'smooth',
      direction: 'across',
      pressure: 'even',
      zone: '',
    })
  })
  it('refuses zone maps with a gap in their versions', () =>
    expect(
      refusal((f) =>
        f.zoneMaps.push({
          version: 2,
          at,
          by: 'Ida Quill',
          map: { zones: [], spots: { tone1: null, tone2: null, tone3: null } },
        }),
      ),
    ).toContain('without gaps'))
  it('refuses a later version in words', () =>
    expect(refusal((f) => ((f as { version: number }).version = 7))).toContain(
      'version 7 is from a later Typothesis',
    ))
  it('refuses another kind of file', () =>
    expect(refusal((f) => ((f as { format: string }).format = 'shopping'))).toContain(
      'not a Typothesis job file',
    ))
  it('refuses a number given twice', () =>
    expect(refusal((f) => f.prints.push(f.prints[0]))).toContain('BAT is given twice'))
  it('refuses a forged number: a print without its pull', () =>
    expect(refusal((f) => (f.prints[0].pullId = 'nobody'))).toContain('prints.0.pullId'))
  it('refuses a forged number: a mark beyond its total', () =>
    expect(refusal((f) => (f.prints[0] = { ...f.prints[0], kind: 'edition', mark: '1/9' }))).toContain(
      'prints.0.mark: 1/9 is not what',
    ))
  it('refuses a zone nobody could write out', () =>
    expect(refusal((f) => (f.pulls[0].zone = 'Atlantis/Harbour'))).toContain('pulls.0.zone'))
  it('refuses an id that could be a path', () =>
    expect(refusal((f) => (f.pulls[0].id = '../p1'))).toContain('pulls.0.id'))
})

describe('pull rows', () => {
  it('gives each setting a column and the mark its place', () => {
    const [row] = pullRows(file.pulls, new Map([['p1', 'BAT']]))
    expect(row).toMatchObject({
      kind: 'Proof',
      number: 1,
      mark: 'BAT',
      eye: 'same',
      'press.turnsLeft': '3 turns',
      plateC: '',
    })
  })
})

describe('documentation sheet', () => {
  const sheet = documentJob(
    {
      ...file.job,
      runs: file.runs,
      signing: file.signing,
      bench: sampleSettings,
      plateStates: file.plateStates,
      pulls: file.pulls,
      bats: file.bats,
      prints: file.prints,
      dryings: [],
      givenSheets: [],
    },
    'Europe/Lisbon',
  )
  it('declares every kind and how the plate was printed', () => {
    const rows = Object.fromEntries(
      sheet.sections.flatMap((section) => section.rows.map(({ label, value }) => [label, value])),
    )
    expect(rows).toMatchObject({
      BAT: '1',
      'Proofs pulled': '1',
      Size: '180 mm × 120 mm',
      Thickness: '1.2 mm',
      'Where these come from': 'not known: kept before it was noted',
      'Press: left screw': '3 turns',
    })
    expect(sheet.impressions[0]).toMatchObject({
      mark: 'BAT',
      moment: '2031-05-02 09:30 Etc/UTC',
      hands: 'inked Ida Quill',
    })
  })
  it('states what was typed; what was only laid out, carried over or measured says so', () => {
    const bench = {
      ...sampleSettings,
      origins: {
        plate: 'typed',
        'plate.kind': 'default',
        'plate.thicknessMm': 'default',
        press: 'typed',
        'press.readingLeft': 'carried',
        'press.makeReadyMm': 'measured',
        'press.passes': 'default',
      } as const,
    }
    const said = documentJob(
      {
        ...file.job,
        runs: file.runs,
        signing: file.signing,
        plateStates: file.plateStates,
        pulls: file.pulls,
        prints: file.prints,
        bench,
        bats: [],
        dryings: [],
        givenSheets: [],
      },
      'Europe/Lisbon',
    )
    const rows = Object.fromEntries(
      said.sections.flatMap((section) => section.rows.map(({ label, ...row }) => [label, row])),
    )
    expect(said.technique).toBe('intaglio')
    expect(rows.Size).toEqual({ value: '180 mm × 120 mm' })
    expect(rows.Thickness).toMatchObject({ value: '1.2 mm (as laid out, nobody set it)', isDefault: true })
    expect(rows['Press: left screw'].value).toBe('3 turns (carried over)')
    expect(rows['Press: right screw'].value).toBe('3 turns')
    expect(rows['Press: make-ready'].value).toMatch(/ \(measured\)$/)
    expect(rows['Press: passes'].isDefault).toBe(true)
    expect(rows['Paper: damp for'].value).toMatch(/ \(not known where from\)$/)
    expect(rows['Where these come from']).toBeUndefined()
  })
  it('writes the moment in the zone it was stamped in, daylight saving too', () => {
    expect(writeMoment('2031-07-02T09:30:00.000Z', 'Europe/Lisbon')).toBe('2031-07-02 10:30 Europe/Lisbon')
    expect(writeMoment('2031-12-31T23:30:00.000Z', 'Asia/Tokyo')).toBe('2032-01-01 08:30 Asia/Tokyo')
  })
})
