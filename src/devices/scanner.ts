import { seedFrom, uniforms } from '@/core/stats/random'
import { dirtAt, inkShareAt, type PrintFaults } from './printFaults'
import { filmStep, type PrintConditions } from './printConditions'
import { burrOf, type Picture, type PlateRelief } from './plateRelief'

/** How the sheet lies on the scanner's glass, and how good the scanner is. */
export interface ScanSetting {
  dpi: number
  /** the sheet turned clockwise on the glass */
  skewDegrees: number
  /** glass to be seen round the sheet */
  bedMm: number
  /** standard deviation of one reading, of 255 */
  noise: number
  /** how much darker the lamp is at the far corner, as a share */
  lampFall: number
}
export const USUAL_SCAN: ScanSetting = { dpi: 150, skewDegrees: 0, bedMm: 6, noise: 1.2, lampFall: 0.01 }

/** What the glass shows beside a sheet: the dark of the lid. */
const LID = 58
/** Share of a groove's ink the usual squeeze lifts, and how sharply more squeeze lifts more [from memory; only the way it goes is used]. */
const LIFT = 1.9
/** Width of the fringe of burr beside a line, mm, and how much sooner burr goes than groove [from memory; common practice has it gone in a few dozen pulls]. */
const BURR_MM = 0.4
const BURR_WEARS = 2.5
/** Cells of the paper's grain and of cloudy wiping, mm. */
const GRAIN_MM = 0.3
const CLOUD_MM = 9

/** A value in 0…1 for a cell, the same every time: an integer hash. */
function hash(seed: number, i: number, j: number): number {
  let h = (Math.imul(i, 374761393) + Math.imul(j, 668265263) + Math.imul(seed, 1442695041)) | 0
  h = Math.imul(h ^ (h >>> 13), 1274126177)
  return ((h ^ (h >>> 16)) >>> 0) / 4294967296
}

/** Smooth noise in −1…1 with cells of one unit. */
function cloud(seed: number, x: number, y: number): number {
  const i = Math.floor(x)
  const j = Math.floor(y)
  const u = x - i
  const v = y - j
  const fu = u * u * (3 - 2 * u)
  const fv = v * v * (3 - 2 * v)
  const above = hash(seed, i, j) * (1 - fu) + hash(seed, i + 1, j) * fu
  const below = hash(seed, i, j + 1) * (1 - fu) + hash(seed, i + 1, j + 1) * fu
  return 2 * (above * (1 - fv) + below * fv) - 1
}

function depthAt({ width, height, data }: PlateRelief, u: number, v: number): number {
  const x = Math.min(width - 1.001, Math.max(0, u * width - 0.5))
  const y = Math.min(height - 1.001, Math.max(0, v * height - 0.5))
  const i = x | 0
  const j = y | 0
  const at = j * width + i
  return (
    (data[at] * (1 - x + i) + data[at + 1] * (x - i)) * (1 - y + j) +
    (data[at + width] * (1 - x + i) + data[at + width + 1] * (x - i)) * (y - j)
  )
}

/**
 * A model of a print and of its scan: what settings and faults do to the picture, in the order they act. Grooves hold ink by depth and a drypoint's burr beside them, wiping
 * leaves a film that is thicker for stiffer ink, squeeze and damp lift it, grain and wear take from it, the film's colour is the
 * mix's own on the paper. Good for trying out and for samples; it is not a photograph. The same seed gives the same scan.
 */
