import { matchCheckFiles, matchCheckInput, matchCheckOutput } from './matchCheckFiles'
import { inkingOrder, inkingOrderInput, inkingOrderOutput } from '@/core/wipe/inkingOrderInput'
import { z } from 'zod'
import { labSchema } from '@/core/colour/convertXyzToLab'
import { deltaE00 } from '@/core/colour/deltaE00'
import { spectrumToLab, spectrumToLabInput, spectrumToLabOutput } from '@/core/colour/spectrumToLab'
import { editionNumbers, editionNumbersInput, editionNumbersOutput } from '@/core/dry/editionNumbers'
import { flowOrderInput, flowOrderOutput, orderFlow } from '@/core/day/flowOrder'
import { startsNeeded, startsNeededInput, startsNeededOutput } from '@/core/stats/startsNeeded'
import { editionNeed, editionNeedInput, editionNeedOutput } from '@/core/edition/editionNeed'
import { forecastWear, wearForecastInput, wearForecastOutput } from '@/core/edition/wearForecast'
import { characteriseInk, characteriseInput, characteriseOutput } from '@/core/ink/characteriseInk'
import { correctInk, correctInkInput, correctInkOutput } from '@/core/ink/correctInk'
import { matchInk, matchInkInput, matchInkOutput } from '@/core/ink/matchInk'
import { predictInk, predictInkInput, predictInkOutput } from '@/core/ink/predictInk'
import {
  correctStiffness,
  mixStiffness,
  stiffnessCorrectInput,
  stiffnessCorrectOutput,
  stiffnessInput,
  stiffnessOutput,
} from '@/core/ink/stiffness'
import { dampPackInput, dampPackOutput, planDampPack } from '@/core/paper/dampPaper'
import { convertPaperWeight, paperWeightInput, paperWeightOutput } from '@/core/paper/paperWeight'
import { fitSoak, soakFitInput, soakFitOutput } from '@/core/paper/soakFit'
import { planTearing, tearPlanInput, tearPlanOutput } from '@/core/paper/tearPlan'
import { bathInput, bathOutput, makeBath } from '@/core/plate/bath'
import { baumeInput, baumeOutput, convertBaume } from '@/core/plate/baume'
import { plateLifeInput, plateLifeOutput } from '@/core/plate/leftOnPlate'
import { tellPullsLeft } from '@/core/plate/plateLife'
import { sheetGauge, sheetGaugeInput, sheetGaugeOutput } from '@/core/plate/sheetGauge'
import { pressStack, pressStackInput, pressStackOutput } from '@/core/press/pressStack'
import { pressTransferInput, pressTransferOutput, transferPressure } from '@/core/press/pressTransfer'
import { screwLead, screwLeadInput, screwLeadOutput } from '@/core/press/screwLead'
import { layMargins, marginsInput, marginsOutput } from '@/core/register/margins'
import { misregisterInput, misregisterOutput, solveMisregister } from '@/core/register/misregister'
import { controlChart, controlChartInput, controlChartOutput } from '@/core/stats/controlChart'
import { handEffects, handEffectsInput, handEffectsOutput } from '@/core/stats/handEffects'
import { finite } from '@/core/units/schemas'
import { matchFiles, matchInput, matchOutput } from './matchFiles'
import { entry, type CalcEntry } from './entry'
import { INSTRUMENTS } from './instruments'

