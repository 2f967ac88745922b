import { refusalWords } from '@/core/match/words'
import sharp from 'sharp'
import { matchImpression } from '@/core/match/matchImpression'
import { matchPictures } from '@/core/match/matchPictures'
import type { Rgb } from '@/core/match/picture'
import type { Similarity } from '@/core/match/similarity'

/** Where the plate lies on the bench's A4 sheet, mm. */
export const BENCH_SHEET = { widthMm: 210, heightMm: 297 }
export const BENCH_PLATE = { leftMm: 31, topMm: 38.1, widthMm: 148, heightMm: 200 }

/** What a process of its own tells of one pair of files. */
export interface MatchedOnce {
  /** decoded, aligned and compared; null alignment: refused */
  compare: { seconds: number; alignment: Similarity | null; regions: number }
  /** decoded, straightened, laid over one another and gone through with every check */
  checks: { seconds: number; count: number; refusal: string | null }
  /** megabytes at most, after each */
  peakMb: { compare: number; checks: number }
}

async function read(path: string): Promise<Rgb> {
  const { data, info } = await sharp(path).removeAlpha().raw().toBuffer({ resolveWithObject: true })
  return { width: info.width, height: info.height, data }
}
const peak = () => process.resourceUsage().maxRSS / 1024

const [reference, impression, dpi] = process.argv.slice(2)
if (reference && impression && process.send) {
  let began = performance.now()
  const result = await Promise.all([read(reference), read(impression)]).then(([one, other]) =>
    matchPictures(one, other, Number(dpi)),
  )
  const compare = {
    seconds: (performance.now() - began) / 1000,
    alignment: 'which' in result ? null : result.alignment,
    regions: 'which' in result ? 0 : result.regions.length,
  }
  const comparePeak = peak()
  began = performance.now()
  const held = await Promise.all([read(reference), read(impression)]).then(([one, other]) =>
    matchImpression({
      reference: { picture: one, corners: null },
      impression: { picture: other, corners: null },
      sheet: BENCH_SHEET,
      plate: BENCH_PLATE,
      zones: [],
    }),
  )
  const checks = {
    seconds: (performance.now() - began) / 1000,
    count: 'which' in held ? 0 : held.checks.length,
    refusal: 'which' in held ? refusalWords(held) : null,
  }
  process.send({ compare, checks, peakMb: { compare: comparePeak, checks: peak() } } satisfies MatchedOnce)
}
