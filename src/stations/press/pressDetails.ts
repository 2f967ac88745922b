import type { ShelvedThing } from '@/core/units/onShelf'
import type { PressDetails } from '@/core/press/pressCard'
import type { StorePress } from '@/data/press/presses'

/** What of a press in the store is changed on its card: all but what it is, its roller and its bed. */
export const detailsOf = ({
  id: _,
  name: __,
  rollerRadiusMm: ___,
  bedWidthMm: ____,
  zeroedAt: _____,
  putAwayAt: ______,
  ...details
}: StorePress & Pick<ShelvedThing, 'putAwayAt'>): PressDetails => details
