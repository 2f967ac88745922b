/** Words as they stand at the beginning of a sentence. @example capital('about 40 pulls left') // 'About 40 pulls left' */
export const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1)
