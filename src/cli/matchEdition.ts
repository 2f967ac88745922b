import { refusalWords } from '@/core/match/words'
import { z } from 'zod'
import { pullsOnBench } from '@/core/edition/runs'
import { matchTolerancesSchema } from '@/core/match/checks/matchCheck'
import { cornersInPixels, scanPair, unchecked, verdictOf, type ScanSide } from '@/core/edition/compareScans'
import { matchImpression } from '@/core/match/matchImpression'
import type { MatchSide } from '@/core/match/straightSheets'
import { printedLayout } from '@/core/match/printedLayout'
import { batPulls } from '@/core/record/batOnBench'
import { label } from '@/core/units/schemas'
import { ConflictError, NotFoundError } from '@/data/database/errors'
import { originalFile } from '@/data/across/images'
import { loadJob } from '@/data/shop/jobs'
import { COMPARED_LONGEST, PixelError, readPixels } from '@/data/across/pixels'
import { addEvents } from '@/data/across/pulls'
import { latestZoneMap } from '@/data/plate/zoneMaps'

/** Holds every impression with a picture that was not checked yet against the approved proof, one after the other, in a process of its own; tells the server that began it how far it is. */
const asked = z.strictObject({ slug: label, dry: z.boolean(), by: label, tolerances: matchTolerancesSchema })
/** Somebody else may write to the job meanwhile: the verdict is written on what is there now. */
const TRIES = 5

const { slug, dry, by, tolerances } = asked.parse(JSON.parse(process.argv[2]))
// Whoever began this has gone: nobody would hear of it, and the next start begins with what is not checked.
process.on('disconnect', () => process.exit(0))

async function sideOf({ imageId, corners, ...known }: ScanSide): Promise<MatchSide> {
  const picture = await readPixels(await originalFile(imageId), COMPARED_LONGEST)
  return { ...known, picture, corners: cornersInPixels(corners, picture) }
}

/** Checks one impression and writes its verdict; answers why it could not be. */
async function checkOne(pullId: string): Promise<string | null> {
  const job = await loadJob(slug)
  const pulls = pullsOnBench(job).filter(({ kind }) => kind === 'edition')
  const [bat, pull] = [batPulls(job).proof, pulls.find(({ id }) => id === pullId)]
  const pair = bat && pull && scanPair(bat, pull, pulls, dry)
  if (!pair) return 'a picture of it or of the BAT is gone'
  if ('refusal' in pair) return pair.refusal
  const place = printedLayout(bat.settings, (await latestZoneMap(job.id))?.map.zones ?? [])
  const found = matchImpression({
    reference: await sideOf(pair.reference),
    impression: await sideOf(pair.impression),
    ...place,
    tolerances,
  })
  if ('which' in found) return refusalWords(found)
  const match = verdictOf(found, bat, new Map(), tolerances)
  for (let turn = 1; ; turn++) {
    try {
      await addEvents(
        job.id,
        (await loadJob(slug)).revision,
        { pullId, events: [{ kind: 'match', match }], by, why: 'compared with all others' },
        new Date().toISOString(),
      )
      return null
    } catch (error) {
      if (!(error instanceof ConflictError) || turn === TRIES) throw error
    }
  }
}

const waiting = unchecked(
  pullsOnBench(await loadJob(slug)).filter(({ kind }) => kind === 'edition'),
  dry,
)
const refused: string[] = []
const tell = (done: number) => process.send?.({ done, of: waiting.length, refused })
tell(0)
for (const [i, { id, number }] of waiting.entries()) {
  const why = await checkOne(id).catch((error: unknown) => {
    if (error instanceof PixelError || error instanceof NotFoundError) return `its picture ${error.message}`
    throw error
  })
  if (why !== null) refused.push(`Pull ${number}: ${why}`)
  tell(i + 1)
}
process.exit(0)
