import { cornersInPixels } from '@/core/edition/compareScans'
import { refusalWords } from '@/core/match/words'
import { matchImpression, type ShownMatch, type StraightReference } from '@/core/match/matchImpression'
import type { MatchImpressionInput, MatchSide } from '@/core/match/straightSheets'
import type { ColourProfile, Rgb } from '@/core/match/picture'
import { showUnits, type UnitOrder } from '@/core/units/shownUnits'

/** One picture to be compared: its address, the corners of its sheet as shares of it, and what is known of it. */
export interface MatchPicture extends Pick<MatchSide, 'corners' | 'dries' | 'plateAt' | 'taken' | 'device'> {
  url: string
}
export interface MatchTask {
  reference: MatchPicture
  impression: MatchPicture
  sheet: MatchImpressionInput['sheet']
  plate: MatchImpressionInput['plate']
  zones: MatchImpressionInput['zones']
  tolerances: MatchImpressionInput['tolerances']
  /** in which the checks' words are written: a worker has nobody else to ask */
  units: UnitOrder
}
/** What the page hears on the way, or in the end. */
export type MatchReport =
  { step: number } | { match: ShownMatch } | { refusal: string; straight?: StraightReference }

async function fetchPixels(url: string): Promise<Rgb | string> {
  const reply = await fetch(url)
  if (!reply.ok)
    return reply.status === 404
      ? 'is not there any more: it came in without its pictures'
      : await reply.text()
  const profile = reply.headers.get('x-profile')
  return {
    width: Number(reply.headers.get('x-width')),
    height: Number(reply.headers.get('x-height')),
    data: new Uint8Array(await reply.arrayBuffer()),
    isGrey: reply.headers.get('x-grey') === 'yes',
    ...(profile && { profile: JSON.parse(decodeURIComponent(profile)) as ColourProfile }),
    pixelsPerMm: Number(reply.headers.get('x-per-mm')) || undefined,
  }
}

async function work({ reference, impression, sheet, plate, zones, tolerances }: MatchTask): Promise<void> {
  const [ours, theirs] = await Promise.all([reference, impression].map(({ url }) => fetchPixels(url)))
  if (typeof ours === 'string' || typeof theirs === 'string')
    return self.postMessage({
      refusal:
        typeof ours === 'string'
          ? `The picture of the BAT ${ours}.`
          : `The picture of the impression ${theirs as string}.`,
    } satisfies MatchReport)
  const found = matchImpression(
    {
      reference: { ...reference, picture: ours, corners: cornersInPixels(reference.corners, ours) },
      impression: { ...impression, picture: theirs, corners: cornersInPixels(impression.corners, theirs) },
      sheet,
      plate,
      zones,
      tolerances,
    },
    (step) => self.postMessage({ step } satisfies MatchReport),
  )
  if ('which' in found)
    return self.postMessage({ refusal: refusalWords(found), straight: found.straight } satisfies MatchReport)
  const match: ShownMatch = { ...found, layers: found.layers() }
  // Handed over, not copied: the pictures are large.
  ;(self as unknown as { postMessage: (message: MatchReport, transfer: Transferable[]) => void }).postMessage(
    { match },
    [
      match.reference.data.buffer,
      match.impression.data.buffer,
      ...Object.values(match.layers).map(({ data }) => data.buffer),
    ] as ArrayBuffer[],
  )
}

self.onmessage = ({ data }: MessageEvent<MatchTask>) => {
  showUnits(data.units)
  work(data).catch((error: unknown) =>
    self.postMessage({
      refusal: `The pictures could not be compared: ${error instanceof Error ? error.message : 'the work was cut off'}.`,
    } satisfies MatchReport),
  )
}
