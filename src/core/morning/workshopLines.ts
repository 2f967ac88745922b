import { formatCelsius, shownStep } from '../units/quantity'
import { dayOf, saidDayOf, soonOf, timeOf } from '../units/moment'
import { dryGramsAt } from '../paper/dampingPlan'
import type { PaperStanding } from '../paper/stock'
import type { DryingAct } from '../dry/dryingPlaces'
import { formatNumber } from '../units/length'
import type { MorningReadings } from './morningSheet'

/** One line of the morning sheet that is about the whole workshop, with the sum behind it. */
export interface WorkshopLine {
  heading: 'Weather' | 'Store' | 'Press' | 'Drying'
  /** where to act on it; null: there is nowhere to go */
  href: string | null
  text: string
  sum: { label: string; value: string }[]
  act: boolean
}

/** What the workshop's own lines are written from. */
export interface WorkshopMorning {
  readings: MorningReadings
  /** the readings before these; null on the first morning */
  before: MorningReadings | null
  papers: (PaperStanding & { id: string; name: string; lowAt: number | null })[]
  presses: { id: string; name: string; zeroedAt: string | null }[]
  drying: DryingAct[]
  /** ISO 8601 */
  now: string
  /** of whoever reads it */
  zone: string
}

/** The weather to which drying of damp paper is compared. */
const USUAL_ROOM = { roomC: 20, humidityPercent: 50 } as const
/** Days after which a press is zeroed anew [common practice, no source]. */
const ZERO_DAYS = 90
const DAY_MS = 86_400_000

/** Saturation pressure of water vapour over water, hPa: the Magnus formula as WMO No. 8 gives it (6.112 · e^(17.62 t / (243.12 + t))). */
export const vapourPressure = (celsius: number): number =>
  6.112 * Math.exp((17.62 * celsius) / (243.12 + celsius))

/** How fast damp paper that lies open dries beside a room of 20 °C and 50 %: evaporation goes with what the air still lacks of water. */
export function openDryingRatio({
  roomC,
  humidityPercent,
}: {
  roomC: number
  humidityPercent: number
}): number {
  const lack = (c: number, percent: number) => vapourPressure(c) * (1 - percent / 100)
  return lack(roomC, humidityPercent) / lack(USUAL_ROOM.roomC, USUAL_ROOM.humidityPercent)
}

function weatherLine(
  { roomC, humidityPercent }: MorningReadings,
  before: MorningReadings | null,
): WorkshopLine {
  const colder = before ? roomC - before.roomC : 0
  const damper =
    before?.humidityPercent != null && humidityPercent !== null ? humidityPercent - before.humidityPercent : 0
  const changes = [
    ...(Math.abs(colder) >= 0.5
      ? [`${formatNumber(shownStep(Math.abs(colder)), 1)}° ${colder < 0 ? 'colder' : 'warmer'}`]
      : []),
    ...(Math.abs(damper) >= 1
      ? [`${formatNumber(Math.abs(damper), 0)} points ${damper > 0 ? 'damper' : 'drier'}`]
      : []),
  ]
  const room = `${formatCelsius(roomC, 1)}${humidityPercent === null ? '' : `, ${formatNumber(humidityPercent, 0)} %`}`
  const than = changes.length > 0 ? `, ${changes.join(' and ')} than the last morning` : ''
  if (humidityPercent === null)
    return {
      heading: 'Weather',
      href: null,
      text: `${room}${than}. Humidity not read: 50 % is assumed for the sheets.`,
      act: false,
      sum: [],
    }
  const ratio = openDryingRatio({ roomC, humidityPercent })
  let speed = 'Open sheets dry as usual'
  if (ratio < 0.8) speed = 'Open sheets dry slowly'
  if (ratio > 1.25) speed = 'Open sheets dry fast: keep them covered'
  return {
    heading: 'Weather',
    href: null,
    text: `${room}${than}. ${speed}.`,
    act: ratio > 1.25,
    sum: [
      {
        label: 'Drying power of the air',
        value: `${formatNumber(vapourPressure(roomC) * (1 - humidityPercent / 100), 1)} hPa`,
      },
      {
        label: `Beside ${formatCelsius(USUAL_ROOM.roomC, 0)}, 50 %`,
        value: `${formatNumber(ratio, 2)} × as fast`,
      },
      {
        label: 'A dry sheet weighs',
        value: `${formatNumber(100 * (dryGramsAt(1, humidityPercent) - 1), 1)} % beside air-dry (typical)`,
      },
    ],
  }
}

/** Writes the lines of the morning that belong to no single job: weather, the store, the presses' zero, and what is due where prints dry. */
export function writeWorkshopLines({
  readings,
  before,
  papers,
  presses,
  drying,
  now,
  zone,
}: WorkshopMorning): WorkshopLine[] {
  return [
    weatherLine(readings, before),
    ...papers
      .filter(({ standing }) => standing !== 'enough')
      .map(({ id, name, left, reserved, free, lowAt, standing }): WorkshopLine => ({
        heading: 'Store',
        href: `/store/papers/${id}`,
        act: true,
        text:
          standing === 'short'
            ? `${name}: ${-free} sheets short of what the jobs want.`
            : `${name} runs low: ${free} free.`,
        sum: [
          { label: 'Lie there', value: String(left) },
          { label: 'Reserved for jobs', value: String(reserved) },
          ...(lowAt === null ? [] : [{ label: 'Ordered again at', value: String(lowAt) }]),
        ],
      })),
    ...presses.flatMap(({ name, zeroedAt }): WorkshopLine[] => {
      const days = zeroedAt === null ? 0 : Math.floor((Date.parse(now) - Date.parse(zeroedAt)) / DAY_MS)
      return days < ZERO_DAYS
        ? []
        : [
            {
              heading: 'Press',
              href: '/store',
              act: true,
              text: `${name} was zeroed ${days} days ago: zero both sides again.`,
              sum: [{ label: 'Zero again every', value: `${ZERO_DAYS} days (rule of thumb)` }],
            },
          ]
    }),
    ...drying
      .filter(({ at }) => dayOf(at, zone) <= dayOf(now, zone))
      .map(({ jobId, at, isDue, words, laidAt, changes }): WorkshopLine => ({
        heading: 'Drying',
        href: `/drying#${jobId}`,
        act: isDue,
        text: `${words}${isDue ? '' : ` at ${timeOf(at, zone)}`}.`,
        sum: [
          { label: 'Laid', value: saidDayOf(laidAt, zone) },
          { label: 'Changed so far', value: String(changes) },
          { label: 'Due', value: soonOf(at, zone) },
        ],
      })),
  ]
}
