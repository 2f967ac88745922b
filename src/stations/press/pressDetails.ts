import type { PressDetails } from '@/core/press/pressCard'
import type { StorePress } from '@/data/press/presses'

/** What of a press in the store is changed on its card. */
export const detailsOf = ({
  kind,
  rollerLengthMm,
  bedLengthMm,
  serial,
  thread,
  scale,
  frameNPerMm,
  note,
}: StorePress): PressDetails => ({
  kind,
  rollerLengthMm,
  bedLengthMm,
  serial,
  thread,
  scale,
  frameNPerMm,
  note,
})
