/** Usual cautions of plate making, each shown at the step where the hazard is [common practice, no source; local codes, safety data sheets and qualified people decide]. */
export const HAZARDS = {
  blades:
    'Needles, blades, rockers and saws: cut away from your hands, guards in place, and hold the plate down. Bare edges cut too.',
  dust: 'Sanding dust: wet it or wear a mask, and wipe up damp.',
  solvent:
    'Solvent: fire and fumes. Gloves, air, no flame or hotplate near. Acetone and MEK dissolve acrylic plates. No fan that can give a spark.',
  mordant:
    'Bath: eyes and hands covered, air, acid into water and never the reverse. Hydrogen and heat come off metal in a bath: never a closed vessel, a small test first with aluminium. Brown fumes of nitric, on zinc as on copper: leave and ventilate. A warm jacket speeds a bath: never leave it. No stainless-steel sink.',
  ferric: 'Ferric chloride stains and corrodes: gloves, eyes covered, plastic tray, never aluminium in it.',
  spent: 'A spent bath is collected, not poured away. Rinse water of the first minute too.',
  rosin:
    'Rosin dust explodes and harms lungs: mask, still air, no spark or flame while any of it hangs in the air.',
  heat: 'Hotplate or laminator: burns and fire. Tongs, no solvent near, never left alone.',
  ground: 'Warm ground smokes: air, low heat, no flame under it.',
  uv: 'UV unit: do not look in; close the lid before it is lit. Raw polymer and its wash water: gloves.',
  laser:
    'Laser: eyes, fire and fumes; extraction on, never left alone, never plastics that give off chlorine.',
  talc: 'Whiting and talc: do not breathe the dust. Ammonia, where it is used to degrease: air and gloves, never near bleach.',
} as const
export type Hazard = keyof typeof HAZARDS

/** What a step's words tell of its hazard, the worst first: as they stand on bottles, tools and units. */
const TOLD_BY: readonly (readonly [Hazard, RegExp])[] = [
  ['rosin', /\b(?:rosin|resin|colophony|bitumen powder)\b/i],
  ['ferric', /\bferric\b|\biron (?:iii )?chloride\b/i],
  ['mordant', /\b(?:acid|nitric|mordant|etch\w*|bite|biting|bath|sulphate|sulfate)\b/i],
  [
    'solvent',
    /\b(?:acetone|mek|thinner|(?:white|mineral|methylated) spirits?|turpentine|alcohol|solvent|benzine)\b/i,
  ],
  ['uv', /\b(?:uv|exposure unit|expose|exposing)\b/i],
  ['laser', /\blaser (?:cut|engrav)\w*/i],
  ['heat', /\b(?:hotplate|laminator|torch|heat gun|fuse|iron on)\b/i],
  ['ground', /\b(?:hard|soft|warm) ground\b/i],
  ['talc', /\b(?:talc|french chalk|whiting|ammonia|degrease\w*)\b/i],
  ['dust', /\b(?:sand|sanding|sandpaper|emery|file|filing)\b/i],
  ['blades', /\b(?:needle|blade|knife|burin|rocker|scraper|burnisher|saw|cut|scratch)\w*/i],
]

/**
 * The caution a step seems to want by its words; null: none that is known of.
 *
 * @example hazardIn('Wipe off with acetone') // 'solvent'
 */
export const hazardIn = (words: string): Hazard | null =>
  TOLD_BY.find(([, tells]) => tells.test(words))?.[0] ?? null

/** What a caution is about, for a list. */
export const HAZARD_TITLES: Record<Hazard, string> = {
  blades: 'Needles, blades and saws',
  dust: 'Sanding dust',
  solvent: 'Solvent',
  mordant: 'Bath',
  ferric: 'Ferric chloride',
  spent: 'Spent bath',
  rosin: 'Rosin dust',
  heat: 'Hotplate or laminator',
  ground: 'Warm ground',
  uv: 'UV unit',
  laser: 'Laser',
  talc: 'Whiting, talc, ammonia',
}
