import { isSameName } from '@/core/units/byName'
import { batPulls } from '@/core/record/batOnBench'
import { FieldError, NotFoundError } from '@/data/database/errors'
import { keepPicture, originalFile } from '@/data/across/images'
import { loadJob } from '@/data/shop/jobs'
import { encodePixels, readPixels } from '@/data/across/pixels'
import { loadStore } from '@/data/shop/store'
import { seedOf } from '@/devices/noise'
import { reliefOf } from '@/devices/plateRelief'
import { printConditions } from '@/devices/printConditions'
import { wearAfter } from '@/devices/plateWear'
import { NO_FAULTS } from '@/devices/printFaults'
import { scanPrint, USUAL_SCAN } from '@/devices/scanner'

/** Fine enough for every line, coarse enough to be there in a second. */
const DPI = 100
/** Largest plate picture the model reads, px. */
const LONGEST = 2000

/**
 * Prints an impression from the plate's picture and the settings it was pulled with, held against the approved proof's, and scans it, all by
 * our model. The same impression lies on the glass the same way every time.
 *
 * @returns the kept picture
 * @throws FieldError while the plate has no picture; NotFoundError
 */
export async function modelScan(slug: string, pullId: string, at: string): Promise<string> {
  const job = await loadJob(slug)
  const pull = job.pulls.find(({ id }) => id === pullId)
  if (!pull) throw new NotFoundError('This pull')
  const plate = job.plateStates.findLast(
    ({ state, imageId }) => imageId && state <= pull.settings.plate.state,
  )?.imageId
  if (!plate)
    throw new FieldError([
      {
        field: '',
        message: 'Choose a picture of the plate at Plate first: the model prints from it.',
      },
    ])
  const { inks, papers } = await loadStore()
  const paper = papers.find(({ id }) => id === pull.settings.paper.paperId)
  if (!paper)
    throw new FieldError([
      {
        field: '',
        message: 'This pull’s paper is not in the stockroom any more: the model needs its white.',
      },
    ])
  const picture = await readPixels(await originalFile(plate), LONGEST)
  const conditions = printConditions(
    pull.settings,
    (batPulls(job).proof ?? pull).settings,
    inks,
    paper.reflectance,
  )
  const seed = seedOf(pullId)
  // Every earlier pull of this state took its share of the plate.
  const before = job.pulls
    .slice(0, job.pulls.indexOf(pull))
    .filter(
      ({ settings }) =>
        isSameName(settings.plate, pull.settings.plate) && settings.plate.state === pull.settings.plate.state,
    ).length
  const faults = { ...NO_FAULTS, wear: wearAfter(pull.settings.plate.kind, before) }
  const scanned = scanPrint(
    reliefOf({ ...picture, data: new Uint8Array(picture.data) }),
    conditions,
    faults,
    { ...USUAL_SCAN, dpi: DPI, skewDegrees: ((seed % 17) - 8) / 10 },
    seed,
  )
  return keepPicture(await encodePixels(scanned), `model of ${pull.kind} ${pull.number}.jpg`, at)
}
