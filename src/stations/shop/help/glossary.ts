/** A word of the trade or of measuring, as one printer explains it to another. */
export interface Term {
  term: string
  means: string
}

/** Words the screens use, in alphabetical order; British and American words side by side. */
export const GLOSSARY: readonly Term[] = [
  {
    term: 'À la poupée',
    means: 'Several inks on one plate at once, each dabbed on with its own dolly and wiped with its own rag.',
  },
  {
    term: 'Aquatint',
    means: 'A tone bitten through a grain of resin or spray, darker the longer it is in the bath.',
  },
  {
    term: 'Artist’s proof, A.P.',
    means: 'A print like the edition’s, numbered apart and kept by the artist; usually one in ten.',
  },
  {
    term: 'BAT',
    means:
      'Bon à tirer, “good to pull”: the proof that was approved. Every print of the edition is held to it.',
  },
  { term: 'Bevel', means: 'The filed edge of a plate, so that it does not cut paper and blankets.' },
  {
    term: 'Blankets',
    means: 'The felts between roller and sheet: catcher next to the sheet, then cushion, then pusher.',
  },
  { term: 'Burr', means: 'The ridge a needle raises beside a drypoint line. It holds ink, and wears first.' },
  {
    term: 'Chine collé',
    means: 'A thin paper pasted onto the sheet by the press, in the same pass that prints the plate.',
  },
  { term: 'Chop', means: 'The workshop’s or printer’s stamp, pressed blind into the margin.' },
  {
    term: 'Damp pack',
    means: 'Damp sheets stacked between interleaves under cover overnight, until all are evenly moist.',
  },
  { term: 'Deckle', means: 'The feathered edge of a handmade or mould-made sheet.' },
  {
    term: 'Density, D',
    means: 'How dark a spot is, read by a densitometer: 0 is white, 0.3 halves the light, 1 leaves a tenth.',
  },
  { term: 'Edition', means: 'The prints that are meant to match, numbered as 1/24, 2/24 and so on.' },
  {
    term: 'Facing',
    means: 'A skin of steel plated onto copper, so that it prints hundreds without wearing.',
  },
  { term: 'Ghost', means: 'A second pull from what ink is left in the plate.' },
  { term: 'Grain of the paper', means: 'The way most fibres lie. A damp sheet stretches most across it.' },
  { term: 'Impression', means: 'One sheet that was printed.' },
  { term: 'Interleave', means: 'A sheet laid between prints or damp paper: blotter, tissue or newsprint.' },
  { term: 'L*a*b*', means: 'A colour in three numbers: L* how light, a* green to red, b* blue to yellow.' },
  {
    term: 'Make-ready',
    means: 'Thin paper under the plate, to press a little harder without setting the press anew.',
  },
  { term: 'Moisture', means: 'Water in the sheet, as a share of what it weighs dry.' },
  { term: 'Plate mark', means: 'The dent the plate’s edge leaves in the sheet.' },
  {
    term: 'Plate oil',
    means:
      'Burnt linseed oil; copperplate oil in British shops, plate oil in American ones. Light oil softens ink; heavy oil adds tack.',
  },
  { term: 'Plate tone', means: 'The film of ink left on the surface after wiping.' },
  { term: 'Proof', means: 'A pull made to see what the settings give. Each one tests a change.' },
  { term: 'Pull', means: 'The act of printing one sheet.' },
  {
    term: 'Retroussage',
    means: 'Passing a soft rag over the wiped plate, so that ink is drawn a little out of the lines.',
  },
  { term: 'Scrim', means: 'The stiff open cloth that wipes first; tarlatan in American shops.' },
  {
    term: 'Settings',
    means: 'Everything that decides how a print comes out: plate, ink, wipe, paper, press, register.',
  },
  { term: 'State', means: 'The plate as it is between two reworkings, counted I, II, III.' },
  { term: 'Stop-out', means: 'Varnish painted over what has bitten long enough.' },
  { term: 'Tack', means: 'How hard the ink pulls at the sheet and at the rag; not the same as stiffness.' },
  { term: 'Tolerance', means: 'How far a setting or a print may be from the BAT and still pass.' },
  { term: 'Warm-up', means: 'A pull on scrap that warms blankets and plate, and is not counted.' },
  {
    term: 'White spirit',
    means: 'What takes off ground and ink where oil does not; mineral spirits in American shops.',
  },
  {
    term: 'Whiting',
    means:
      'Ground chalk: with water it takes the grease off a plate. On the hand, for the last wipe, British shops take French chalk, which is talc.',
  },
  { term: 'ΔE', means: 'How far two colours are apart: below 1 hardly seen side by side, 3 seen at once.' },
]
