/** Linear light of a coded sRGB channel, both 0 to 1 (IEC 61966-2-1). */
export const decodeSrgb = (coded: number): number =>
  coded <= 0.04045 ? coded / 12.92 : ((coded + 0.055) / 1.055) ** 2.4

/** Coded sRGB channel of linear light, both 0 to 1 (IEC 61966-2-1). */
export const encodeSrgb = (linear: number): number =>
  linear <= 0.0031308 ? 12.92 * linear : 1.055 * linear ** (1 / 2.4) - 0.055
