import { dayOf } from '@/core/units/moment'
import { viewerZone } from './viewerZone'
import { dryingActs } from '@/core/dry/dryingPlaces'
import { writeMorningSheet } from '@/core/morning/morningSheet'
import { writeWorkshopLines } from '@/core/morning/workshopLines'
import { paperStanding } from '@/core/paper/stock'
import { loadCalibration } from '@/data/ink/calibrations'
import { loadDryingPlaces } from '@/data/shop/dryingPlaces'
import { UnreadableJobError } from '@/data/database/errors'
import { onlyUnreadable } from './jobs/[job]/openJob'
import { latestMornings } from '@/data/shop/mornings'
import { listJobs, loadJob } from '@/data/shop/jobs'
import { loadFacings } from '@/data/plate/plateWatch'
import { loadReservations } from '@/data/shop/stock'
import { loadStore } from '@/data/shop/store'
import { MorningReadingsForm } from '@/stations/shop/morning/MorningReadingsForm'
import { MorningSheet } from '@/stations/shop/morning/MorningSheet'
import { WorkshopLines } from '@/stations/shop/morning/WorkshopLines'
import { readMorning } from '@/stations/shop/morning/readMorning'
import { FirstRun } from '@/stations/shop/workshop/FirstRun'
import { JobShelf } from '@/stations/shop/workshop/JobShelf'
import { Panel } from '@/ui/Panel'

/** The first screen of a working day: the morning sheet, and the jobs. */
export default async function MorningPage() {
  const jobs = await listJobs()
  if (jobs.length === 0) return <FirstRun />
  const [[morning, before], { inks, papers, presses }, calibration, reservations, { places, loads }] =
    await Promise.all([
      latestMornings(2),
      loadStore(),
      loadCalibration(),
      loadReservations(),
      loadDryingPlaces(),
    ])
  const [now, zone] = [new Date().toISOString(), await viewerZone()]
  const underWay = jobs.filter(({ phase }) => phase !== 'signed')
  const read = await Promise.all(
    underWay.map(async ({ id, slug }) => {
      const job = await loadJob(slug).catch(onlyUnreadable)
      if (job instanceof UnreadableJobError) return job
      return { slug, facts: readMorning(job, inks, { now, zone }, calibration, await loadFacings(id)) }
    }),
  )
  const active = read.flatMap((one) => (one instanceof UnreadableJobError ? [] : [one]))
  const unreadable = read.flatMap((one) => (one instanceof UnreadableJobError ? [one] : []))
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
        papers: papers.map(({ id, name, sheetsLeft, lowAt }) => ({
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
  const fresh = morning && dayOf(morning.at, zone) === dayOf(now, zone)
  return (
    <div className="grid flex-1 lg:grid-cols-[minmax(0,1fr)_20rem]">
      <main className="min-w-0 p-3 sm:p-5">
        <Panel
          title="Morning sheet"
          aside={
            morning && (
              <p className="text-sm">
                {fresh ? 'read today' : `read ${dayOf(morning.at, zone)}: read again`}
              </p>
            )
          }
        >
          <MorningReadingsForm
            readings={morning?.readings ?? null}
            jobs={active.map(({ facts }) => ({ id: facts.id, title: facts.title }))}
          />
          {!morning && (
            <p className="mt-4">
              Read the room and write the sheet: it says what today’s weather, the mix and the plate’s
              remaining life mean for the work.
            </p>
          )}
          {morning && <WorkshopLines lines={ours} />}
          {morning &&
            active.map(({ slug, facts }) => (
              <MorningSheet
                key={facts.id}
                slug={slug}
                title={facts.title}
                lines={lines.filter((line) => line.jobId === facts.id)}
              />
            ))}
          {active.length === 0 && <p className="mt-4">No job is under way.</p>}
        </Panel>
      </main>
      <aside className="border-line p-4 lg:border-l">
        <JobShelf jobs={jobs} unreadable={unreadable.map(({ slug, reason }) => ({ slug, reason }))} />
      </aside>
    </div>
  )
}
