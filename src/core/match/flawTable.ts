import type { MatchCheck } from './checks/matchCheck'

/** Checks that go by how dark paper and ink are. */
const BY_INK: readonly MatchCheck[] = [
  'colour',
  'tone',
  'lines',
  'film',
  'evenness',
  'edges',
  'sides',
  'bands',
  'blanks',
  'marks',
  'chine',
]
const BY_SHEET: readonly MatchCheck[] = ['register', 'turn', 'stretch']
/** Checks that go by single places, which must lie over one another. */
const BY_PLACE: readonly MatchCheck[] = ['lines', 'breaks', 'state', 'edges', 'bands', 'blanks', 'marks']

/** What a picture can have that keeps checks from being made: which, what is said of the picture, and what to do. */
export const PICTURE_FLAWS = {
  'edges-unseen': {
    spoils: BY_SHEET,
    says: 'the sheet’s edges are not seen',
    cure: 'Set its corners by hand, or take the whole sheet again on something darker than its paper.',
  },
  'edges-bowed': {
    spoils: [...BY_SHEET, ...BY_PLACE],
    says: 'the sheet’s edges are bowed, by the lens or because it does not lie flat',
    cure: 'Lay it flat and take it again from farther off, or scan it.',
  },
  'another-shape': {
    spoils: BY_SHEET,
    says: 'what was found as the sheet has not its shape',
    cure: 'Set its corners by hand, or take the whole sheet again on something darker than its paper.',
  },
  ragged: {
    spoils: [...BY_SHEET, 'lines', 'edges'],
    says: 'the sheet’s edges are ragged, as a deckle is, so that where they lie is not known to a tenth of a millimetre',
    cure: 'To compare where the plate lies, set the corners of both by hand.',
  },
  'bent-lens': {
    // So far off, the rim of a dark plate lies on its paper.
    spoils: ['stretch', 'edges'],
    says: 'its lens bends what is straight, which is taken out but for a few tenths of a percent',
    cure: 'To compare sizes and edges, take it from farther off, or scan it.',
  },
  'cut-off': {
    // Where the plate ends is known as closely as the fourth side is guessed, and soft tones are followed no closer: its rim may lie on paper, as a mark does.
    spoils: [...BY_SHEET, 'edges', 'marks', 'bands', 'sides', 'tone', 'evenness'],
    says: 'the sheet is cut off at one side',
    cure: 'Take the whole sheet, with something darker all round it.',
  },
  'no-corner': {
    spoils: ['register', 'turn'],
    says: 'the sheet is cut, and no corner of it is seen',
    cure: 'Lay it so that one corner, the same each time, lies on the glass with the plate.',
  },
  'other-corner': {
    spoils: ['register', 'turn'],
    says: 'another corner of the sheet is seen than in the other picture',
    cure: 'Lay the same corner on the glass each time.',
  },
  'part-beside-whole': {
    spoils: BY_SHEET,
    says: 'a part of the sheet is seen, and in the other picture the whole',
    cure: 'Take both the same way.',
  },
  'not-laid-over': {
    spoils: [...BY_INK, 'breaks', 'state'],
    says: 'without all edges of the sheet it could not be laid over the other closely',
    cure: 'Set its corners by hand.',
  },
  bleeds: {
    // A printed edge is told from what lies beneath less closely than a bare one, and so is all that goes by single places.
    spoils: [...BY_SHEET, ...BY_PLACE],
    says: 'it is photographed, and the plate prints over an edge of its sheet, which is seen less closely than a bare one',
    cure: 'Scan it, with something darker round it.',
  },
  'no-paper': {
    spoils: BY_INK,
    says: 'too little bare paper is seen round the plate to level the light by',
    cure: 'Measure its colours, and compare the rest by eye.',
  },
  clipped: {
    spoils: BY_INK,
    says: 'the paper is as light as a picture goes, and pale tones are lost in it',
    cure: 'Take it again darker.',
  },
  'clipped-dark': {
    spoils: ['colour', 'tone', 'lines', 'evenness', 'sides', 'bands'],
    says: 'its ink is as dark as a picture goes, and how much ink lies there is lost in it',
    cure: 'Take it again lighter, and switch off what raises contrast by itself.',
  },
  dark: {
    spoils: BY_INK,
    says: 'it is so dark that dark tones run into one another',
    cure: 'Take it again in more light.',
  },
  'uneven-light': {
    spoils: [...BY_INK, 'breaks', 'state'],
    says: 'a shadow or a reflection lies over it that could not be levelled',
    cure: 'Take it again away from lamps and hands, in even light.',
  },
  'two-tones': {
    spoils: BY_INK,
    says: 'there is black and white and no tone between',
    cure: 'Scan it in colour, or in grey.',
  },
  grey: {
    spoils: ['colour', 'chine'],
    says: 'everything is grey, so that colours cannot be told',
    cure: 'Scan it in colour.',
  },
  'grey-beside-colour': {
    spoils: ['colour', 'chine', 'tone', 'film'],
    says: 'everything is grey and the other picture is in colour: grey takes colours for tones of its own',
    cure: 'Take both in colour.',
  },
  'other-light': {
    spoils: ['colour', 'tone', 'chine'],
    says: 'its light has another colour than the other picture’s',
    cure: 'Take both under one lamp, or by daylight.',
  },
  'no-profile': {
    spoils: ['colour', 'tone', 'lines', 'film', 'evenness', 'edges', 'sides', 'bands', 'chine'],
    says: 'its file has no colour profile and the other’s has one, so that its colours and tones may be read otherwise than they are',
    cure: 'Save it with its profile, or take it again with the settings of the other.',
  },
  'other-device': {
    spoils: ['colour', 'tone', 'lines', 'film', 'evenness', 'edges', 'sides', 'bands', 'chine'],
    says: 'it was taken with another device than the other picture, and devices see tones differently',
    cure: 'Take both with one device, or with the grey strip beside the sheet.',
  },
  'coloured-by-strip': {
    spoils: ['colour', 'tone', 'lines', 'film', 'evenness', 'edges', 'sides', 'bands', 'chine'],
    says: 'it was taken with another device than the other picture, and the ink is coloured: a grey strip tells of greys alone',
    cure: 'Take both with one device.',
  },
  'by-strip': {
    // Grey says nothing of how a device sees colours.
    spoils: ['colour', 'chine'],
    says: 'it was taken with another device than the other picture; a grey strip brings tones together, not colours',
    cure: 'To compare colours, take both with one device.',
  },
  'own-contrast': {
    // Only what one contrast for both would make match (ownContrast).
    spoils: [],
    says: 'tones are not those of the other picture: more or less ink does that, and so does a camera that sets its contrast by itself',
    cure: 'Take both with the grey strip beside the sheet: it tells which.',
  },
  'plate-unsure': {
    spoils: ['edges'],
    says: 'where the plate ends is not clear: its edge is wiped clean, or its drawing ends within it',
    cure: 'Set its plate mark by hand once; it stays with the picture.',
  },
  coarse: {
    spoils: [...BY_PLACE, 'tone', 'evenness'],
    says: 'a millimetre is fewer than two and a half of its pixels, too few to see lines by',
    cure: 'Scan it at 150 dots an inch or more, or photograph it from nearer.',
  },
  soft: {
    spoils: [...BY_PLACE, 'stretch', 'tone', 'film', 'evenness'],
    says: 'it is too soft beside the other',
    cure: 'Take it again, held still and sharp, or with the same device.',
  },
} as const satisfies Record<string, { spoils: readonly MatchCheck[]; says: string; cure: string }>
export type PictureFlaw = keyof typeof PICTURE_FLAWS
/** One of the two pictures that are held against one another. */
export type Which = 'reference' | 'impression'
/** What is wrong with each of two pictures. */
export type PictureFlaws = Record<Which, readonly PictureFlaw[]>
