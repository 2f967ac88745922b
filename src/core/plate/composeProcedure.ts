import type { MakingMethod } from './makingMethod'
import { hazardOf, mayBite, METAL_IN_MORDANT, METALS, MORDANTS, type Metal, type Mordant } from './mordants'
import {
  FINISHES,
  IMAGES,
  TONES_MADE,
  type Procedure,
  type ProcedureParts,
  type ProcedureStep,
} from './procedure'
import { stepInTradeWords, takeSteps } from './procedures'

/** A step of its own among those that come with a method. */
const own = (step: Pick<ProcedureStep, 'id' | 'title' | 'how'> & Partial<ProcedureStep>): ProcedureStep => ({
  needs: [],
  minutes: 0,
  check: '',
  rescues: [],
  hazard: null,
  ...step,
})

/** The method each image is a kind of, for the way its carrier is turned. */
const METHOD_OF: Record<ProcedureParts['image'], MakingMethod> = {
  'hard-ground': 'hard-ground',
  'soft-ground': 'hard-ground',
  'toner-solvent': 'toner-solvent',
  'toner-heat': 'toner-heat',
  paint: 'hard-ground',
}

const IMAGE_STEPS: Record<ProcedureParts['image'], ProcedureStep[]> = {
  'hard-ground': takeSteps('hard-ground', 'ground', 'trace', 'draw'),
  'soft-ground': [
    own({
      id: 'soft-ground',
      title: 'Lay a soft ground',
      how: 'Warm plate, thin even coat. It stays tacky: nothing touches it but what is to print.',
      needs: ['soft ground', 'roller', 'hotplate'],
      minutes: 15,
      check: 'A fingertip at the edge leaves its lines.',
      hazard: 'ground',
    }),
    own({
      id: 'press-in',
      title: 'Press or draw into it',
      how: 'Textures under the press with a light pressure, or a pencil on paper laid over it.',
      needs: ['textures or pencil and paper'],
      check: 'The metal shows wherever something was pressed.',
      rescues: ['Too much came off: stop out by brush what shall stay light.'],
    }),
  ],
  'toner-solvent': takeSteps('toner-solvent', 'lay', 'transfer', 'lift'),
  'toner-heat': takeSteps('toner-heat', 'lay', 'transfer', 'lift'),
  paint: [
    own({
      id: 'paint',
      title: 'Paint with stop-out',
      how: 'Varnish or asphaltum by brush: what is covered stays light. Mirrored, as on every plate.',
      needs: ['stop-out varnish', 'brush'],
      minutes: 30,
      check: 'Dry to the touch, no brush mark that lets the bath through.',
      rescues: ['Thin places: a second coat there.'],
      hazard: 'solvent',
    }),
  ],
}

/** Images that open the metal line by line: they are bitten by themselves before a tone is laid. */
const isDrawn = (image: ProcedureParts['image']): boolean =>
  image === 'hard-ground' || image === 'soft-ground'

const TONE_STEPS: Record<ProcedureParts['tone'], ProcedureStep[]> = {
  none: [],
  aquatint: takeSteps('aquatint', 'dust', 'fuse'),
  spray: [
    own({
      id: 'spray',
      title: 'Spray the resist',
      how: 'Plate upright, fine mist from an arm’s length, in passes; let each dry.',
      needs: ['spray resist', 'mask'],
      minutes: 20,
      check: 'About half the metal is covered, in fine dots.',
      rescues: ['It runs together: strip, degrease, begin again from further off.'],
      hazard: 'solvent',
    }),
  ],
  sandpaper: [
    own({
      id: 'sandpaper',
      title: 'Press sandpaper through a ground',
      how: 'Over a hard ground, face down, several passes, turned each time.',
      needs: ['hard ground', 'sandpaper', 'press'],
      minutes: 15,
      check: 'Fine bright dots all over, no clear patch.',
      hazard: 'ground',
    }),
  ],
  'open-bite': [
    own({
      id: 'open',
      title: 'Leave the field open',
      how: 'No grain: broad metal is bitten bare. It holds ink at its edges, and a tone as its floor roughens.',
      check: 'What shall stay is covered.',
    }),
  ],
}

/** A scrap of the same metal before the plate. */
const [scrap] = takeSteps('saline-sulphate', 'test')

