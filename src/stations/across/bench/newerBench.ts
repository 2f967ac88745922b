/** What the screen knows of a job's bench when the server sends its page anew. */
interface AtHand {
  /** the revision of the page that was taken last */
  seen: number
  /** the latest revision the server answered an act of this screen with */
  answered: number
  /** something changed here is still on its way */
  isAhead: boolean
}

/**
 * Whether the bench of a page is newer than the one on the screen. A page takes its time: drawn before a change was saved, it may come
 * after it, and would then show the bench as it was.
 *
 * @param page the revision the page was drawn from
 */
export const isNewerBench = (page: number, { seen, answered, isAhead }: AtHand): boolean =>
  !isAhead && page > seen && page >= answered
