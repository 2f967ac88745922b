import { z } from 'zod'
import { labSchema } from '@/core/colour/convertXyzToLab'
import { COVERINGS, type Covering } from '@/core/ink/estimateInk'
import { inkByEye, TAKEN_BY_EYE } from '@/core/ink/inkByEye'
import { UNKNOWN_TUBE } from '@/core/ink/shelfInk'
import { CALIPER_TAKEN, usualCaliperMm } from '@/core/paper/usualCaliper'
import { RAG_WHITE } from '@/core/paper/ragWhite'
import { plateKindSchema } from '@/core/plate/plate'
import { pressByAnswer, waysOf } from '@/core/press/pressByAnswer'
import type { PressKind } from '@/core/press/pressKind'
import { PRESS_KINDS } from '@/core/press/pressKindNames'
import { readingProblem, type WayOfReading } from '@/core/press/pressureScale'
import { WAYS_OF_READING } from '@/core/press/waysOfReading'
import { beginBench, carryInto, type BeginWith } from '@/core/prove/beginBench'
import { checkBench, type Bench } from '@/core/prove/settings'
import { benchAgain } from '@/core/record/printAgain'
import { finite, label, positive } from '@/core/units/schemas'
import { FieldError, NotFoundError } from '../database/errors'
import { openDatabase, write } from '../database/database'
import { readRows } from '../database/readRows'
import { readJobRecord } from '../record/jobRecord'
import { addPress } from '../press/presses'
import { addInks } from './inks'
import { createJob, newJobSchema } from './jobs'
import { addPaper, loadStore, type Stock, type Store } from './store'
import { stockEmptyShelves } from './typicalShelf'
import { isTongueSaid, keepTongue } from './tongue'
import { isUnitOrderSaid, keepUnitOrder, unitOrderSchema } from './unitOrder'

const side = positive.max(3000, { error: 'must be at most 3000 mm' })
const size = z.strictObject({ widthMm: side, heightMm: side })
const keysOf = <Key extends string>(record: Record<Key, unknown>) => Object.keys(record) as [Key, ...Key[]]

/** An ink of the shelf, or one known by its name and a colour by eye. */
const inkWish = z.union([
  z.strictObject({ id: label }),
  z.strictObject({
    name: label,
    lab: labSchema,
    covering: z.enum(keysOf<Covering>(COVERINGS)),
  }),
])

/** A paper of the stockroom, or one known by name, weight and size; and the piece of it that is printed on, where that was said. */
const paperWish = z.union([
  z.strictObject({ id: label, sheet: size.nullable() }),
  z.strictObject({
    name: label,
    gsm: positive.max(2000, { error: 'must be at most 2000 g/m²' }),
    size,
    sheet: size.nullable(),
  }),
])

/** A press of the store, or one of a kind that is read in a way; and what it stands at. */
const pressWish = z.union([
  z.strictObject({ id: label, reading: finite.nullable() }),
  z.strictObject({
    kind: z.enum(keysOf<PressKind>(PRESS_KINDS)),
    way: z.enum(keysOf<WayOfReading>(WAYS_OF_READING)),
    reading: finite.nullable(),
  }),
])

/** What a job is begun with: what it is, and of plate, ink, paper and press what somebody can say already. */
export const beginJobSchema = z.strictObject({
  job: newJobSchema,
  plate: z.strictObject({ kind: plateKindSchema, size }).nullable().default(null),
  ink: inkWish.nullable().default(null),
  paper: paperWish.nullable().default(null),
  press: pressWish.nullable().default(null),
  /** the units its sizes were typed in: where nobody ever said, they are read first from here on; null: it cannot be told */
  units: unitOrderSchema.nullable().default(null),
  /** a job whose settings are brought over where nothing else was said; null: none */
  fromJobId: label.nullable().default(null),
})
export type BeginJob = z.input<typeof beginJobSchema>
type Begun = z.output<typeof beginJobSchema>

/** A thing of the store by its id. @throws NotFoundError */
function ofStore<Thing extends { id: string }>(shelf: readonly Thing[], id: string, what: string): Thing {
  const found = shelf.find((one) => one.id === id)
  if (!found) throw new NotFoundError(what)
  return found
}

