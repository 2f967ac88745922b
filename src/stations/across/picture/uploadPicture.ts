import type { PictureSource } from '@/core/document/pictureSource'
import type { PicturePage } from '@/data/across/picturePages'

/** Largest file the server takes; said before a long upload, checked again there. */
export const LARGEST_MB = 120

/** A picture the server has; its size where it could be told. */
export interface UploadedPicture {
  id: string
  size: { widthPx: number; heightPx: number } | null
  /** what its file says of the device it came from; null: nobody looked */
  source: PictureSource | null
}

/** What is wrong with a file. @property pages it holds several pictures: which is meant is to be said */
export interface RefusedPicture {
  message: string
  pages?: PicturePage[]
}

/** Sends a picture to be kept; answers its id and size, or what is wrong with it. @param page of a file of several, from 1 */
export async function uploadPicture(file: File, page?: number): Promise<UploadedPicture | RefusedPicture> {
  if (file.size > LARGEST_MB * 1048576)
    return {
      message: `The file has ${Math.round(file.size / 1048576)} MB; at most ${LARGEST_MB} MB are taken. Save it smaller and choose it again.`,
    }
  try {
    const reply = await fetch('/pictures', {
      method: 'POST',
      body: file,
      headers: { 'x-file-name': encodeURIComponent(file.name), ...(page && { 'x-page': String(page) }) },
    })
    const kept = (await reply.json()) as {
      id?: string
      size?: { widthPx: number; heightPx: number }
      source?: PictureSource
      message?: string
      pages?: PicturePage[]
    }
    return kept.id
      ? { id: kept.id, size: kept.size ?? null, source: kept.source ?? null }
      : { message: kept.message ?? 'The picture was not kept; choose it again.', pages: kept.pages }
  } catch {
    return { message: 'The picture was not kept: the server does not answer. Choose it again.' }
  }
}
