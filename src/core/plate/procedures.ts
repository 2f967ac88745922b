import type { Hazard } from './hazards'
import { MAKING_METHODS, type MakingMethod } from './makingMethod'
import { inTradeWords } from '../units/tradeWords'
import type { Procedure, ProcedureStep } from './procedure'

type StepText = Omit<ProcedureStep, 'id' | 'needs' | 'minutes' | 'check' | 'rescues' | 'hazard'> &
  Partial<ProcedureStep>
const step = (
  id: string,
  { title, how, needs = [], minutes = 0, check = '', rescues = [], hazard = null }: StepText,
): ProcedureStep => ({ id, title, how, needs, minutes, check, rescues, hazard })

const bevel = (how: string, hazard: Hazard = 'blades') =>
  step('bevel', {
    title: 'Bevel the edges',
    how,
    needs: ['file', 'burnisher'],
    check: 'No edge catches a fingernail or a thread of scrim.',
    hazard,
  })
const degrease = step('degrease', {
  title: 'Degrease',
  how: 'Whiting with a little water, rubbed over the whole face; rinse.',
  needs: ['whiting', 'soft rag'],
  check: 'Water runs off in one sheet, without drops drawing together.',
  rescues: ['Water draws back from a spot: rub that spot again and rinse.'],
  hazard: 'talc',
})
const protect = step('protect', {
  title: 'Cover back and edges',
  how: 'Tape or varnish over back and bevels, pressed down at the corners.',
  needs: ['tape or stop-out varnish'],
  check: 'No bare metal at back or edge.',
})
const clean = (how: string, hazard: Hazard = 'solvent') =>
  step('clean', {
    title: 'Clean the plate off',
    how,
    needs: ['rags'],
    check: 'Bare all over, nothing sticky in the lines.',
    hazard,
  })
const ready = step('ready', {
  title: 'Look it over',
  how: 'Slanting light, a loupe, a dry finger. What is seen becomes a watch spot.',
  check: 'Ready to ink.',
})
const spent = step('collect', {
  title: 'Rinse, and see to the bath',
  how: 'Brush the sludge off under water in a plastic tray. Strain the bath back; a spent one is collected.',
  needs: ['plastic tray', 'brush'],
  hazard: 'spent',
})

