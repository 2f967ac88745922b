/** Largest file the server takes; said before a long upload, checked again there. */
export const LARGEST_MB = 120

/** A picture the server has; its size where it could be told. */
export interface UploadedPicture {
  id: string
  size: { widthPx: number; heightPx: number } | null
}

/** Sends a picture to be kept; answers its id and size, or what is wrong with it. */
export async function uploadPicture(file: File): Promise<UploadedPicture | { message: string }> {
  if (file.size > LARGEST_MB * 1048576)
    return {
      message: `The file has ${Math.round(file.size / 1048576)} MB; at most ${LARGEST_MB} MB are taken. Save it smaller and choose it again.`,
    }
  try {
    const reply = await fetch('/pictures', {
      method: 'POST',
      body: file,
      headers: { 'x-file-name': encodeURIComponent(file.name) },
    })
    const kept = (await reply.json()) as {
      id?: string
      size?: { widthPx: number; heightPx: number }
      message?: string
    }
    return kept.id
      ? { id: kept.id, size: kept.size ?? null }
      : { message: kept.message ?? 'The picture was not kept; choose it again.' }
  } catch {
    return { message: 'The picture was not kept: the server does not answer. Choose it again.' }
  }
}