export function scanPrint(
  relief: PlateRelief,
  conditions: PrintConditions,
  faults: PrintFaults,
  scan: ScanSetting,
  seed: number,
): Picture {
  const { sheet, plate, squeeze, damp, stiffness, wiping, colours } = conditions
  const { dpi, bedMm, noise, lampFall } = scan
  const perMm = dpi / 25.4
  const [width, height] = [
    Math.round((sheet.widthMm + 2 * bedMm) * perMm),
    Math.round((sheet.heightMm + 2 * bedMm) * perMm),
  ]
  const data = new Uint8Array(3 * width * height)
  const skew = (scan.skewDegrees * Math.PI) / 180
  const [skewCos, skewSin] = [Math.cos(skew), Math.sin(skew)]
  const turn = (faults.moved.degrees * Math.PI) / 180
  const [turnCos, turnSin] = [Math.cos(turn), Math.sin(turn)]
  const [plateX, plateY] = [
    plate.leftMm + plate.widthMm / 2 + faults.moved.xMm,
    plate.topMm + plate.heightMm / 2 + faults.moved.yMm,
  ]
  const held = 1 - Math.exp(-LIFT)
  const fill = (stiffness ** 0.1 / wiping ** 0.12) * (1 - faults.wear)
  const surface = (conditions.surfaceMicrometres * stiffness ** 0.6) / wiping ** 1.2
  const dampness = damp > 1.3 ? 1 - 0.6 * (damp - 1.3) : 0.3 + 0.7 * Math.min(1, damp)
  const burrFilm = (conditions.burrMicrometres ?? 0) * Math.max(0, 1 - BURR_WEARS * faults.wear)
  const burr = burrFilm > 0 ? burrOf(relief, Math.round((BURR_MM * relief.width) / plate.widthMm)) : null
  const uniform = uniforms(seedFrom(seed))
  const perSide = 0.25 / perMm
  const isClean = faults.fingerprints.length + faults.spots.length + faults.hairs.length === 0
  const isEven = faults.starved.length + faults.bands.length === 0
  for (let py = 0; py < height; py++) {
    const dy = (py + 0.5 - height / 2) / perMm
    for (let px = 0; px < width; px++) {
      const dx = (px + 0.5 - width / 2) / perMm
      let r = 0
      let g = 0
      let b = 0
      // Grain and clouds are wider than a pixel: once for all four of its samples.
      const midX = sheet.widthMm / 2 + skewCos * dx + skewSin * dy
      const midY = sheet.heightMm / 2 - skewSin * dx + skewCos * dy
      const grainCloud = cloud(seed, midX / GRAIN_MM, midY / GRAIN_MM)
      const paperGrain = 1.6 * cloud(seed + 1, midX / GRAIN_MM, midY / GRAIN_MM)
      const surfaceHere =
        faults.patchy === 0
          ? surface
          : surface * (1 + faults.patchy * cloud(7, midX / CLOUD_MM, midY / CLOUD_MM))
      const share = isEven ? 1 : inkShareAt(faults, midX, midY)
      for (let sample = 0; sample < 4; sample++) {
        const ex = dx + (sample & 1 ? perSide : -perSide)
        const ey = dy + (sample & 2 ? perSide : -perSide)
        const x = sheet.widthMm / 2 + skewCos * ex + skewSin * ey
        const y = sheet.heightMm / 2 - skewSin * ex + skewCos * ey
        if (x < 0 || y < 0 || x > sheet.widthMm || y > sheet.heightMm) {
          r += LID
          g += LID
          b += LID
          continue
        }
        const qx = x - plateX
        const qy = y - plateY
        const u = 0.5 + (turnCos * qx + turnSin * qy) / plate.widthMm
        const v = 0.5 + (turnCos * qy - turnSin * qx) / plate.heightMm
        let film = isClean ? 0 : dirtAt(faults, x, y)
        // How far inside the plate mark, mm.
        const inside = Math.min(
          u * plate.widthMm,
          (1 - u) * plate.widthMm,
          v * plate.heightMm,
          (1 - v) * plate.heightMm,
        )
        if (film !== null && inside > 0) {
          const pressed = squeeze.left + (squeeze.right - squeeze.left) * u
          const lifted = ((1 - Math.exp(-LIFT * pressed * dampness)) / held) * share
          const wiped = Math.max(0, surfaceHere + faults.edgeMicrometres * Math.max(0, 1 - inside / 2))
          const grain = 1 + (0.16 * grainCloud) / Math.max(0.4, pressed * dampness)
          const fringe = burr ? burrFilm * depthAt(burr, u, v) : 0
          film +=
            (conditions.lineMicrometres * depthAt(relief, u, v) * fill + fringe + wiped) * lifted * grain
        }
        // The emboss: its slopes catch the lamp from the top left.
        const lit = v * plate.heightMm < 0.5 || u * plate.widthMm < 0.5 ? -7 : 5
        const slope = Math.abs(inside) >= 0.5 ? 0 : lit
        const step = filmStep(film ?? 0)
        const at = 3 * Math.min(colours.length / 3 - 2, step | 0)
        const part = step - at / 3
        r += colours[at] * (1 - part) + colours[at + 3] * part + paperGrain + slope
        g += colours[at + 1] * (1 - part) + colours[at + 4] * part + paperGrain + slope
        b += colours[at + 2] * (1 - part) + colours[at + 5] * part + paperGrain + slope
      }
      const lamp = (1 - lampFall * ((px / width) * 0.5 + (py / height) * 0.5)) / 4
      const shake = noise * 1.7 * (uniform() + uniform() + uniform() + uniform() - 2)
      const to = 3 * (py * width + px)
      data[to] = Math.min(255, Math.max(0, r * lamp + shake + 0.5))
      data[to + 1] = Math.min(255, Math.max(0, g * lamp + shake + 0.5))
      data[to + 2] = Math.min(255, Math.max(0, b * lamp + shake + 0.5))
    }
  }
  return { width, height, data }
}
