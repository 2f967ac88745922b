import type { InkSetting, MixSetting, RunMix } from './mix'

/** The mix of an id; the first where there is none. */
export const mixOfId = ({ mixes }: InkSetting, id: string | null): RunMix =>
  mixes.find((mix) => mix.id === id) ?? mixes[0]

/** A run's inks with one mix changed. The plate and the room are as warm for one ink as for the others. */
export function changeMix(ink: InkSetting, id: string, patch: Partial<MixSetting>): InkSetting {
  const { roomC, plateC } = patch
  const warmth = { ...(roomC === undefined ? {} : { roomC }), ...(plateC === undefined ? {} : { plateC }) }
  return {
    ...ink,
    mixes: ink.mixes.map((mix) => (mix.id === id ? { ...mix, ...patch } : { ...mix, ...warmth })),
  }
}

/** A run's inks with its first mix changed. */
export const changeFirstMix = (ink: InkSetting, patch: Partial<MixSetting>): InkSetting =>
  changeMix(ink, ink.mixes[0].id, patch)

const ragsGivenIn = ({ mixes, ragsGiven = 0 }: InkSetting): number =>
  Math.max(ragsGiven, ...mixes.map(({ rag }) => rag))

/** A run's inks with another on the plate, as warm as those there are; its rag has a number that none had before. */
export function addMix(ink: InkSetting, mix: MixSetting): InkSetting {
  const rag = ragsGivenIn(ink) + 1
  const { roomC, plateC } = ink.mixes[0]
  return { mixes: [...ink.mixes, { ...mix, roomC, plateC, id: `mix-${rag}`, rag }], ragsGiven: rag }
}

/** A run's inks without one of them; the last one stays. */
export function withoutMix(ink: InkSetting, id: string): InkSetting {
  const mixes = ink.mixes.filter((mix) => mix.id !== id)
  return mixes.length === 0 ? ink : { mixes, ragsGiven: ragsGivenIn(ink) }
}
