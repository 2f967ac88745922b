import path from 'node:path'
import { Worker } from 'node:worker_threads'
import sharp from 'sharp'
import { withProfile } from './pngProfile'

/** A picture nobody could open by then will not be. */
const PATIENCE_MS = 90_000
/** Four bytes a pixel. */
const CHANNELS = 4

interface Opened {
  width: number
  height: number
  data: Uint8ClampedArray
}

/** Whether a file begins as HEIC files do: a box of its type, and in it one of their brands (ISO/IEC 23008-12, annex B). */
export const isHeic = (bytes: Buffer): boolean =>
  /^ftyp(?:hei[cxms]|hev[cxms]|mif1|msf1)/.test(bytes.toString('latin1', 4, 12))

/** The colour profile of a HEIC file: the first box that holds one (ISO/IEC 14496-12, 12.1.5); null: its colours are sRGB's, as far as it says. */
function profileOf(bytes: Buffer): Buffer | null {
  for (let at = bytes.indexOf('colr'); at >= 4; at = bytes.indexOf('colr', at + 4)) {
    const kind = bytes.toString('latin1', at + 4, at + 8)
    const end = at - 4 + bytes.readUInt32BE(at - 4)
    if ((kind === 'prof' || kind === 'rICC') && end <= bytes.length) return bytes.subarray(at + 8, end)
  }
  return null
}

/** Its pixels, opened in a thread of their own. @throws where they cannot be */
function pixelsOf(bytes: Buffer): Promise<Opened> {
  // Put together here, so that whoever bundles the server leaves it a file.
  const entry = ['src', 'workers', 'heic.worker.mjs'].reduce(
    (folder, name) => path.join(folder, name),
    process.cwd(),
  )
  return new Promise((resolve, reject) => {
    const worker = new Worker(entry, { workerData: bytes, stdout: true, stderr: true })
    const patience = setTimeout(() => void worker.terminate(), PATIENCE_MS)
    worker.once('message', (opened: Opened | null) => {
      if (opened) resolve(opened)
      else reject(new Error('no picture in it'))
      void worker.terminate()
    })
    worker.once('error', reject)
    worker.once('exit', () => {
      clearTimeout(patience)
      reject(new Error('not opened'))
    })
  })
}

/**
 * A HEIC picture as a PNG: its main picture, upright, pixel by pixel, with its colour profile and nothing else of it.
 *
 * @throws where it cannot be opened
 */
export async function openHeic(bytes: Buffer): Promise<Buffer> {
  const { width, height, data } = await pixelsOf(bytes)
  const png = await sharp(data, { raw: { width, height, channels: CHANNELS } })
    .png()
    .toBuffer()
  const profile = profileOf(bytes)
  return profile ? withProfile(png, profile) : png
}
