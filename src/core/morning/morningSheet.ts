import { printsMade, purposeFacts, sizeDeclared, type Purposed } from '../prove/purpose'
import { formatCelsius, formatFines, formatGrams, shownStep } from '../units/quantity'
import { capital } from '../units/capital'
import { counted } from '../units/counted'
import type { RunMix } from '../ink/mix'
import { z } from 'zod'
import { standsWords } from '../plate/plate'
import { describePlateLife } from '../plate/plateLife'
import { correctStiffness, inkTemperature, USUAL_HALVING_C, type InkCalibration } from '../ink/stiffness'
import { warmthAtRoller } from '../prove/warmthAtRoller'
import { isFelt, stiffnessWords } from '../ink/stiffnessWords'
import { dampGrams, dryGramsAt, standardGramsOf } from '../paper/dampingPlan'
import { sheetGrams } from '../paper/dampPaper'
import { gapMm, isPressedByHand, passesWords } from '../press/pressSetting'
import type { Bench, Station } from '../prove/settings'
import { misfitsOf, needOfMix, type JobNeed } from '../record/jobNeed'
import { SURE } from '../record/sure'
import { formatNumber } from '../units/length'
import { finite, positive } from '../units/schemas'

/** The three readings of the morning. */
export const morningReadingsSchema = z.strictObject({
  roomC: finite
    .min(-10, { error: 'must be within −10 and 50 °C' })
    .max(50, { error: 'must be within −10 and 50 °C' }),
  humidityPercent: finite
    .min(1, { error: 'must be within 1 and 100 %' })
    .max(100, { error: 'must be within 1 and 100 %' })
    .nullable(),
  sheetGrams: positive.max(2000, { error: 'must be at most 2000 g' }).nullable(),
  /** the job whose sheet was weighed; null when none was */
  sheetJobId: z.string().nullable(),
})
export type MorningReadings = z.infer<typeof morningReadingsSchema>

/** What the morning sheet needs to know of a job that is under way. */
export interface MorningJob extends Purposed {
  id: string
  title: string
  bench: Bench
  /** settings of the BAT; null while proving */
  bat: Bench | null
  /** stiffness of each mix as it was by its id, Pa·s; null when its inks are unknown */
  mixesPas: Readonly<Record<string, number | null>>
  /** what the workshop measured of its oil */
  calibration: InkCalibration
  /** what the rest of it takes */
  need: JobNeed
  accepted: number
  rejected: number
  pulledToday: boolean
  /** prints laid to dry, and whether they are ready */
  drying: { ready: boolean; when: string } | null
}

/** One line of the morning sheet, with the sum behind it. */
export interface MorningLine {
  jobId: string
  station: Station
  text: string
  sum: { label: string; value: string }[]
  /** something to do, not only to know */
  act: boolean
}

const degrees = (value: number) => formatCelsius(value, 1)
const grams = (value: number) => formatGrams(value, 1)

/** What a mix as stiff as it was comes to in today's room, at the roller; without a word where nothing is to be done. */
function stiffnessLine(
  job: MorningJob,
  mix: RunMix,
  held: RunMix,
  roomC: number,
): Omit<MorningLine, 'jobId'> {
  const reference = job.bat ? 'the BAT' : 'the last setting'
  const change = roomC - held.roomC
  const left = {
    before: warmthAtRoller(job.bat ?? job.bench, job.calibration)?.left ?? 1,
    today: warmthAtRoller(job.bench, job.calibration)?.left ?? 1,
  }
  const mixPas = job.mixesPas[mix.id] ?? null
  const correction =
    mixPas === null
      ? null
      : correctStiffness({
          mixGrams: mix.puddleGrams,
          mixPas,
          before: held,
          todayRoomC: roomC,
          calibration: job.calibration,
          warmthLeft: left,
        })
  if (correction === null || (Math.abs(change) < 0.5 && !isFelt(correction))) {
    return {
      station: 'ink',
      text: `Room as at ${reference}: ink as it is.`,
      act: false,
      sum: [
        { label: `Room at ${reference}`, value: degrees(held.roomC) },
        { label: 'Room now', value: degrees(roomC) },
      ],
    }
  }
  const { ratio, dropsToAdd, plateC, plateTodayC } = correction
  const room = `${formatNumber(shownStep(Math.abs(change)), 1)}° ${change < 0 ? 'colder' : 'warmer'}, ${plateTodayC > roomC ? 'the plate kept warm' : 'the plate with it'}`
  const way = `The plate is ${left.today < left.before ? 'longer' : 'sooner'} off the heat than at ${reference}`
  const text = `${Math.abs(change) < 0.5 ? way : room}: ${stiffnessWords(correction)}.`
  return {
    station: 'ink',
    text,
    act: isFelt(correction),
    sum: [
      {
        label: `Ink under the roller at ${reference}`,
        value: degrees(inkTemperature(held.roomC, held.plateC, left.before)),
      },
      {
        label: 'Ink under the roller today',
        value: degrees(inkTemperature(roomC, plateTodayC, left.today)),
      },
      {
        label: 'Stiffness today',
        value: `${formatNumber(ratio, 2)} × (halves every ${formatNumber(shownStep(job.calibration.halvingC), 1)}°${job.calibration.halvingC === USUAL_HALVING_C ? ', typical' : ''})`,
      },
      {
        label: 'Oil to bring it back',
        value: `${formatNumber(dropsToAdd, 1)} drops of ${formatGrams(job.calibration.dropGrams, 3)} in ${grams(mix.puddleGrams)}`,
      },
      {
        label: 'Or the plate',
        value: `${degrees(plateTodayC)} → ${plateC === null ? 'no warmth that can be had' : degrees(plateC)}`,
      },
    ],
  }
}

