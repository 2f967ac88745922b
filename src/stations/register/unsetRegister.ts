import type { RegisterSetting } from '@/core/register/registerSetting'
import type { Loose } from '../across/bench/useStation'

/** What the register starts from where nobody has set it. */
export const UNSET_REGISTER: Loose<RegisterSetting> = {
  scheme: 'centred',
  bottomToTop: 1.2,
  laying: 'corner-marks',
  leftMm: null,
  topMm: null,
  marks: ['corners', 'centres'],
  plates: [],
  route: 'dried',
  trapMm: 30,
}
