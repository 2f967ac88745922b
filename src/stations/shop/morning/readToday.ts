import { onShelf } from '@/core/units/onShelf'
import { dryingActs } from '@/core/dry/dryingPlaces'
import { writeMorningSheet, type MorningLine } from '@/core/morning/morningSheet'
import { writeWorkshopLines, type WorkshopLine } from '@/core/morning/workshopLines'
import { paperStanding } from '@/core/paper/stock'
import { dayOf } from '@/core/units/moment'
import type { UnreadableJobError } from '@/data/database/errors'
import { loadCalibration } from '@/data/ink/calibrations'
import { loadPlatesOfShop } from '@/data/plate/platesOfShop'
import { loadDryingPlaces } from '@/data/shop/dryingPlaces'
import type { JobSummary } from '@/data/shop/jobs'
import { loadJobsUnderWay } from '@/data/shop/jobsUnderWay'
import { loadOfInkAndPlate } from '@/data/shop/knownBeside'
import { latestMornings } from '@/data/shop/mornings'
import { loadReservations } from '@/data/shop/stock'
import { loadStore } from '@/data/shop/store'
import { readMorning } from './readMorning'

/** Jobs on one morning sheet: as many as one day's work bears, those last worked on first. */
export const JOBS_ON_SHEET = 6

/** What there is to see to on a day: as it was read last, of the workshop, and job by job. */
export interface Today {
  morning: Awaited<ReturnType<typeof latestMornings>>[number] | undefined
  /** the room was read on this day */
  isFresh: boolean
  ours: readonly WorkshopLine[]
  sheets: readonly { id: string; slug: string; title: string; lines: readonly MorningLine[] }[]
  unreadable: readonly UnreadableJobError[]
}

/**
 * Reads what there is to see to today.
 *
 * @param jobs all of the workshop @param onSheet those whose lines are wanted @param zone where today is
 */
export async function readToday(
  jobs: readonly JobSummary[],
  onSheet: readonly JobSummary[],
  zone: string,
): Promise<Today> {
  const now = new Date().toISOString()
  const [[morning, before], { inks, papers, presses }, calibration, reservations, { places, loads }] =
    await Promise.all([
      latestMornings(2),
      loadStore(),
      loadCalibration(),
      loadReservations(jobs),
      loadDryingPlaces(),
    ])
  const [{ read, unreadable }, plates] = await Promise.all([loadJobsUnderWay(onSheet), loadPlatesOfShop()])
  const active = await Promise.all(
    read.map(async ({ slug, ...job }) => ({
      slug,
      facts: readMorning(job, inks, { now, zone }, calibration, {
        ...(await loadOfInkAndPlate(job.id, plates)),
        // The sheet speaks of plates and mixes; paper and press have lines of their own.
        stock: null,
      }),
    })),
  )
  const lines = morning
    ? writeMorningSheet(
        morning.readings,
        active.map(({ facts }) => facts),
      )
    : []
  const ours = morning
    ? writeWorkshopLines({
        readings: morning.readings,
        before: before?.readings ?? null,
        presses,
        now,
        zone,
        drying: dryingActs(places, loads, now),
        papers: onShelf(papers).map(({ id, name, sheetsLeft, lowAt }) => ({
          id,
          name,
          lowAt,
          ...paperStanding(
            sheetsLeft,
            reservations.filter(({ paperId }) => paperId === id),
            lowAt,
          ),
        })),
      })
    : []
  return {
    morning,
    isFresh: morning !== undefined && dayOf(morning.at, zone) === dayOf(now, zone),
    ours,
    sheets: active.map(({ slug, facts: { id, title } }) => ({
      id,
      slug,
      title,
      lines: lines.filter(({ jobId }) => jobId === id),
    })),
    unreadable,
  }
}
