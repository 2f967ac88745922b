import sharp from 'sharp'
import { drawPlate } from '@demo/plateDrawing'
import { convertSrgbToLab } from '@/core/colour/convertSrgbToLab'
import { deltaE00 } from '@/core/colour/deltaE00'
import { fastDeltaE00 } from '@/core/colour/fastDeltaE00'
import { srgbToLabMap } from '@/core/colour/srgbToLabMap'
import { matchPictures } from '@/core/match/matchPictures'
import { movePicture } from '@/core/match/movePicture'
import type { Rgb } from '@/core/match/picture'
import { similarityError } from '@/core/match/similarity'

/** A4 at 300 dots an inch. */
const [WIDTH, HEIGHT, DPI] = [2480, 3508, 300]
const PAIRS = 2_000_000
const TRUTHS = [{ shiftX: 11.4, shiftY: -23.7, rotation: 0.009, scale: 1.002 }, { shiftX: 190, shiftY: 60, rotation: -0.085, scale: 0.953 }, { shiftX: -120, shiftY: 150, rotation: 0.06, scale: 1.047 }]

async function read(bytes: Buffer): Promise<Rgb> {
  const { data, info } = await sharp(bytes).removeAlpha().raw().toBuffer({ resolveWithObject: true })
  return { width: info.width, height: info.height, data }
}

/** Tone changed, noise (Park & Miller 1988), and stains over 3 % of the sheet. */
function harmed(picture: Rgb): Rgb {
  let state = 97
  const next = () => (state = (state * 48271) % 2147483647) / 2147483647
  const data = Uint8Array.from(picture.data, (value) => Math.min(255, Math.max(0, 255 * (value / 255) ** 1.1 * 0.97 + 5 * (next() + next() - 1))))
  const [w, h] = [Math.round(0.3 * picture.width), Math.round(0.1 * picture.height)]
  for (let y = 0; y < h; y++) for (let x = 0; x < w; x++) for (let c = 0; c < 3; c++) data[3 * ((y + 1500) * picture.width + x + 900) + c] = 60
  return { ...picture, data }
}

const seconds = async <T>(act: () => T | Promise<T>) => { const began = performance.now(); const result = await act(); return { result, s: (performance.now() - began) / 1000 } }

/** Times a match of two A4 scans, says how near its alignment is, and what a colour difference costs beside the exact formula in this process. */
export async function benchMatch(): Promise<boolean> {
  const lab = Float32Array.from({ length: 3 * PAIRS }, (_, i) => (i % 3 === 0 ? (i * 7919) % 100 : ((i * 104729) % 120) - 60))
  let sum = 0
  const fast = await seconds(() => { for (let i = 0; i + 5 < lab.length; i += 3) sum += fastDeltaE00(lab[i], lab[i + 1], lab[i + 2], lab[i + 3], lab[i + 4], lab[i + 5]) })
  const exact = await seconds(() => { for (let i = 0; i + 5 < lab.length; i += 3) sum += deltaE00({ L: lab[i], a: lab[i + 1], b: lab[i + 2] }, { L: lab[i + 3], a: lab[i + 4], b: lab[i + 5] }) })
  const bytes = Uint8Array.from({ length: 3 * PAIRS }, (_, i) => (i * 7919) % 256)
  const converted = await seconds(() => { const [one, other] = [srgbToLabMap(bytes), srgbToLabMap(bytes.toReversed())]; for (let i = 0; i < one.length; i += 3) sum += fastDeltaE00(one[i], one[i + 1], one[i + 2], other[i], other[i + 1], other[i + 2]) })
  const [fastRate, mapRate] = [PAIRS / fast.s / 1e6, PAIRS / converted.s / 1e6]
  console.log(`Colour difference: ${fastRate.toFixed(1)} million pairs a second (wanted 6; the exact formula ${(PAIRS / exact.s / 1e6).toFixed(1)}, ratio ${(exact.s / fast.s).toFixed(1)}); from sRGB ${mapRate.toFixed(1)} (wanted 3.5)${Number.isFinite(sum) ? '' : ' (no number)'}`)
  const white = convertSrgbToLab(1, 1, 1)
  if (Math.abs(white.L - 100) > 0.01) return false

  const plate = await sharp(await drawPlate('samphire', '#b8b2a6')).resize(1748, 2362).toBuffer()
  const sheet = await sharp({ create: { width: WIDTH, height: HEIGHT, channels: 3, background: '#f2efe6' } }).composite([{ input: plate, left: 366, top: 450 }]).png().toBuffer()
  const reference = await read(sheet)
  let [slowest, worst] = [0, 0]
  for (const truth of TRUTHS) {
    const scan = await sharp(Buffer.from(harmed(movePicture(reference, truth)).data), { raw: { width: WIDTH, height: HEIGHT, channels: 3 } }).png({ compressionLevel: 3 }).toBuffer()
    const { result, s } = await seconds(async () => { const [one, other] = await Promise.all([read(sheet), read(scan)]); return matchPictures(one, other, DPI) })
    if ('which' in result) {
      console.log(`Refused: ${result.message}`)
      return false
    }
    const error = similarityError(result.alignment, truth, WIDTH, HEIGHT)
    slowest = Math.max(slowest, s)
    worst = Math.max(worst, error)
    console.log(`A4 at ${DPI} dpi, shift ${truth.shiftX}, ${truth.shiftY} px, turn ${((truth.rotation * 180) / Math.PI).toFixed(1)}°, size ${(100 * truth.scale).toFixed(1)} %: ${s.toFixed(2)} s decoded, aligned and compared (wanted under 4), off by ${error.toFixed(3)} px rms (wanted 0.15), ${result.regions.length} regions`)
  }
  const peak = process.resourceUsage().maxRSS / 1024
  console.log(`Peak memory of the process ${peak.toFixed(0)} MB (wanted under 1000)`)
  return fastRate >= 6 && mapRate >= 3.5 && slowest < 4 && worst <= 0.15 && peak < 1000
}
