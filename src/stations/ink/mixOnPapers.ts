import { deltaE00 } from '@/core/colour/deltaE00'
import type { MixSetting } from '@/core/ink/mix'
import type { ShelfInk } from '@/core/ink/shelfInk'
import type { StorePaper } from '@/data/shop/store'
import { forecastMix } from './forecastMix'

/** A mix as it is forecast on one paper, beside the paper it is meant for. */
export interface OnPaper {
  id: string
  name: string
  /** the bare paper, plate tone, middle and deep line, as they look */
  colours: string[]
  /** how much lighter (+) or darker (−) the middle film is than on the paper it is meant for, L* */
  lighter: number
  /** colour difference of the middle film from that */
  deltaE00: number
}

/** A mix on every paper of the stockroom, the one it is meant for first, then the nearest to it. @param meantFor id of that paper */
export function mixOnPapers(
  parts: MixSetting['parts'],
  inks: readonly ShelfInk[],
  papers: readonly Pick<StorePaper, 'id' | 'name' | 'reflectance'>[],
  meantFor: string,
): OnPaper[] {
  const forecasts = papers.flatMap(({ id, name, reflectance }) => {
    const forecast = forecastMix(parts, inks, reflectance)
    const film = (key: string) => forecast?.films.find((one) => one.key === key)?.forecast
    const [deep, mid, tone] = ['deepLine', 'mid', 'plateTone'].map(film)
    return forecast && deep && mid && tone
      ? [{ id, name, mid: mid.lab, colours: [forecast.paperSrgb, tone.srgb, mid.srgb, deep.srgb] }]
      : []
  })
  const meant = forecasts.find(({ id }) => id === meantFor)?.mid
  if (!meant) return []
  return forecasts
    .map(({ mid, ...one }) => ({ ...one, lighter: mid.L - meant.L, deltaE00: deltaE00(meant, mid) }))
    .sort((a, b) => a.deltaE00 - b.deltaE00)
}
