/** Usual cautions of plate making, each shown at the step where the hazard is [common practice, no source; local codes, safety data sheets and qualified people decide]. */
export const HAZARDS = {
  blades:
    'Needles, blades, rockers and saws: cut away from the hands, and hold the plate down. Bare edges cut too.',
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