/** Of each mordant: the bath read or tried, the bite, and what is done with it after. */
const BITE_STEPS: Record<Mordant, ProcedureStep[]> = {
  ferric: takeSteps('ferric-copper', 'strength', 'bite', 'neutral'),
  'saline-sulphate': takeSteps('saline-sulphate', 'test', 'bite', 'collect'),
  nitric: [
    own({
      id: 'test',
      title: 'Scrap first',
      how: 'A scrap of the same metal by the workshop’s written procedure; look after 30 seconds.',
      needs: ['scrap', 'written procedure', 'fume extraction'],
      check: 'Small bubbles, no heat, no brown gas.',
      rescues: [
        'It grows hot or gives off brown gas: leave the room, ventilate, come back to a thinner bath.',
      ],
      hazard: 'mordant',
    }),
    own({
      id: 'bite',
      title: 'Bite',
      how: 'Strength and time by the label, the safety data sheet and the workshop’s written procedure. Brush bubbles off with a feather.',
      needs: ['bath of this metal alone', 'feather', 'timer', 'fume extraction'],
      check: 'The line can be felt with a needle’s point.',
      rescues: [
        'Heat or brown gas: leave the room, ventilate.',
        'Ground lifts: out, rinse, stop out, bite the rest.',
      ],
      hazard: 'mordant',
    }),
    ...takeSteps('hard-ground', 'collect'),
  ],
}

/** Zinc in ferric grows hot: a thin bath, a scrap before the plate, and no usual time. */
const FERRIC_ON_ZINC: ProcedureStep[] = [
  own({
    ...scrap,
    how: 'A scrap of the same zinc in a thin bath, under extraction; look after half a minute.',
    check: 'It darkens and bubbles quietly, and stays cool.',
    rescues: ['It grows hot or gives off gas: lift it out, thin the bath with water, try another scrap.'],
    hazard: 'ferric',
  }),
  own({
    ...BITE_STEPS.ferric.find(({ id }) => id === 'bite')!,
    how: 'On props, in the bath the scrap was quiet in. Lift and look as often as the scrap asked.',
    minutes: 0,
    rescues: ['It grows hot or gives off gas: out at once, rinse, thin the bath.'],
  }),
  ...takeSteps('ferric-copper', 'neutral'),
]

const isToner = (image: ProcedureParts['image']): boolean =>
  image === 'toner-solvent' || image === 'toner-heat'

/** Rescues of what lies on the metal while it is bitten, beside those of the bath. */
function rescuesOf(image: ProcedureParts['image'], isGrained: boolean): string[] {
  const [toner] = takeSteps('toner-solvent', 'bite')
  const [grain] = takeSteps('aquatint', 'bite')
  return [...(isToner(image) ? toner.rescues.slice(0, 1) : []), ...(isGrained ? grain.rescues : [])]
}

/** The bite of a metal in a mordant. @param isGrained a tone is bitten: areas are stopped out one after another */
function biteSteps({ image, metal, mordant }: ProcedureParts, isGrained: boolean): ProcedureStep[] {
  const steps = metal === 'zinc' && mordant === 'ferric' ? FERRIC_ON_ZINC : BITE_STEPS[mordant]
  return steps.map((step) => {
    if (step.id !== 'bite') return step
    const rescues = [...new Set([...step.rescues, ...rescuesOf(image, isGrained)])]
    return isGrained
      ? {
          ...step,
          title: 'Bite and stop out',
          how: `${step.how} Stop out by the timetable of the bite room: whites first, darks last.`,
          needs: [...step.needs, 'stop-out varnish'],
          rescues,
        }
      : { ...step, rescues }
  })
}

/** Where a solvent was on the plate, none of it may come into nitric acid. */
const rinseSolvent = own({
  id: 'rinse-solvent',
  title: 'Rinse every trace of solvent off',
  how: 'Alcohol and acetone react with nitric acid: soap, water, then dry in moving air until nothing smells.',
  needs: ['soap', 'water'],
  check: 'Nothing smells of alcohol or acetone.',
  hazard: 'mordant',
})
const usesSolvent = ({ image, tone }: ProcedureParts): boolean =>
  image === 'toner-solvent' || image === 'paint' || tone === 'spray'

/** What takes each part off again: they are not the same. */
function stripping({ image, tone }: ProcedureParts): string {
  const strippers = [
    isToner(image) ? 'Toner comes off with acetone' : '',
    isDrawn(image) || tone === 'sandpaper' ? 'ground with white spirit, little of it' : '',
    image === 'paint' || tone === 'spray' ? 'varnish with its own thinner' : '',
    tone === 'aquatint' ? 'rosin with alcohol' : '',
  ].filter(Boolean)
  const words = strippers.join('; ')
  return `${words.charAt(0).toUpperCase()}${words.slice(1)}. One after the other, each dry before the next; then soap.`
}

