import { invertGreys } from '@/core/plate/halftone'
import type { Artwork } from '@/core/plate/artwork'
import type { ArtworkReading } from '@/core/plate/artworkReading'
import { carrierTurn } from '@/core/plate/makingMethod'
import { bittenShare } from '@/core/plate/surfaceRolling'
import type { RolledPlate } from '@/core/plate/surfaceSetting'
import { widestDarkMm } from '@/core/plate/widestDark'
import { openDatabase } from '../database/database'
import { readRows } from '../database/readRows'
import { loadArtwork } from './artworks'
import { renderCarrier } from './carriers'

/** Dots a picture is read at, at the most: enough for lines and screens, and read in a second. */
const MOST_DOTS = 4e6

/** Reads an artwork's own dots as its print is to have them: how much of the plate is bitten, and how wide its widest black is. */
export async function readArtwork(
  artwork: Artwork,
  plate: { widthMm: number; heightMm: number } & RolledPlate,
): Promise<ArtworkReading> {
  const squareInches = (plate.widthMm * plate.heightMm) / 25.4 ** 2
  const dpi = Math.min(artwork.dpi, Math.floor(Math.sqrt(MOST_DOTS / squareInches)))
  const carrier = await renderCarrier({ ...artwork, dpi }, plate)
  if (carrierTurn(artwork.method, plate).inverted) invertGreys(carrier.greys)
  const openShare = bittenShare(carrier.greys, plate)
  return {
    openShare,
    openCm2: (openShare * plate.widthMm * plate.heightMm) / 100,
    widestDarkMm: widestDarkMm(carrier, dpi / 25.4),
  }
}

/** What the artwork of a job's plate says; null: there is none, or no plate yet. */
export async function readArtworkOf(jobId: string): Promise<ArtworkReading | null> {
  const { tables } = await openDatabase()
  const [artwork, [run]] = await Promise.all([
    loadArtwork(jobId),
    readRows(tables.runs, { where: { jobId, position: 0 } }),
  ])
  const plate = run?.bench.plate
  return artwork && plate ? readArtwork(artwork, plate) : null
}
