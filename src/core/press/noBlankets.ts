/** What blankets are called where none are laid; of its own, so that who only needs the name does not read the whole shelf. */
export const NO_BLANKETS = 'No blankets'