/** Whether a mix is enough for the pulls to come; null: nothing is approved, or none is to come. */
function coverLine(job: MorningJob, mix: RunMix): Omit<MorningLine, 'jobId'> | null {
  const { pulls, mixCovers, gramsPerPull } = needOfMix(job.need, mix.id)
  if (!job.bat || pulls === 0 || mixCovers === null || gramsPerPull === null) return null
  const enough = mixCovers >= pulls
  return {
    station: 'ink',
    text: enough
      ? `${mix.name} covers all ${counted(pulls, 'pull')} to come.`
      : `${mix.name} covers ${mixCovers} of ${counted(pulls, 'pull')} to come: mix ${grams((pulls - mixCovers) * gramsPerPull)} more.`,
    act: !enough,
    sum: [
      { label: 'Mixed', value: grams(mix.batchGrams) },
      { label: 'Ink used a pull', value: formatGrams(gramsPerPull, 2) },
      { label: 'Covers', value: counted(mixCovers, 'pull') },
    ],
  }
}

/** Ink by ink: what today's room asks of each, and whether it suffices. Of several that ask nothing one line speaks for all. */
function inkLines(job: MorningJob, { roomC }: MorningReadings): Omit<MorningLine, 'jobId'>[] {
  const { ink } = job.bench
  if (!ink) return []
  const held = (job.bat ?? job.bench).ink
  const of = (line: (mix: RunMix) => Omit<MorningLine, 'jobId'> | null) =>
    ink.mixes.flatMap((mix) => {
      const found = line(mix)
      return found ? [{ mix, line: found }] : []
    })
  const several = ink.mixes.length > 1
  const stiffness = of((mix) => {
    const before = held?.mixes.find(({ id }) => id === mix.id)
    return before ? stiffnessLine(job, mix, before, roomC) : null
  }).map(({ mix, line }) => (several && line.act ? { ...line, text: `${mix.name}: ${line.text}` } : line))
  const felt = stiffness.filter(({ act }) => act)
  const covers = of((mix) => coverLine(job, mix)).map(({ line }) => line)
  const short = covers.filter(({ act }) => act)
  if (!several) return [...stiffness, ...covers]
  const all = covers.slice(0, 1).map((line) => ({
    ...line,
    text: `All ${ink.mixes.length} inks cover the ${counted(job.need.pulls, 'pull')} to come.`,
    sum: covers.flatMap(({ sum }, i) => [{ label: ink.mixes[i].name, value: sum.at(-1)!.value }]),
  }))
  return [...(felt.length > 0 ? felt : stiffness.slice(0, 1)), ...(short.length > 0 ? short : all)]
}

