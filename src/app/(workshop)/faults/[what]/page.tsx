import { notFound } from 'next/navigation'
import { albumSubject, subjectWords, type AlbumSubject } from '@/core/edition/albumSubject'
import { faultSchema } from '@/core/edition/fault'
import { faultCases } from '@/core/edition/faultAlbum'
import { loadFaultRuns } from '@/data/across/faultRuns'
import { FaultAlbum } from '@/stations/shop/faults/FaultAlbum'
import { onlyFor, titleFor } from '@/stations/across/device/onlyFor'

type Params = Promise<{ what: string }>

/** What an address names: a fault, or what somebody found of a feature. */
const faultIn = (what: string): AlbumSubject => albumSubject(decodeURIComponent(what)) ?? notFound()

export const generateMetadata = titleFor(
  'shop',
  async ({ params }: { params: Params }) => `Fault album: ${subjectWords(faultIn((await params).what))}`,
)

/** Earlier prints with a fault, those most like the one in hand first. */
async function FaultPage({
  params,
  searchParams,
}: {
  params: Params
  searchParams: Promise<{ where?: string; cause?: string }>
}) {
  const what = faultIn((await params).what)
  const { where, cause } = await searchParams
  const like = faultSchema.partial().safeParse({ where: where ? Number(where) : undefined, cause })
  return (
    <main id="work" tabIndex={-1} className="flex-1 p-3 sm:p-5">
      <FaultAlbum
        what={what}
        cases={faultCases(what, await loadFaultRuns(what), like.success ? like.data : {})}
      />
    </main>
  )
}

export default onlyFor('shop', FaultPage)
