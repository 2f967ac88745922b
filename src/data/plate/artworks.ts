import { artworkSchema, type Artwork } from '@/core/plate/artwork'
import { openDatabase, write } from '../database/database'
import { FieldError } from '../database/errors'
import { readRows } from '../database/readRows'

/** Keeps what is made of a picture for a job's plate; the picture itself is never changed. */
export async function keepArtwork(jobId: string, input: Artwork, at: string): Promise<void> {
  const artwork = artworkSchema.parse(input)
  await write(async (tables, transaction) => {
    if ((await tables.images.count({ where: { id: artwork.imageId }, transaction })) === 0)
      throw new FieldError([{ field: 'imageId', message: 'Upload failed: choose the picture again.' }])
    await tables.artworks.upsert({ jobId, artwork, at }, { transaction })
  })
}

/** The artwork of a job, or null. */
export async function loadArtwork(jobId: string): Promise<Artwork | null> {
  const { tables } = await openDatabase()
  const [row] = await readRows(tables.artworks, { where: { jobId } })
  return row ? artworkSchema.parse(row.artwork) : null
}
