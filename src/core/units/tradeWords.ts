import { capital } from './capital'

/** Whose words of the trade a workshop reads, where British and American shops call one thing by two names. */
export const TRADE_TONGUES = {
  british: 'British: scrim, copperplate oil, white spirit',
  american: 'American: tarlatan, plate oil, mineral spirits',
} as const
export type TradeTongue = keyof typeof TRADE_TONGUES
export const TRADE_TONGUE_KEYS = Object.keys(TRADE_TONGUES) as [TradeTongue, ...TradeTongue[]]

/**
 * Each thing's British name, as it is written here, and its American one [common practice, no source]. Chalk is among them only where it
 * is on the hand: a plate is degreased with whiting in either country, and French chalk is another stone.
 */
const PAIRS = [
  ['scrim', 'tarlatan'],
  ['copperplate oil', 'plate oil'],
  ['white spirit', 'mineral spirits'],
  ['French chalk', 'whiting'],
] as const

/** Hangs on the process, or on the page, as the units do. */
const shown = globalThis as typeof globalThis & { typothesisTongue?: TradeTongue }

/** Whose words are read. */
export const shownTongue = (): TradeTongue => shown.typothesisTongue ?? 'british'

/** Sets whose words are read from now on. */
export function showTongue(tongue: TradeTongue): void {
  shown.typothesisTongue = tongue
}

/**
 * A text of ours, written in British words, as this workshop reads it. What people typed themselves is never put through it.
 *
 * @example inTradeWords('Scrim only, tone left') // 'Tarlatan only, tone left', where American words are read
 */
export function inTradeWords(text: string): string {
  if (shownTongue() === 'british') return text
  return PAIRS.reduce(
    (words, [british, american]) =>
      words.replaceAll(british, american).replaceAll(capital(british), capital(american)),
    text,
  )
}
