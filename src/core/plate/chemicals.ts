/** What the shelf of chemicals must say of each: formula, use, what it is mistaken for, and what it must not meet [common practice, no source; the safety data sheet decides]. */
export const CHEMICALS = [
  {
    name: 'Copper sulphate pentahydrate',
    formula: 'CuSO₄·5H₂O',
    use: 'mordant for aluminium and zinc, with salt',
    lookAlikes: 'other blue salts',
    keepFrom: 'steel sinks and tools; drains and ponds: it kills what lives in water',
  },
  {
    name: 'Sodium chloride',
    formula: 'NaCl',
    use: 'opens the bite of copper sulphate',
    lookAlikes: 'every other white salt',
    keepFrom: 'stainless steel with copper sulphate: it pits',
  },
  {
    name: 'Sodium bisulphate',
    formula: 'NaHSO₄',
    use: 'keeps the bath clear',
    lookAlikes: 'sodium bisulphite, which is another salt and gives off choking gas',
    keepFrom: 'bleach; bases',
  },
  {
    name: 'Ferric chloride',
    formula: 'FeCl₃',
    use: 'mordant for copper and brass',
    lookAlikes: 'strong tea',
    keepFrom: 'aluminium (violent), skin, floors: it stains and corrodes',
  },
  {
    name: 'Nitric acid',
    formula: 'HNO₃',
    use: 'mordant for zinc; line bite',
    lookAlikes: 'water',
    keepFrom: 'solvents, rags, copper indoors (brown fumes); always acid into water',
  },
  {
    name: 'White spirit',
    formula: 'petroleum distillate',
    use: 'takes off ground and ink',
    lookAlikes: 'turpentine, which is another liquid and irritates more',
    keepFrom: 'flame, hotplate, acids',
  },
  {
    name: 'Acetone',
    formula: '(CH₃)₂CO',
    use: 'strips toner; with alcohol, moves it',
    lookAlikes: 'nail-varnish remover, which may be another liquid',
    keepFrom: 'acrylic plates: it dissolves them; flame, peroxide',
  },
  {
    name: 'Methyl ethyl ketone',
    formula: 'CH₃COC₂H₅',
    use: 'strips lacquers',
    lookAlikes: 'acetone',
    keepFrom: 'acrylic plates; flame; peroxide',
  },
  {
    name: 'Ammonia',
    formula: 'NH₃ in water',
    use: 'degreases',
    lookAlikes: 'water',
    keepFrom: 'bleach: never, poisonous gas',
  },
  {
    name: 'Rosin',
    formula: 'resin acids',
    use: 'aquatint grain',
    lookAlikes: 'amber sugar',
    keepFrom: 'any spark while it hangs in the air; lungs',
  },
] as const

/** What is done with a spent bath, in general words. */
export const SPENT_BATH =
  'Collect it, never pour it away: it is poisonous to water and eats pipes. Let the metal settle, keep sludge and liquid apart, label both, and hand them in where local rules say.'