/** Every computation that can be called without the interface; each comes with its station. */
export const ENTRIES: readonly CalcEntry[] = [
  entry(
    'colour-difference',
    'CIEDE2000 between two L*a*b* colours',
    z.strictObject({ reference: labSchema, sample: labSchema }),
    z.strictObject({ deltaE00: finite }),
    ({ reference, sample }) => ({ deltaE00: deltaE00(reference, sample) }),
  ),
  entry(
    'spectrum-to-lab',
    'a measured reflectance as L*a*b*, screen colour and visual density',
    spectrumToLabInput,
    spectrumToLabOutput,
    spectrumToLab,
  ),
  entry(
    'ink-predict',
    'the colour of a film of mixed ink on paper',
    predictInkInput,
    predictInkOutput,
    predictInk,
  ),
  entry(
    'ink-characterise',
    'k and s of an ink from a drawdown over white and black',
    characteriseInput,
    characteriseOutput,
    characteriseInk,
  ),
  entry('ink-match', 'recipes that come nearest to a colour', matchInkInput, matchInkOutput, (input) =>
    matchInk(input)!,
  ),
  entry(
    'ink-correct',
    'the smallest additions that bring a batch to its colour',
    correctInkInput,
    correctInkOutput,
    (input) => correctInk(input)!,
  ),
  entry(
    'ink-stiffness',
    'the viscosity of a mix at a temperature',
    stiffnessInput,
    stiffnessOutput,
    mixStiffness,
  ),
  entry(
    'stiffness-correct',
    'drops of light oil, or the plate, that make a mix as stiff as it was in another room',
    stiffnessCorrectInput,
    stiffnessCorrectOutput,
    correctStiffness,
  ),
  entry(
    'inking-order',
    'the order of inks on one plate that risks least at their borders and beside whites',
    inkingOrderInput,
    inkingOrderOutput,
    inkingOrder,
  ),
  entry('sheet-gauge', 'sheet metal gauge to millimetres', sheetGaugeInput, sheetGaugeOutput, sheetGauge),
  entry('screw-lead', 'millimetres a turn of a screw thread', screwLeadInput, screwLeadOutput, screwLead),
  entry(
    'press-stack',
    'pressure in the nip of a stack of layers',
    pressStackInput,
    pressStackOutput,
    pressStack,
  ),
  entry(
    'press-transfer',
    'the gap and turns that carry a squeeze over to another stack',
    pressTransferInput,
    pressTransferOutput,
    transferPressure,
  ),
  entry('bath', 'a saline sulphate bath for a volume', bathInput, bathOutput, makeBath),
  entry('baume', 'degrees Baumé and specific gravity', baumeInput, baumeOutput, convertBaume),
  entry(
    'paper-weight',
    'pounds of a basis size and grams a square metre',
    paperWeightInput,
    paperWeightOutput,
    convertPaperWeight,
  ),
  entry(
    'tear-plan',
    'the most pieces that straight cuts get out of a sheet',
    tearPlanInput,
    tearPlanOutput,
    planTearing,
  ),
  entry('damp-pack', 'water and interleaves of a damp pack', dampPackInput, dampPackOutput, planDampPack),
  entry(
    'soak-fit',
    'what a paper takes up in the end, and how fast, from weigh-ins',
    soakFitInput,
    soakFitOutput,
    fitSoak,
  ),
  entry('margins', 'margins of a plate on its paper', marginsInput, marginsOutput, layMargins),
  entry(
    'misregister',
    'shift, rotation and stretch from measured marks',
    misregisterInput,
    misregisterOutput,
    solveMisregister,
  ),
  entry(
    'control-chart',
    'individuals and moving-range chart with run rules',
    controlChartInput,
    controlChartOutput,
    controlChart,
  ),
  entry(
    'edition-need',
    'sheets, ink and hours that the rest of an edition takes',
    editionNeedInput,
    editionNeedOutput,
    editionNeed,
  ),
  entry(
    'plate-life',
    'pulls left on a plate, 90 %: the usual life, moved by its readings as far as they tell',
    plateLifeInput,
    plateLifeOutput,
    tellPullsLeft,
  ),
  entry(
    'hand-effects',
    'how far the prints of each hand lie from the mean of the hands, wear taken out, with a 95 % interval',
    handEffectsInput,
    handEffectsOutput,
    handEffects,
  ),
  entry(
    'wear-forecast',
    'the pull at which a falling reading reaches its floor',
    wearForecastInput,
    wearForecastOutput,
    forecastWear,
  ),
  entry(
    'starts-needed',
    'sheets to start so that enough are accepted',
    startsNeededInput,
    startsNeededOutput,
    startsNeeded,
  ),
  entry(
    'flow-order',
    'the order in which one bench and one press are through soonest',
    flowOrderInput,
    flowOrderOutput,
    orderFlow,
  ),
  entry(
    'match',
    'where an impression differs from its reference, from two pictures',
    matchInput,
    matchOutput,
    matchFiles,
  ),
  entry(
    'match-check',
    'how an impression stands to its reference, check by check, from two pictures of whole sheets',
    matchCheckInput,
    matchCheckOutput,
    matchCheckFiles,
  ),
  entry(
    'edition-numbers',
    'the marks of an edition in order',
    editionNumbersInput,
    editionNumbersOutput,
    editionNumbers,
  ),
  ...INSTRUMENTS,
]
