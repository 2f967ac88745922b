import { carryOver } from '@/core/press/carryOver'
import { gapUnderLoad } from '@/core/press/frame'
import { pressStack, type PressStack } from '@/core/press/pressStack'
import { sampleSettings } from '@/core/prove/sampleSettings.test.fixture'

/** Milliseconds of one call, the median of many. */
function median(act: (i: number) => unknown, times: number): number {
  const taken = Array.from({ length: times }, (_, i) => {
    const began = performance.now()
    act(i)
    return performance.now() - began
  })
  return taken.sort((a, b) => a - b)[times >> 1]
}

/** Solves a stack of four layers, alone and in a frame that gives way, beside its closed linear form in this process. */
export function benchPress(): boolean {
  const { press, paper, plate } = sampleSettings
  const stack = (i: number): PressStack => ({
    rollerRadiusMm: press.rollerRadiusMm,
    gapMm: 5.5 + (i % 50) / 100,
    plateThicknessMm: plate.thicknessMm,
    layers: [
      { name: 'Sheet', thicknessMm: paper.caliperMm, modulusMPa: 12, densificationStrain: 0.6 },
      ...press.pack,
    ],
  })
  // The reference: as many square roots and divisions as the sum over the nip has points, and nothing else.
  const bare = median((i) => {
    let sum = 0
    for (let n = 0; n <= 200; n++) sum += Math.sqrt(2 * 45 * (5.5 + i / 100)) / (1 + n)
    return sum
  }, 200)
  const solve = median((i) => pressStack(stack(i)), 200)
  const framed = median(
    (i) => gapUnderLoad(stack(i), 5.2 + (i % 50) / 100, { plateMm: 180, sheetMm: 300 }, 12_000),
    100,
  )
  const carried = median(
    (i) =>
      carryOver(sampleSettings, {
        ...sampleSettings,
        plate: { ...plate, thicknessMm: 0.8 + (i % 10) / 100 },
      }),
    100,
  )
  console.log(
    `A stack of four layers: ${solve.toFixed(3)} ms (wanted under 2; the bare sum ${bare.toFixed(4)} ms, ratio ${(solve / bare).toFixed(0)})`,
  )
  console.log(
    `The gap in a frame that gives way: ${framed.toFixed(2)} ms; the BAT carried over with its doubt: ${carried.toFixed(2)} ms`,
  )
  return solve < 2
}
