import { BeginForm } from '@/stations/shop/workshop/BeginForm'
import { ImportJob } from '@/stations/shop/workshop/ImportJob'
import { readBeginShelf, readEarlier } from '@/stations/shop/workshop/readBeginShelf'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'New job' }

/** @param searchParams as: the address of the job it is begun as */
async function NewJobPage({ searchParams }: { searchParams: Promise<{ as?: string }> }) {
  const { as } = await searchParams
  const [shelf, before] = await Promise.all([
    readBeginShelf(),
    // One that is not there any more is no reason not to begin.
    as ? readEarlier(as).catch(() => null) : null,
  ])
  return (
    <main id="work" tabIndex={-1} className="p-3 sm:p-5">
      <BeginForm shelf={{ ...shelf, earlier: before?.earlier ?? null }} open={before?.open}>
        <section aria-label="From another workshop" className="mt-6 border-t border-line pt-4">
          <ImportJob />
        </section>
      </BeginForm>
    </main>
  )
}

export default onlyFor('shop', NewJobPage)
