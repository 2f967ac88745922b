import { profileName } from '@/core/document/profileName'
import type { ColourProfile } from '@/core/match/picture'
import { withProfile } from './pngProfile'

/** Values a channel of the chart takes. */
const STEPS = [0, 51, 102, 153, 204, 255]
/** A profile that moves no value of the chart by more, of 255, changes nothing that is seen: rounding alone moves one. */
const ROUNDING = 2

const ONE_CHANNEL = new Set(['b-w', 'grey16'])
const THREE_CHANNELS = new Set(['srgb', 'rgb', 'rgb16'])

/** Whether a profile changes any colour of a chart of so many channels, by what opening it comes to. */
async function changesChart(icc: Uint8Array, channels: 1 | 3): Promise<boolean> {
  const { default: sharp } = await import('sharp')
  const chart =
    channels === 1
      ? STEPS.map((value) => [value])
      : STEPS.flatMap((r) => STEPS.flatMap((g) => STEPS.map((b) => [r, g, b])))
  const raw = { width: chart.length, height: 1, channels }
  const png = await sharp(Buffer.from(chart.flat()), { raw }).png().toBuffer()
  const opened = await sharp(withProfile(png, icc)).toColourspace('srgb').removeAlpha().raw().toBuffer()
  const each = opened.length / chart.length
  return chart.some((colour, i) =>
    Array.from({ length: each }, (_, c) => opened[each * i + c] - colour[Math.min(c, channels - 1)]).some(
      (off) => Math.abs(off) > ROUNDING,
    ),
  )
}

/**
 * What a file's colour profile is called, and whether it changes colours beside those of a file without any, which is taken for sRGB's. Told by a
 * chart that is opened with it, since a name proves nothing; inks, as of a file in CMYK, it always changes.
 *
 * @param space of the picture, as the library that reads it calls it
 */
export async function readColourProfile(icc: Uint8Array, space: string): Promise<ColourProfile> {
  const name = profileName(icc)
  if (ONE_CHANNEL.has(space)) return { name, changesColours: await changesChart(icc, 1) }
  return { name, changesColours: !THREE_CHANNELS.has(space) || (await changesChart(icc, 3)) }
}
