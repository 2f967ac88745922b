import { JOB_ORDERS, listedJobs, type JobOrder } from '@/core/prove/jobList'
import { PLACES_OF_JOBS, type PlaceOfJob } from '@/core/prove/placeOfJob'
import { pageOf } from '@/core/units/page'
import { listAllJobs } from '@/data/shop/jobs'
import { onlyFor } from '@/stations/across/device/onlyFor'
import { jobsAnswer } from '@/stations/shop/workshop/answers'
import { JobTable } from '@/stations/shop/workshop/JobTable'
import { PageLinks, type Way } from '@/ui/PageLinks'
import { Panel } from '@/ui/Panel'
import { SearchForm } from '@/ui/SearchForm'

export const metadata = { title: 'Jobs' }

/** Jobs on one page of the table. */
const ON_A_PAGE = 20

/** Which jobs are shown, and in what order. */
interface JobsAsked {
  find: string
  place: PlaceOfJob
  order: JobOrder
}

const isPlace = (text: string): text is PlaceOfJob => text in PLACES_OF_JOBS
const isOrder = (text: string): text is JobOrder => text in JOB_ORDERS

/** Every job of the workshop: looked for, put in order, and those put away or in the bin. */
async function JobsPage({ searchParams }: { searchParams: Promise<Record<string, string | undefined>> }) {
  const said = await searchParams
  const [place, order] = [String(said.place ?? ''), String(said.order ?? '')]
  const asked: JobsAsked = {
    find: String(said.find ?? '').trim(),
    place: isPlace(place) ? place : 'shelf',
    order: isOrder(order) ? order : 'last',
  }
  const all = await listAllJobs()
  const page = pageOf(listedJobs(all, asked), Number(said.page ?? 1), ON_A_PAGE)
  const counts = Object.fromEntries(
    Object.keys(PLACES_OF_JOBS).map((key) => [
      key,
      all.filter((job) => (job.putAway ?? 'shelf') === key).length,
    ]),
  ) as Record<PlaceOfJob, number>
  const way = (to: number | null, words: string): Way =>
    to === null ? null : { words, href: `/jobs?${new URLSearchParams({ ...asked, page: String(to) })}` }
  return (
    <main id="work" tabIndex={-1} className="p-3 sm:p-5">
      <Panel title="Jobs" answer={jobsAnswer(asked, page.of, counts[asked.place])}>
        <SearchForm
          key={JSON.stringify(asked)}
          page="/jobs"
          label="Find by title or artist"
          find={asked.find}
          choices={[
            {
              name: 'place',
              label: 'Where they lie',
              value: asked.place,
              options: Object.entries(PLACES_OF_JOBS).map(([key, words]) => [
                key,
                `${words} (${counts[key as PlaceOfJob]})`,
              ]),
            },
            {
              name: 'order',
              label: 'In order of',
              value: asked.order,
              options: Object.entries(JOB_ORDERS),
            },
          ]}
        />
        {page.items.length > 0 && <JobTable jobs={page.items} place={asked.place} />}
        <PageLinks
          label="More jobs"
          place={page}
          ways={[way(page.before, 'Jobs before these'), way(page.after, 'Jobs after these')]}
        />
      </Panel>
    </main>
  )
}

export default onlyFor('shop', JobsPage)
