/** In this header the door says which of the pictures that are wanted comes. */
export const BEGUN_HEADER = 'x-typothesis-begun'