async function inkToBegin(
  wish: Begun['ink'],
  inks: readonly { id: string; name: string }[],
): Promise<BeginWith['ink']> {
  if (!wish) return null
  if ('id' in wish) return ofStore(inks, wish.id, 'This ink')
  const found = inkByEye(wish.lab, wish.covering, RAG_WHITE)
  if (!found) throw new FieldError([{ field: 'ink', message: 'No ink on paper can have this colour.' }])
  const { name } = wish
  const [id] = await addInks([
    {
      name,
      kind: 'oil',
      ...found,
      source: 'estimated',
      viscosityPas: 50,
      forecastable: true,
      note: TAKEN_BY_EYE,
      ...UNKNOWN_TUBE,
    },
  ])
  return { id, name }
}

async function paperToBegin(wish: Begun['paper'], papers: Stock['papers']): Promise<BeginWith['paper']> {
  if (!wish) return null
  if ('id' in wish) {
    const { sheetWidthMm, sheetHeightMm, ...paper } = ofStore(papers, wish.id, 'This paper')
    return { ...paper, widthMm: sheetWidthMm, heightMm: sheetHeightMm, sheet: wish.sheet }
  }
  const { name, gsm, size: whole, sheet } = wish
  const paper = { name, gsm, caliperMm: usualCaliperMm(gsm), grain: 'unknown' as const }
  const id = await addPaper(
    {
      ...paper,
      sheetWidthMm: whole.widthMm,
      sheetHeightMm: whole.heightMm,
      sheetsReceived: 0,
      note: CALIPER_TAKEN,
    },
    [...RAG_WHITE],
  )
  return { ...paper, ...whole, id, sizing: 'unknown', sides: '', reflectance: RAG_WHITE, sheet }
}

async function pressToBegin(wish: Begun['press'], presses: Store['presses']): Promise<BeginWith['press']> {
  if (!wish) return null
  if (!('id' in wish) && !waysOf(wish.kind).includes(wish.way))
    throw new FieldError([{ field: 'press', message: 'A press of this kind is not read so.' }])
  const press =
    'id' in wish
      ? ofStore(presses, wish.id, 'This press')
      : await addPress(pressByAnswer(wish.kind, wish.way))
  const { id, name, kind, rollerRadiusMm, scale, frameNPerMm } = press
  const wrong = wish.reading === null ? null : readingProblem(scale, wish.reading)
  if (wrong) throw new FieldError([{ field: 'press.reading', message: wrong }])
  return { id, name, kind, rollerRadiusMm, scale, frameNPerMm, reading: wish.reading }
}

/** What an earlier job printed well by, or else what stands on its bench. @throws NotFoundError */
async function benchToCarry(jobId: string): Promise<Bench> {
  const { tables } = await openDatabase()
  const [row] = await readRows(tables.jobs, { where: { id: jobId } })
  if (!row) throw new NotFoundError('The earlier job')
  return benchAgain(await readJobRecord(row, tables))
}

/**
 * Begins a job with all that somebody can say of it at once: ink, paper and press that are not there yet go into the store by the least
 * that is known of them, and around what was said everything is laid out as is usual. All of it, or nothing.
 *
 * @returns its address, and whether everything a first proof wants is set
 * @throws ZodError or FieldError naming the field; NotFoundError
 */
export async function beginJob(input: BeginJob, at: string): Promise<{ id: string; slug: string }> {
  const { job, plate, ...wish } = beginJobSchema.parse(input)
  return write(async () => {
    const own = await loadStore()
    // What was just put there is not read back before all of it is written.
    const typical = await stockEmptyShelves(own)
    const inks = [...own.inks, ...typical.inks]
    const papers = [...own.papers, ...typical.papers]
    const said = beginBench({
      title: job.title,
      plate,
      ink: await inkToBegin(wish.ink, inks),
      paper: await paperToBegin(wish.paper, papers),
      press: await pressToBegin(wish.press, own.presses),
      shelf: own.blankets,
    })
    const before = wish.fromJobId === null ? null : await benchToCarry(wish.fromJobId)
    const bench = before ? carryInto(said, before, job.title) : said
    const unfit = checkBench(bench).find(({ station }) => station === 'plate')
    if (unfit) throw new FieldError([{ field: 'plate.size', message: unfit.message }])
    const begun = await createJob(job, at, bench)
    if (wish.units === 'inches' && !(await isUnitOrderSaid())) {
      await keepUnitOrder(wish.units, at)
      // Who measures in inches mostly reads American words too; what somebody chose stays.
      if (!(await isTongueSaid())) await keepTongue('american', at)
    }
    return begun
  })
}
