/**
 * Minutes and seconds, with + once the time is over.
 *
 * @param seconds below 0: that long over
 * @example clock(306) // '5:06'
 */
export const clock = (seconds: number): string =>
  `${seconds < 0 ? '+' : ''}${Math.floor(Math.abs(seconds) / 60)}:${String(Math.floor(Math.abs(seconds) % 60)).padStart(2, '0')}`
