/** Where the bare pixels of a kept picture are given. Replies are kept for a year: what they carry more than before is named, so that older ones are not used. */
export const pixelsAddress = (imageId: string): string => `/pictures/${imageId}/pixels?with=scale,profile`