function paperLine(
  job: MorningJob,
  { humidityPercent, sheetGrams: weighed, sheetJobId }: MorningReadings,
): Omit<MorningLine, 'jobId'> | null {
  const { paper } = job.bench
  if (!paper || paper.method === 'dry') return null
  const nominal = sheetGrams(paper.gsm, paper.sheetWidthMm, paper.sheetHeightMm)
  const humidity = humidityPercent ?? 50
  const onScale = weighed !== null && sheetJobId === job.id
  const today = onScale ? weighed : dryGramsAt(nominal, humidity)
  // What is wanted counts fibre, not the air's moisture: the sheet is taken back to standard air.
  const standard = onScale ? standardGramsOf(weighed, humidity) : nominal
  const damp = dampGrams(standard, paper.targetUptakePercent)
  const off = (100 * (standard - nominal)) / nominal
  const weight =
    Math.abs(off) < 0.5
      ? 'as it should'
      : `${formatNumber(Math.abs(off), 1)} % ${off > 0 ? 'more' : 'less'} than by its weight and size`
  return {
    station: 'paper',
    text: `${onScale ? `Sheet weighs ${weight}: damp` : 'Damp'} it to ${grams(damp)}.`,
    act: Math.abs(off) > 3,
    sum: [
      { label: 'By weight and size, at standard air', value: grams(nominal) },
      {
        label: onScale ? 'Weighed today' : `Calculated at ${humidity} % humidity (typical: weigh one)`,
        value: grams(today),
      },
      ...(onScale
        ? [{ label: `Taken back from ${humidity} % humidity to standard air`, value: grams(standard) }]
        : []),
      { label: `With ${formatNumber(paper.targetUptakePercent, 0)} % water`, value: grams(damp) },
    ],
  }
}

function editionLine(job: MorningJob): Omit<MorningLine, 'jobId'> | null {
  const { left, starts, hours } = job.need
  if ((!job.bat && purposeFacts(job.purpose).asksBat) || left <= 0 || sizeDeclared(job) === null) return null
  const made = printsMade(job, job.accepted)
  return {
    station: 'edition',
    text:
      starts > 0
        ? `${made}: damp ${counted(starts, 'sheet')} for the ${left} left.`
        : `${made}: the sheets under way suffice for the ${left} left.`,
    act: true,
    sum: [
      { label: 'Rejects so far', value: `${job.rejected} of ${job.accepted + job.rejected}` },
      { label: 'Chance of having enough sheets', value: `at least ${100 * SURE} %` },
      ...(hours === null ? [] : [{ label: 'At the press', value: `${formatNumber(hours, 1)} h` }]),
    ],
  }
}

/** Writes the morning sheet: for each job under way one line a station, in working order, each with its sum. */
export function writeMorningSheet(readings: MorningReadings, jobs: readonly MorningJob[]): MorningLine[] {
  return jobs.flatMap((job) => {
    const { plate, press } = job.bench
    const lines: (Omit<MorningLine, 'jobId'> | null)[] = []
    if (plate && job.need.life && job.need.life.by !== 'never') {
      const { life } = job.need
      const misfit = misfitsOf(job.need).find((one) => one.of === 'plate')
      lines.push({
        station: 'plate',
        text: misfit?.words ?? `${capital(describePlateLife(life))}.`,
        act: life.standing !== 'fresh' || misfit !== undefined,
        sum: [
          { label: 'Pulls so far, proofs too', value: String(life.spent) },
          { label: 'Its kind usually stands', value: `${standsWords(plate.kind)} pulls` },
        ],
      })
    }
    lines.push(...inkLines(job, readings), paperLine(job, readings))
    if (press) {
      const felts = job.pulledToday ? 'Felts are warm.' : 'First pull warms the blankets: not counted.'
      const stands = `${press.scale.id === 'turns' ? 'Screws' : 'Press'} at ${passesWords(press)}.`
      const gaps = [press.readingLeft, press.readingRight].flatMap((reading) => gapMm(press, reading) ?? [])
      lines.push({
        station: 'press',
        text: isPressedByHand(press) ? `Printed by hand: ${passesWords(press)}.` : `${felts} ${stands}`,
        act: !job.pulledToday && !isPressedByHand(press),
        sum: [
          { label: 'Pulled today', value: job.pulledToday ? 'yes' : 'not yet' },
          ...(gaps.length < 2 ? [] : [{ label: 'Gap', value: formatFines(gaps, ' / ', 2) }]),
        ],
      })
    }
    lines.push(editionLine(job))
    if (job.drying)
      lines.push({
        station: 'dry',
        text: job.drying.ready
          ? `Prints dry since ${job.drying.when}: sort and number them.`
          : `Prints drying until ${job.drying.when}.`,
        act: job.drying.ready,
        sum: [
          { label: 'Ready', value: job.drying.when },
          { label: 'Accepted, to sort', value: String(job.accepted) },
        ],
      })
    return lines.filter((line) => line !== null).map((line) => ({ ...line, jobId: job.id }))
  })
}
