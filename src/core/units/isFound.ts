/** Whether what somebody looks for is part of what is said of a thing, in capitals or not. @example isFound(['Reeds', 'Ida'], 'reed') // true */
export const isFound = (said: readonly string[], find: string): boolean =>
  said.join(' ').toLocaleLowerCase().includes(find.trim().toLocaleLowerCase())
