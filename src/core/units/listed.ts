const LIST = new Intl.ListFormat('en-GB', { type: 'conjunction' })

/**
 * Things as one says them in a row.
 *
 * @example listed(['black', 'blue', 'brown']) // 'black, blue and brown'
 */
export const listed = (things: readonly string[]): string => LIST.format(things)
