import { formatGrams } from '../units/quantity'
import { counted } from '../units/counted'
import { formatMm, formatNumber } from '../units/length'
import { listed } from '../units/listed'
import { isPrint, readPull } from '../edition/readPull'
import { pullsOnBench } from '../edition/runs'
import { MODIFIERS, type RunMix } from '../ink/mix'
import { weighRecipe } from '../ink/weighRecipe'
import { DAMPING_METHODS } from '../paper/dampPaper'
import { describePlateLife } from '../plate/plateLife'
import { PLATE_KINDS, romanNumeral } from '../plate/plate'
import { passesWords } from '../press/pressSetting'
import { settingEntries } from '../prove/settingEntries'
import { SETTING_STATIONS, type Bench, type Settings, type SettingStation } from '../prove/settings'
import { startsNeeded } from '../stats/startsNeeded'
import { batOfRun } from './batOnBench'
import type { Bat, FiledPull } from './jobFile'
import { needOfMix, type JobNeed, type WorkAhead } from './jobNeed'
import { SURE } from './sure'
import { workAhead } from './workAhead'

type Recorded = Parameters<typeof workAhead>[0]

/** What a job is begun as again: the settings its first run was last printed well by, or what stands on its bench. */
export const benchAgain = (
  job: { bats: readonly Bat[]; pulls: readonly FiledPull[] } & { runs: readonly { bench: Bench }[] },
): Bench => settingsAgain(job, 0)?.settings ?? job.runs[0].bench

/**
 * The settings a run was last printed well by: its BAT, else its last print that was kept, else its last pull of a print or proof; null:
 * it was never pulled.
 *
 * @returns with the pull they come from, whose picture shows what is to be met
 */
export function settingsAgain(
  { bats, pulls }: { bats: readonly Bat[]; pulls: readonly FiledPull[] },
  position: number,
): { settings: Settings; pull: FiledPull | null; bat: number | null } | null {
  const held = batOfRun(bats, position)
  if (held)
    return {
      settings: held.settings,
      pull: pulls.find(({ id }) => id === held.proofPullId) ?? null,
      bat: held.version,
    }
  const own = pulls.filter((pull) => pull.runPosition === position)
  const pull =
    own.findLast((one) => isPrint(one) && readPull(one).decision?.decision === 'accepted') ??
    own.findLast(({ kind }) => kind === 'edition' || kind === 'proof')
  return pull ? { settings: pull.settings, pull, bat: null } : null
}

/** A first proof that shows whether the old settings still print so. */
const PROOFS_AGAIN = 1

/** What a job's record says of printing it again, however many. */
export interface WorkedOnce {
  ahead: WorkAhead
  accepted: number
  rejected: number
}

/** Reads out of a job's record what printing it again is reckoned from. */
export function workedOnce(job: Recorded): WorkedOnce {
  const decided = pullsOnBench(job)
    .filter(isPrint)
    .map((pull) => readPull(pull).decision?.decision)
  return {
    ahead: workAhead(job),
    accepted: decided.filter((decision) => decision === 'accepted').length,
    rejected: decided.filter((decision) => decision === 'rejected').length,
  }
}

/**
 * What printing a job again comes to: as many sheets as bring the prints wanted with the rejects it had, and one proof before them.
 *
 * @param prints wanted
 */
export function workAgain({ ahead, accepted, rejected }: WorkedOnce, prints: number): WorkAhead {
  const { starts } = startsNeeded({
    accepted: prints,
    earlierAccepted: accepted,
    earlierRejected: rejected,
    confidence: SURE,
  })
  return {
    ...ahead,
    through: { ...ahead.through, through: 0, left: prints, fresh: starts, waiting: null },
    proofs: PROOFS_AGAIN,
    mixes: [],
  }
}

/** One thing to lay out, at its station. */
export interface AgainLine {
  station: SettingStation
  does: string
  how: string
}

/** A mix by weight: each ink as a scale of a tenth of a gram shows it, and what is stirred into each puddle. */
function mixLine({ name, parts, modifiers, puddleGrams }: RunMix, grams: number): AgainLine {
  const weighed = weighRecipe(
    parts.map((part) => part.parts),
    grams,
    0.1,
  )
  const stirred = modifiers
    .filter(({ amount }) => amount > 0)
    .map(({ modifier, amount }) => {
      const { label, unit } = MODIFIERS[modifier]
      return unit === 'drops'
        ? `${counted(amount, 'drop')} of ${label.toLowerCase()}`
        : `${formatGrams(amount, 2)} of ${label.toLowerCase()}`
    })
  return {
    station: 'ink',
    does: `Mix ${formatGrams(weighed.totalGrams, 1)} of ${name}`,
    how: [
      parts.map((part, i) => `${part.name} ${formatGrams(weighed.grams[i], 1)}`).join(', '),
      ...(stirred.length > 0 ? [`to each ${formatGrams(puddleGrams, 0)}: ${listed(stirred)}`] : []),
    ].join('; '),
  }
}

/** The settings of a station in words, without those named. */
const wordsOf = (settings: Settings, station: SettingStation, without: readonly string[]): string =>
  settingEntries(settings)
    .filter((entry) => entry.station === station && !without.includes(entry.key))
    .map(({ label, text }) => `${label.toLowerCase()} ${text}`)
    .join('; ')

/**
 * What is laid out to print by settings again, in working order.
 *
 * @param settings as they printed well @param need what the prints wanted take of them
 */
export function layOutAgain(settings: Settings, need: JobNeed): AgainLine[] {
  const { plate, paper, press } = settings
  const of: Record<SettingStation, AgainLine[]> = {
    plate: [
      {
        station: 'plate',
        does: `Fetch ${plate.name}, state ${romanNumeral(plate.state)}`,
        how: [
          `${PLATE_KINDS[plate.kind].label.toLowerCase()}, ${formatMm(plate.widthMm)} × ${formatMm(plate.heightMm)}`,
          ...(need.life ? [describePlateLife(need.life)] : []),
        ].join('; '),
      },
    ],
    ink: settings.ink.mixes.map((mix) => mixLine(mix, needOfMix(need, mix.id).grams ?? 0)),
    wipe: [
      {
        station: 'wipe',
        does: 'Lay the rags in their order',
        how: wordsOf(settings, 'wipe', ['wipe.manner']),
      },
    ],
    paper: [
      {
        station: 'paper',
        does: `${paper.method === 'dry' ? 'Lay out' : 'Damp'} ${counted(need.sheets, 'sheet')} of ${paper.name}`,
        how: [
          `${formatMm(paper.sheetWidthMm)} × ${formatMm(paper.sheetHeightMm)}`,
          ...(paper.method === 'dry'
            ? ['printed dry']
            : [
                `${DAMPING_METHODS[paper.method].label.toLowerCase()} ${formatNumber(paper.dampMinutes, 1)} min to ${formatNumber(paper.targetUptakePercent, 0)} % water`,
              ]),
        ].join('; '),
      },
    ],
    press: [
      {
        station: 'press',
        does: `Set ${press.name} to ${passesWords(press)}`,
        how: wordsOf(settings, 'press', ['press.name', 'press.turnsLeft', 'press.turnsRight']),
      },
    ],
    register: [
      { station: 'register', does: 'Lay the registration sheet', how: wordsOf(settings, 'register', []) },
    ],
  }
  return SETTING_STATIONS.flatMap((station) => of[station])
}
