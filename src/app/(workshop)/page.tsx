import { saidDayOf } from '@/core/units/moment'
import { viewerZone } from './viewerZone'
import { listAllJobs, listJobs } from '@/data/shop/jobs'
import { todayAnswer } from '@/stations/shop/morning/answers'
import { MorningReadingsForm } from '@/stations/shop/morning/MorningReadingsForm'
import { MorningSheet } from '@/stations/shop/morning/MorningSheet'
import { WorkshopLines } from '@/stations/shop/morning/WorkshopLines'
import { backupStanding } from '@/data/backup/backups'
import { hasSample } from '@/data/shop/sample'
import { isBeside } from '@/server/endsWithInput'
import { sampleBeside } from '@/server/sampleBeside'
import { SampleBeside } from '@/stations/shop/workshop/SampleBeside'
import { SampleLine } from '@/stations/shop/workshop/SampleLine'
import { BackupLine } from '@/stations/shop/morning/BackupLine'
import { JOBS_ON_SHEET, readToday } from '@/stations/shop/morning/readToday'
import { readBeginShelf } from '@/stations/shop/workshop/readBeginShelf'
import { FirstRun } from '@/stations/shop/workshop/FirstRun'
import { isMeant } from '@/core/prove/jobList'
import { JobShelf, JOBS_ON_SHELF } from '@/stations/shop/workshop/JobShelf'
import { pageOf, type Page } from '@/core/units/page'
import { PageLinks, type Way } from '@/ui/PageLinks'
import { Panel } from '@/ui/Panel'
import { onlyFor } from '@/stations/across/device/onlyFor'

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

/** What is said of the sample: that this is it, that it lies in here since an earlier release, or that it can be looked at. */
function SampleSide({ at }: { at: string | null }) {
  if (isBeside())
    return (
      <p className="mt-4 border-t border-line pt-2 text-sm">
        This is the sample: invented, beside your own workshop. It goes without a trace when it is closed
        there.
      </p>
    )
  return hasSample() ? <SampleLine /> : <SampleBeside at={at} />
}

/** The first screen of a working day: the morning sheet, and the jobs. */
async function MorningPage({ searchParams }: { searchParams: Promise<Asked> }) {
  const asked = await searchParams
  const find = String(asked.find ?? '').trim()
  const jobs = (await listJobs()).toSorted((a, b) => b.lastAt.localeCompare(a.lastAt))
  if (jobs.length === 0 && (await listAllJobs()).length === 0)
    return <FirstRun shelf={await readBeginShelf()} sampleAt={await sampleBeside()} />
  const underWay = jobs.filter(({ phase }) => phase !== 'signed')
  const onSheet = pageOf(underWay, Number(asked.sheet ?? 1), JOBS_ON_SHEET)
  const onShelf = pageOf(
    jobs.filter((job) => isMeant(job, find)),
    Number(asked.shelf ?? 1),
    JOBS_ON_SHELF,
  )
  const zone = await viewerZone()
  const { morning, isFresh, ours, sheets, unreadable } = await readToday(jobs, onSheet.items, zone)
  // Besides those on the sheet, the one whose sheet was weighed.
  const weighable = underWay.filter(
    (job) => onSheet.items.includes(job) || job.id === morning?.readings.sheetJobId,
  )
  return (
    <div className="grid flex-1 lg:grid-cols-[minmax(0,1fr)_20rem]">
      <main id="work" tabIndex={-1} className="min-w-0 p-3 sm:p-5">
        <Panel
          title="Today in the shop"
          answer={todayAnswer(
            morning ? saidDayOf(morning.at, zone) : null,
            isFresh,
            [...ours, ...sheets.flatMap(({ lines }) => lines)]
              .filter(({ act }) => act)
              .map(({ text }) => text),
          )}
        >
          <MorningReadingsForm
            readings={morning?.readings ?? null}
            jobs={weighable.map(({ id, title }) => ({ id, title }))}
          />
          {morning && <WorkshopLines lines={ours} />}
          {morning &&
            sheets.map(({ id, slug, title, lines }) => (
              <MorningSheet
                key={id}
                slug={slug}
                title={title}
                imageId={jobs.find((job) => job.id === id)?.imageId ?? null}
                lines={lines}
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
        <SampleSide at={await sampleBeside()} />
        <BackupLine standing={backupStanding()} now={new Date().toISOString()} />
      </aside>
    </div>
  )
}

export default onlyFor('shop', MorningPage)
