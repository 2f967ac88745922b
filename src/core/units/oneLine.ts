/** Control characters, ends of lines and paragraphs, halves of characters, and what is no character (XML 1.0, 2.2 Characters). */
const NOT_TEXT = /[\p{Cc}\p{Cs}\u2028\u2029\ufffe\uffff]+/gu

/** A text as one line that any file format can hold: what would end a line, or is no character, is a space. */
export const oneLine = (text: string): string => text.replace(NOT_TEXT, ' ')
