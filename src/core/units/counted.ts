const RULES = new Intl.PluralRules('en')

/**
 * The form a number asks for.
 *
 * @example plural(1, 'has', 'have') // 'has'
 */
export const plural = (count: number, one: string, other: string): string =>
  RULES.select(count) === 'one' ? one : other

/**
 * A number and what is counted.
 *
 * @param other left out: the one with an s
 * @example counted(2, 'sheet') // '2 sheets'
 */
export const counted = (count: number, one: string, other = `${one}s`): string =>
  `${count} ${plural(count, one, other)}`