const FINISH_STEPS: Record<ProcedureParts['finish'], ProcedureStep[]> = {
  none: [],
  burnish: [
    own({
      id: 'burnish',
      title: 'Burnish the lights',
      how: 'A drop of oil, small strokes; proof before the last of it.',
      needs: ['burnisher', 'scraper', 'oil'],
      check: 'Lights feel smooth.',
      rescues: ['Too light: aquatint that place again.'],
      hazard: 'blades',
    }),
  ],
  facing: [
    own({
      id: 'facing',
      title: 'Have it faced with steel',
      how: 'By whoever does it: degreased, and quickly dried and oiled after.',
      check: 'Grey all over, no copper showing.',
      rescues: ['Copper shows: have it stripped and faced anew before it is printed.'],
    }),
  ],
}

const PREPARE: Record<Metal, ProcedureStep[]> = {
  copper: takeSteps('hard-ground', 'bevel', 'degrease'),
  brass: takeSteps('hard-ground', 'bevel', 'degrease'),
  zinc: takeSteps('hard-ground', 'bevel', 'degrease'),
  steel: takeSteps('hard-ground', 'bevel', 'degrease'),
  aluminium: takeSteps('toner-solvent', 'sand', 'bevel', 'degrease'),
}

/** Each step with an id that no other has: a plate bitten twice has two bites. */
function withOwnIds(steps: readonly ProcedureStep[]): ProcedureStep[] {
  const seen = new Map<string, number>()
  return steps.map((step) => {
    const times = (seen.get(step.id) ?? 0) + 1
    seen.set(step.id, times)
    return times === 1 ? step : { ...step, id: `${step.id}-${times}` }
  })
}

/** Why parts do not go together; null: they do. */
export function whyNotTogether({ metal, mordant, finish, tone, image }: ProcedureParts): string | null {
  if (!mayBite(metal, mordant)) return METAL_IN_MORDANT[metal][mordant].words
  if (finish === 'facing' && metal !== 'copper')
    return `Steel takes to copper, not to ${METALS[metal].toLowerCase()}: leave the facing out.`
  if (tone === 'sandpaper' && !isDrawn(image))
    return 'Sandpaper is pressed through a ground: choose a ground, or another tone.'
  return null
}

/** What it is called: "Laser toner from release paper by heat, rosin aquatint, copper in ferric chloride". */
export function nameOfParts({ image, tone, metal, mordant, finish }: ProcedureParts): string {
  return [
    IMAGES[image],
    ...(tone === 'none' ? [] : [TONES_MADE[tone].toLowerCase()]),
    `${METALS[metal].toLowerCase()} in ${MORDANTS[mordant].toLowerCase()}`,
    ...(finish === 'none' ? [] : [FINISHES[finish].toLowerCase()]),
  ].join(', ')
}

/**
 * Puts a way of making together from its parts, with every caution, timer and rescue of each. A drawn image is bitten before a tone is laid
 * and the tone after it; a toner or painted image and its tone are bitten together. [common practice, no source]
 *
 * @returns the procedure, or why its parts do not go together
 */
export function composeProcedure(parts: ProcedureParts): { procedure: Procedure } | { refused: string } {
  const refused = whyNotTogether(parts)
  if (refused) return { refused }
  const { image, tone, metal, mordant, finish } = parts
  const { words } = METAL_IN_MORDANT[metal][mordant]
  const minded = words
    ? [own({ id: 'mind', title: 'Before the bath', how: words, hazard: hazardOf(mordant) })]
    : []
  const rinse = mordant === 'nitric' && usesSolvent(parts) ? [rinseSolvent] : []
  const isGrained = tone !== 'none' && tone !== 'open-bite'
  const isTwice = isDrawn(image) && tone !== 'none'
  const before = [...minded, ...rinse]
  const tonal = biteSteps(parts, isGrained)
  const protect = takeSteps('hard-ground', 'protect')
  const clean = own({
    ...takeSteps('hard-ground', 'clean')[0],
    how: stripping(parts),
  })
  const between = own({
    ...takeSteps('hard-ground', 'clean')[0],
    id: 'clean-line',
    title: 'Clean off, and degrease again',
    how: 'White spirit, little of it; then whiting and water until it runs off in one sheet.',
  })
  const line = [...IMAGE_STEPS[image], ...protect, ...before, ...biteSteps(parts, false)]
  const body = isTwice
    ? [...line, between, ...TONE_STEPS[tone], ...rinse, ...tonal]
    : [...IMAGE_STEPS[image], ...TONE_STEPS[tone], ...protect, ...before, ...tonal]
  return {
    procedure: {
      name: nameOfParts(parts).slice(0, 120),
      method: METHOD_OF[image],
      parts,
      steps: withOwnIds([
        ...PREPARE[metal],
        ...body,
        clean,
        ...FINISH_STEPS[finish],
        ...takeSteps('hard-ground', 'ready'),
      ]).map(stepInTradeWords),
    },
  }
}
