import { z } from 'zod'
import { documentKind, type Upgrade } from '../document/documentKind'
import { pressureTrialSchema } from './pressureTrials'
import { turnsScale } from './usualScales'

/** The first trials were turns of two screws from the bare bed. */
const toScale: Upgrade = ({ mmPerTurn, suggestedTurns, setTurns, verdict }) => ({
  scale: turnsScale(mmPerTurn as number),
  suggested: suggestedTurns,
  set: setTurns,
  verdict,
})

/** A trial as it is kept in the workshop. */
export const pressureTrialDocument = documentKind(pressureTrialSchema, { steps: [toScale] })

/** A trial as it is taken along with a job, of any release. */
export const trialTakenAlong = z.preprocess(
  (trial) =>
    typeof trial === 'object' && trial !== null && 'suggestedTurns' in trial
      ? toScale(trial as Parameters<Upgrade>[0])
      : trial,
  pressureTrialSchema,
)
