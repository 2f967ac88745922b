import type { MatchRefusal, RefusalReason } from './matchPictures'

const PICTURES = { reference: 'The picture of the BAT', impression: 'The picture of the impression' }

/** What is wrong with one picture, to be said after its name. */
export function reasonWords(reason: RefusalReason): string {
  switch (reason.code) {
    case 'too-small':
      return `has ${reason.widthPx} × ${reason.heightPx} pixels: too few to compare`
    case 'blank':
      return 'is blank: no plate can be seen in it'
    case 'no-sheet':
      return 'shows no sheet that could be straightened'
    case 'corners-crossed':
      return 'has corners that are not set round the sheet in order'
    case 'plate-cut':
      return 'does not show the whole plate: lay the sheet so that all of the plate is on the glass, or photograph it from above'
    case 'another-plate':
      return `does not look like the same plate${reason.unseen ? '; the edges of a sheet are not seen, and that may be why' : ''}`
  }
}

/** Why two pictures cannot be compared, as a sentence. */
export const refusalWords = ({ which, reason }: MatchRefusal): string =>
  reason.code === 'another-plate'
    ? `These do not look like the same plate.${reason.unseen ? ` The sheet’s edges are not seen in the picture of the ${reason.unseen === 'reference' ? 'BAT' : 'impression'}, and that may be why: set its corners by hand.` : ''}`
    : `${PICTURES[which]} ${reasonWords(reason)}.`
