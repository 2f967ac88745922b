import { dayOf, saidDayOf } from '@/core/units/moment'
import { viewerZone } from './viewerZone'
import { dryingActs } from '@/core/dry/dryingPlaces'
import { writeMorningSheet } from '@/core/morning/morningSheet'
import { writeWorkshopLines } from '@/core/morning/workshopLines'
import { paperStanding } from '@/core/paper/stock'
import { loadCalibration } from '@/data/ink/calibrations'
import { loadDryingPlaces } from '@/data/shop/dryingPlaces'
import { latestMornings } from '@/data/shop/mornings'
import { listJobs } from '@/data/shop/jobs'
import { loadJobsUnderWay } from '@/data/shop/jobsUnderWay'
import { loadPlatesOfShop } from '@/data/plate/platesOfShop'
import { loadOfInkAndPlate } from '@/data/shop/knownBeside'
import { loadReservations } from '@/data/shop/stock'
import { loadStore } from '@/data/shop/store'
import { todayAnswer } from '@/stations/shop/morning/answers'
import { MorningReadingsForm } from '@/stations/shop/morning/MorningReadingsForm'
import { MorningSheet } from '@/stations/shop/morning/MorningSheet'
import { WorkshopLines } from '@/stations/shop/morning/WorkshopLines'
import { backupStanding } from '@/data/backup/backups'
import { hasSample } from '@/data/shop/sample'
import { SampleLine } from '@/stations/shop/workshop/SampleLine'
import { BackupLine } from '@/stations/shop/morning/BackupLine'
import { readMorning } from '@/stations/shop/morning/readMorning'
import { FirstRun } from '@/stations/shop/workshop/FirstRun'
import { isMeant, JobShelf, JOBS_ON_SHELF } from '@/stations/shop/workshop/JobShelf'
import { pageOf, type Page } from '@/core/units/page'
import { PageLinks, type Way } from '@/ui/PageLinks'
import { Panel } from '@/ui/Panel'
import { onlyFor } from '@/stations/across/device/onlyFor'

/** Jobs on one morning sheet: as many as one day's work bears, those last worked on first. */
const JOBS_ON_SHEET = 6

/** What is looked for, and which page of the sheet and of the shelf is open. */
type Asked = { find?: string; sheet?: string; shelf?: string }

const address = (asked: Asked): string => {
  const said = Object.entries(asked).filter((entry): entry is [string, string] => Boolean(entry[1]))
  return said.length === 0 ? '/' : `/?${new URLSearchParams(said)}`
}

/** The ways from a page of jobs, those last worked on first, to the pages beside it. */
function waysFrom(
  { before, after }: Pick<Page<unknown>, 'before' | 'after'>,
  href: (page: string) => string,
): [Way, Way] {
  const to = (page: number | null, words: string): Way =>
    page === null ? null : { words, href: href(String(page)) }
  return [to(before, 'More recent jobs'), to(after, 'Earlier jobs')]
}

export const metadata = { title: 'Today' }

/** The first screen of a working day: the morning sheet, and the jobs. */
async function MorningPage({ searchParams }: { searchParams: Promise<Asked> }) {
  const asked = await searchParams
  const find = String(asked.find ?? '').trim()
  const jobs = (await listJobs()).toSorted((a, b) => b.lastAt.localeCompare(a.lastAt))
  if (jobs.length === 0) return <FirstRun />
  const underWay = jobs.filter(({ phase }) => phase !== 'signed')
  const onSheet = pageOf(underWay, Number(asked.sheet ?? 1), JOBS_ON_SHEET)
  const onShelf = pageOf(
    jobs.filter((job) => isMeant(job, find)),
    Number(asked.shelf ?? 1),
    JOBS_ON_SHELF,
  )
  const [[morning, before], { inks, papers, presses }, calibration, reservations, { places, loads }] =
    await Promise.all([
      latestMornings(2),
      loadStore(),
      loadCalibration(),
      loadReservations(jobs),
      loadDryingPlaces(),
    ])
  const [now, zone] = [new Date().toISOString(), await viewerZone()]
  const [{ read, unreadable }, plates] = await Promise.all([
    loadJobsUnderWay(onSheet.items),
    loadPlatesOfShop(),
  ])
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
  // Besides those on the sheet, the one whose sheet was weighed.
  const weighable = underWay.filter(
    (job) => onSheet.items.includes(job) || job.id === morning?.readings.sheetJobId,
  )
  const fresh = morning && dayOf(morning.at, zone) === dayOf(now, zone)
  return (
    <div className="grid flex-1 lg:grid-cols-[minmax(0,1fr)_20rem]">
      <main id="work" tabIndex={-1} className="min-w-0 p-3 sm:p-5">
        <Panel
          title="Today in the shop"
          answer={todayAnswer(
            morning ? saidDayOf(morning.at, zone) : null,
            fresh === true,
            [...ours, ...lines].filter(({ act }) => act).map(({ text }) => text),
          )}
        >
          <MorningReadingsForm
            readings={morning?.readings ?? null}
            jobs={weighable.map(({ id, title }) => ({ id, title }))}
          />
          {morning && <WorkshopLines lines={ours} />}
          {morning &&
            active.map(({ slug, facts }) => (
              <MorningSheet
                key={facts.id}
                slug={slug}
                title={facts.title}
                imageId={jobs.find(({ id }) => id === facts.id)?.imageId ?? null}
                lines={lines.filter((line) => line.jobId === facts.id)}
              />
            ))}
          {underWay.length === 0 && <p className="mt-4">No job is under way.</p>}
          <PageLinks
            label="More jobs under way"
            place={onSheet}
            ways={waysFrom(onSheet, (page) => address({ ...asked, sheet: page }))}
          />
        </Panel>
      </main>
      <aside className="border-line p-4 lg:border-l">
        <JobShelf
          jobs={onShelf}
          count={jobs.length}
          find={find}
          unreadable={unreadable.map(({ slug, reason }) => ({ slug, reason }))}
          ways={waysFrom(onShelf, (page) => address({ ...asked, shelf: page }))}
        />
        {hasSample() && <SampleLine />}
        <BackupLine standing={backupStanding()} now={now} />
      </aside>
    </div>
  )
}

export default onlyFor('shop', MorningPage)