/** Ways of making a plate as they come with the tool: starting points, each to be changed [common practice, no source]. */
const STEPS: Record<MakingMethod, ProcedureStep[]> = {
  'plastic-drypoint': [
    step('cut', {
      title: 'Cut the sheet',
      how: 'Score deep along a steel rule, break over the edge of the table.',
      needs: ['plastic sheet', 'blade', 'steel rule'],
      hazard: 'blades',
    }),
    bevel('Scrape the edges to about 45 degrees, corners rounded.'),
    step('trace', {
      title: 'Lay the drawing under',
      how: 'The mirrored tracing face up beneath the sheet, taped at two corners.',
      needs: ['tracing', 'tape'],
      check: 'The drawing reads the wrong way round.',
      rescues: ['It reads right: turn the tracing over now, not later.'],
    }),
    step('scratch', {
      title: 'Scratch',
      how: 'Needle upright for a clean line, slanting for burr. Deep tone by hatching, not by pressing harder.',
      needs: ['needle', 'dark paper'],
      check: 'Each line can be felt with a fingernail.',
      rescues: ['A line too deep: burnish it back with a drop of oil.'],
      hazard: 'blades',
    }),
    ready,
  ],
  'card-drypoint': [
    step('cut', {
      title: 'Cut the card',
      how: 'To the plate’s size, corners rounded. Card wears fast: a long run wants its back sealed.',
      needs: ['drypoint card', 'blade', 'steel rule'],
      hazard: 'blades',
    }),
    step('trace', {
      title: 'Trace the drawing',
      how: 'Mirrored tracing over carbon paper, light hand: the coating marks easily.',
      needs: ['tracing', 'carbon paper'],
      check: 'The drawing reads the wrong way round.',
      rescues: ['It reads right: wipe the carbon off and turn the tracing over.'],
    }),
    step('scratch', {
      title: 'Scratch the lines',
      how: 'Through the coating, not through the card.',
      needs: ['needle'],
      check: 'The line opens the coating all along.',
      hazard: 'blades',
    }),
    step('peel', {
      title: 'Cut and peel the darks',
      how: 'Cut round each dark, lift a corner, peel the coating off. Peeled areas print darkest.',
      needs: ['blade', 'tweezers'],
      check: 'The peeled floor is even; no flap stands up.',
      rescues: [
        'A flap stands up: press it down with a touch of varnish.',
        'Peeled too far: varnish gives a lighter tone back.',
      ],
      hazard: 'blades',
    }),
    step('sand', {
      title: 'Roughen the middle tones',
      how: 'Fine sandpaper or a roulette where a soft tone is wanted.',
      needs: ['sandpaper'],
      hazard: 'dust',
    }),
    step('seal', {
      title: 'Seal',
      how: 'Thin shellac or varnish on edges and back, front too for a longer run. Let it dry.',
      needs: ['shellac', 'brush'],
      minutes: 30,
      check: 'Dry to the touch, lines still open.',
      hazard: 'solvent',
    }),
    ready,
  ],
  'metal-drypoint': [
    bevel('File to 30–45 degrees, corners rounded, then burnish.'),
    degrease,
    step('trace', {
      title: 'Trace the drawing',
      how: 'Mirrored tracing over carbon paper or soft red chalk.',
      needs: ['tracing', 'carbon paper'],
      check: 'The drawing reads the wrong way round.',
    }),
    step('scratch', {
      title: 'Draw with the needle',
      how: 'Slant the needle for burr: it gives the velvet, and it is what wears.',
      needs: ['needle', 'oil'],
      check: 'The burr stands up and is whole.',
      rescues: ['Burr where none is wanted: shave it off with the scraper.'],
      hazard: 'blades',
    }),
    clean('A drop of oil and a soft rag; no pressing on the burr.'),
    ready,
  ],
  'hard-ground': [
    bevel('File to 30–45 degrees, corners rounded, then burnish.'),
    degrease,
    step('ground', {
      title: 'Lay the ground',
      how: 'Warm plate, thin even coat by roller or brush. Let it cool.',
      needs: ['hard ground', 'roller', 'hotplate'],
      minutes: 15,
      check: 'Even brown all over, no pinholes against the light.',
      rescues: ['Pinholes: warm again and roll over.', 'Ground crawls: clean off, degrease, begin again.'],
      hazard: 'ground',
    }),
    step('trace', {
      title: 'Trace the drawing',
      how: 'Mirrored, white or red chalk paper on the dark ground.',
      needs: ['tracing', 'chalk paper'],
      check: 'The drawing reads the wrong way round.',
    }),
    step('draw', {
      title: 'Draw with the needle',
      how: 'Lift the ground, do not cut the metal.',
      needs: ['needle'],
      check: 'The line shines all along.',
      hazard: 'blades',
    }),
    protect,
    step('bite', {
      title: 'Bite',
      how: 'By the bite planner. Brush bubbles off with a feather.',
      needs: ['bath', 'feather', 'timer'],
      minutes: 20,
      check: 'The line can be felt with a needle’s point.',
      rescues: [
        'Ground lifts: out, rinse, stop out, bite the rest.',
        'No bite: degrease the lines with a drop of vinegar and salt, rinse, try again.',
      ],
      hazard: 'mordant',
    }),
    spent,
    clean('White spirit, little of it, then oil and rag.'),
    ready,
  ],
  aquatint: [
    degrease,
    protect,
    step('dust', {
      title: 'Dust the rosin',
      how: 'Shake the box, wait for the coarse grains to fall, lay the plate in for a few seconds of falling dust.',
      needs: ['rosin box', 'mask'],
      minutes: 3,
      check: 'About half the metal is covered, evenly.',
      rescues: ['Uneven: brush off dry, degrease, dust again.'],
      hazard: 'rosin',
    }),
    step('fuse', {
      title: 'Fuse the grain',
      how: 'From beneath, until the grain turns clear. No longer: it runs together.',
      needs: ['hotplate'],
      minutes: 2,
      check: 'Grains shine and do not rub off.',
      rescues: ['Run together: clean off and dust again.'],
      hazard: 'heat',
    }),
    step('strip', {
      title: 'Bite a test strip',
      how: 'A strip of the same metal and grain, steps of doubled minutes; read it and keep it in the bite room.',
      needs: ['test strip', 'bath'],
      minutes: 16,
      check: 'The strip rises and, at the long end, begins to fall.',
      hazard: 'mordant',
    }),
    step('bite', {
      title: 'Bite and stop out',
      how: 'By the timetable of the bite room: whites first, darks last.',
      needs: ['stop-out varnish', 'bath', 'timer'],
      minutes: 15,
      check: 'Each tone can be told from its neighbour wet.',
      rescues: ['Grain bitten away: stop out now; longer only makes it lighter.'],
      hazard: 'mordant',
    }),
    spent,
    clean('Rosin comes off with alcohol, varnish with its own thinner.'),
    ready,
  ],
  'toner-solvent': [
    step('sand', {
      title: 'Fine-sand and polish',
      how: 'About 1200 grit, wet, one way; then polish.',
      needs: ['1200 grit paper', 'polish'],
      check: 'Even grey, no deep scratch.',
      hazard: 'dust',
    }),
    bevel('File to 30–45 degrees, corners rounded.'),
    degrease,
    step('lay', {
      title: 'Lay the toner sheet face down',
      how: 'The negative from a laser printer, toner to the metal, taped along one edge.',
      needs: ['toner sheet, unmirrored negative', 'tape'],
      check: 'From behind the drawing reads the wrong way round.',
      rescues: ['It reads right from behind: the sheet is the wrong way round; print it again.'],
    }),
    step('transfer', {
      title: 'Wet and burnish',
      how: 'Acetone mixed with alcohol on a rag over the back, then burnish at once, edges well. Do not shift the paper.',
      needs: ['acetone and alcohol', 'rag', 'burnisher'],
      minutes: 3,
      check: 'The image shows through the back as dark on dark.',
      rescues: [
        'Toner smears: too wet or too pure; clean off with acetone, begin again with more alcohol.',
        'Pale: wet again, burnish again, before it dries.',
      ],
      hazard: 'solvent',
    }),
    step('lift', {
      title: 'Lift the paper',
      how: 'While still wet with solvent, slowly, from a corner. Do not touch the toner.',
      check: 'Toner is on the metal and black all over.',
      rescues: [
        'Paper sticks: soak it off in warm soapy water; a little left is harmless, the bath passes through.',
        'Holes in the toner: touch up with a pen or varnish.',
        'Half is missing: strip with acetone and begin again.',
      ],
      hazard: 'solvent',
    }),
    protect,
    step('test', {
      title: 'Small test in the bath',
      how: 'A scrap of the same aluminium, one minute.',
      needs: ['scrap', 'bath'],
      minutes: 1,
      check: 'It darkens and bubbles quietly.',
      rescues: ['It foams or grows hot: lift it out, add cold water to the bath.'],
      hazard: 'mordant',
    }),
    step('bite', {
      title: 'Bite',
      how: 'Look after a minute, then every couple of minutes. Clear the copper sludge, agitate.',
      needs: ['saline sulphate bath', 'soft brush', 'timer'],
      minutes: 8,
      check: 'The step can be felt with a fingernail.',
      rescues: [
        'Toner lifts: out, rinse, stop out by hand, go on.',
        'Bath slows and turns pale: it is spent for this plate; a fresh one.',
      ],
      hazard: 'mordant',
    }),
    spent,
    clean('Toner comes off with acetone; rosin, if there was any, with alcohol: two strippers.'),
    ready,
  ],
  'toner-heat': [
    step('sand', {
      title: 'Fine-sand and polish',
      how: 'About 1200 grit, wet, one way; then polish.',
      needs: ['1200 grit paper', 'polish'],
      check: 'Even grey, no deep scratch.',
      hazard: 'dust',
    }),
    bevel('File to 30–45 degrees, corners rounded.'),
    degrease,
    step('lay', {
      title: 'Lay the release paper face down',
      how: 'The negative from a laser printer, toner to the metal, leading edge taped.',
      needs: ['release paper, unmirrored negative', 'tape'],
      check: 'From behind the drawing reads the wrong way round.',
    }),
    step('transfer', {
      title: 'Through the laminator',
      how: 'Warm the plate, then six to ten passes, turning it.',
      needs: ['laminator'],
      minutes: 6,
      check: 'The image shows through the back, even.',
      rescues: ['Pale at one side: two more passes that side first.'],
      hazard: 'heat',
    }),
    step('lift', {
      title: 'Cool and lift',
      how: 'Under cold water, then peel from a corner.',
      minutes: 3,
      check: 'Toner is on the metal and black all over.',
      rescues: [
        'Toner stays on the paper: lay it back, two more passes, hotter.',
        'Holes: touch up with a pen, or reinforce with aquatint.',
      ],
    }),
    protect,
    step('bite', {
      title: 'Bite',
      how: 'Look after a minute, then every couple of minutes. Clear the copper sludge, agitate.',
      needs: ['saline sulphate bath', 'soft brush', 'timer'],
      minutes: 8,
      check: 'The step can be felt with a fingernail.',
      hazard: 'mordant',
    }),
    spent,
    clean('Toner comes off with acetone.'),
    ready,
  ],
  'saline-sulphate': [
    bevel('File to 30–45 degrees, corners rounded.'),
    degrease,
    step('ground', {
      title: 'Lay a ground and draw',
      how: 'Hard or soft ground, or varnish; open what shall be dark.',
      needs: ['ground', 'needle'],
      check: 'The opened metal shines.',
      hazard: 'ground',
    }),
    protect,
    step('weigh', {
      title: 'Weigh the plate',
      how: 'Dry, to a hundredth of a gram: the loss tells the depth.',
      needs: ['scale'],
    }),
    step('test', {
      title: 'Small test in the bath',
      how: 'A scrap of the same metal, one minute.',
      needs: ['scrap', 'bath'],
      minutes: 1,
      check: 'It darkens and bubbles quietly.',
      rescues: ['It foams or grows hot: lift it out, add cold water to the bath.'],
      hazard: 'mordant',
    }),
    step('bite', {
      title: 'Bite',
      how: 'Face down on props or upright. Look after a minute, then every couple of minutes. Clear the sludge.',
      needs: ['saline sulphate bath', 'soft brush', 'timer'],
      minutes: 10,
      check: 'The step can be felt with a fingernail.',
      rescues: ['Ragged lines: the bath is too warm or too fresh; thin it.'],
      hazard: 'mordant',
    }),
    spent,
    clean('The ground’s own solvent, then soap.'),
    step('weigh-after', {
      title: 'Weigh it again',
      how: 'Sludge off, dry. Write both weights on the bath’s card.',
      needs: ['scale'],
    }),
    ready,
  ],
  'ferric-copper': [
    bevel('File to 30–45 degrees, corners rounded, then burnish.'),
    degrease,
    step('ground', {
      title: 'Lay a ground and draw',
      how: 'Hard or soft ground; open what shall be dark.',
      needs: ['ground', 'needle'],
      check: 'The opened copper shines.',
      hazard: 'ground',
    }),
    protect,
    step('strength', {
      title: 'Read the bath',
      how: 'Hydrometer at room warmth; 42 degrees Baumé is usual, lower bites faster and wider.',
      needs: ['hydrometer'],
      check: 'As planned, within a degree.',
    }),
    step('bite', {
      title: 'Bite face down',
      how: 'On props, so that the sediment falls out of the lines. Lift and look every five minutes.',
      needs: ['ferric chloride', 'props', 'timer'],
      minutes: 30,
      check: 'The needle’s point catches in the line.',
      rescues: ['Lines fill with brown: rinse in salted vinegar, go on.'],
      hazard: 'ferric',
    }),
    step('neutral', {
      title: 'Stop the bite',
      how: 'Rinse, then a bath of soda, then rinse again.',
      needs: ['soda', 'water'],
      minutes: 3,
      hazard: 'spent',
    }),
    clean('The ground’s own solvent, then oil and rag.'),
    ready,
  ],
  photopolymer: [
    step('cut', {
      title: 'Cut the plate',
      how: 'In yellow light, film side up, with a guillotine or shears.',
      needs: ['photopolymer plate', 'yellow light'],
      hazard: 'blades',
    }),
    step('wedge', {
      title: 'Expose a step wedge',
      how: 'An offcut with the wedge; the Exposure room reads it.',
      needs: ['step wedge', 'offcut'],
      minutes: 2,
      check: 'The wanted step just stays.',
      hazard: 'uv',
    }),
    step('film', {
      title: 'Lay the film image down',
      how: 'The unmirrored positive, image to the polymer, under vacuum or heavy glass. Dust off.',
      needs: ['film, unmirrored positive', 'glass'],
      check: 'From above the picture reads the wrong way round; no rings of air.',
      rescues: ['Rings of air: a little talc between, or press again.'],
    }),
    step('expose', {
      title: 'Expose',
      how: 'The time the wedge gave.',
      needs: ['UV unit'],
      minutes: 1.5,
      hazard: 'uv',
    }),
    step('wash', {
      title: 'Wash out',
      how: 'Lukewarm water, soft brush, all directions; a deep line takes longer.',
      needs: ['soft brush', 'water'],
      minutes: 1,
      check: 'The deep tones feel rough, the lights smooth.',
      rescues: [
        'Slimy: wash on, half a minute at a time.',
        'Lights washed away: exposure too short; begin again with the next step of the wedge.',
      ],
      hazard: 'uv',
    }),
    step('dry', {
      title: 'Blot and dry',
      how: 'Newsprint first, then warm air, until it no longer sticks.',
      needs: ['newsprint', 'hair dryer'],
      minutes: 5,
      check: 'A fingernail leaves no mark.',
    }),
    step('harden', {
      title: 'Expose again, without film',
      how: 'Three to five times as long: it hardens the floor.',
      needs: ['UV unit'],
      minutes: 6,
      hazard: 'uv',
    }),
    bevel('Trim the edges and soften them with fine paper.'),
    ready,
  ],
  'laser-laminate': [
    step('open', {
      title: 'Open and clean the carton',
      how: 'Wash, dry flat under weight. The shiny inside is the face.',
      needs: ['drinks carton', 'soap'],
      minutes: 60,
    }),
    step('test', {
      title: 'Test square',
      how: 'Nine small squares of power and speed; peel each.',
      needs: ['scrap'],
      minutes: 5,
      check: 'One square peels clean without cutting the card.',
      hazard: 'laser',
    }),
    step('engrave', {
      title: 'Engrave',
      how: 'The mirrored file, at the power of the test square.',
      needs: ['laser', 'mirrored file'],
      minutes: 15,
      check: 'The plate reads the wrong way round.',
      hazard: 'laser',
    }),
    step('peel', {
      title: 'Peel the darks',
      how: 'Lift the cut areas with tweezers; scratch by hand what is missing.',
      needs: ['tweezers', 'needle'],
      check: 'No loose flap.',
      hazard: 'blades',
    }),
    step('seal', {
      title: 'Seal the edges',
      how: 'Thin varnish at cut edges, so that no water gets in.',
      needs: ['varnish'],
      minutes: 20,
      check: 'Dry to the touch.',
      hazard: 'solvent',
    }),
    step('build-up', {
      title: 'Cut a build-up sheet',
      how: 'Card of the plate’s size under it: the laminate alone is too thin to reach pressure.',
      needs: ['card'],
    }),
    ready,
  ],
  mezzotint: [
    bevel('File to 30–45 degrees, corners rounded, then burnish.'),
    step('rock', {
      title: 'Rock the ground',
      how: 'Lines across, down and both diagonals, again and again, until the proof is one black.',
      needs: ['rocker'],
      minutes: 240,
      check: 'Even velvet under slanting light, no bare metal.',
      rescues: ['Streaks: one more way across them.'],
      hazard: 'blades',
    }),
    step('trace', {
      title: 'Trace the drawing',
      how: 'Mirrored, soft chalk paper, hardly pressing.',
      needs: ['tracing', 'chalk paper'],
      check: 'The drawing reads the wrong way round.',
    }),
    step('scrape', {
      title: 'Scrape the lights',
      how: 'From the middle tones up; burnish only the highest lights.',
      needs: ['scraper', 'burnisher', 'oil'],
      check: 'Lights feel smooth, darks rough.',
      rescues: ['Too light: rock that place again.'],
      hazard: 'blades',
    }),
    clean('A drop of oil and a soft rag, no pressing.'),
    ready,
  ],
  slab: [
    step('cut', {
      title: 'Cut the slab to size',
      how: 'Plastic, metal or glass, flat and closed. Smaller than the sheet it leaves a plate mark; as large as the sheet it leaves none.',
      needs: ['slab', 'steel rule'],
      hazard: 'blades',
    }),
    bevel(
      'File all four edges to about 45 degrees and round the corners; glass only with ground edges, and never under a roller.',
    ),
    degrease,
    step('trace', {
      title: 'Lay the drawing under',
      how: 'Where something is to be followed: the mirrored tracing face up beneath a clear slab, its corners marked on the bed.',
      needs: ['tracing', 'tape'],
      check: 'The drawing reads the wrong way round.',
    }),
    ready,
  ],
}

/** A step of ours in the words this workshop reads. */
export const stepInTradeWords = (ours: ProcedureStep): ProcedureStep => ({
  ...ours,
  how: inTradeWords(ours.how),
  check: inTradeWords(ours.check),
})

/** Some steps of a procedure that comes with the tool, in the order asked. @throws Error where it has none of that id */
export const takeSteps = (method: MakingMethod, ...ids: readonly string[]): ProcedureStep[] =>
  ids.map((id) => {
    const found = STEPS[method].find((one) => one.id === id)
    if (!found) throw new Error(`${method} has no step ${id}`)
    return found
  })

/** The procedure that comes with the tool for a method, named as the method is. */
export function procedureFor(method: MakingMethod): Procedure {
  return { name: MAKING_METHODS[method].label, method, steps: STEPS[method].map(stepInTradeWords) }
}
